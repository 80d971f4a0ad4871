import { fitOfColour, OPEN_SCHEMES } from '../colour/schemes';
import { isWhite } from '../colour/sorts';
import { visibleHeightCm } from '../containers/container';
import { deepEnough } from '../placing/fit';
import { sleepsBeneath } from '../suitability/beneath';
import { standsWith, TOGETHER } from '../suitability/company';
import { dangerInReach } from '../suitability/harm';
import { lightFit } from '../suitability/light';
import { asksTall, wishedRatios } from '../suitability/proportion';
import { driesOut } from '../suitability/watering';
import { windFit } from '../suitability/wind';
import { kindFitsScheme } from '../suitability/scheme';
import { isYearRound, leastStay } from '../suitability/season';
import { keptThere, soldIn } from '../suitability/shops';
import { standingOf } from '../suitability/standing';
import type { Brief } from '../plantings/brief';
import { kindsThere } from '../plantings/kindThere';
import { middle, type PlantKind } from '../plants/kind';
import type { Company } from '../plants/terms';
import { within } from '../plants/season';
import { bookWeek } from '../spots/spot';
import { weekAfter, weeksBetween } from '../units/units';

/** What the gardener asks for. */
export interface Ask extends Brief {
  /** Kinds to choose from: the book, or what is in stock. */
  readonly kinds: readonly PlantKind[];
  /** They are on the benches, or in the shed: when shops have them is no question. */
  readonly inStock?: boolean;
  readonly seed: number;
}

/** An ask with its kinds as they are kept where they are to stand. */
export function askThere<A extends Pick<Ask, 'kinds' | 'spot'>>(ask: A): A {
  const kinds = kindsThere(ask.kinds, ask.spot);
  return kinds === ask.kinds ? ask : { ...ask, kinds };
}

/** Wishes and facts that may rule a kind out altogether. */
export const HURDLES = [
  'never',
  'kitchen',
  'light',
  'reach',
  'cold',
  'heat',
  'thirst',
  'wind',
  'shops',
  'season',
  'company',
  'touch',
  'support',
  'size',
  'depth',
  'scheme',
] as const;
export type Hurdle = (typeof HURDLES)[number];

/** Scheme fit below which a kind is not considered; green and white bear no half measures. */
const LEAST_SCHEME_FIT = 0.5;
const LEAST_WHITE_FIT = 0.68;
/** Where white alone was named, white with red in it is red. Ours. */
const LEAST_ALL_WHITE_FIT = 0.75;
/** Who names one colour means that one. Ours. */
const LEAST_ONE_COLOUR_FIT = 0.55;
/** Flowers that are less like what was named are another colour, whatever the leaves: red ones over gold are no yellow. Ours. */
const LEAST_NAMED_FLOWER_FIT = 0.2;
/** Alpines flower by turns, each for a few weeks among green and grey: they need to agree less. */
const LEAST_ALPINE_FIT = 0.2;
/** Light fit below which a kind is not considered: an hour too dark, or two too bright. */
const LEAST_LIGHT_FIT = 0.8;
/** Share of its weeks that a kind must be there to be seen. Ours. */
const LEAST_PRESENT = 0.75;
/** Where a planting stands the year round, perennials may rest in winter that were in leaf for so many weeks before. Ours. */
const IN_LEAF_WEEKS = 12;
const LEAST_PRESENT_RESTING = 0.55;
/** What it must be worth looking at in the mean of its weeks. Ours. */
const LEAST_SHOWN = 0.15;
/** Nights too cool for it in more of its weeks than this, and summers so far from what it needs and bears, K, rule it out. Ours. */
const MOST_SULKS = 0.65;
const PART_SULKS = 0.25;
const PART_FLOWERS = 0.25;
const MOST_TOO_COOL_K = 2;
const MOST_TOO_HOT_K = 1.5;

/**
 * The first thing that rules a kind out.
 * @returns `null` when it may be used
 */
export function hurdleOf(kind: PlantKind, ask: Ask): Hurdle | null {
  const { container, spot, wishes } = ask;
  if (wishes.never.includes(kind.id)) return 'never';
  // What the gardener insists on has only safety and frost to answer to.
  const must = wishes.must.includes(kind.id);
  if (
    wishes.kitchen &&
    (kind.edible === null ||
      kind.toxicity.people === 'poisonous' ||
      kind.toxicity.people === 'unsure')
  )
    return 'kitchen';
  if (!must && !thrivesInLight(kind, spot)) return 'light';
  if (dangerInReach(kind, spot) >= 2 || burnsPickers(kind, ask)) return 'reach';
  const weather = weatherAgainst(kind, ask, must);
  if (weather || must) return weather;
  if (driesOut(kind, ask)) return 'thirst';
  if (windFit(kind, spot).torn === 'badly') return 'wind';
  if (!ask.inStock && !isToBeHad(kind, ask)) return 'shops';
  const { present, shows, sulks, flowering } = standingOf(kind, ask);
  const leastPresent = mayRest(kind, ask) ? LEAST_PRESENT_RESTING : LEAST_PRESENT;
  if (present < leastPresent || shows < LEAST_SHOWN) return 'season';
  // What flowers on and on where it is warm is no plant for the cold half of the year.
  if (kind.bloom?.continuous && sulks > PART_SULKS && flowering < PART_FLOWERS) return 'season';
  if (wishes.company && !isOfCompany(kind, wishes.company)) return 'company';
  // Where hands go among the plants nothing stabs, stings or burns.
  if (wishes.likes?.includes('touch') && kind.irritant.skin === 'yes') return 'touch';
  if (kind.support === 'climb' && !ask.support) return 'support';
  if (isTooTall(kind, ask)) return 'size';
  if (kind.sold.every(({ size }) => !deepEnough(container, size, kind))) return 'depth';
  // What is grown to be eaten comes in the colours it has.
  if (!wishes.kitchen && !fitsColours(kind, ask)) return 'scheme';
  return null;
}

/** Beside alpines there stands only what is as low, cm, and as hardy, °C: a heather hides them, a pelargonium is none of theirs. Ours. */
const ALPINE_GUEST = { together: 0.65, highestCm: 30, lowestC: -12 } as const;

/** Is it met with in the company that is asked for? */
function isOfCompany(kind: PlantKind, wished: Company): boolean {
  const together = standsWith(kind, wished);
  if (wished !== 'alpine' || kind.company.includes('alpine')) return together >= TOGETHER;
  return (
    together >= ALPINE_GUEST.together &&
    kind.heightCm[1] <= ALPINE_GUEST.highestCm &&
    kind.lowestC <= ALPINE_GUEST.lowestC
  );
}

/** Where children pick, nothing they pick may burn skin and eyes, as chillies do. */
const burnsPickers = ({ irritant }: PlantKind, { spot, wishes }: Ask): boolean =>
  spot.children && wishes.kitchen && irritant.skin === 'yes';

/** How far above the most a plant may grow that is in proportion; above a height that was wished for it may not by much. Ours. */
const OVER_MOST = 1.1;

/** Does it grow too tall for the container, or for what was wished? */
function isTooTall(kind: PlantKind, ask: Ask): boolean {
  const { container, wishes } = ask;
  if (kind.support === 'climb' && !wishes.tallestCm) return false;
  const [, most] = wishedRatios(container, wishes);
  const grown = wishes.tallestCm ? grownHeightCm(kind, ask) : kind.heightCm[0];
  return grown > visibleHeightCm(container) * most * OVER_MOST;
}

/** Of the height that was wished for a lead reaches this share at least. Ours. */
const NEARLY_TALL = 0.95;

/** Is it as tall as was wished? Where no height was, anything is. */
export function reachesWish(kind: PlantKind, ask: Ask): boolean {
  const { tallestCm } = ask.wishes;
  return !asksTall(ask.wishes) || grownHeightCm(kind, ask) >= tallestCm![0] * NEARLY_TALL;
}

/** Does it belong to the scheme that is wished for, or to one of those that take turns where none is? */
function fitsColours(kind: PlantKind, { wishes }: Ask): boolean {
  const schemes = wishes.anyColours ? OPEN_SCHEMES : [wishes.scheme];
  return schemes.some(
    (scheme) =>
      kindFitsScheme(kind, scheme) >= leastFit({ ...wishes, scheme }) &&
      !flowersOtherwise(kind, scheme),
  );
}

/** Are its flowers of none of the colours that were named? */
const flowersOtherwise = ({ bloom }: PlantKind, scheme: Ask['wishes']['scheme']): boolean =>
  scheme.kind === 'named' &&
  bloom !== null &&
  (fitOfColour(bloom.main, scheme) ?? 1) < LEAST_NAMED_FLOWER_FIT;

function leastFit({ scheme, company }: Ask['wishes']): number {
  if (company === 'alpine') return LEAST_ALPINE_FIT;
  if (scheme.kind === 'named' && scheme.colours.every(isWhite)) return LEAST_ALL_WHITE_FIT;
  if (scheme.kind === 'named' && scheme.colours.length === 1) return LEAST_ONE_COLOUR_FIT;
  return scheme.kind === 'green-and-white' ? LEAST_WHITE_FIT : LEAST_SCHEME_FIT;
}

/** Is it a perennial that may rest in the winter of a planting for the whole year? */
function mayRest({ cycle, inLeaf }: PlantKind, ask: Ask): boolean {
  return (
    cycle === 'perennial' &&
    isYearRound(ask) &&
    [0, IN_LEAF_WEEKS].every((weeks) =>
      within(inLeaf, bookWeek(weekAfter(ask.plantedWeek, weeks), ask.spot)),
    )
  );
}

/** May one kind take the place of another: does nothing stand against it, and does it sleep as that does, or neither? */
export function mayReplace(other: PlantKind, kind: PlantKind, ask: Ask): boolean {
  return hurdleOf(other, ask) === null && sleepsBeneath(other, ask) === sleepsBeneath(kind, ask);
}

/** Is there light enough, and not too much? What afternoons scorch bears no more sun than checks leave unsaid. */
function thrivesInLight(kind: PlantKind, spot: Ask['spot']): boolean {
  const { score, fault } = lightFit(kind, spot);
  const scorches = kind.light.afternoon === 'scorches' && fault !== 'none' && fault !== 'dark';
  return score >= LEAST_LIGHT_FIT && !scorches;
}

/** Have shops there it that week, growing, or dry to sleep beneath the others? */
function isToBeHad(kind: PlantKind, ask: Ask): boolean {
  const { plantedWeek, spot } = ask;
  return keptThere(kind, spot) && (soldIn(kind, plantedWeek, spot) || sleepsBeneath(kind, ask));
}

/** Does the weather of its weeks stand against a kind? What is a must may sulk, but not freeze. */
function weatherAgainst(
  kind: PlantKind,
  ask: Ask,
  must: boolean,
): 'cold' | 'heat' | 'season' | null {
  const { lost, sulks, tooCool, tooHot } = standingOf(kind, ask);
  if (lost && lost.weeks < leastStay(ask) * weeksBetween(ask.plantedWeek, ask.endWeek))
    return lost.to === 'gone over' ? (must ? null : 'season') : 'cold';
  if (must) return null;
  if (sulks > MOST_SULKS || tooCool > MOST_TOO_COOL_K) return 'cold';
  return tooHot > MOST_TOO_HOT_K ? 'heat' : null;
}

/** Grown height in a good season, cm; of a climber, at most its support's. */
export function grownHeightCm(kind: PlantKind, ask?: Pick<Ask, 'support'>): number {
  const grown = middle(kind.heightCm);
  return kind.support === 'climb' && ask?.support ? Math.min(grown, ask.support.heightCm) : grown;
}
