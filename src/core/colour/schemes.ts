import { clamp } from '../units/units';
import { fitAmongNamed, likeNamed, likeRed, nearHue, nearTone } from './likeness';
import { deltaE, hueGapDeg, type Oklch } from './oklch';
import {
  isBronze,
  isDark,
  isGlaucous,
  isGround,
  isLime,
  isOrdinaryGreen,
  isPink,
  isRed,
  isWhite,
  isWine,
  isYellow,
  NEUTRAL_CHROMA,
} from './sorts';

/** The colour idea of a planting. `colour` is the loved or leading colour where the idea needs one. */
export type Scheme =
  | { readonly kind: (typeof PLAIN_SCHEMES)[number] }
  | { readonly kind: (typeof COLOUR_SCHEMES)[number]; readonly colour: Oklch }
  /** `named`: each of them, as people mean a name; `palette`: shades as they are. */
  | { readonly kind: (typeof LIST_SCHEMES)[number]; readonly colours: readonly Oklch[] };

/** Ideas that need no colour named, and those that start from one: a loved plant's, the pot's, the wall's. */
export const PLAIN_SCHEMES = [
  'warm',
  'cool',
  'hot',
  'pastel',
  'jewel',
  'dark-and-lime',
  'green-and-white',
] as const;
export const COLOUR_SCHEMES = [
  'one-and-white',
  'tonal',
  'neighbours',
  'opposites',
  'triad',
  'loved',
] as const;
/** Ideas that are a list of colours. */
export const LIST_SCHEMES = ['named', 'palette'] as const;
/** Most colours that can be named. */
export const NAMED_MOST = 3;
/** Ideas of colour that take turns where none is asked for: as different from each other as they come. */
export const OPEN_SCHEMES: readonly Scheme[] = [
  { kind: 'cool' },
  { kind: 'warm' },
  { kind: 'jewel' },
  { kind: 'pastel' },
];

export const SCHEME_KINDS = [...PLAIN_SCHEMES, ...COLOUR_SCHEMES, ...LIST_SCHEMES] as const;
export type SchemeKind = (typeof SCHEME_KINDS)[number];

/** A colour in a planting and how much of it there is to see (any unit, the same for all). */
export interface WeighedColour {
  readonly colour: Oklch;
  readonly weight: number;
}

/** 1 inside the arc `fromDeg`→`toDeg` (going up, may wrap), falling to 0 over `softDeg` outside. */
function inArc(h: number, fromDeg: number, toDeg: number, softDeg: number): number {
  const span = (toDeg - fromDeg + 360) % 360;
  const along = (h - fromDeg + 360) % 360;
  if (along <= span) return 1;
  const out = Math.min(along - span, 360 - along);
  return clamp(1 - out / softDeg, 0, 1);
}

/** 1 between two values, falling to 0 over `soft` outside. */
function inRange(value: number, from: number, to: number, soft: number): number {
  return clamp(1 - Math.max(from - value, value - to) / soft, 0, 1);
}

/**
 * Opposite hues in OKLCH. Painters pair red with green and OKLCH red with cyan, so for reds either answers.
 */
export function oppositeHuesDeg(h: number): readonly number[] {
  const plain = (h + 180) % 360;
  return hueGapDeg(h, 25) <= 30 ? [plain, 145] : [plain];
}

/** Painters' three primaries and three secondaries, as OKLCH hues: red, yellow, blue; orange, green, violet. */
const PAINTERS = [
  [27, 98, 262],
  [58, 145, 300],
] as const;

/**
 * The two hues that stand with one a third of the wheel apart. Painters' wheel and OKLCH disagree (red with yellow and blue, or with green and
 * azure): either answers.
 */
export function triadHuesDeg(h: number): readonly number[] {
  const painters = PAINTERS.find((three) => three.some((hue) => hueGapDeg(h, hue) <= 22));
  return [
    (h + 120) % 360,
    (h + 240) % 360,
    ...(painters ? painters.filter((hue) => hueGapDeg(h, hue) > 22) : []),
  ];
}

/** Lime and dark leaves set each other off and sit in any scheme, a little less than its own colours. Ours. */
const ACCENT_FIT = 0.75;
/** Dark leaves among green and white. Ours. */
const DARK_IN_WHITE_FIT = 0.45;
/** White flowers between dark leaves and lime. Ours. */
const WHITE_IN_DARK_FIT = 0.4;
/** Pink among hot colours; wine-red among cool ones. Ours. */
const PINK_IN_HOT_FIT = 0.3;
const WINE_IN_COOL_FIT = 0.45;
/** Brown leaves go with anything, and add nothing. Ours. */
const BRONZE_FIT = 0.6;

/**
 * How well one colour belongs to a scheme, 0 to 1.
 * @returns `null` for ground colours, of which the question does not arise
 */
export function fitOfColour(colour: Oklch, scheme: Scheme): number | null {
  if (scheme.kind === 'named') return fitAmongNamed(colour, scheme.colours);
  if ((scheme.kind === 'one-and-white' || scheme.kind === 'green-and-white') && isWhite(colour))
    return 1;
  if (scheme.kind === 'dark-and-lime' && (isDark(colour) || isLime(colour))) return 1;
  // White is the brightest thing between dark leaves and lime ones: a little of it sparkles, more takes the picture over.
  if (scheme.kind === 'dark-and-lime' && isWhite(colour)) return WHITE_IN_DARK_FIT;
  // Dark leaves set anything off, and are neither green nor white.
  if (scheme.kind === 'green-and-white' && isDark(colour)) return DARK_IN_WHITE_FIT;
  // White cools whatever it stands in: of hot colours it is no ground.
  if (scheme.kind === 'hot' && isWhite(colour)) return 0;
  if (scheme.kind === 'hot' && isPink(colour)) return PINK_IN_HOT_FIT;
  // Black among pale colours is a hole.
  if (scheme.kind === 'pastel' && isDark(colour) && !isOrdinaryGreen(colour)) return 0;
  if (isGround(colour)) return null;
  const [L, C, h] = colour;
  const accent =
    isLime(colour) || (isDark(colour) && C < 0.12) ? ACCENT_FIT : isBronze(colour) ? BRONZE_FIT : 0;
  switch (scheme.kind) {
    case 'warm':
      // A cool pink is half at home here: beside yellow it jars.
      return Math.max(accent, inArc(h, 10, 115, 25));
    case 'cool':
      return Math.max(isWine(colour) ? WINE_IN_COOL_FIT : accent, inArc(h, 150, 335, 30));
    case 'hot':
      return Math.max(
        accent,
        isBronze(colour) ? ACCENT_FIT : 0,
        inArc(h, 5, 100, 20) * clamp((C - 0.08) / 0.08, 0, 1),
      );
    case 'pastel':
      // A pale flower is pastel with a little more chroma than the .12 of the definition when it is very light.
      return Math.max(
        isLime(colour) ? 0.4 : 0,
        clamp((L - 0.66) / 0.12, 0, 1) * clamp((0.17 - C) / 0.05, 0, 1),
      );
    case 'jewel':
      // Deep and saturated: L .30–.58, C ≥ .12 (models), with soft edges.
      return Math.max(accent * 0.8, inRange(L, 0.28, 0.6, 0.12) * clamp((C - 0.07) / 0.05, 0, 1));
    case 'dark-and-lime':
      // What carries neither dark nor lime may sparkle beside them, in a small part only.
      return inRange(L, 0, 0.48, 0.12) * 0.8;
    case 'green-and-white':
      return isGlaucous(colour)
        ? 0.9
        : Math.max(
            isLime(colour) ? ACCENT_FIT * 0.8 : 0,
            isYellow(colour) ? 0 : inArc(h, 105, 175, 20) * 0.9,
          );
    case 'tonal':
      return Math.max(
        accent * 0.6,
        nearHue(h, scheme.colour[2], 14, 34) * nearTone(L, scheme.colour),
      );
    case 'neighbours':
      return Math.max(accent * 0.8, nearHue(h, scheme.colour[2], 45, 70));
    case 'triad':
      return Math.max(
        accent * 0.7,
        nearHue(h, scheme.colour[2], 25, 50),
        ...triadHuesDeg(scheme.colour[2]).map((hue) => nearHue(h, hue, 25, 50)),
      );
    case 'palette':
      return Math.max(
        accent * 0.5,
        ...scheme.colours.map((one) => clamp(1.6 - deltaE(colour, one) / 0.1, 0, 1)),
      );
    case 'one-and-white':
      return Math.max(
        accent * 0.8,
        isRed(scheme.colour)
          ? likeRed(colour, scheme.colour)
          : nearHue(h, scheme.colour[2], 22, 50),
      );
    case 'opposites':
      return Math.max(
        accent * 0.8,
        nearHue(h, scheme.colour[2], 25, 50),
        ...oppositeHuesDeg(scheme.colour[2]).map((o) => nearHue(h, o, 30, 55)),
      );
    case 'loved':
      return Math.max(
        accent,
        nearHue(h, scheme.colour[2], 45, 75),
        isEcho(colour, scheme.colour) ? 1 : 0,
      );
  }
}

/** Does one colour pick up another, as an eye would say? OKLab distance ≤ .10, or near in hue and lightness. */
export function isEcho(a: Oklch, b: Oklch): boolean {
  if (deltaE(a, b) <= 0.1) return true;
  const bothColoured = a[1] >= NEUTRAL_CHROMA && b[1] >= NEUTRAL_CHROMA;
  return bothColoured && hueGapDeg(a[2], b[2]) <= 20 && Math.abs(a[0] - b[0]) <= 0.3;
}

export interface SchemeReading {
  /** Weight-mean fit of the colours that count, 0–1. 1 when there are none. */
  readonly fit: number;
  /** Share of all the weight that carries the scheme (not ground), 0–1. */
  readonly carried: number;
  /** What the scheme must have and this lacks. */
  readonly missing: readonly (
    'white' | 'leading colour' | 'opposite colour' | 'third colour' | 'dark' | 'lime'
  )[];
}

/** Weight below which a needed colour does not count as there: a twentieth of what carries the scheme. Ours. */
const PRESENT_SHARE = 0.05;

/** The same for a colour that was named. Ours. */
const NAMED_SHARE = 0.08;
const NAMED_LACKS = ['leading colour', 'opposite colour', 'third colour'] as const;

/** Sums over colours that a reading is made of. They add: the tally of two plants is the sum of theirs. */
export interface SchemeTally {
  readonly total: number;
  readonly carried: number;
  readonly fitSum: number;
  readonly white: number;
  readonly lead: number;
  readonly opposite: number;
  readonly third: number;
  readonly dark: number;
  readonly lime: number;
}

export function tallyScheme(colours: readonly WeighedColour[], scheme: Scheme): SchemeTally {
  const tally = emptyTally();
  for (const { colour, weight } of colours) {
    tally.total += weight;
    if (isWhite(colour)) tally.white += weight;
    if (isDark(colour)) tally.dark += weight;
    if (isLime(colour)) tally.lime += weight;
    const fit = fitOfColour(colour, scheme);
    if (fit === null) continue;
    tally.carried += weight;
    tally.fitSum += fit * weight;
    if (scheme.kind === 'named') addNamed(tally, colour, weight, scheme.colours);
    if (!('colour' in scheme) || isWhite(colour)) continue;
    const near = (hue: number, withinDeg: number) => hueGapDeg(colour[2], hue) <= withinDeg;
    const own = scheme.colour[2];
    if (near(own, 40)) tally.lead += weight;
    // Lime goes with anything, so it stands against nothing.
    if (!isLime(colour) && oppositeHuesDeg(own).some((hue) => near(hue, 45)))
      tally.opposite += weight;
    if (triadHuesDeg(own).some((hue) => near(hue, 40))) tally.third += weight;
  }
  return tally;
}

/** The first colour that was named is counted as the lead, a second as its opposite, a third as the third. */
const NAMED_PARTS = ['lead', 'opposite', 'third'] as const;
/** So near to one that was named, 0–1, a colour counts as it. Ours. */
const IS_IT = 0.5;
function addNamed(
  tally: ReturnType<typeof emptyTally>,
  colour: Oklch,
  weight: number,
  named: readonly Oklch[],
): void {
  for (const [i, one] of named.entries())
    if (likeNamed(colour, one) >= IS_IT) tally[NAMED_PARTS[i]!] += weight;
}

/** The sum of several tallies: a cast's is the sum of its members'. */
export function sumTallies(tallies: Iterable<SchemeTally>): SchemeTally {
  const sum = emptyTally();
  // Part by part by name: the search sums some hundred thousand of them.
  for (const one of tallies) {
    sum.total += one.total;
    sum.carried += one.carried;
    sum.fitSum += one.fitSum;
    sum.white += one.white;
    sum.lead += one.lead;
    sum.opposite += one.opposite;
    sum.third += one.third;
    sum.dark += one.dark;
    sum.lime += one.lime;
  }
  return sum;
}

function emptyTally(): { -readonly [part in keyof SchemeTally]: number } {
  return {
    total: 0,
    carried: 0,
    fitSum: 0,
    white: 0,
    lead: 0,
    opposite: 0,
    third: 0,
    dark: 0,
    lime: 0,
  };
}

/** The colours a scheme cannot do without. */
export function neededBy(scheme: Scheme): SchemeReading['missing'] {
  return readTally({ ...emptyTally(), total: 1 }, scheme).missing;
}

/** What a tally says of the scheme. */
export function readTally(
  { total, carried, fitSum, white, lead, opposite, third, dark, lime }: SchemeTally,
  scheme: Scheme,
): SchemeReading {
  const least = PRESENT_SHARE * Math.max(carried, total * 0.2);
  const missing: SchemeReading['missing'][number][] = [];
  if ('colour' in scheme && lead < least) missing.push('leading colour');
  if (scheme.kind === 'named') {
    // Whoever names two or three means to see each of them.
    const leastNamed = (least * NAMED_SHARE) / PRESENT_SHARE;
    for (const [i, weight] of [lead, opposite, third].slice(0, scheme.colours.length).entries())
      if (weight < leastNamed) missing.push(NAMED_LACKS[i]!);
  }
  if ((scheme.kind === 'one-and-white' || scheme.kind === 'green-and-white') && white < least)
    missing.push('white');
  if (scheme.kind === 'triad' && third < least) missing.push('third colour');
  if (scheme.kind === 'dark-and-lime' && dark < least) missing.push('dark');
  if (scheme.kind === 'dark-and-lime' && lime < least) missing.push('lime');
  if (scheme.kind === 'opposites' && opposite < least) missing.push('opposite colour');
  return {
    fit: carried > 0 ? fitSum / carried : 1,
    carried: total > 0 ? carried / total : 0,
    missing,
  };
}

/** Reads a whole set of colours against a scheme. */
export function readScheme(colours: readonly WeighedColour[], scheme: Scheme): SchemeReading {
  return readTally(tallyScheme(colours, scheme), scheme);
}

/** What each colour costs that a scheme cannot do without, beside how far the others fit. Ours. */
const LACK_COST = 0.3;

/** How far colours make a scheme: how they fit, less what is lacking. 1 at best; below 0 where next to nothing of it is there. */
export function madeOf({ fit, missing }: Pick<SchemeReading, 'fit' | 'missing'>): number {
  return fit - LACK_COST * missing.length;
}

/** Where colours are left open: of the schemes that will do, the one that colours come nearest to; of equals the first. */
export function nearestScheme(colours: readonly WeighedColour[]): Scheme {
  const worthOf = (scheme: Scheme) => madeOf(readScheme(colours, scheme));
  return OPEN_SCHEMES.reduce((best, one) => (worthOf(one) > worthOf(best) ? one : best));
}
