import { clamp } from '../units/units';
import type { Felt } from '../log/terms';

/** Shares of the water a mix holds between full (1) and wilting (0) that a word stands for, or a band of shares itself. */
export type FeltBand = Felt | readonly [least: number, most: number];

/** What a finger an inch down tells. Ours: watering is usual at about a half. */
const BANDS: Readonly<Record<Felt, readonly [number, number]>> = {
  'bone dry': [0, 0.1],
  dry: [0.1, 0.45],
  right: [0.45, 0.85],
  soaked: [0.85, 1],
};

export function bandOf(felt: FeltBand): readonly [least: number, most: number] {
  const [least, most] = typeof felt === 'string' ? BANDS[felt] : felt;
  return [clamp(Math.min(least, most), 0, 1), clamp(Math.max(least, most), 0, 1)];
}

/** What is known of how much more or less than reckoned a pot drinks. */
export interface Thirst {
  /** Factor on the reckoned demand; 1 when nothing was told. */
  readonly factor: number;
  /** How unsure its logarithm is: standard deviation. */
  readonly sd: number;
}

/** Pots differ from what is reckoned by about so much: leaves, wind and sun are not as told. Ours. */
const FIRST_SD = 0.35;
/** What was learnt fades: plants grow, weather turns. Variance added a day. Ours. */
const FADES = 0.0012;
/** One word changes no more than this, as a logarithm: a wrong finger must not rule. */
const MOST_AT_ONCE = 0.5;
/** One that is a surprise, this. */
const MOST_SURPRISED = 0.2;
/** The least share of the mix that must have been drunk since for a word to say something of thirst. */
const LEAST_DRUNK = 0.12;
/** Share of what a mix holds by which reckoning is out from the first day on. */
export const ALWAYS_SD = 0.05;
/** A word that is further off than so many standard deviations says that something has changed, or is wrong: what was learnt counts for less. */
const SURPRISE = 2;
const RANGE = [0.35, 2.8] as const;

export const UNTOLD: Thirst = { factor: 1, sd: FIRST_SD };

/** A day later. */
export function faded({ factor, sd }: Thirst): Thirst {
  return { factor, sd: Math.min(FIRST_SD, Math.sqrt(sd * sd + FADES)) };
}

/** What a word says of a pot's water. */
export interface Word {
  /** Where the water is now, litres. */
  readonly waterL: number;
  readonly thirst: Thirst;
}

/**
 * What a word does: the water lies within its band, where the reckoning thinks it likeliest; and as much more or less as must have been
 * drunk is laid to thirst, as far as that and not the reckoning's own doubt is the reason.
 * @param drunkL reckoned since the water was last known, litres
 */
export function heard(
  { factor, sd }: Thirst,
  band: readonly [least: number, most: number],
  {
    waterL,
    drunkL,
    capL,
  }: { readonly waterL: number; readonly drunkL: number; readonly capL: number },
): Word {
  const byThirst = sd * drunkL;
  const byDoubt = ALWAYS_SD * capL;
  const whole = Math.hypot(byThirst, byDoubt);
  const within = truncated(waterL, whole, band[0] * capL, band[1] * capL);
  if (drunkL < LEAST_DRUNK * capL) return { waterL: within.mean, thirst: { factor, sd } };
  const share = byThirst ** 2 / whole ** 2;
  const moreL = (waterL - within.mean) * share;
  const said = Math.log(Math.max(0.05 * drunkL, drunkL + moreL) / drunkL);
  const isSurprise = Math.abs(waterL - within.mean) > SURPRISE * whole;
  const most = isSurprise ? MOST_SURPRISED : MOST_AT_ONCE;
  const left = 1 - share * (1 - within.variance / whole ** 2);
  return {
    waterL: within.mean,
    thirst: {
      factor: clamp(factor * Math.exp(clamp(said, -most, most)), ...RANGE),
      sd: isSurprise ? FIRST_SD : Math.sqrt(Math.max(0.02, left)) * sd,
    },
  };
}

/** How far thirst still changes the water: not at all once there is none, since nothing more can be drunk. */
export function leftToDrink(waterL: number, capL: number): number {
  return clamp(waterL / (DRY_FROM * capL), 0, 1);
}
/** Share of what a mix holds from which on plants find it hard to drink. As the balance has it. */
const DRY_FROM = 0.5;

/** Mean and variance of a normal that is known to lie between two values. */
function truncated(
  mean: number,
  sd: number,
  least: number,
  most: number,
): { readonly mean: number; readonly variance: number } {
  const [a, b] = [(least - mean) / sd, (most - mean) / sd];
  const inside = below(b) - below(a);
  // So far outside that nothing is left of it: the nearer edge.
  if (inside < 1e-4) return { mean: mean < least ? least : most, variance: (sd / 4) ** 2 };
  const shift = (density(a) - density(b)) / inside;
  const edge = (a * density(a) - b * density(b)) / inside;
  return {
    mean: clamp(mean + sd * shift, least, most),
    variance: sd ** 2 * Math.max(0.02, 1 + edge - shift ** 2),
  };
}

const density = (z: number): number => Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI);

/** Share of standard normal draws below a value (Abramowitz & Stegun 26.2.17, error below 1e−7). */
export function below(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const tail =
    density(z) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return z >= 0 ? 1 - tail : tail;
}
