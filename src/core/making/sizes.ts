import { once } from '../work/once';
import { deepEnough, worstShortfallCm, FIT_TOLERANCE_CM } from '../placing/fit';
import { growthShare } from '../growth/growth';
import type { PlacedPlant, PlaceId, PlantingInSpot } from '../plantings/planting';
import { NURSERY_SIZE_IDS, NURSERY_SIZES, type NurserySizeId } from '../plants/nursery';

/** Every size, smallest root ball first. */
export const SIZES_BY_BALL: readonly NurserySizeId[] = [...NURSERY_SIZE_IDS].sort(
  (a, b) => NURSERY_SIZES[a].ballL - NURSERY_SIZES[b].ballL,
);

/** A smaller plant will do when by the week in which the planting should be full it is this share of the one that was meant. Ours. */
const CAUGHT_UP = 0.92;
/** A larger root ball than this many times the one that was meant leaves too little fresh mix. Ours. */
const MOST_TIMES = 3.2;

/** The sizes that one place takes. */
export interface Takes {
  readonly from: NurserySizeId;
  readonly to: NurserySizeId;
}

/**
 * For every plant the smallest and the largest size in which it may be bought: a smaller one that has caught up by the time the planting
 * should be full, a larger one that fits even when every other place gets the largest it takes.
 */
export const sizesTaken = once((it: PlantingInSpot): ReadonlyMap<PlaceId, Takes> => {
  const { container, wishes } = it.planting;
  let sizes = it.plants.map(({ size }) => size);
  const fits = (tried: readonly NurserySizeId[]) =>
    worstShortfallCm(
      container,
      it.plants.map((plant, i) => ({ ...plant, size: tried[i]! })),
    ) <= shortfall;
  // A planting that is tighter than it should be may stay so; it gets no tighter.
  const shortfall = Math.max(FIT_TOLERANCE_CM, worstShortfallCm(container, it.plants));
  const groups = new Map<string, number[]>();
  it.plants.forEach(({ kindId, size }, i) => {
    const key = `${kindId} ${size}`;
    groups.set(key, [...(groups.get(key) ?? []), i]);
  });
  for (const places of groups.values())
    for (const size of largerThan(it.plants[places[0]!]!)) {
      const tried = sizes.map((was, i) => (places.includes(i) ? size : was));
      if (deepEnough(container, size, it.plants[places[0]!]!.kind) && fits(tried)) sizes = tried;
    }
  return new Map(
    it.plants.map((plant, i) => [
      plant.id,
      { from: smallestOf(plant, wishes.fullInWeeks), to: sizes[i]! },
    ]),
  );
});

/** Larger sizes it is sold in, smallest first. Bulbs, seed and bare roots are not potted plants of another size. */
function largerThan({ kind, size }: PlacedPlant): readonly NurserySizeId[] {
  if (isBare(size)) return [];
  const { ballL } = NURSERY_SIZES[size];
  return sizesSold(kind).filter((other) => {
    const times = NURSERY_SIZES[other].ballL / ballL;
    return !isBare(other) && times > 1 && times <= MOST_TIMES;
  });
}

function smallestOf({ kind, size }: PlacedPlant, fullInWeeks: number): NurserySizeId {
  if (isBare(size)) return size;
  const meant = growthShare(kind, size, fullInWeeks, 1);
  return (
    sizesSold(kind).find(
      (other) =>
        !isBare(other) &&
        NURSERY_SIZES[other].ballL < NURSERY_SIZES[size].ballL &&
        // Each size has a pace of its own, by which it is full in the kind's weeks: what counts is how large it is then.
        growthShare(kind, other, fullInWeeks, 1) >= CAUGHT_UP * meant,
    ) ?? size
  );
}

function sizesSold({ sold }: PlacedPlant['kind']): readonly NurserySizeId[] {
  const there = new Set(sold.map(({ size }) => size));
  return SIZES_BY_BALL.filter((size) => there.has(size));
}

const isBare = (size: NurserySizeId): boolean =>
  size === 'bulb' || size === 'seed' || size === 'bare-root' || size === 'cutting';
