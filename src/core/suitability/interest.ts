import { seasonShare } from '../growth/growth';
import type { PlantKind } from '../plants/kind';
import { leafWorth } from '../plants/leaves';
import { within } from '../plants/season';
import { bookWeek, isSeasonless, type Spot } from '../spots/spot';
import { weekAfter, weeksBetween } from '../units/units';
import { once } from '../work/once';

/** From when until when it is to be looked at, and where. */
export interface Stretch {
  readonly plantedWeek: number;
  readonly endWeek: number;
  readonly spot: Pick<Spot, 'site'>;
}

/** What fruit is worth looking at against flowers. Ours. */
export const FRUIT_WORTH = 0.6;

/** What a kind's flowers are worth looking at when all are out, 0–1: more, the more of it they cover. Ours. */
export const flowerWorth = ({ bloom }: PlantKind): number =>
  bloom ? Math.min(1, 0.45 + bloom.cover * 1.3) : 0;

/** How much of the season a kind is worth looking at, 0–1: flowers, fruit, and leaves while it stands in leaf. */
export function interestOfKind(kind: PlantKind, season: Stretch): number {
  const { plantedWeek, endWeek, spot } = season;
  const year = isSeasonless(spot) ? 2 : Number(spot.site.latitudeDeg >= 0);
  const key = (plantedWeek * 64 + endWeek) * 3 + year;
  const held = interestsOf(kind);
  let found = held.get(key);
  if (found === undefined) held.set(key, (found = reckonInterest(kind, season)));
  return found;
}

/** What was reckoned for a kind, by season and hemisphere. */
const interestsOf = once((_kind: PlantKind) => new Map<number, number>());

function reckonInterest(kind: PlantKind, { plantedWeek, endWeek, spot }: Stretch): number {
  const weeks = weeksBetween(plantedWeek, endWeek);
  const leaf = kind.inLeaf;
  let [flowers, fruit, inLeaf] = [0, 0, 0];
  for (let w = 0; w <= weeks; w += 1) {
    const week = bookWeek(weekAfter(plantedWeek, w), spot);
    if (within(leaf, week)) inLeaf += 1;
    if (kind.bloom) flowers += seasonShare(kind.bloom.weeks, week);
    if (kind.fruit) fruit += seasonShare(kind.fruit.weeks, week);
  }
  // Bulbs die back: their leaves are no interest.
  const leaves = kind.habit === 'bulb' ? 0 : inLeaf * leafWorth(kind);
  return Math.max(flowers * flowerWorth(kind), fruit * FRUIT_WORTH, leaves) / (weeks + 1);
}
