import { isOf, holding, type Entry } from '../log/entry';
import { applyEdit } from '../plantings/edits';
import { inSpot, type Planting, type PlantingInSpot } from '../plantings/planting';
import type { KindId, PlantKind } from '../plants/kind';
import type { NurserySizeId } from '../plants/nursery';
import { hash32, seedOf } from '../random/hash';
import type { MakingStep } from './steps';

/** Most alike that are made in one run. */
export const MOST_ALIKE = 2000;

/** So many of one design. */
export interface Recipe {
  readonly it: PlantingInSpot;
  readonly count: number;
}

/** A kind that ran out, and what is planted instead from then on. */
export interface Swap {
  readonly from: KindId;
  readonly to: KindId;
  readonly size: NurserySizeId;
}

/** A run as it stands, reckoned from the log. */
export interface Run {
  readonly id: string;
  readonly recipes: readonly { readonly plantingId: string; readonly count: number }[];
  /** How many of each design were made. */
  readonly made: ReadonlyMap<string, number>;
  /** What changed on the way, in order. */
  readonly swaps: readonly Swap[];
}

/** Runs that were begun, oldest first. */
export function runsOf(
  log: readonly Entry[],
  designOf: (plantingId: string) => string | null,
): readonly Run[] {
  const held = holding(log);
  return held
    .filter((entry) => isOf(entry, 'run begun'))
    .flatMap((begun): Run[] => {
      const { runId } = begun.of;
      if (!runId || !isOf(begun, 'run begun')) return [];
      const made = new Map<string, number>();
      const swaps: Swap[] = [];
      for (const entry of held) {
        if (entry.of.runId !== runId) continue;
        if (isOf(entry, 'run changed')) swaps.push(entry.what);
        const design = isOf(entry, 'planted') && designOf(entry.of.plantingId ?? '');
        if (design) made.set(design, (made.get(design) ?? 0) + 1);
      }
      return [{ id: runId, recipes: begun.what.recipes, made, swaps }];
    });
}

/** A design with what ran out swapped: the recipe of what is made from now on. */
export function recipeNow(design: Planting, swaps: readonly Swap[]): Planting {
  return swaps.reduce(
    (now, { from, to, size }) => applyEdit(now, { kind: 'swap', from, to, size, place: null }),
    design,
  );
}

/**
 * One pot made from a design: a planting of its own, with lasting plants of its own, so that each can live, die and be cared for alone.
 * @param nth which of the run, from 1
 */
export function madeFrom(
  design: Planting,
  {
    runId,
    nth,
    plantedWeek,
  }: { readonly runId: string; readonly nth: number; readonly plantedWeek: number },
): Planting {
  const mark = `${runId}-${nth}`;
  const planted = applyEdit(design, { kind: 'plant', plantedWeek, missing: [] });
  return {
    ...planted,
    id: `${design.id}-${mark}`.slice(-80),
    name: `${design.name} ${nth}`.slice(0, 80),
    madeIn: { designId: design.id, runId },
    places: planted.places.map((place) => ownPlant(place, mark)),
    ...(planted.sides ? { sides: planted.sides.map((place) => ownPlant(place, mark)) } : {}),
  };
}

function ownPlant<P extends { readonly id: string; readonly seed: number }>(
  place: P,
  mark: string,
): P {
  return {
    ...place,
    id: `${place.id}-${mark}`.slice(-80),
    seed: hash32(place.seed, seedOf(mark)),
  };
}

/** Plants of each kind that a design takes. */
export function plantsPer(
  planting: Pick<Planting, 'places' | 'sides'>,
): ReadonlyMap<KindId, number> {
  const count = new Map<KindId, number>();
  for (const { kindId } of [...planting.places, ...(planting.sides ?? [])])
    count.set(kindId, (count.get(kindId) ?? 0) + 1);
  return count;
}

/** What comes of a stock that does not reach. */
export interface Shortfall {
  /** Pots that can still be made whole, of those that are left to make. */
  readonly whole: number;
  readonly toMake: number;
  /** Kinds of which there are too few: plants wanted for all that are left, plants there. */
  readonly short: readonly {
    readonly kindId: KindId;
    readonly wanted: number;
    readonly there: number;
  }[];
  /** For each pot that cannot be made whole, how many of each short kind it still gets when what is left is shared. */
  readonly shares: readonly ReadonlyMap<KindId, number>[];
}

/**
 * How far a stock goes. What does not make a whole pot is shared among the others as evenly as it goes, the first ones getting the odd ones.
 * @param there plants of a kind at hand; kinds that are not told are taken to be enough
 */
export function shortfallOf(
  per: ReadonlyMap<KindId, number>,
  toMake: number,
  there: ReadonlyMap<KindId, number>,
): Shortfall {
  const short = [...per].flatMap(([kindId, one]) => {
    const have = there.get(kindId);
    return have !== undefined && have < one * toMake
      ? [{ kindId, wanted: one * toMake, there: have }]
      : [];
  });
  const whole = Math.min(
    toMake,
    ...short.map(({ kindId, there: have }) => Math.floor(have / per.get(kindId)!)),
  );
  const rest = toMake - whole;
  const shares = Array.from({ length: rest }, (_, i) => {
    const share = new Map<KindId, number>();
    for (const { kindId, there: have } of short) {
      const left = have - whole * per.get(kindId)!;
      share.set(
        kindId,
        Math.min(per.get(kindId)!, Math.floor(left / rest) + (i < left % rest ? 1 : 0)),
      );
    }
    return share;
  });
  return { whole, toMake, short, shares };
}

/**
 * Minutes for so many alike: by what earlier pots took, the middle one; where none was timed, by the steps of one, the second and later ones
 * at two thirds, since everything lies ready.
 */
export function minutesFor(
  count: number,
  { oneMinutes, earlier }: { readonly oneMinutes: number; readonly earlier: readonly number[] },
): number {
  if (count <= 0) return 0;
  if (earlier.length > 0) {
    const sorted = [...earlier].sort((a, b) => a - b);
    return count * sorted[Math.floor(sorted.length / 2)]!;
  }
  return oneMinutes * (1 + (count - 1) * AGAIN);
}
/** What the second and later ones take against the first. Ours. */
const AGAIN = 2 / 3;

/** A break in a run that was longer than this was no work, minutes. */
const LONGEST_POT_MINUTES = 60;

/** Minutes between one pot of a run and the next, as they were told made; breaks and pots told at one go are left out. */
export function paceOf(log: readonly Entry[], runId: string): readonly number[] {
  const times = holding(log)
    .filter((entry) => isOf(entry, 'planted') && entry.of.runId === runId)
    .map(({ at }) => Date.parse(at) / 60_000);
  return times
    .slice(1)
    .map((time, i) => time - times[i]!)
    .filter((minutes) => minutes > 0 && minutes <= LONGEST_POT_MINUTES);
}

/** Pots, or cells of packs, that one carrying tray takes. Usual trays, about 56 × 31 cm. */
const PER_TRAY: Readonly<Record<NurserySizeId, number>> = {
  plug: 104,
  cutting: 104,
  seed: 104,
  bulb: 100,
  'six-pack': 36,
  'four-pack': 24,
  '9cm': 18,
  '10cm': 15,
  '11cm': 12,
  '1L': 8,
  'bare-root': 10,
  '2L': 6,
  '3L': 4,
  '5L': 2,
};

/** Carrying trays that so many plants of a size fill. */
export function traysOf(plants: number, size: NurserySizeId): number {
  return Math.max(0, Math.ceil(plants / PER_TRAY[size] - 1e-9));
}

/** Price of one, pence or cents: cost and margin, up to a price as shops write it. @param margin share of the price that is earned, 0–.9 */
export function salePriceMinor(costMinor: number, margin: number): number {
  const exact = costMinor / (1 - Math.min(0.9, Math.max(0, margin)));
  const step = exact < 2000 ? 50 : 100;
  return Math.ceil(exact / step - 1e-9) * step;
}

/** A design judged as it is made now, with its swaps. */
export function designNow(
  it: PlantingInSpot,
  swaps: readonly Swap[],
  kindOf: (id: KindId) => PlantKind | null,
): PlantingInSpot {
  return swaps.length === 0 ? it : inSpot(recipeNow(it.planting, swaps), it.spot, kindOf, it.house);
}

/** What one person of a line does: steps one after another, and the minutes they take for one pot. */
export interface Station {
  readonly steps: readonly MakingStep[];
  readonly minutes: number;
}

/**
 * Steps shared out along a line of people, in order, so that whoever has most to do has as little as possible: the slowest sets the pace.
 * @param people 1 or more; no more stations than steps come of it
 */
export function stationsOf(steps: readonly MakingStep[], people: number): readonly Station[] {
  const minutes = steps.map((step) => step.minutes);
  const count = Math.max(1, Math.min(people, steps.length));
  // The least pace at which a line of so many gets through, found by halving.
  let [low, high] = [Math.max(0, ...minutes), minutes.reduce((sum, one) => sum + one, 0)];
  for (let i = 0; i < 50; i += 1) {
    const pace = (low + high) / 2;
    if (filled(minutes, pace).length <= count) high = pace;
    else low = pace;
  }
  let from = 0;
  return filled(minutes, high + 1e-9).map((many) => {
    const own = steps.slice(from, (from += many));
    return { steps: own, minutes: own.reduce((sum, step) => sum + step.minutes, 0) };
  });
}

/** How many steps each station takes when none works longer than the pace. */
function filled(minutes: readonly number[], pace: number): readonly number[] {
  const counts: number[] = [];
  let sum = Infinity;
  for (const one of minutes) {
    if (sum + one > pace) {
      counts.push(0);
      sum = 0;
    }
    counts[counts.length - 1]! += 1;
    sum += one;
  }
  return counts;
}
