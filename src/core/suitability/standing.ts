import { borneC, isTender, wantsWinter } from '../plants/tender';
import { MATERIALS } from '../containers/materials';
import { mixL, type Container } from '../containers/container';
import { seasonShare } from '../growth/growth';
import { leafWorth } from '../plants/leaves';
import { kindThere } from '../plantings/kindThere';
import type { PlantKind } from '../plants/kind';
import { isEverInLeaf, within } from '../plants/season';
import { bookWeek, isSeasonless, type Spot } from '../spots/spot';
import { yearOut, type WeekOut, type YearOut } from '../spots/yearOut';
import { weekAfter, weeksBetween } from '../units/units';
import { once } from '../work/once';
import { flowerWorth, FRUIT_WORTH } from './interest';
import { sleepsBeneath } from './beneath';
import { soldIn } from './shops';

/** From when until when plants are to stand, where, and in what. */
export interface Stay {
  readonly plantedWeek: number;
  readonly endWeek: number;
  readonly spot: Spot;
  readonly container: Container;
}

/** What ends a kind's stay before its time. */
export type Loss = 'frost' | 'frozen roots' | 'cold nights' | 'gone over';

/** How a kind stands out its weeks. */
export interface Standing {
  /** The first week after planting in which it is lost, and to what; `null` when it stands to the end. */
  readonly lost: { readonly weeks: number; readonly to: Loss; readonly atC: number } | null;
  /** Share of the weeks in which it is there to be seen: in leaf, not gone over, not lost; of bulbs planted dry, from when they come up. 0–1 */
  readonly present: number;
  /** What it is worth looking at in the mean of all weeks, and at best in the first three. 0–1 */
  readonly shows: number;
  readonly showsSoon: number;
  /** How much of its best flowering and fruiting is out in the mean of all weeks. 0–1 */
  readonly flowering: number;
  readonly fruiting: number;
  /** Share of the weeks with nights that check its growth. 0–1 */
  readonly sulks: number;
  /** Kelvin by which the warmest month falls short of what it needs, or passes what it bears; less than 0 when it does not. */
  readonly tooCool: number;
  readonly tooHot: number;
}

/** Nights may lie so far under those at which a kind is brought in before it is the worse for it, K. Ours. */
const CHILL_BORNE_K = 4;
/** Nights may lie so far under those that check growth before anything is seen of it, K. Ours. */
const SULK_BORNE_K = 1;
/** A ball of mix freezes slowly: by so much its coldest lies over the coldest day's mean, K. Ours, for 15 L and more of wet mix. */
const FREEZING_HOLDS_K = 2;
const SMALL_L = 4;
const HELD_L = 15;
const LARGE_L = 100;
const LARGE_HOLDS_K = 1.5;
/** Thick walls that keep heat add up to so much, K; all that holds it together no more than this. Ours. */
const WALL_HOLDS_K = 2;
const MOST_HOLDS_K = 4;
/** A stay of at most so many weeks may end with the heat, as one of the autumn does with frost: only this share of it counts. Ours. */
const SHORT_WEEKS = 14;
const BEFORE_ITS_END = 0.75;
/** Weeks in which something must be worth looking at. */
const SOON_WEEKS = 3;

/** The coldest that roots in a container get in a week in one year of ten, °C. */
export function rootsColdC({ coldC, nightC, dayC }: WeekOut, container: Container): number {
  const litres = mixL(container);
  const held =
    litres <= SMALL_L ? 0 : Math.min(1, (litres - SMALL_L) / (HELD_L - SMALL_L)) * FREEZING_HOLDS_K;
  const large = litres >= LARGE_L ? LARGE_HOLDS_K : 0;
  const wall = MATERIALS[container.material].keepsHeat * WALL_HOLDS_K;
  return coldC + Math.max(0, dayC - nightC) / 2 + Math.min(MOST_HOLDS_K, held + large + wall);
}

/** Roots' cold by week, for a container at a spot. */
const rootsYear = once((spot: Spot) => {
  const year = yearOut(spot);
  return once((container: Container) => year.weeks.map((week) => rootsColdC(week, container)));
});

const WHERE = once(
  (_spot: Spot) => new WeakMap<Container, Map<string, Map<PlantKind, Standing>>>(),
);

/** How a kind stands from planting to the end. Worked out once for each kind and stay. */
export function standingOf(kind: PlantKind, stay: Stay): Standing {
  const byContainer = WHERE(stay.spot);
  let byStay = byContainer.get(stay.container);
  if (!byStay) byContainer.set(stay.container, (byStay = new Map()));
  const key = `${stay.plantedWeek}-${stay.endWeek}`;
  let byKind = byStay.get(key);
  if (!byKind) byStay.set(key, (byKind = new Map()));
  let found = byKind.get(kind);
  if (!found) byKind.set(kind, (found = reckon(kind, stay)));
  return found;
}

function reckon(told: PlantKind, stay: Stay): Standing {
  const { plantedWeek, endWeek, spot, container } = stay;
  const kind = kindThere(told, spot);
  const year = yearOut(spot);
  const roots = rootsYear(spot)(container);
  const weeks = weeksBetween(plantedWeek, endWeek);
  const leaves = kind.habit === 'bulb' ? 0 : leafWorth(kind);
  let lost: Standing['lost'] = null;
  let [present, shows, showsSoon, sulks, hottest] = [0, 0, 0, 0, -Infinity];
  let [flowering, fruiting] = [0, 0];
  const heatWeeks = weeks <= SHORT_WEEKS ? weeks * BEFORE_ITS_END : weeks;
  let hasStood = false;
  const untilLeaf = weeksUntilLeaf(kind, stay);
  // What shops have growing stands in leaf, a few weeks before it would out of doors.
  const grownOn = untilLeaf <= GROWN_ON_WEEKS && soldIn(kind, plantedWeek, spot) ? untilLeaf : 0;
  for (let week = 0; week <= weeks; week += 1) {
    const at = weekAfter(plantedWeek, week) - 1;
    const out = year.weeks[at]!;
    if (week <= heatWeeks) hottest = Math.max(hottest, out.dayC);
    const book = bookWeek(at + 1, spot);
    const inLeaf = week < grownOn || standsInLeaf(kind, book, spot);
    const loss = lossIn(kind, {
      out,
      rootsC: roots[at]!,
      inLeaf,
      isOver: isOver(kind, week, inLeaf, hasStood, spot),
    });
    if (loss) lost = { weeks: week, ...loss };
    if (lost) break;
    hasStood ||= inLeaf;
    if (kind.sulksC !== null && out.nightC < kind.sulksC - SULK_BORNE_K) sulks += 1;
    const flowers = flowersIn(kind, book, spot);
    const fruit = kind.fruit ? seasonShare(kind.fruit.weeks, book) : 0;
    flowering += flowers;
    fruiting += fruit;
    const value = Math.max(inLeaf ? leaves : 0, flowers * flowerWorth(kind), fruit * FRUIT_WORTH);
    if (inLeaf || value > 0) present += 1;
    shows += value;
    if (week <= SOON_WEEKS) showsSoon = Math.max(showsSoon, value);
  }
  // What sleeps beneath the others is asked for from when it comes up.
  const awake = weeks + 1 - (sleepsBeneath(kind, stay) ? untilLeaf : 0);
  const most = mostBorneC(kind, year, weeks);
  return {
    lost,
    present: present / awake,
    shows: shows / awake,
    showsSoon,
    flowering: flowering / awake,
    fruiting: fruiting / awake,
    sulks: sulks / (weeks + 1),
    tooCool: kind.summer.leastC - year.warmestC,
    tooHot: most === null ? -Infinity : hottest - most,
  };
}

/** Where no night of the year is cooler than this, °C, heat never ends; what stands in it for so many weeks bears so much less, K. Ours. */
const NO_RELIEF_C = 21;
const UNRELIEVED_WEEKS = 12;
const UNRELIEVED_K = 4;

/**
 * The hottest days a kind bears there, °C: a damp summer is borne because it ends.
 * @returns `null` where no heat is too much
 */
function mostBorneC({ summer }: PlantKind, year: YearOut, weeks: number): number | null {
  if (!year.humid) return summer.dryC;
  if (summer.humidC === null) return null;
  const isUnrelieved =
    weeks >= UNRELIEVED_WEEKS && year.weeks.every(({ nightC }) => nightC >= NO_RELIEF_C);
  return summer.humidC - (isUnrelieved ? UNRELIEVED_K : 0);
}

/** How far inside what it needs and bears a kind is wholly at ease with a summer, and how far outside not at all, K. Ours. */
const AT_EASE_K = 3;
const ILL_AT_EASE_K = 3;

/** How much at ease a kind is with the summer there: 1 well inside what it needs and bears, a half at an end of it. 0–1 */
export function easeInSummer({ tooCool, tooHot }: Standing): number {
  const off = Math.max(tooCool, tooHot);
  return off <= 0
    ? 0.5 + 0.5 * Math.min(1, -off / AT_EASE_K)
    : 0.5 * Math.max(0, 1 - off / ILL_AT_EASE_K);
}

/** Weeks that an annual of warm weather lasts where frost does not end it. Ours. */
const LIFE_WEEKS = 28;

/** Is it in leaf in a week of the book? Of tender kinds the weather says how long they stand, not the book's weeks out of doors. */
function standsInLeaf(kind: PlantKind, book: number, spot: Spot): boolean {
  if (isSeasonless(spot)) return !wantsWinter(kind);
  return isTender(kind) || within(kind.inLeaf, book);
}

/** What is sold in growth is at most so many weeks ahead of its leaves out of doors. Ours. */
const GROWN_ON_WEEKS = 5;

/** Weeks from planting until a kind is in leaf out of doors; `Infinity` when it is not before the end. */
function weeksUntilLeaf(kind: PlantKind, { plantedWeek, endWeek, spot }: Stay): number {
  const weeks = weeksBetween(plantedWeek, endWeek);
  for (let week = 0; week <= weeks; week += 1)
    if (standsInLeaf(kind, bookWeek(weekAfter(plantedWeek, week), spot), spot)) return week;
  return Infinity;
}

/** Has what lives once had its time? */
function isOver(
  kind: PlantKind,
  week: number,
  inLeaf: boolean,
  hasStood: boolean,
  spot: Spot,
): boolean {
  if (kind.cycle !== 'annual' && kind.cycle !== 'biennial') return false;
  if (isTender(kind) || isEverInLeaf(kind) || isSeasonless(spot)) return week > LIFE_WEEKS;
  return hasStood && !inLeaf;
}

/** What a week does away with a kind by, if by anything. */
function lossIn(
  kind: PlantKind,
  week: {
    readonly out: WeekOut;
    readonly rootsC: number;
    readonly inLeaf: boolean;
    readonly isOver: boolean;
  },
): { readonly to: Loss; readonly atC: number } | null {
  const { coldC, nightC } = week.out;
  if ((week.inLeaf || kind.foliage.evergreen) && coldC < borneC(kind))
    return { to: 'frost', atC: coldC };
  if (week.rootsC < kind.rootsC) return { to: 'frozen roots', atC: week.rootsC };
  if (kind.bringInC !== null && nightC < kind.bringInC - CHILL_BORNE_K)
    return { to: 'cold nights', atC: nightC };
  return week.isOver ? { to: 'gone over', atC: nightC } : null;
}

/** How much of its best flowering is out in a week of the book, 0–1. */
function flowersIn(kind: PlantKind, book: number, spot: Spot): number {
  if (!kind.bloom) return 0;
  return isSeasonless(spot) && kind.bloom.continuous ? 1 : seasonShare(kind.bloom.weeks, book);
}
