import type { PlantKind } from '../plants/kind';
import type { Weeks } from '../plants/season';
import { borneC } from '../plants/tender';
import { bookWeek, isSeasonless, type Spot } from '../spots/spot';
import { yearOut, type WeekOut } from '../spots/yearOut';
import { weekAfter, weeksBetween, WEEKS_PER_YEAR } from '../units/units';
import { once } from '../work/once';

type Where = Pick<Spot, 'site' | 'normals' | 'exposure' | 'underCover'>;

/** The week of the book's year at which winter is deepest. */
const MIDWINTER = 3;
/** Days so mild, as a mean daily highest, °C, keep cool bedding growing and in flower; what sulks at more than a few degrees wants them warmer. Ours. */
const COOL_GROWS_C = 12.5;
const WARM_GROWS_C = 17;
const COOL_SULKS_C = 5;
/** Usual nights may lie so far under those that check its growth, K. Ours. */
const SULK_BORNE_K = 1;
/** Nights as cool as this, °C, let it bear days so far over the summer it bears, K. Ours. */
const COOL_NIGHT_C = 16;
const COOL_NIGHTS_K = 3;
/** What was planted in autumn is harder than what comes soft from the bench, or is covered on a rare night: so far under its limit it lives, K. Ours. */
const HARDENED_K = 1.5;
/** Days warmer than this, °C, end the season of what is of the cool half of the year alone; where nights are cool, a few degrees more. Ours. */
const COOL_SEASON_C = 17;
/** A winter shorter than this is none to plant for, weeks. Ours. */
const LEAST_WEEKS = 16;
/** Shops have it from so many weeks before it can be out until so many before it is over. Ours. */
const SOLD_BEFORE_WEEKS = 3;
const SOLD_UNTIL_WEEKS = 8;
/** Weeks from planting out young until it flowers: of what flowers on and on, and of what has its one flush. Ours. */
const FLOWERS_AFTER_WEEKS = 1;
const FLUSH_AFTER_WEEKS = 6;

/**
 * A kind with the weeks it keeps where it is planted. The book tells those of places with cold winters, where soft bedding stands out
 * from spring to autumn. Where winter is mild and summer may be too hot, gardeners plant the same bedding in autumn, and it flowers
 * until the heat ends it: then its weeks in leaf, in flower and in the shops are those of that winter.
 * @returns the kind itself where the book's weeks hold
 */
export function kindThere(kind: PlantKind, spot: Where): PlantKind {
  if (kind.weeksThere || isSeasonless(spot) || !isSoftBedding(kind)) return kind;
  const winter = winterOf(kind, spot);
  return winter ? keeping(kind)(winter) : kind;
}

/** Kinds as they are kept where they are planted; the same kinds and place give the same list. */
export function kindsThere(kinds: readonly PlantKind[], spot: Where): readonly PlantKind[] {
  const { site, normals, exposure, underCover } = spot;
  const { climate, latitudeDeg } = site;
  const key = JSON.stringify([climate, latitudeDeg < 0, normals, exposure, underCover]);
  const held = listsOf(kinds);
  let found = held.get(key);
  if (!found) held.set(key, (found = listThere(kinds, spot)));
  return found;
}
const listsOf = once((_kinds: readonly PlantKind[]) => new Map<string, readonly PlantKind[]>());

function listThere(kinds: readonly PlantKind[], spot: Where): readonly PlantKind[] {
  const there = kinds.map((kind) => kindThere(kind, spot));
  return there.every((kind, i) => kind === kinds[i]) ? kinds : there;
}

/** Is it planted for a season, out of frost's way, and pulled out after it? */
const isSoftBedding = ({ cycle, company }: PlantKind): boolean =>
  (company.some((one) => BEDDING.includes(one)) &&
    (isOnce(cycle) || cycle === 'tender perennial')) ||
  (company.includes('kitchen') && isOnce(cycle));
const BEDDING: PlantKind['company'] = ['cool-season bedding', 'summer bedding'];
const isOnce = (cycle: PlantKind['cycle']): boolean => cycle === 'annual' || cycle === 'biennial';

/** Is it bedding of the cool half of the year, and of no other? */
const isOfCoolSeason = ({ company }: PlantKind): boolean =>
  company.includes('cool-season bedding') && !company.includes('summer bedding');

/** Weeks of the book's year, with midwinter among them, in which a kind can stand out and grow there; `null` when winter there is not for it. */
function winterOf(kind: PlantKind, spot: Where): Weeks | null {
  const year = yearOut(spot);
  const bears = year.humid ? kind.summer.humidC : kind.summer.dryC;
  const most = isOfCoolSeason(kind) ? Math.min(bears ?? Infinity, COOL_SEASON_C) : bears;
  const growsC = kind.sulksC === null || kind.sulksC <= COOL_SULKS_C ? COOL_GROWS_C : WARM_GROWS_C;
  const isGood = ({ dayC, nightC, coldC }: WeekOut) =>
    dayC >= growsC &&
    (most === null || dayC <= most + (nightC <= COOL_NIGHT_C ? COOL_NIGHTS_K : 0)) &&
    (kind.sulksC === null || nightC >= kind.sulksC - SULK_BORNE_K) &&
    coldC >= hardenedTo(kind);
  // What the week of the book is there is the same the other way round.
  const good = (book: number) => isGood(year.weeks[bookWeek(book, spot) - 1]!);
  if (!good(MIDWINTER)) return null;
  const reach = (step: 1 | -1) => {
    let weeks = 0;
    while (weeks < WEEKS_PER_YEAR - 1 && good(weekAfter(MIDWINTER, step * (weeks + 1)))) weeks += 1;
    return weeks;
  };
  const [before, after] = [reach(-1), reach(1)];
  if (before + after >= WEEKS_PER_YEAR - 1) return [1, WEEKS_PER_YEAR];
  return before + after + 1 < LEAST_WEEKS
    ? null
    : [weekAfter(MIDWINTER, -before), weekAfter(MIDWINTER, after)];
}

/** The coldest night it lives through when it was out all autumn, °C. What the first frost takes does not harden. */
const hardenedTo = (kind: PlantKind): number =>
  kind.lowestC < 0 ? kind.lowestC - HARDENED_K : borneC(kind);

/** A kind as it is in a winter; the same winter gives the same record. */
const keeping = once((kind: PlantKind) => {
  const held = new Map<string, PlantKind>();
  return (winter: Weeks): PlantKind => {
    const key = winter.join('-');
    let found = held.get(key);
    if (!found) held.set(key, (found = inWinter(kind, winter)));
    return found;
  };
});

function inWinter(kind: PlantKind, winter: Weeks): PlantKind {
  const [from, to] = winter;
  const { bloom, here, summer } = kind;
  const isAllYear = weeksBetween(from, to) === WEEKS_PER_YEAR - 1;
  const isSeenHere = here?.flowersFrom || here?.flowersTo;
  const warmer = (c: number | null) => c && c + COOL_NIGHTS_K;
  return {
    ...kind,
    weeksThere: true,
    hardenedC: hardenedTo(kind),
    company: withCool(kind.company),
    inLeaf: [from, to],
    inShops: isAllYear
      ? [[1, WEEKS_PER_YEAR]]
      : [[weekAfter(from, -SOLD_BEFORE_WEEKS), weekAfter(to, -SOLD_UNTIL_WEEKS)]],
    summer: { ...summer, dryC: warmer(summer.dryC), humidC: warmer(summer.humidC) },
    bloom: bloom && { ...bloom, weeks: isSeenHere ? bloom.weeks : flowersIn(winter, bloom) },
  };
}

/** What stands out in winter is planted with all that does. */
const withCool = (company: PlantKind['company']): PlantKind['company'] =>
  company.includes('cool-season bedding') ? company : [...company, 'cool-season bedding'];

/** When it flowers in a winter: from soon after planting to the end, or as long as its one flush lasts. */
function flowersIn([from, to]: Weeks, bloom: NonNullable<PlantKind['bloom']>): [number, number] {
  const weeks = weeksBetween(from, to);
  if (bloom.continuous)
    return weeks === WEEKS_PER_YEAR - 1 ? [from, to] : [weekAfter(from, FLOWERS_AFTER_WEEKS), to];
  const flush = Math.min(weeksBetween(...bloom.weeks), weeks - FLUSH_AFTER_WEEKS);
  const begins = weekAfter(from, FLUSH_AFTER_WEEKS);
  return [begins, weekAfter(begins, flush)];
}
