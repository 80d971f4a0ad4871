import { hueGapDeg, type Oklch } from './oklch';

/** Below this chroma a colour has no hue to speak of: white, silver, near-black. Ours, after the OKLab plots. */
export const NEUTRAL_CHROMA = 0.04;

export function isWhite([L, C]: Oklch): boolean {
  return L >= 0.9 && C <= 0.06;
}

export function isDark([L]: Oklch): boolean {
  return L < 0.42;
}

/** Above this lightness, and below this hue, what might be lime is lemon. Ours. */
const LEMON_L = 0.9;
const LEMON_H = 112;

export function isLime([L, C, h]: Oklch): boolean {
  // Very light and hardly green it is lemon: a yellow.
  return L >= 0.7 && C >= 0.1 && h >= 100 && h <= 132 && (L <= LEMON_L || h >= LEMON_H);
}

/** Lemon and yellow flowers: beside white they are a colour, not a green, however pale. Limits are ours. */
export function isYellow([, C, h]: Oklch): boolean {
  return C >= 0.1 && h >= 85 && h < LEMON_H;
}

/** Ordinary foliage green: the ground on which the scheme is read, no part of it. Hue arc and limits are ours. */
export function isOrdinaryGreen([L, C, h]: Oklch): boolean {
  return C >= NEUTRAL_CHROMA && C < 0.165 && L < 0.7 && h >= 112 && h <= 172;
}

/** The straw and buff of grass heads: as quiet as silver. Limits are ours. */
export function isStraw([L, C, h]: Oklch): boolean {
  return C < 0.075 && h >= 45 && h <= 100 && L >= 0.55 && L <= 0.82;
}

/** Blue-grey leaves: green enough where green is the idea. Limits are ours. */
export function isGlaucous([L, C, h]: Oklch): boolean {
  return C < 0.07 && h > 160 && h < 235 && L < 0.78;
}

/** Does the colour stand outside any scheme: white, silver, black, straw, or green as leaves are? */
export function isGround(colour: Oklch): boolean {
  return (
    colour[1] < NEUTRAL_CHROMA || isWhite(colour) || isOrdinaryGreen(colour) || isStraw(colour)
  );
}

/** Brown and bronze leaves: warm, of little chroma; they sit in hot schemes as accents. */
export function isBronze([L, C, h]: Oklch): boolean {
  return L < 0.62 && C >= NEUTRAL_CHROMA && C < 0.11 && h >= 15 && h <= 80;
}

/** A clear red. Limits are ours. */
export function isRed([L, C, h]: Oklch): boolean {
  return C >= 0.15 && L < 0.66 && hueGapDeg(h, 25) <= 15;
}

/** The red of wine in dark leaves: of black it is none. Limits are ours. */
export function isWine([L, C, h]: Oklch): boolean {
  return L < 0.42 && C >= 0.08 && (h >= 350 || h <= 60);
}

/** Rose and pink, up to coral: among hot colours they pass at best. Limits are ours. */
export function isPink([L, C, h]: Oklch): boolean {
  return C >= NEUTRAL_CHROMA && L >= 0.58 && (h >= 355 || h <= 16);
}
