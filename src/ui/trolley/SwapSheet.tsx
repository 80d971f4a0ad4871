'use client';

import { useEffect, useMemo, useState } from 'react';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { findKinds } from '@/core/plants/find';
import type { KindId, PlantKind } from '@/core/plants/kind';
import type { NurserySizeId } from '@/core/plants/nursery';
import { secondChoicesFor, type Unit } from '@/core/making/list';
import type { StandIn } from '@/core/search/standIns';
import { Button } from '@/ui/controls/Button';
import { Modal, ModalClose } from '@/ui/controls/Modal';
import { entryLook } from '@/ui/controls/looks';
import { Swatches } from '@/ui/controls/Swatches';
import { KindDrawn } from '@/ui/plant-book/KindDrawn';
import { useLibrary } from '@/ui/session/LibraryProvider';
import type { Units } from '@/words/format';
import { sizeName } from '@/words/format';
import { inSentence } from '@/words/names';
import { suitsText } from '@/words/plants';
import { runJob } from '@/workers/runJob';

interface SwapSheetProps {
  readonly kindId: KindId;
  /** Plantings it was wanted for; the first is judged. */
  readonly its: readonly PlantingInSpot[];
  /** Kinds that are there; `null` when that is not known. */
  readonly there: readonly KindId[] | null;
  readonly units: Units;
  readonly onTake: (to: KindId, size: NurserySizeId) => void;
  /** Keeps it as the second choice, or lets it go; left out where nothing is chosen ahead. */
  readonly onChoose?: (to: Unit | null) => void;
  readonly onClose: () => void;
}

const NONE: readonly StandIn[] = [];
/** Kinds of a name that are tried. */
const MOST_CALLED = 12;

/** Why nothing is shown. */
function noneText(called: readonly PlantKind[] | null, isHeld: boolean): string {
  if (called?.length === 0) return 'The book has nothing of that name.';
  if (called)
    return `${called
      .slice(0, 3)
      .map(({ common }) => common)
      .join(', ')} would not do here: light, thirst, season or reach rules it out.`;
  return `Nothing ${isHeld ? 'on these benches' : 'in the book'} suits its place, this light and these colours. Look at another stop, or leave the place for now.`;
}

/** What to take when a kind is not there: what is on the benches and suits, judged in the planting, beside the colours of the others. */
export default function SwapSheet({
  kindId,
  its,
  there,
  units,
  onTake,
  onChoose,
  onClose,
}: SwapSheetProps) {
  const { kindOf, kinds } = useLibrary();
  const it = its[0];
  const [answer, setAnswer] = useState<{
    readonly asked: string;
    readonly found: readonly StandIn[];
  }>();
  const [name, setName] = useState('');
  // By name: only kinds that are called so are tried, whether they are on these benches or not.
  const called = useMemo(
    () => (name.trim().length < 2 ? null : findKinds(kinds, name).slice(0, MOST_CALLED)),
    [kinds, name],
  );
  const asked = called ? called.map(({ id }) => id).join() : '';
  useEffect(() => {
    if (!it) return;
    const giveUp = new AbortController();
    const only = asked ? asked.split(',') : there;
    runJob('standIns', { it, kindId, only }, { signal: giveUp.signal })
      .then((found) => setAnswer({ asked, found }))
      .catch(() => undefined);
    return () => giveUp.abort();
  }, [it, kindId, there, asked]);
  const tried = answer?.asked === asked ? answer.found : undefined;
  const found = called?.length === 0 ? NONE : tried;
  const others = [...new Map(it?.plants.map(({ kind }) => [kind.id, kind])).values()].filter(
    ({ id }) => id !== kindId,
  );
  const second = secondChoicesFor(
    kindId,
    its.map(({ planting }) => planting),
  );
  const gone = kindOf(kindId)?.common ?? kindId;
  return (
    <Modal
      title={`Instead of ${inSentence(gone)}`}
      onClose={onClose}
      className="bottom-0 grid max-h-[86vh] max-w-2xl sm:bottom-[8vh]"
    >
      {others.length > 0 && (
        <div>
          <p className="text-note text-ink2">It stands with</p>
          <ul className="flex flex-wrap gap-x-4 gap-y-1 pt-1">
            {others.map((kind) => (
              <li key={kind.id} className="flex items-center gap-1.5 text-note">
                <Swatches kind={kind} height={20} /> {kind.common}
              </li>
            ))}
          </ul>
        </div>
      )}
      <label className="block">
        <span className="block text-note text-ink2">What is there, by name</span>
        <input
          className={entryLook({ size: 'large', className: 'w-full' })}
          maxLength={60}
          placeholder="as the tag has it"
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
      </label>
      {!found && (
        <p role="status" className="py-4 text-ink2">
          Trying what is there…
        </p>
      )}
      {found?.length === 0 && <p className="py-4">{noneText(called, there !== null)}</p>}
      <ul>
        {found?.map(({ kindId: to, size, scoreChange, mood }) => {
          const kind = kindOf(to);
          return (
            kind && (
              <li
                key={to}
                className="flex items-center gap-2 border-t border-rule first:border-t-0"
              >
                <Button
                  look="bare"
                  data-stand-in={to}
                  className="grid min-h-16 min-w-0 flex-1 grid-cols-[56px_1fr_auto] items-center gap-3 py-1.5 text-left hover:bg-wash"
                  onClick={() => onTake(to, size)}
                >
                  <span className="flex h-16 items-end justify-center overflow-hidden bg-field">
                    <KindDrawn
                      kind={kind}
                      widthPx={56}
                      pxPerCm={Math.min(0.6, 60 / (kind.heightCm[1] * 1.1 + 14))}
                    />
                  </span>
                  <span>
                    <span className="block text-lead font-semibold">{kind.common}</span>
                    <span className="text-ink2">
                      {sizeName(size, units)}
                      {mood.length > 0 ? `; ${mood.join(', ')}` : ''}; {suitsText(scoreChange)}
                    </span>
                  </span>
                  <Swatches kind={kind} height={26} />
                </Button>
                {onChoose && (
                  <Button
                    look="choice"
                    aria-label={`${kind.common} as second choice`}
                    aria-pressed={isSecond(second, to, size)}
                    onClick={() =>
                      onChoose(isSecond(second, to, size) ? null : { kindId: to, size })
                    }
                  >
                    2nd choice
                  </Button>
                )}
              </li>
            )
          );
        })}
      </ul>
      <ModalClose asChild>
        <Button>Leave it as it is</Button>
      </ModalClose>
    </Modal>
  );
}

function isSecond(second: readonly Unit[], kindId: KindId, size: NurserySizeId): boolean {
  return second.some((unit) => unit.kindId === kindId && unit.size === size);
}
