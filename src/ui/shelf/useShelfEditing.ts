'use client';

import { useMemo } from 'react';
import type { Container } from '@/core/containers/container';
import type { ShelfItem } from '@/core/shelf/shelf';
import { climateHere } from '@/core/spots/frost';
import { useLive, useStore } from '@/ui/session/StoreProvider';
import { useRecordEditing, type RecordEditing } from '@/ui/session/useRecordEditing';

export interface ShelfEditing extends Omit<RecordEditing<ShelfItem>, 'record'> {
  readonly item: ShelfItem;
  readonly container: Container;
  /** Plantings that stand in one of these. */
  readonly planted: readonly { readonly id: string; readonly name: string }[];
  /** Spots where it stands, or could while none of its like is planted, each with its coldest night. */
  readonly places: readonly {
    readonly name: string;
    readonly coldestC: number;
    readonly stands: boolean;
  }[];
  /** Changes the container itself. */
  readonly shape: (change: Partial<Container>, name: string) => void;
  /** Shows a change of the container while a hand is on it. */
  readonly shaping: (change: Partial<Container> | null) => void;
}

const asItIs = (item: ShelfItem): ShelfItem => item;

/** One container of the shelf being measured. `undefined` while it loads, `null` when there is none. */
export function useShelfEditing(id: string): ShelfEditing | null | undefined {
  const store = useStore();
  const stored = useLive(
    async (s) => {
      const planted = (await s.plantings()).filter(({ shelfId }) => shelfId === id);
      const standing = (await s.spots()).filter(
        (spot) => planted.length === 0 || planted.some(({ spotId }) => spotId === spot.id),
      );
      return {
        item: (await s.shelf()).find((item) => item.id === id) ?? null,
        planted,
        places: standing.map((spot) => ({
          name: spot.name,
          coldestC: climateHere(spot).coldestC,
          stands: planted.length > 0,
        })),
      };
    },
    [id],
  );
  const door = useMemo(
    () => ({
      parser: async () => {
        const [{ parseWith }, { shelfItemSchema }] = await Promise.all([
          import('@/core/files/plantingFile'),
          import('@/core/shelf/schema'),
        ]);
        return (data: unknown) => parseWith<ShelfItem>(shelfItemSchema, data);
      },
      put: async (item: ShelfItem) => store?.putOnShelf(item),
      settle: asItIs,
    }),
    [store],
  );
  const editing = useRecordEditing(stored?.item, door);
  if (!editing || !stored) return editing as null | undefined;
  const { record: item, ...rest } = editing;
  return {
    ...rest,
    item,
    container: item.container,
    planted: stored.planted,
    places: stored.places,
    shape: (change, name) => rest.apply({ container: { ...item.container, ...change } }, name),
    shaping: (change) => rest.preview(change && { container: { ...item.container, ...change } }),
  };
}
