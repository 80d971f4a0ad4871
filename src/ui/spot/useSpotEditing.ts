'use client';

import type { Spot } from '@/core/spots/spot';
import { weeksBetween } from '@/core/units/units';
import { useLive } from '@/ui/session/StoreProvider';
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
  const plantings = useLive((s) => s.plantings.at(id), [id]);
  const editing = useRecordEditing('spots', id);
  if (editing === null) return null;
  if (!editing || !plantings) return undefined;
  const { record: spot, ...rest } = editing;
  return {
    ...rest,
    spot,
    plantings: plantings.map(({ id: plantingId, name, plantedWeek, endWeek }) => ({
      id: plantingId,
      name,
      plantedWeek,
      weeks: weeksBetween(plantedWeek, endWeek),
    })),
  };
}
