import type { PlantKind } from '../plants/kind';
import { wantsWinter } from '../plants/tender';
import { bookWeek, isSeasonless, type Spot } from '../spots/spot';
import { yearOut } from '../spots/yearOut';
import { weekAfter, weeksBetween } from '../units/units';
import { once } from '../work/once';

/** Weeks of the book in which shops have bulbs dry, and those in which what is planted so flowers. Ours, from the trade. */
const DRY_FROM = 36;
const DRY_TO = 49;
const FLOWERS_FROM = 1;
const FLOWERS_TO = 22;

/** Bulbs of cold winters want so many weeks with such means before they flower, °C. Ours, for tulips and their like. */
const CHILL_WEEKS = 8;
const CHILL_C = 11;

type Where = Pick<Spot, 'site' | 'normals' | 'exposure' | 'underCover'>;

interface Stay {
  readonly plantedWeek: number;
  readonly endWeek: number;
  readonly spot: Where;
}

/** Has winter there weeks enough that are cold enough for bulbs of cold winters to flower after them? */
const isChilling = once(
  (spot: Where): boolean =>
    yearOut(spot).weeks.filter(({ dayC, nightC }) => (dayC + nightC) / 2 <= CHILL_C).length >=
    CHILL_WEEKS,
);

/** Is a kind bought dry that week, as a bulb of autumn that flowers in spring? */
export function soldDryIn(
  kind: Pick<PlantKind, 'cycle' | 'sold' | 'bloom' | 'lowestC'>,
  week: number,
  spot: Where,
): boolean {
  const { cycle, sold, bloom } = kind;
  if (cycle !== 'bulb' || !bloom || isSeasonless(spot)) return false;
  if (wantsWinter(kind) && !isChilling(spot)) return false;
  const book = bookWeek(week, spot);
  return (
    book >= DRY_FROM &&
    book <= DRY_TO &&
    bloom.weeks[0] >= FLOWERS_FROM &&
    bloom.weeks[0] <= FLOWERS_TO &&
    sold.some(({ size }) => size === 'bulb')
  );
}

/** Does a kind sleep beneath the others first: a bulb planted dry in autumn, that is through its flowers before the planting ends? */
export function sleepsBeneath(
  kind: Pick<PlantKind, 'cycle' | 'sold' | 'bloom' | 'lowestC'>,
  stay: Stay,
): boolean {
  return (
    soldDryIn(kind, stay.plantedWeek, stay.spot) &&
    weeksBetween(bookWeek(stay.plantedWeek, stay.spot), kind.bloom!.weeks[1]) <=
      weeksBetween(stay.plantedWeek, stay.endWeek)
  );
}

/** Weeks after planting until it is in full flower. */
export function weeksToFlowers({ bloom }: Pick<PlantKind, 'bloom'>, stay: Stay): number {
  const [from, to] = bloom!.weeks;
  const middle = weekAfter(from, Math.floor(weeksBetween(from, to) / 2));
  return weeksBetween(bookWeek(stay.plantedWeek, stay.spot), middle);
}
