import { decode, encode, type Rgb } from './oklch';

/** What each channel of linear light is multiplied by, so that something told to be white or grey is. */
export type Gains = Rgb;

/** Why something cannot be the white or grey that a picture is balanced by. */
export type NoGrey = 'too dark' | 'too bright' | 'too coloured';

/** Linear light below which noise rules, and coded light from which a channel has lost what it saw. */
const DARKEST = 0.02;
const BRIGHTEST = 0.99;
/** Light is rarely so far from white that one channel sees this many times another. Ours: candle light is about 6, shade under trees 2. */
const MOST_RATIO = 6;
/** Weights of the channels in how bright something is (sRGB, IEC 61966-2-1). */
const LUMINANCE = [0.2126, 0.7152, 0.0722] as const;

/**
 * Balances by a patch that is white or grey in truth, channel by channel in linear light (von Kries, on the screen's own primaries);
 * brightness stays.
 * @param grey the patch as photographed, sRGB 0–1
 */
export function gainsFrom(grey: Rgb): Gains | NoGrey {
  if (grey.some((coded) => coded >= BRIGHTEST)) return 'too bright';
  const linear = grey.map(decode);
  const bright = linear.reduce((sum, value, i) => sum + value * LUMINANCE[i]!, 0);
  if (bright < DARKEST) return 'too dark';
  if (Math.max(...linear) > MOST_RATIO * Math.min(...linear)) return 'too coloured';
  return linear.map((value) => bright / value) as unknown as Gains;
}

/** A colour of the same picture as it is in white light; what would be brighter than white is white there. */
export function balanced(colour: Rgb, gains: Gains): Rgb {
  return colour.map((coded, i) => encode(Math.min(1, decode(coded) * gains[i]!))) as unknown as Rgb;
}
