import { bookWeek, isSeasonless, type Spot } from '../spots/spot';
import { weekAfter, weeksBetween } from '../units/units';

/** Weeks of the book between which, by their middle, a stay counts as of the cool season: autumn to spring. Ours. */
const COOL_FROM = 41;
const COOL_TO = 17;

/** Does a stay lie in the cool half of the year, when little grows and small things are what there is? */
export function isCoolSeason({
  plantedWeek,
  endWeek,
  spot,
}: {
  readonly plantedWeek: number;
  readonly endWeek: number;
  readonly spot: Pick<Spot, 'site'>;
}): boolean {
  if (isSeasonless(spot)) return false;
  const middle = weekAfter(plantedWeek, Math.round(weeksBetween(plantedWeek, endWeek) / 2));
  const book = bookWeek(middle, spot);
  return book <= COOL_TO || book >= COOL_FROM;
}
