import { clamp } from '../units/units';
import { hueGapDeg, type Oklch } from './oklch';
import { isBronze, isDark, isGround, isLime, isRed, isWhite, NEUTRAL_CHROMA } from './sorts';

/** 1 within `fullDeg` of the hue, falling to 0 at `noneDeg`. */
export function nearHue(h: number, target: number, fullDeg: number, noneDeg: number): number {
  return clamp(1 - (hueGapDeg(h, target) - fullDeg) / (noneDeg - fullDeg), 0, 1);
}

/** Lightness so far from a red, and as far again, makes it pink or maroon. Ours. */
const NEAR_LIGHT = 0.1;

/** Violet and lilac go as one colour; red and pink are two. How far one colour is the red that was named, 0–1. */
export function likeRed([L, , h]: Oklch, red: Oklch): number {
  return (
    nearHue(h, red[2], 12, 28) * clamp(1 - (Math.abs(L - red[0]) - NEAR_LIGHT) / NEAR_LIGHT, 0, 1)
  );
}

/** From blush to magenta all is pink, crimson and plum are not: lightness so far from the one that was named still goes as its tone, and fades over as much more. Ours. */
const TONE = { near: 0.2, fades: 0.16 } as const;
export const nearTone = (L: number, [named]: Oklch): number =>
  clamp(1 - (Math.abs(L - named) - TONE.near) / TONE.fades, 0, 1);

/** A pink, a lilac or a sky blue that is named so light is meant pale: "pink and white" wants no magenta. Ours. */
const PALE = { fromL: 0.74, fromDeg: 200, toDeg: 30, near: 0.1, fades: 0.12 } as const;
const isMeantPale = ([L, , h]: Oklch): boolean =>
  L >= PALE.fromL && (h >= PALE.fromDeg || h <= PALE.toDeg);
/** From red to yellow names follow each other closely: red is no orange, gold no orange. Ours. */
const WARM = { fromDeg: 15, toDeg: 120, full: 14, none: 30 } as const;
/** To gardeners blue reaches into violet: hardly a flower is bluer. Ours. */
const BLUE = { fromDeg: 235, toDeg: 290, full: 20, none: 46 } as const;
/** Pink ends where coral begins. Ours. */
const PINK = { fromDeg: 345, toDeg: 12, leastL: 0.6, full: 14, none: 27 } as const;
const OTHER = { full: 18, none: 40 } as const;
/** Dark leaves of less chroma than this go as black. Ours. */
const BLACK_C = 0.12;

/**
 * How far a colour is one that was named, as people mean names: any violet for violet, no pink for red. White, black and lime are what is
 * taken for them everywhere here.
 * @returns 0–1
 */
export function likeNamed(colour: Oklch, named: Oklch): number {
  if (isWhite(named)) return isWhite(colour) ? 1 : 0;
  if (isDark(named) && named[1] < BLACK_C) return isDark(colour) && colour[1] < BLACK_C ? 1 : 0;
  if (isGround(colour)) return 0;
  if (isLime(named)) return isLime(colour) ? 1 : 0;
  if (isRed(named)) return likeRed(colour, named);
  const { near, fades } = isMeantPale(named) ? PALE : TONE;
  const tone = clamp(1 - (Math.abs(colour[0] - named[0]) - near) / fades, 0, 1);
  const isPink = named[0] >= PINK.leastL && (named[2] >= PINK.fromDeg || named[2] <= PINK.toDeg);
  // To the other side pink shades into lilac and magenta.
  const isWarmer = isPink && ((colour[2] - named[2] + 540) % 360) - 180 > 0;
  const isIn = ({ fromDeg, toDeg }: { readonly fromDeg: number; readonly toDeg: number }) =>
    named[2] >= fromDeg && named[2] <= toDeg;
  const { full, none } = isIn(WARM) ? WARM : isIn(BLUE) ? BLUE : isWarmer ? PINK : OTHER;
  return nearHue(colour[2], named[2], full, none) * tone;
}

/** White flowers and dark, bronze or lime leaves among named colours that are none of them. Ours. */
const WHITE_UNNAMED_FIT = 0.4;
const LEAF_UNNAMED_FIT = 0.6;

/** How well a colour belongs among some that were named, 0–1; `null` for ground. */
export function fitAmongNamed(colour: Oklch, named: readonly Oklch[]): number | null {
  const best = Math.max(...named.map((one) => likeNamed(colour, one)));
  if (isWhite(colour)) return Math.max(best, WHITE_UNNAMED_FIT);
  const isBlack = isDark(colour) && colour[1] < NEUTRAL_CHROMA;
  if (best === 0 && isGround(colour) && !isBlack) return null;
  const isLeafColour =
    isLime(colour) || isBronze(colour) || (isDark(colour) && colour[1] < BLACK_C);
  return Math.max(best, isLeafColour ? fitOfLeaf(colour, named) : 0);
}

/** A colour so light that dark leaves are as much as its flowers. Ours. */
const LIGHT_L = 0.78;

/** Beside white or yellow alone dark leaves are as much as the flowers; beside any one colour lime is a second one. */
function fitOfLeaf(colour: Oklch, named: readonly Oklch[]): number {
  const isAlone = isLime(colour) ? named.length === 1 : named.every(([L]) => L >= LIGHT_L);
  return isAlone ? WHITE_UNNAMED_FIT : LEAF_UNNAMED_FIT;
}
