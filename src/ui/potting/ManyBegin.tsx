'use client';

import { useState } from 'react';
import { localTime } from '@/core/calendar/day';
import { MOST_ALIKE } from '@/core/making/batch';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Button } from '@/ui/controls/Button';
import { NumberField, PickField } from '@/ui/controls/fields';
import { useClock } from '@/ui/session/useClock';
import { useStore } from '@/ui/session/StoreProvider';

interface Row {
  readonly plantingId: string;
  readonly count: number;
}

/** Most designs of one run. */
const MOST_DESIGNS = 8;
const isRight = ({ count }: Row) => Number.isInteger(count) && count >= 1 && count <= MOST_ALIKE;

/** Begins a run: which designs, and how many of each. */
export function ManyBegin({
  designs,
  onBegun,
}: {
  readonly designs: readonly PlantingInSpot[];
  readonly onBegun: (runId: string) => void;
}) {
  const store = useStore();
  const clock = useClock();
  const [rows, setRows] = useState<readonly Row[]>([
    { plantingId: designs[0]?.planting.id ?? '', count: 6 },
  ]);
  const put = (at: number, change: Partial<Row>) =>
    setRows(rows.map((row, i) => (i === at ? { ...row, ...change } : row)));
  const unused = designs.find(({ planting }) =>
    rows.every(({ plantingId }) => plantingId !== planting.id),
  );
  const begin = async () => {
    const first = designs.find(({ planting }) => planting.id === rows[0]?.plantingId);
    if (!store || !first || !rows.every(isRight)) return;
    const zone = first.spot.site.timeZone;
    const runId = `run-${Date.now().toString(36)}`;
    await store.log.write([
      {
        at: localTime(zone, clock.now()),
        zone,
        of: { runId },
        what: { did: 'run begun', recipes: rows },
      },
    ]);
    onBegun(runId);
  };
  return (
    <div className="grid gap-3 bg-paper px-3 py-3">
      {rows.map((row, at) => (
        <div key={at} className="grid grid-cols-[1fr_110px] items-end gap-3">
          <PickField
            name="Design"
            value={row.plantingId}
            options={designs
              .filter(
                ({ planting }) =>
                  planting.id === row.plantingId ||
                  rows.every(({ plantingId }) => plantingId !== planting.id),
              )
              .map(({ planting }) => [planting.id, planting.name] as const)}
            onPick={(plantingId) => put(at, { plantingId })}
          />
          <NumberField
            name="How many"
            value={row.count}
            error={isRight(row) ? undefined : `1 to ${MOST_ALIKE}.`}
            onValue={(count) => put(at, { count })}
          />
        </div>
      ))}
      <p className="flex flex-wrap gap-2">
        <Button look="act" disabled={!rows.every(isRight)} onClick={() => void begin()}>
          Make many alike
        </Button>
        {unused && rows.length < MOST_DESIGNS && (
          <Button onClick={() => setRows([...rows, { plantingId: unused.planting.id, count: 6 }])}>
            Another design too
          </Button>
        )}
        {rows.length > 1 && (
          <Button onClick={() => setRows(rows.slice(0, -1))}>One design less</Button>
        )}
      </p>
    </div>
  );
}
