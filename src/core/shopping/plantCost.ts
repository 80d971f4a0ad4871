import { NURSERY_SIZES, type NurserySizeId } from '../plants/nursery';
import type { PlacedPlant } from '../plantings/planting';

/** Plants of one kind and size, in the packs they are sold in. */
export interface PlantLine {
  readonly kindId: string;
  readonly size: NurserySizeId;
  readonly plants: number;
  /** Packs or pots to buy, rounded up. */
  readonly sales: number;
  readonly perSale: number;
  /** Left over after planting. */
  readonly spare: number;
  readonly price: number;
}

/** Plants grouped by kind and size, rounded up to whole sales. A size the book has no price for costs as its cheapest. */
export function plantLines(
  plants: readonly Pick<PlacedPlant, 'kind' | 'kindId' | 'size'>[],
): PlantLine[] {
  const groups = new Map<
    string,
    { kind: PlacedPlant['kind']; size: NurserySizeId; count: number }
  >();
  for (const { kind, size } of plants) {
    const key = `${kind.id} ${size}`;
    const group = groups.get(key);
    if (group) group.count += 1;
    else groups.set(key, { kind, size, count: 1 });
  }
  return [...groups.values()].map(({ kind, size, count }) => {
    const sold = kind.sold.find((unit) => unit.size === size);
    const perSale = sold?.perSale ?? NURSERY_SIZES[size].perSale;
    const sales = Math.ceil(count / perSale);
    const price = sold?.price ?? Math.min(...kind.sold.map((unit) => unit.price));
    return {
      kindId: kind.id,
      size,
      plants: count,
      sales,
      perSale,
      spare: sales * perSale - count,
      price: sales * price,
    };
  });
}

/** Typical cost of a set of plants, whole packs. */
export function plantCost(
  plants: readonly Pick<PlacedPlant, 'kind' | 'kindId' | 'size'>[],
): number {
  return plantLines(plants).reduce((sum, line) => sum + line.price, 0);
}
