import { useMemo, useState } from 'react';
import { didWell, SORTS, type Fared, type Sort } from '@/core/diary/didWell';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Choices } from '@/ui/controls/Choices';
import { More } from '@/ui/controls/More';
import { Swatches } from '@/ui/controls/Swatches';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { useSettings } from '@/ui/session/StoreProvider';
import { useClock } from '@/ui/session/useClock';
import type { Planted } from '@/ui/session/usePlanted';
import { capital, countText, type Units } from '@/words/format';
import { didWellName } from '@/words/diary';
import { minorText } from '@/words/making';
import { pastsOf } from './pasts';

const SHOWN = 8;
const BAR_PX = 150;

const NAMES: Readonly<Record<Sort, string>> = {
  kinds: 'Plants',
  pairs: 'Pairs',
  schools: 'Schools',
  colours: 'Colours',
  spots: 'Spots',
  years: 'Years',
};

/** What did well over the years: how many of its weeks were good, and what it took. */
export function DidWell({
  stood,
  planted,
}: {
  readonly stood: readonly PlantingInSpot[];
  readonly planted: Planted;
}) {
  const settings = useSettings();
  const clock = useClock();
  const { kindOf } = useLibrary();
  const [sort, setSort] = useState<Sort>('kinds');
  const pasts = useMemo(() => pastsOf(stood, planted, clock), [stood, planted, clock]);
  const rows = useMemo(() => didWell(pasts, sort), [pasts, sort]);
  const most = Math.max(1, ...rows.map(({ weeks }) => weeks));
  const nameOf = (key: string) =>
    didWellName(sort, key, {
      kindOf,
      spotName: (id) => planted.spots.find((spot) => spot.id === id)?.name ?? id,
    });
  const row = (did: Fared) => (
    <DidRow
      key={did.key}
      did={did}
      name={capital(nameOf(did.key))}
      kinds={sort === 'kinds' || sort === 'pairs' ? did.key.split(' ').map((id) => kindOf(id)) : []}
      most={most}
      units={settings}
    />
  );
  return (
    <section aria-label="What did well" className="mt-4 bg-paper px-4 py-3">
      <h2 className="pb-1.5 text-lead font-semibold">What did well</h2>
      <Choices
        name="What did well of"
        value={sort}
        options={SORTS.map((one) => [one, NAMES[one]] as const)}
        onPick={setSort}
      />
      <p className="py-1.5 text-small text-ink2">
        Bars: weeks it stood; filled: those in which nothing bad was told. Few weeks count for less
        in the order.
      </p>
      {rows.length === 0 ? (
        <p>Nothing has stood for a week yet.</p>
      ) : (
        <ol>{rows.slice(0, SHOWN).map(row)}</ol>
      )}
      {rows.length > SHOWN && (
        <More name={`${rows.length - SHOWN} more`}>
          <ol>{rows.slice(SHOWN).map(row)}</ol>
        </More>
      )}
    </section>
  );
}

function DidRow({
  did: { key, plantings, years, weeks, goodWeeks, spentMinor, workDays, waterings },
  name,
  kinds,
  most,
  units,
}: {
  readonly did: Fared;
  readonly name: string;
  readonly kinds: readonly (Parameters<typeof Swatches>[0]['kind'] | null)[];
  /** Weeks of the longest bar. */
  readonly most: number;
  readonly units: Units;
}) {
  const rests = `${countText(plantings, 'planting')}${years > 1 ? `, ${years} years` : ''}`;
  const took = [
    spentMinor > 0 && goodWeeks > 0
      ? `${minorText(spentMinor / goodWeeks, units)} a good week`
      : '',
    workDays > 0 ? `${countText(workDays, 'day')} of work` : '',
    waterings > 0 ? `watered ${countText(waterings, 'time')}` : '',
  ].filter(Boolean);
  return (
    <li
      data-did-well={key}
      className="flex flex-wrap items-center gap-x-4 gap-y-0.5 border-t border-rule py-1.5"
    >
      <span className="flex min-w-52 flex-1 items-center gap-2">
        {kinds.map((kind) => kind && <Swatches key={kind.id} kind={kind} height={14} />)}
        <b className="font-semibold">{name}</b>
      </span>
      <span className="flex items-center gap-2 tabular-nums">
        <svg width={BAR_PX} height={14} aria-hidden className="shrink-0">
          <rect
            x={0.5}
            y={1.5}
            width={Math.max(1, (BAR_PX - 1) * (weeks / most))}
            height={11}
            className="fill-none stroke-ink2"
          />
          <rect
            x={0.5}
            y={1.5}
            width={(BAR_PX - 1) * (goodWeeks / most)}
            height={11}
            className="fill-act"
          />
        </svg>
        <span className="w-28 whitespace-nowrap">
          {goodWeeks} of {weeks} weeks
        </span>
      </span>
      <span className="w-full text-small text-ink2">{[rests, ...took].join('; ')}</span>
    </li>
  );
}
