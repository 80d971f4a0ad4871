'use client';

import { useEffect, useMemo, useState } from 'react';
import { MIX_IDS } from '@/core/containers/mixes';
import { DIFFERENCES, type Difference } from '@/core/plantings/trial';
import type { PlantingInSpot } from '@/core/plantings/planting';
import type { StandIn } from '@/core/search/standIns';
import { Choices } from '@/ui/controls/Choices';
import { Select } from '@/ui/controls/Select';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { MIX_NAMES } from '@/words/containers';
import { DIFFERENCE_NAMES } from '@/words/trial';
import { runJob } from '@/workers/runJob';

type What = Difference['what'];

const NEARER = 0.8;
const APART = 1.2;

/** What is to differ in every second pot, as it is picked; no difference yet while another plant is looked for. */
export function useDifference(it: PlantingInSpot) {
  const [what, setWhat] = useState<What>('feed');
  const [factor, setFactor] = useState(NEARER);
  const [mix, setMix] = useState(MIX_IDS.find((one) => one !== it.planting.container.mix)!);
  const kinds = useMemo(() => [...new Set(it.plants.map(({ kindId }) => kindId))], [it]);
  const [from, setFrom] = useState(kinds[0] ?? '');
  const [to, setTo] = useState('');
  const standIns = useStandIns(it, what === 'kind' ? from : null);
  const other = standIns?.find(({ kindId }) => kindId === to) ?? standIns?.[0];
  const difference = useMemo((): Difference | null => {
    if (what === 'spacing') return { what, factor };
    if (what === 'mix') return { what, mix };
    if (what !== 'kind') return { what };
    return other ? { what, from, to: other.kindId, size: other.size } : null;
  }, [what, factor, mix, from, other]);
  return {
    difference,
    what,
    setWhat,
    factor,
    setFactor,
    mix,
    setMix,
    kinds,
    from,
    setFrom,
    setTo,
    standIns,
    other,
  };
}

/** What could stand in a kind's place; `undefined` while it is looked for, or where nothing is asked. */
function useStandIns(it: PlantingInSpot, kindId: string | null): readonly StandIn[] | undefined {
  const [answer, setAnswer] = useState<{
    readonly kindId: string;
    readonly found: readonly StandIn[];
  }>();
  useEffect(() => {
    if (kindId === null) return;
    const giveUp = new AbortController();
    runJob('standIns', { it, kindId, only: null }, { signal: giveUp.signal })
      .then((found) => setAnswer({ kindId, found }))
      .catch(() => undefined);
    return () => giveUp.abort();
  }, [it, kindId]);
  return answer?.kindId === kindId ? answer.found : undefined;
}

/** Which one thing differs. */
export function DifferenceFields({
  chosen,
}: {
  readonly chosen: ReturnType<typeof useDifference>;
}) {
  const { kindOf } = useLibrary();
  return (
    <>
      <p className="pt-1.5 text-ink2">Like pots, one thing different. What differs?</p>
      <div className="pt-2">
        <Choices
          name="What differs"
          value={chosen.what}
          options={DIFFERENCES.map((one) => [one, DIFFERENCE_NAMES[one]] as const)}
          onPick={chosen.setWhat}
        />
      </div>
      {chosen.what === 'spacing' && (
        <div className="pt-2">
          <Choices
            name="How they stand in every second pot"
            value={String(chosen.factor)}
            options={[
              [String(NEARER), 'A fifth nearer'],
              [String(APART), 'A fifth farther apart'],
            ]}
            onPick={(value) => chosen.setFactor(Number(value))}
          />
        </div>
      )}
      {chosen.what === 'mix' && (
        <label className="grid pt-2">
          <span className="text-note text-ink2">The other mix</span>
          <Select
            value={chosen.mix}
            onChange={({ target: { value } }) =>
              chosen.setMix(MIX_IDS.find((one) => one === value) ?? chosen.mix)
            }
          >
            {MIX_IDS.map((one) => (
              <option key={one} value={one}>
                {MIX_NAMES[one]}
              </option>
            ))}
          </Select>
        </label>
      )}
      {chosen.what === 'kind' && (
        <div className="flex flex-wrap gap-3 pt-2">
          <label className="grid min-w-0 flex-1">
            <span className="text-note text-ink2">In the place of</span>
            <Select value={chosen.from} onChange={({ target: { value } }) => chosen.setFrom(value)}>
              {chosen.kinds.map((kindId) => (
                <option key={kindId} value={kindId}>
                  {kindOf(kindId)?.common ?? kindId}
                </option>
              ))}
            </Select>
          </label>
          <label className="grid min-w-0 flex-1">
            <span className="text-note text-ink2">Every second pot has</span>
            <Select
              value={chosen.other?.kindId ?? ''}
              disabled={!chosen.standIns}
              onChange={({ target: { value } }) => chosen.setTo(value)}
            >
              {(chosen.standIns ?? []).map(({ kindId }) => (
                <option key={kindId} value={kindId}>
                  {kindOf(kindId)?.common ?? kindId}
                </option>
              ))}
              {!chosen.standIns && <option value="">Looking for what would do…</option>}
            </Select>
          </label>
        </div>
      )}
    </>
  );
}
