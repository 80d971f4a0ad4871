import type { Company, PlantKind } from '../plants/kind';
import { bookWeek, isSeasonless, type Spot } from '../spots/spot';
import { yearOut } from '../spots/yearOut';
import { weekAfter, weeksBetween } from '../units/units';
import { once } from '../work/once';

/** From when until when something stands, and where. */
export interface Season {
  readonly plantedWeek: number;
  readonly endWeek: number;
  readonly spot: Pick<Spot, 'site' | 'sunHours' | 'normals' | 'exposure' | 'underCover'>;
}

/** From when until when, and at which site. */
type Stay = Pick<Season, 'plantedWeek' | 'endWeek'> & { readonly spot: Pick<Spot, 'site'> };

/** Stays longer than this are for plants that last. Ours. */
const LONG_STAY_WEEKS = 34;
/** Is it for plants that last? */
export const isLasting = ({ plantedWeek, endWeek }: Pick<Season, 'plantedWeek' | 'endWeek'>) =>
  weeksBetween(plantedWeek, endWeek) > LONG_STAY_WEEKS;

/** From so many weeks on a planting goes through a whole year, with its winter in it. Ours. */
const YEAR_WEEKS = 44;
/** Does it stand the year round, so that what rests in winter may? */
export const isYearRound = ({ plantedWeek, endWeek }: Pick<Season, 'plantedWeek' | 'endWeek'>) =>
  weeksBetween(plantedWeek, endWeek) >= YEAR_WEEKS;

/** Weeks of the book between which, by their middle, a stay counts as of the cool season: autumn to spring. Ours. */
const COOL_FROM = 41;
const COOL_TO = 17;

/** Does a stay lie in the cool half of the year, when little grows and small things are what there is? */
export function isCoolSeason({ plantedWeek, endWeek, spot }: Stay): boolean {
  if (isSeasonless(spot)) return false;
  const middle = weekAfter(plantedWeek, Math.round(weeksBetween(plantedWeek, endWeek) / 2));
  const book = bookWeek(middle, spot);
  return book <= COOL_TO || book >= COOL_FROM;
}

/** Mean daily highest of its weeks from which a cool season is one of flowers, as the subtropics have it, °C; spring days are as warm in cold places. Ours. */
const MILD_C = 13;
const MILD_SPRING_C = 15;

/** Is a cool season so mild that bedding grows and flowers all through it? */
function isMild(stay: Season): boolean {
  const { plantedWeek, endWeek, spot } = stay;
  const weeks = weeksBetween(plantedWeek, endWeek);
  const out = yearOut(spot).weeks;
  let sum = 0;
  for (let week = 0; week <= weeks; week += 1) sum += out[weekAfter(plantedWeek, week) - 1]!.dayC;
  return sum / (weeks + 1) >= (isSpring(stay) ? MILD_SPRING_C : MILD_C);
}

/** Weeks of the book in which what is planted for a short stay is of a season, and how many weeks that is at most. Ours. */
const AUTUMN = { from: 31, to: 40, weeks: 18 } as const;
const SPRING = { from: 6, to: 16, weeks: 14 } as const;

const isShortIn =
  ({ from, to, weeks }: typeof AUTUMN | typeof SPRING) =>
  ({ plantedWeek, endWeek, spot }: Stay): boolean => {
    const planted = bookWeek(plantedWeek, spot);
    return (
      !isSeasonless(spot) &&
      planted >= from &&
      planted <= to &&
      weeksBetween(plantedWeek, endWeek) <= weeks
    );
  };

/** Is it a stay of the autumn: from the end of summer to the first hard frosts? */
const isAutumn = isShortIn(AUTUMN);
/** Is it a stay of the spring: from the end of winter until summer bedding comes? */
const isSpring = isShortIn(SPRING);

/** Share of its weeks that a kind must stand before frost or age may end it; what is planted as summer ends is for the weeks until the frost. Ours. */
const LEAST_STAY = 0.85;
const LEAST_STAY_AUTUMN = 0.7;

/** Of a stay, the share after which what is lost has had its time. */
export const leastStay = (stay: Stay): number => (isAutumn(stay) ? LEAST_STAY_AUTUMN : LEAST_STAY);

/** Is it a stay in which small things are what there is: of the cool half of the year, or of a spring until summer bedding comes? */
export const isOfSmallThings = (stay: Stay): boolean => isCoolSeason(stay) || isSpring(stay);

/** Is it a stay in which shrubs come first: one that lasts, or a winter in which little else does? */
export const isForShrubs = once(
  (stay: Season): boolean =>
    isLasting(stay) || (isCoolSeason(stay) && !isMild(stay) && !isAutumn(stay) && !isSpring(stay)),
);

/** Is it one of those that the season is known for? 0–1 */
export function ofTheSeason({ company }: Pick<PlantKind, 'company'>, stay: Season): number {
  const season = communitiesOf(stay);
  return company.reduce((best, one) => Math.max(best, season[one] ?? 0), 0);
}

/** The communities that a stay is known for, by how much. */
const communitiesOf = once((stay: Season): Readonly<Partial<Record<Company, number>>> => {
  const { spot } = stay;
  const shady = spot.sunHours < 4;
  if (isSeasonless(spot)) return { 'bold tender foliage': 1, 'summer bedding': 0.8, moist: 0.8 };
  if (isLasting(stay))
    return shady
      ? { 'woodland shade': 1, 'evergreen structure': 1 }
      : {
          'evergreen structure': 1,
          'dry and silver': 0.8,
          'meadow and grasses': 0.8,
          'woodland shade': 0.6,
        };
  if (isAutumn(stay))
    return {
      'meadow and grasses': 1,
      'cool-season bedding': 1,
      'summer bedding': 0.5,
      'evergreen structure': 0.4,
    };
  if (isSpring(stay) && !isMild(stay))
    return { 'cool-season bedding': 1, 'woodland shade': shady ? 0.5 : 0.3, alpine: 0.3 };
  if (isCoolSeason(stay) && isMild(stay))
    return { 'cool-season bedding': 1, 'summer bedding': 0.7, 'evergreen structure': 0.4 };
  if (isCoolSeason(stay))
    return {
      'cool-season bedding': 1,
      'evergreen structure': 0.8,
      'woodland shade': shady ? 0.8 : 0.4,
    };
  return shady
    ? { 'summer bedding': 0.9, 'woodland shade': 1, 'bold tender foliage': 0.9 }
    : { 'summer bedding': 1, 'bold tender foliage': 0.8, 'dry and silver': 0.5 };
});
