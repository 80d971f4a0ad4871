import { daysBetween, type Day } from '../calendar/day';
import { dayOf, isOf, type Entry } from '../log/entry';
import { minorOf } from '../making/needs';
import type { PlantKind } from '../plants/kind';
import { NURSERY_SIZES, type NurserySizeId } from '../plants/nursery';
import { allPlants, type PlantingInSpot } from '../plantings/planting';

/** What a planting gave and took, as far as it was told. */
export interface Worth {
  /** Whole weeks it stood to be looked at. */
  readonly weeks: number;
  /** Spent on it, pence or cents; 0 where nothing was told. */
  readonly spentMinor: number;
  /** Spent for each week it stood, pence or cents; `null` where nothing was spent, or it stood for less than a week. */
  readonly perWeekMinor: number | null;
  /** Days on which something was done to it. */
  readonly visits: number;
  /** Plants that died. */
  readonly lost: number;
  /** Its plants bought anew at the book's prices, pence or cents. */
  readonly againMinor: number;
}

/** Work of a hand: what is only seen or told is none. */
export const WORK: ReadonlySet<Entry['what']['did']> = new Set([
  'watered',
  'fed',
  'pinched',
  'tied',
  'turned',
  'trimmed',
  'deadheaded',
  'moved',
  'covered',
  'uncovered',
  'brought in',
  'taken out again',
  'wrapped',
  'task done',
]);

/**
 * What a planting gave and took.
 * @param held its entries that hold, in order
 * @param until the last day that counts: today, or the day it was over
 */
export function worthOf(
  it: PlantingInSpot,
  held: readonly Entry[],
  { from, until }: { readonly from: Day; readonly until: Day },
): Worth {
  const weeks = Math.max(0, Math.floor(daysBetween(from, until) / 7));
  const spentMinor = Math.round(held.reduce((sum, entry) => sum + spentOn(entry), 0));
  return {
    weeks,
    spentMinor,
    perWeekMinor: weeks > 0 && spentMinor > 0 ? spentMinor / weeks : null,
    visits: new Set(held.filter(({ what }) => WORK.has(what.did)).map(dayOf)).size,
    lost: held.reduce(
      (sum, entry) => sum + (isOf(entry, 'died') ? Math.max(1, entry.of.placeIds?.length ?? 1) : 0),
      0,
    ),
    againMinor: Math.round(
      allPlants(it).reduce((sum, { kind, size }) => sum + eachMinor(kind, size), 0),
    ),
  };
}

/** What of a purchase falls to one of the plantings it was for, pence or cents. */
export function spentOn({ what, of }: Pick<Entry, 'what' | 'of'>): number {
  if (what.did !== 'bought') return 0;
  return (what.paidMinor ?? 0) / Math.max(1, of.plantingIds?.length ?? 1);
}

/** What one plant costs by the book in a size, or where it is not sold so in the first it is sold in, pence or cents. */
export function eachMinor({ sold }: Pick<PlantKind, 'sold'>, size?: NurserySizeId): number {
  const unit = sold.find((one) => one.size === size) ?? sold[0];
  return unit ? minorOf(unit.price) / (unit.perSale ?? NURSERY_SIZES[unit.size].perSale) : 0;
}
