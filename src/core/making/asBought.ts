import { isOf, type Entry } from '../log/entry';
import {
  allPlants,
  type PlacedPlant,
  type PlaceId,
  type PlantingInSpot,
} from '../plantings/planting';
import type { KindId } from '../plants/kind';
import { NURSERY_SIZE_IDS, NURSERY_SIZES, type NurserySizeId } from '../plants/nursery';

/** Plants of a kind that were bought for a planting, in each size. */
type Bought = ReadonlyMap<KindId, ReadonlyMap<NurserySizeId, number>>;

/** @param held the planting's entries that hold */
function boughtIn(it: PlantingInSpot, held: readonly Entry[]): Bought {
  const kinds = new Map(allPlants(it).map(({ kind }) => [kind.id, kind]));
  const bought = new Map<KindId, Map<NurserySizeId, number>>();
  for (const entry of held) {
    if (!isOf(entry, 'bought')) continue;
    const [what, kindId = '', size] = entry.what.key.split(' ');
    const kind = kinds.get(kindId);
    const known = NURSERY_SIZE_IDS.find((one) => one === size);
    if (what !== 'plants' || !kind || !known) continue;
    const perSale =
      kind.sold.find((unit) => unit.size === known)?.perSale ?? NURSERY_SIZES[known].perSale;
    const sizes = bought.get(kindId) ?? new Map<NurserySizeId, number>();
    bought.set(kindId, sizes);
    sizes.set(known, (sizes.get(known) ?? 0) + entry.what.got * perSale);
  }
  return bought;
}

/**
 * Places that get another size than was meant, because that is what was bought: each takes its own size as long as there is any of it,
 * then the size nearest to it. Larger places choose first. Where nothing was bought of a kind, the plan holds.
 * @param held the planting's entries that hold
 */
export function sizesBought(
  it: PlantingInSpot,
  held: readonly Entry[],
): ReadonlyMap<PlaceId, NurserySizeId> {
  const other = new Map<PlaceId, NurserySizeId>();
  for (const [kindId, there] of boughtIn(it, held)) {
    const left = new Map(there);
    const take = (size: NurserySizeId): boolean => {
      const count = left.get(size) ?? 0;
      if (count > 0) left.set(size, count - 1);
      return count > 0;
    };
    const waiting = allPlants(it)
      .filter((plant) => plant.kindId === kindId)
      .sort((a, b) => ballOf(b) - ballOf(a))
      .filter(({ size }) => !take(size));
    for (const plant of waiting) {
      const nearest = [...left]
        .filter(([, count]) => count > 0)
        .map(([size]) => size)
        .sort((a, b) => apart(a, plant.size) - apart(b, plant.size))[0];
      if (nearest && take(nearest)) other.set(plant.id, nearest);
    }
  }
  return other;
}

const ballOf = ({ size }: Pick<PlacedPlant, 'size'>): number => NURSERY_SIZES[size].ballL;
const apart = (a: NurserySizeId, b: NurserySizeId): number =>
  Math.abs(Math.log(NURSERY_SIZES[a].ballL / NURSERY_SIZES[b].ballL));

/** The planting with the sizes that were really bought; the very same where the plan holds. */
export function asBought(it: PlantingInSpot, held: readonly Entry[]): PlantingInSpot {
  const sizes = sizesBought(it, held);
  if (sizes.size === 0) return it;
  const sized = <P extends { readonly id: PlaceId; readonly size: NurserySizeId }>(
    plant: P,
  ): P => ({
    ...plant,
    size: sizes.get(plant.id) ?? plant.size,
  });
  return {
    ...it,
    planting: {
      ...it.planting,
      places: it.planting.places.map(sized),
      ...(it.planting.sides ? { sides: it.planting.sides.map(sized) } : {}),
    },
    plants: it.plants.map(sized),
    sides: it.sides.map(sized),
  };
}
