'use client';

import { useState } from 'react';
import { localTime } from '@/core/calendar/day';
import { MOST_ALIKE } from '@/core/making/batch';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Button } from '@/ui/controls/Button';
import { NumberField, PickField } from '@/ui/controls/fields';
import { useClock } from '@/ui/session/useClock';
import { useStore } from '@/ui/session/StoreProvider';

/** Begins a run: which design, and how many. */
export function ManyBegin({
  designs,
  onBegun,
}: {
  readonly designs: readonly PlantingInSpot[];
  readonly onBegun: (runId: string) => void;
}) {
  const store = useStore();
  const clock = useClock();
  const [designId, setDesignId] = useState(designs[0]?.planting.id ?? '');
  const [count, setCount] = useState(6);
  const isRight = Number.isInteger(count) && count >= 1 && count <= MOST_ALIKE;
  const design = designs.find(({ planting }) => planting.id === designId);
  const begin = async () => {
    if (!store || !design || !isRight) return;
    const zone = design.spot.site.timeZone;
    const runId = `run-${Date.now().toString(36)}`;
    await store.log([
      {
        at: localTime(zone, clock.now()),
        zone,
        of: { runId },
        what: { did: 'run begun', recipes: [{ plantingId: designId, count }] },
      },
    ]);
    onBegun(runId);
  };
  return (
    <div className="grid items-end gap-3 bg-paper px-3 py-3 sm:grid-cols-[1fr_140px_auto]">
      <PickField
        name="Design"
        value={designId}
        options={designs.map(({ planting }) => [planting.id, planting.name] as const)}
        onPick={setDesignId}
      />
      <NumberField
        name="How many"
        value={count}
        error={isRight ? undefined : `1 to ${MOST_ALIKE}.`}
        onValue={setCount}
      />
      <Button look="act" disabled={!isRight || !design} onClick={() => void begin()}>
        Make many alike
      </Button>
    </div>
  );
}
