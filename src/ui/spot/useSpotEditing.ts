'use client';

import { useMemo } from 'react';
import { withLightInUse } from '@/core/spots/light';
import type { Spot } from '@/core/spots/spot';
import { useLive, useStore } from '@/ui/session/StoreProvider';
import { useRecordEditing, type RecordEditing } from '@/ui/session/useRecordEditing';

export interface SpotEditing extends Omit<RecordEditing<Spot>, 'record'> {
  readonly spot: Spot;
  /** Containers that stand here. */
  readonly plantings: readonly {
    readonly id: string;
    readonly name: string;
    readonly plantedWeek: number;
    readonly weeks: number;
  }[];
}

/** One spot being worked on. `undefined` while it loads, `null` when there is none. */
export function useSpotEditing(id: string): SpotEditing | null | undefined {
  const store = useStore();
  const stored = useLive(
    async (s) => ({
      spot: (await s.spot(id)) ?? null,
      plantings: (await s.plantings()).filter(({ spotId }) => spotId === id),
    }),
    [id],
  );
  const door = useMemo(
    () => ({
      parser: async () => {
        const [{ parseWith }, { spotSchema }] = await Promise.all([
          import('@/core/files/plantingFile'),
          import('@/core/spots/schema'),
        ]);
        return (data: unknown) => parseWith<Spot>(spotSchema, data);
      },
      put: async (spot: Spot) => store?.putSpot(spot),
      settle: withLightInUse,
    }),
    [store],
  );
  const editing = useRecordEditing(stored?.spot, door);
  if (!editing || !stored) return editing as null | undefined;
  const { record: spot, ...rest } = editing;
  return {
    ...rest,
    spot,
    plantings: stored.plantings.map(({ id: plantingId, name, plantedWeek, endWeek }) => ({
      id: plantingId,
      name,
      plantedWeek,
      weeks: (((endWeek - plantedWeek) % 52) + 52) % 52,
    })),
  };
}
