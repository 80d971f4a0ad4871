import { bookWeek, isSeasonless, type Spot } from '../spots/spot';
import { weekAfter } from '../units/units';

/** Weeks of the book's year from and to which what is planted is for the warm season, its usual first frost, and how long it is looked at at least. Ours. */
const PLANTED_FOR_SUMMER = [8, 34] as const;
const FIRST_FROST = 42;
const LEAST_WEEKS = 8;
const HALF_A_YEAR = 26;

/** Until when a planting is looked at where nobody says: planted in spring or summer until the first frosts, else for half a year. */
export function usualEndWeek(plantedWeek: number, spot: Pick<Spot, 'site'>): number {
  const book = bookWeek(plantedWeek, spot);
  const [from, to] = PLANTED_FOR_SUMMER;
  const weeks =
    isSeasonless(spot) || book < from || book > to
      ? HALF_A_YEAR
      : Math.max(LEAST_WEEKS, FIRST_FROST - book);
  return weekAfter(plantedWeek, weeks);
}
