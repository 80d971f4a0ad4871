import { isHung } from '../containers/shape';
import { mixAreaCm2 } from '../containers/container';
import { familiarity } from '../plants/familiar';
import { middle, type Company, type PlantKind } from '../plants/kind';
import { scentsEvening } from '../plants/eveningScent';
import { bearsBerries, isForTouch, movesInWind } from '../plants/senses';
import { pickedAs } from '../plants/picked';
import { NURSERY_SIZES } from '../plants/nursery';
import { printOf } from '../plants/print';
import { hash01, hash32 } from '../random/hash';
import type { Like } from '../plantings/schema';
import { dangerInReach } from '../suitability/harm';
import { FRUIT_WORTH, flowerWorth } from '../suitability/interest';
import { easeInLight } from '../suitability/light';
import { isForShrubs, isLasting, isYearRound, ofTheSeason } from '../suitability/season';
import { easeInSummer, standingOf, type Stay } from '../suitability/standing';
import { windFit } from '../suitability/wind';
import { clamp, weekAfter, weeksBetween, WEEKS_PER_YEAR } from '../units/units';
import { once } from '../work/once';
import type { Ask } from './ask';

/** What each thing about a kind adds to its worth in any role, and what it costs, of about 1. Ours. */
const WORTH = {
  light: 0.2,
  summer: 0.16,
  shows: 0.2,
  showsSoon: 0.08,
  ofTheSeason: 0.1,
  wishedCompany: 0.2,
  liked: 0.16,
  outNow: 0.16,
  lot: 0.07,
} as const;
const FAMILIAR = { staple: 0.1, known: 0, seldom: -0.14 } as const;
const COST = {
  sulks: 0.3,
  torn: 0.1,
  burnt: 0.2,
  pastOthers: 0.12,
  pastMost: 0.05,
  kitchen: 0.1,
  shrub: 0.12,
  forYears: 0.14,
  passing: 0.2,
  rests: 0.5,
  inReach: 0.12,
  wantsGrit: 0.2,
  dear: 0.4,
} as const;

const SUCCULENTS: readonly Company[] = ['soft succulents', 'desert'];

/** Is it a succulent of bowls of grit, and neither grit nor its company what was asked for? */
const wantsGrit = ({ company }: PlantKind, { container, wishes }: Ask): boolean =>
  container.mix !== 'gritty' &&
  company.every((one) => SUCCULENTS.includes(one)) &&
  !(wishes.company && company.includes(wishes.company));

/** What is over after its season is not for a planting that is to last. */
const PASSING: ReadonlySet<PlantKind['cycle']> = new Set(['annual', 'biennial']);

/** Shrubs that every planter uses for one season, in spite of what they are. */
const STRUCTURE: readonly Company[] = ['evergreen structure'];

/** What speaks for a kind in any role: the place, the season, the wishes, what it is known for, and a lot that differs from ask to ask. */
export function likingFor(kind: PlantKind, ask: Ask): number {
  const standing = standingOf(kind, ask);
  const wind = windFit(kind, ask.spot);
  const isEaten = kind.edible !== null && kind.edible !== 'flowers';
  const outNow = Math.max(standing.flowering * flowerWorth(kind), standing.fruiting * FRUIT_WORTH);
  // What trails far grows down, away from the others.
  const vigour = kind.vigour - ((kind.trailCm?.[1] ?? 0) >= FAR_CM ? 1 : 0);
  const past = vigour >= 5 ? COST.pastOthers : vigour === 4 ? COST.pastMost : 0;
  return (
    WORTH.light * easeInLight(kind, ask.spot) +
    WORTH.summer * easeInSummer(standing) +
    WORTH.shows * standing.shows +
    WORTH.showsSoon * standing.showsSoon +
    WORTH.ofTheSeason * ofTheSeason(kind, ask) +
    WORTH.outNow * shortness(ask) * outNow +
    wished(kind, ask) +
    FAMILIAR[familiarity(kind)] +
    WORTH.lot * hash01(lotOf(ask), printOf(kind)) -
    COST.sulks * standing.sulks -
    (wind.torn === 'not' ? 0 : COST.torn) -
    (wind.isBurnt ? COST.burnt : 0) -
    past -
    (isEaten && !ask.wishes.kitchen ? COST.kitchen : 0) -
    COST.dear * dearness(kind, ask) -
    (isForYears(kind, ask) ? COST.forYears * shortness(ask) * (1 - outNow) : 0) -
    (wantsGrit(kind, ask) ? COST.wantsGrit : 0) -
    (isLasting(ask) && PASSING.has(kind.cycle) ? COST.passing : 0) -
    (isYearRound(ask) ? COST.rests * restsCount(ask) * (1 - standing.present) : 0) -
    // What is known to do a little harm gives way to what is not, where pets or children reach it.
    (dangerInReach(kind, ask.spot) > 0 ? COST.inReach : 0)
  );
}

/** Trails as long as this, cm, hang well below a rim. Ours. */
const FAR_CM = 50;

/** A stay of so many weeks is for what is out then, and one of so many for what lasts. Ours. */
const SHORT_WEEKS = 12;
const LASTING_WEEKS = 30;

/** How short a stay is: 1 for a few weeks, when what is at its best now is bought in flower; 0 from half a year and more. */
function shortness({ plantedWeek, endWeek }: Ask): number {
  const weeks = weeksBetween(plantedWeek, endWeek);
  return clamp((LASTING_WEEKS - weeks) / (LASTING_WEEKS - SHORT_WEEKS), 0, 1);
}

const BEDDING: readonly Company[] = [
  'cool-season bedding',
  'summer bedding',
  'bold tender foliage',
];

/** Is it a perennial of the garden, which a stay of a few weeks is too short for unless it is bought in flower? */
function isForYears(kind: PlantKind, ask: Ask): boolean {
  return (
    kind.cycle === 'perennial' &&
    !isForShrubs(ask) &&
    !isAskedFor(kind, ask) &&
    !kind.company.some((one) => BEDDING.includes(one))
  );
}

/** Is it of the company asked for, or one of the best for insects where those are: what lives for years feeds them most, and is bought for that. */
function isAskedFor({ company, wildlife }: PlantKind, { wishes }: Ask): boolean {
  return (
    (wishes.company !== undefined && company.includes(wishes.company)) ||
    (wishes.likes?.includes('wildlife') === true && guestsOf(wildlife) >= BEST_GUESTS)
  );
}

/** So many times what a shrub costs it does where a meadow was asked for. Ours. */
const MEADOW_TIMES = 3;

/** What a shrub costs in a planting for one summer: it takes years to fill out, and what summer is for grows beside it. */
export function shrubCost(kind: PlantKind, ask: Ask): number {
  const { cycle, company, habit } = kind;
  const { company: wished } = ask.wishes;
  // A meadow holds no shrubs, whatever grows beside one in a border.
  if (cycle === 'shrub' && wished === 'meadow and grasses' && habit !== 'climber')
    return MEADOW_TIMES * COST.shrub;
  // Rosemary, sage and bay are shrubs.
  if (cycle !== 'shrub' || ask.wishes.kitchen) return 0;
  if (isForShrubs(ask) && !isForPerennials(ask)) return 0;
  if (isAskedFor(kind, ask)) return 0;
  const stiff = company.every((one) => STRUCTURE.includes(one)) ? 2 : 1;
  return stiff * COST.shrub * (1 + shortness(ask));
}

/** A number of the ask itself, so that another ask draws another lot among equals. */
const lotOf = once((ask: Ask) =>
  [
    Math.round(mixAreaCm2(ask.container)),
    ask.plantedWeek,
    ask.endWeek,
    Math.round(ask.spot.sunHours * 10),
    Math.round(ask.spot.site.latitudeDeg),
    isHung(ask.container.shape) ? 1 : 0,
    ...Array.from(`${ask.wishes.scheme.kind}${ask.spot.site.climate}`, (letter) =>
      letter.charCodeAt(0),
    ),
  ].reduce((lot, one) => hash32(lot, one), ask.seed),
);

/** What its company and what it is liked for add, where they are wished for. */
function wished(kind: PlantKind, ask: Ask): number {
  const { wishes } = ask;
  const likes = wishes.likes ?? [];
  const liked = likes.reduce((sum, like) => sum + howLiked(kind, like, ask), 0);
  return (
    (wishes.company && kind.company.includes(wishes.company) ? WORTH.wishedCompany : 0) +
    (likes.length > 0 ? (WORTH.liked * liked) / likes.length : 0)
  );
}

/** Is it something to pick that is asked for? */
export const isPick = (like: Like): boolean =>
  like === 'herbs' || like === 'salad' || like === 'fruit';

/** Scent of leaves is met with only by a hand that rubs them; flowers scent the air. Ours. */
const LEAF_SCENT = 0.4;

/** What feeds one sort of insect by day counts so much, and each sort more adds so much. Ours. */
const ONE_GUEST = 0.6;
const MORE_GUESTS = 0.3;
/** Of so many sorts it is one of the best. Ours. */
const BEST_GUESTS = 2;

/** Whoever says that it comes back thinks of perennials: of shrubs so much. And knows that they rest: so much of what that costs is counted. Ours. */
const RETURNING_SHRUB = 0.3;
const REST_KNOWN = 0.25;

/** With fewer hours of sun than this leaves are what there is. Ours. */
const FOR_FLOWERS_H = 3;

/** Is it for perennials that flower and come back by themselves? */
export const isForPerennials = ({ wishes, spot }: Pick<Ask, 'wishes' | 'spot'>): boolean =>
  wishes.likes?.includes('comes back') === true && spot.sunHours >= FOR_FLOWERS_H;

/** How much of what rest in winter costs is counted: all of it, or little where it is to come back by itself. */
export const restsCount = ({ wishes }: Pick<Ask, 'wishes'>): number =>
  wishes.likes?.includes('comes back') ? REST_KNOWN : 1;

/** How far a kind has what is asked of the planting, 0–1. */
function howLiked(kind: PlantKind, like: Like, ask: Ask): number {
  if (!isLiked(kind, like, ask)) return 0;
  if (like === 'wildlife') {
    return Math.min(1, ONE_GUEST + MORE_GUESTS * (guestsOf(kind.wildlife) - 1));
  }
  if (like === 'comes back') return kind.cycle === 'perennial' ? 1 : RETURNING_SHRUB;
  return like === 'scent' && kind.scent === 'leaf' ? LEAF_SCENT : 1;
}

/** Whom one means who asks for bees and butterflies: not moths at night, nor birds at berries. */
const BY_DAY: ReadonlySet<PlantKind['wildlife'][number]> = new Set([
  'bees',
  'butterflies',
  'hoverflies',
]);

/** How many sorts of insect it feeds by day. */
const guestsOf = (wildlife: PlantKind['wildlife']): number =>
  wildlife.filter((one) => BY_DAY.has(one)).length;

/** Berries are there when they are seen for so much of the stay. Ours. */
const BERRIED = 0.45;

/** Has a kind what is asked of the planting: food for insects, scent, berries in those weeks, or something of that sort to pick? */
export function isLiked(kind: PlantKind, like: Like, ask: Stay): boolean {
  switch (like) {
    case 'scent':
      return kind.scent !== 'none';
    case 'evening scent':
      return scentsEvening(kind);
    case 'berries':
      return bearsBerries(kind) && standingOf(kind, ask).fruiting >= BERRIED;
    case 'movement':
      return movesInWind(kind);
    case 'touch':
      return isForTouch(kind);
    case 'wildlife':
      // Double flowers hold no food that insects can reach.
      return kind.bloom?.form !== 'double' && kind.wildlife.some((one) => BY_DAY.has(one));
    case 'comes back':
      return comesBack(kind, ask);
    case 'herbs':
    case 'salad':
    case 'fruit':
      return pickedAs(kind) === like;
  }
}

/** Is it there again next year, left where it stands? */
const comesBack = (kind: PlantKind, { plantedWeek, spot, container }: Stay): boolean =>
  !PASSING.has(kind.cycle) &&
  standingOf(kind, {
    plantedWeek,
    endWeek: weekAfter(plantedWeek, WEEKS_PER_YEAR - 1),
    spot,
    container,
  }).lost === null;

/** Share of the budget up to which filling the whole container with a kind is cheap. Ours. */
const CHEAP = 0.5;

/** How far enough of a kind to fill the container would pass the budget, 0–1; 0 without one. */
function dearness(kind: PlantKind, { container, wishes }: Ask): number {
  if (wishes.budget === null) return 0;
  const each = Math.min(
    ...kind.sold.map(
      ({ size, price, perSale }) => price / (perSale ?? NURSERY_SIZES[size].perSale),
    ),
  );
  const needed = Math.max(
    1,
    (mixAreaCm2(container) * 1.3) / (Math.PI * (middle(kind.spreadCm) / 2) ** 2),
  );
  return Math.min(1, Math.max(0, (each * needed) / wishes.budget - CHEAP));
}
