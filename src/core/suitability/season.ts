import type { Company, PlantKind } from '../plants/kind';
import { bookWeek, isSeasonless, type Spot } from '../spots/spot';
import { weekAfter, weeksBetween } from '../units/units';
import { once } from '../work/once';

/** From when until when something stands, and where. */
export interface Season {
  readonly plantedWeek: number;
  readonly endWeek: number;
  readonly spot: Pick<Spot, 'site' | 'sunHours'>;
}

/** Stays longer than this are for plants that last. Ours. */
const LONG_STAY_WEEKS = 34;
/** Weeks of the book between which, by their middle, a stay counts as of the cool season: autumn to spring. Ours. */
const COOL_FROM = 41;
const COOL_TO = 17;

/** Does a stay lie in the cool half of the year, when little grows and small things are what there is? */
export function isCoolSeason({
  plantedWeek,
  endWeek,
  spot,
}: Pick<Season, 'plantedWeek' | 'endWeek'> & { readonly spot: Pick<Spot, 'site'> }): boolean {
  if (isSeasonless(spot)) return false;
  const middle = weekAfter(plantedWeek, Math.round(weeksBetween(plantedWeek, endWeek) / 2));
  const book = bookWeek(middle, spot);
  return book <= COOL_TO || book >= COOL_FROM;
}

/** Is it one of those that the season is known for? 0–1 */
export function ofTheSeason({ company }: Pick<PlantKind, 'company'>, stay: Season): number {
  const season = communitiesOf(stay);
  return company.reduce((best, one) => Math.max(best, season[one] ?? 0), 0);
}

/** The communities that a stay is known for, by how much. */
const communitiesOf = once((stay: Season): Readonly<Partial<Record<Company, number>>> => {
  const { plantedWeek, endWeek, spot } = stay;
  const weeks = weeksBetween(plantedWeek, endWeek);
  const shady = spot.sunHours < 4;
  if (isSeasonless(spot)) return { 'bold tender foliage': 1, 'summer bedding': 0.8, moist: 0.8 };
  if (weeks > LONG_STAY_WEEKS)
    return shady
      ? { 'woodland shade': 1, 'evergreen structure': 1 }
      : {
          'evergreen structure': 1,
          'dry and silver': 0.8,
          'meadow and grasses': 0.8,
          'woodland shade': 0.6,
        };
  const planted = bookWeek(plantedWeek, spot);
  if (isCoolSeason(stay))
    return {
      'cool-season bedding': 1,
      'evergreen structure': 0.8,
      'woodland shade': shady ? 0.8 : 0.4,
    };
  // After high summer what is planted is of the autumn.
  if (planted >= 31)
    return {
      'meadow and grasses': 1,
      'cool-season bedding': 0.9,
      'summer bedding': 0.5,
      'evergreen structure': 0.4,
    };
  return shady
    ? { 'summer bedding': 0.9, 'woodland shade': 1, 'bold tender foliage': 0.9 }
    : { 'summer bedding': 1, 'bold tender foliage': 0.8, 'dry and silver': 0.5 };
});
