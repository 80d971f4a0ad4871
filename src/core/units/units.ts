/**
 * The one unit system inside the core: centimetres, litres, grams, days, °C, radians.
 * Everything else is converted at the edge, in `words` or at a parsing door.
 */

/** Exact by definition (international inch, 1959). */
export const CM_PER_INCH = 2.54;

/** Exact: 231 cubic inches. */
export const L_PER_US_GALLON = 3.785411784;

/** One litre is 1000 cm³. */
export const CM3_PER_L = 1000;

export const RAD_PER_DEG = Math.PI / 180;
export const DEG_PER_RAD = 180 / Math.PI;

/** Length units a person or a file may give. */
export const LENGTH_UNITS = ['cm', 'in', 'mm', 'm'] as const;
export type LengthUnit = (typeof LENGTH_UNITS)[number];

const CM_PER: Readonly<Record<LengthUnit, number>> = { cm: 1, in: CM_PER_INCH, mm: 0.1, m: 100 };

/** Is this the name of a length unit that {@link toCm} knows? */
export function isLengthUnit(name: string): name is LengthUnit {
  return (LENGTH_UNITS as readonly string[]).includes(name);
}

/** A length in centimetres. */
export function toCm(length: number, unit: LengthUnit): number {
  return length * CM_PER[unit];
}

/** A length given in centimetres, in another unit. */
export function fromCm(lengthCm: number, unit: LengthUnit): number {
  return lengthCm / CM_PER[unit];
}

/** A typed length as it is kept: to a tenth of a millimetre, so that what was typed is shown again. */
export function keptCm(typed: number, unit: LengthUnit): number {
  return Math.round(toCm(typed, unit) * 100) / 100;
}

/** A kept length as the figure of a field with so many decimal places. */
export function figureOf(lengthCm: number, unit: LengthUnit, places: number): number {
  return Math.round(fromCm(lengthCm, unit) * 10 ** places) / 10 ** places;
}

/** Weeks in the gardening year used throughout: week 1 to 52, and round again. */
export const WEEKS_PER_YEAR = 52;

/** How many weeks after `fromWeek` the week `toWeek` falls, 0–51, going round the year's end. */
export function weeksBetween(fromWeek: number, toWeek: number): number {
  return (((toWeek - fromWeek) % WEEKS_PER_YEAR) + WEEKS_PER_YEAR) % WEEKS_PER_YEAR;
}

/** The week of the year, 1–52, that lies `weeks` after `fromWeek`. */
export function weekAfter(fromWeek: number, weeks: number): number {
  return ((((fromWeek - 1 + weeks) % WEEKS_PER_YEAR) + WEEKS_PER_YEAR) % WEEKS_PER_YEAR) + 1;
}

export function clamp(value: number, least: number, most: number): number {
  return value < least ? least : value > most ? most : value;
}

/** Straight-line mix: `from` at 0, `to` at 1. */
export function mix(from: number, to: number, share: number): number {
  return from + (to - from) * share;
}

/** 0 below `low`, 1 above `high`, smooth between (Hermite). */
export function smoothstep(low: number, high: number, value: number): number {
  const t = clamp((value - low) / (high - low), 0, 1);
  return t * t * (3 - 2 * t);
}
