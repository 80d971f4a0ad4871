'use client';

import { notOver } from '@/core/log/story';
import type { Container } from '@/core/containers/container';
import type { ShelfItem } from '@/core/shelf/shelf';
import { climateHere } from '@/core/spots/frost';
import { useLive } from '@/ui/session/StoreProvider';
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

/** One container of the shelf being measured. `undefined` while it loads, `null` when there is none. */
export function useShelfEditing(id: string): ShelfEditing | null | undefined {
  const standing = useLive(
    async (s) => {
      const planted = notOver(await s.plantings.all(), await s.log.entries()).filter(
        ({ shelfId }) => shelfId === id,
      );
      const spots = (await s.spots.all()).filter(
        (spot) => planted.length === 0 || planted.some(({ spotId }) => spotId === spot.id),
      );
      return {
        planted,
        places: spots.map((spot) => ({
          name: spot.name,
          coldestC: climateHere(spot).coldestC,
          stands: planted.length > 0,
        })),
      };
    },
    [id],
  );
  const editing = useRecordEditing('shelf', id);
  if (editing === null) return null;
  if (!editing || !standing) return undefined;
  const { record: item, ...rest } = editing;
  return {
    ...rest,
    item,
    container: item.container,
    planted: standing.planted,
    places: standing.places,
    shape: (change, name) => rest.apply({ container: { ...item.container, ...change } }, name),
    shaping: (change) => rest.preview(change && { container: { ...item.container, ...change } }),
  };
}
