import type { Seen } from '../plants/kind';

/** One plant, or several of a kind, measured in one planting: how they turned out against what was expected of them then. */
export interface Sighting {
  readonly plantingId: string;
  readonly year: number;
  /** Measured over expected, by the book; 1: as expected. */
  readonly ratio: number;
}

/** How far gardens differ from the book, pots of one garden from each other, and one measure from the next: standard deviations of logarithms. Ours. */
const GARDENS_SD = 0.25;
const POTS_SD = 0.16;
const MEASURES_SD = 0.1;
/** A pot further from the others than this, in standard deviations, counts as one at that distance: a slip of the tape must not rule. */
const MOST_OFF = 1.6;

/**
 * What sightings of one measure of one kind teach: their mean, pot by pot, drawn back towards the book by how few they are.
 * @returns `null` for none
 */
export function learnt(sightings: readonly Sighting[]): Seen | null {
  const pots = byPlanting(sightings);
  if (pots.length === 0) return null;
  const weighed = pots.map((ratios) => ({
    log: ratios.reduce((sum, ratio) => sum + Math.log(ratio), 0) / ratios.length,
    weight: 1 / (POTS_SD ** 2 + MEASURES_SD ** 2 / ratios.length),
  }));
  const mean = robustMean(weighed);
  const whole = weighed.reduce((sum, { weight }) => sum + weight, 0);
  const share = whole / (whole + 1 / GARDENS_SD ** 2);
  return {
    factor: Math.exp(mean * share),
    sd: Math.sqrt(1 / (whole + 1 / GARDENS_SD ** 2)),
    plantings: pots.length,
    measures: sightings.length,
    years: new Set(sightings.map(({ year }) => year)).size,
  };
}

function byPlanting(sightings: readonly Sighting[]): readonly (readonly number[])[] {
  const pots = new Map<string, number[]>();
  for (const { plantingId, ratio } of sightings) {
    if (!(ratio > 0) || !Number.isFinite(ratio)) continue;
    const list = pots.get(plantingId);
    if (list) list.push(ratio);
    else pots.set(plantingId, [ratio]);
  }
  return [...pots.values()];
}

interface Weighed {
  readonly log: number;
  readonly weight: number;
}

/** Mean of what does not lie far off; the book, at 0, counts as one more pot in telling what does. @see Huber 1964 */
function robustMean(all: readonly Weighed[]): number {
  const far = MOST_OFF * Math.hypot(POTS_SD, MEASURES_SD);
  let middle = medianWithBook(all);
  for (let i = 0; i < 20; i += 1) {
    const around = middle;
    const sum = all.reduce(
      (total, { log, weight }) => total + weight * clamped(log - around, far),
      0,
    );
    const whole = all.reduce((total, { weight }) => total + weight, 0);
    middle = around + sum / whole;
    if (Math.abs(middle - around) < 1e-9) break;
  }
  return middle;
}

function medianWithBook(all: readonly Weighed[]): number {
  const logs = [0, ...all.map(({ log }) => log)].sort((a, b) => a - b);
  const half = (logs.length - 1) / 2;
  return (logs[Math.floor(half)]! + logs[Math.ceil(half)]!) / 2;
}

const clamped = (value: number, most: number): number => Math.max(-most, Math.min(most, value));
