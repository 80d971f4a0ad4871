import { kindThere } from '../plantings/kindThere';
import type { PlantKind } from '../plants/kind';
import { within } from '../plants/season';
import { frostFreeWeeks } from '../spots/frost';
import { bookWeek, isSeasonless, type Spot } from '../spots/spot';
import { yearOut } from '../spots/yearOut';
import { clamp, weekAfter, weeksBetween, WEEKS_PER_YEAR } from '../units/units';
import { isTender } from '../plants/tender';

/** Weeks from and to which tender plants are out in the places for which the book tells its shop weeks. */
const BOOK_FREE = { from: 20, to: 42 } as const;
/** Shops in warmer places are at most so many weeks ahead in spring and behind in autumn. Ours. */
const MOST_SHIFT_WEEKS = 10;

/**
 * Do shops there have it growing that week? The book tells weeks of temperate places; where frost ends sooner, tender plants and
 * bedding of summer are sold sooner, and where it comes later, all are sold later.
 */
export function soldIn(
  kind: PlantKind,
  week: number,
  spot: Pick<Spot, 'site' | 'normals' | 'exposure' | 'underCover'>,
): boolean {
  const book = bookWeek(week, spot);
  const there = kindThere(kind, spot);
  if (there.weeksThere) return there.inShops.some((weeks) => within(weeks, book));
  const { sooner, later } = shiftOf(spot);
  return kind.inShops.some(([from, to]) => {
    const first = waitsForFrost(kind) ? weekAfter(from, -sooner) : from;
    const tail = isTender(kind) ? Math.min(later, warmTail(to, spot)) : later;
    const last = to >= BOOK_FREE.to - 2 || isTender(kind) ? weekAfter(to, tail) : to;
    const length = Math.min(
      WEEKS_PER_YEAR - 1,
      weeksBetween(from, to) + (first === from ? 0 : sooner) + (last === to ? 0 : tail),
    );
    return weeksBetween(first, book) <= length;
  });
}

/** Do shops wait with it until frost is nearly past? Bedding of summer too, whether or not a degree of frost would kill it. */
const waitsForFrost = (kind: PlantKind): boolean =>
  isTender(kind) || kind.company.includes('summer bedding');

/** Tender plants are sold late only where days stay as warm as this, °C, for so many weeks more. Ours. */
const WARM_DAYS_C = 17;
const WORTH_WEEKS = 8;

/** For how many weeks after its book's last one a tender kind is still worth selling: until warm days are nearly over. */
function warmTail(
  to: number,
  spot: Pick<Spot, 'site' | 'normals' | 'exposure' | 'underCover'>,
): number {
  const { weeks } = yearOut(spot);
  let warm = 0;
  while (
    warm < MOST_SHIFT_WEEKS + WORTH_WEEKS &&
    weeks[bookWeek(weekAfter(to, warm + 1), spot) - 1]!.dayC >= WARM_DAYS_C
  )
    warm += 1;
  return Math.max(0, warm - WORTH_WEEKS);
}

/** Summers so far past what it bears, K, keep what lives for years out of the shops there. Ours. */
const NOT_KEPT_K = 2;

/** What lives through this, °C, and bears a summer no hotter than this, °C, rests in winter; where no night is as cool as this, °C, it has none. Ours. */
const RESTS_C = -15;
const RESTS_SUMMER_C = 34;
const NO_WINTER_C = 10;

/** Does it dwindle for want of a winter: a perennial or shrub of cold places, where the coolest nights are mild and summers hot? */
const missesWinter = ({ lowestC, summer }: PlantKind, spot: Spot): boolean =>
  lowestC <= RESTS_C &&
  summer.dryC !== null &&
  summer.dryC <= RESTS_SUMMER_C &&
  yearOut(spot).warmestC >= summer.dryC - NOT_KEPT_K &&
  yearOut(spot).weeks.every(({ nightC }) => nightC >= NO_WINTER_C);

/**
 * Do shops there have it at all? What lives for years is not sold where its first summer ends it, or it has no winter; what lives for a
 * season, or is bought for one, as chrysanthemums and primroses are, is.
 */
export function keptThere(kind: PlantKind, spot: Spot): boolean {
  if (kind.cycle === 'annual' || kind.cycle === 'biennial' || kind.cycle === 'bulb') return true;
  if (kind.company.includes('cool-season bedding')) return true;
  if (kindThere(kind, spot).weeksThere) return true;
  if (missesWinter(kind, spot)) return false;
  const { humid, warmestC } = yearOut(spot);
  const most = humid ? kind.summer.humidC : kind.summer.dryC;
  return most === null || warmestC <= most + NOT_KEPT_K;
}

function shiftOf(spot: Pick<Spot, 'site' | 'normals'>): {
  readonly sooner: number;
  readonly later: number;
} {
  if (isSeasonless(spot)) return { sooner: 0, later: 0 };
  const free = frostFreeWeeks(spot);
  if (!free) return { sooner: MOST_SHIFT_WEEKS, later: MOST_SHIFT_WEEKS };
  const [from, to] = [bookWeek(free.from, spot), bookWeek(free.to, spot)];
  const signed = (weeks: number) => (weeks > WEEKS_PER_YEAR / 2 ? weeks - WEEKS_PER_YEAR : weeks);
  return {
    sooner: clamp(signed(weeksBetween(from, BOOK_FREE.from)), 0, MOST_SHIFT_WEEKS),
    later: clamp(signed(weeksBetween(BOOK_FREE.to, to)), 0, MOST_SHIFT_WEEKS),
  };
}
