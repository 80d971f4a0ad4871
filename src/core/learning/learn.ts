import type { Rest, SeenFactor, SeenShift } from '../plants/kind';

/** One plant, or several of a kind, seen in one planting: how they turned out against what was expected of them then. */
export interface Sighting {
  readonly plantingId: string;
  readonly year: number;
  /** How far off the book it was, in the unit of what is learnt; 0: as expected. */
  readonly off: number;
}

/** How far gardens differ from the book, pots of one garden from each other, and one look from the next: standard deviations. */
interface Scatter {
  readonly gardens: number;
  readonly pots: number;
  readonly looks: number;
}

/**
 * Of logarithms of sizes, of weeks in which flowers begin or end, of hours of sun that are borne, of logarithms of what is drunk: there
 * most is owed to the pot and its place, little to the kind. Ours.
 */
export const SCATTERS = {
  sizes: { gardens: 0.25, pots: 0.16, looks: 0.1 },
  weeks: { gardens: 2, pots: 1.2, looks: 1 },
  hours: { gardens: 1.2, pots: 1, looks: 0.5 },
  thirst: { gardens: 0.22, pots: 0.2, looks: 0.1 },
} as const satisfies Readonly<Record<string, Scatter>>;

/** A pot further from the others than this, in standard deviations, counts as one at that distance: a slip of the tape must not rule. */
const MOST_OFF = 1.6;

/** What was learnt of one figure. */
export interface Learnt extends Rest {
  /** How far off the book it is here. */
  readonly off: number;
  readonly sd: number;
}

/**
 * What sightings of one figure of one kind teach: their mean, pot by pot, drawn back towards the book by how few they are.
 * @returns `null` for none
 */
export function learnt(sightings: readonly Sighting[], scatter: Scatter): Learnt | null {
  const pots = byPlanting(sightings);
  if (pots.length === 0) return null;
  const weighed = pots.map((offs) => ({
    off: offs.reduce((sum, off) => sum + off, 0) / offs.length,
    weight: 1 / (scatter.pots ** 2 + scatter.looks ** 2 / offs.length),
  }));
  const mean = robustMean(weighed, MOST_OFF * Math.hypot(scatter.pots, scatter.looks));
  const whole = weighed.reduce((sum, { weight }) => sum + weight, 0);
  const book = 1 / scatter.gardens ** 2;
  return {
    off: mean * (whole / (whole + book)),
    sd: Math.sqrt(1 / (whole + book)),
    plantings: pots.length,
    looks: sightings.length,
    years: new Set(sightings.map(({ year }) => year)).size,
  };
}

/** A factor on a figure, from what was learnt of its logarithm. */
export function factorFrom(
  sightings: readonly Sighting[],
  scatter: Scatter = SCATTERS.sizes,
): SeenFactor | null {
  const found = learnt(sightings, scatter);
  if (!found) return null;
  const { off, ...rest } = found;
  return { factor: Math.exp(off), ...rest };
}

/** A shift of a week or an hour, from what was learnt of it. */
export function shiftFrom(sightings: readonly Sighting[], scatter: Scatter): SeenShift | null {
  const found = learnt(sightings, scatter);
  if (!found) return null;
  const { off, ...rest } = found;
  return { by: off, ...rest };
}

function byPlanting(sightings: readonly Sighting[]): readonly (readonly number[])[] {
  const pots = new Map<string, number[]>();
  for (const { plantingId, off } of sightings) {
    if (!Number.isFinite(off)) continue;
    const list = pots.get(plantingId);
    if (list) list.push(off);
    else pots.set(plantingId, [off]);
  }
  return [...pots.values()];
}

interface Weighed {
  readonly off: number;
  readonly weight: number;
}

/** Mean of what does not lie far off; the book, at 0, counts as one more pot in telling what does. @see Huber 1964 */
function robustMean(all: readonly Weighed[], far: number): number {
  let middle = medianWithBook(all);
  for (let i = 0; i < 20; i += 1) {
    const around = middle;
    const sum = all.reduce(
      (total, { off, weight }) => total + weight * clamped(off - around, far),
      0,
    );
    const whole = all.reduce((total, { weight }) => total + weight, 0);
    middle = around + sum / whole;
    if (Math.abs(middle - around) < 1e-9) break;
  }
  return middle;
}

function medianWithBook(all: readonly Weighed[]): number {
  const offs = [0, ...all.map(({ off }) => off)].sort((a, b) => a - b);
  const half = (offs.length - 1) / 2;
  return (offs[Math.floor(half)]! + offs[Math.ceil(half)]!) / 2;
}

const clamped = (value: number, most: number): number => Math.max(-most, Math.min(most, value));
