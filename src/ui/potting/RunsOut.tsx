'use client';

import { useMemo, useState } from 'react';
import { plantsPer, shortfallOf } from '@/core/making/batch';
import type { PlantingInSpot } from '@/core/plantings/planting';
import type { KindId } from '@/core/plants/kind';
import { Button } from '@/ui/controls/Button';
import { NumberField } from '@/ui/controls/fields';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { countText } from '@/words/format';

/** How far what is left of a kind goes, and what to do then. */
export function RunsOut({
  it,
  toMake,
  onSwap,
}: {
  readonly it: PlantingInSpot;
  readonly toMake: number;
  readonly onSwap: (kindId: KindId) => void;
}) {
  const { kindOf } = useLibrary();
  const per = useMemo(() => plantsPer(it.planting), [it]);
  const kinds = [...per.keys()];
  const [kindId, setKindId] = useState<KindId | null>(null);
  const [there, setThere] = useState(0);
  const name = (id: KindId) => kindOf(id)?.common ?? id;
  if (toMake === 0) return null;
  const found =
    kindId && per.has(kindId) ? shortfallOf(per, toMake, new Map([[kindId, there]])) : null;
  return (
    <section aria-label="Something runs out">
      <h2 className="mb-1 text-name font-semibold">Something runs out?</h2>
      <div className="bg-paper px-3 py-3">
        <div className="flex flex-wrap gap-1.5">
          {kinds.map((id) => (
            <Button
              key={id}
              look="choice"
              aria-pressed={id === kindId}
              onClick={() => {
                setKindId(id === kindId ? null : id);
                setThere(per.get(id)! * toMake);
              }}
            >
              {name(id)}
            </Button>
          ))}
        </div>
        {kindId && found && (
          <div className="grid items-end gap-3 pt-3 sm:grid-cols-[140px_1fr_auto]">
            <NumberField
              name="Plants of it left"
              value={there}
              onValue={(n) => Number.isInteger(n) && n >= 0 && n <= 100_000 && setThere(n)}
            />
            <p data-shortfall className="text-lead">
              {found.short.length === 0
                ? 'That is enough.'
                : `${found.whole} more can be made whole${
                    found.shares.length > 0
                      ? `; the other ${countText(found.shares.length, 'pot')} would get ${sharesText(found.shares.map((share) => share.get(kindId) ?? 0))} instead of ${per.get(kindId)}`
                      : ''
                  }.`}
            </p>
            {found.short.length > 0 && (
              <Button onClick={() => onSwap(kindId)}>Another plant from now on</Button>
            )}
          </div>
        )}
      </div>
    </section>
  );
}

/** "1 or 0" */
function sharesText(shares: readonly number[]): string {
  return [...new Set(shares)].sort((a, b) => b - a).join(' or ');
}
