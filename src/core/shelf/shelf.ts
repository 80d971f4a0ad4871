import type * as z from 'zod';
import type { Planting } from '../plantings/planting';
import type { shelfItemSchema } from './schema';

export type ShelfItem = Readonly<z.infer<typeof shelfItemSchema>>;

/** A shelf item with what it is used for now. */
export interface ShelfStanding {
  readonly item: ShelfItem;
  /** Plantings that stand in one of them. */
  readonly planted: readonly Planting[];
  /** How many are free. */
  readonly empty: number;
}

/** Where each container stands: in which plantings, and how many are empty. */
export function standings(
  items: readonly ShelfItem[],
  plantings: readonly Planting[],
): readonly ShelfStanding[] {
  return items.map((item) => {
    const planted = plantings.filter(({ shelfId }) => shelfId === item.id);
    return { item, planted, empty: Math.max(0, item.count - planted.length) };
  });
}
