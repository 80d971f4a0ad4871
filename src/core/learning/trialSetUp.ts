import { seedOf, hash32 } from '../random/hash';
import { settle } from '../placing/settle';
import { applyEdit, swapEdit } from '../plantings/edits';
import type { Planting, PlacedPlant, PlantingInSpot } from '../plantings/planting';
import type { Difference, TrialPart } from '../plantings/trial';
import type { Spot } from '../spots/spot';

/** What a gardener asks of a trial. */
export interface TrialAsk extends Pick<
  TrialPart,
  'id' | 'name' | 'difference' | 'questions' | 'everyDays'
> {
  /** How many pots: even, 4–24. */
  readonly pots: number;
}

/** Why a trial cannot be set up so. */
export type TrialFault =
  | 'pots'
  | 'questions'
  | 'no room nearer'
  | 'no room apart'
  | 'no such kind'
  | 'same kind'
  | 'same mix';

export const LEAST_POTS = 4;
export const MOST_POTS = 24;
/** A spacing that comes out changed by less than half of what was asked is none. */
const LEAST_OF_CHANGE = 0.5;

/**
 * Like pots of which every second differs in one thing. Two neighbours are a pair, one of each half, by lot: so light and wind that change
 * along the row fall on both halves alike, and nobody gives the better places to the favourite.
 * @param it the planting they are made after
 * @param freshId an id that no spot has
 * @returns the plantings in the order of their places, and the spot that is new where the drip is what differs
 */
export function setUpTrial(
  it: PlantingInSpot,
  ask: TrialAsk,
  freshId: () => string,
):
  | { readonly plantings: readonly Planting[]; readonly spots: readonly Spot[] }
  | { readonly fault: TrialFault } {
  const { pots, difference, questions } = ask;
  if (pots % 2 !== 0 || pots < LEAST_POTS || pots > MOST_POTS) return { fault: 'pots' };
  if (questions.length === 0) return { fault: 'questions' };
  const spot = otherSpot(it.spot, difference, freshId);
  const other = differing(it, difference, spot.id);
  if ('fault' in other) return other;
  const plain = bare(it.planting);
  const lots = seedOf(ask.id);
  const { id, name, everyDays } = ask;
  const plantings = Array.from({ length: pots }, (_, i): Planting => {
    const first = (hash32(lots, Math.floor(i / 2)) & 1) as 0 | 1;
    const half = i % 2 === 0 ? first : ((1 - first) as 0 | 1);
    const of = half === 0 ? plain : other.planting;
    return {
      ...of,
      // In the order of their places wherever they are listed.
      id: `${id}-${String(i + 1).padStart(2, '0')}`,
      name: `Place ${i + 1}, ${name}`.slice(0, 80),
      // Alike, and each plant itself in the drawings.
      places: of.places.map((place, n) => ({ ...place, seed: hash32(lots, i + 1, n) })),
      trial: { id, name, difference, half, place: i + 1, questions, everyDays },
    };
  });
  return { plantings, spots: spot === it.spot ? [] : [spot] };
}

/** A planting as one of many begins: nothing of its own past. */
function bare(planting: Planting): Planting {
  const { madeIn: _, follows: _1, whatIf: _2, trial: _3, ...rest } = planting;
  // They are other containers than the one it was planned in.
  return { ...rest, shelfId: null, demo: false };
}

function otherSpot(spot: Spot, difference: Difference, freshId: () => string): Spot {
  if (difference.what !== 'drip') return spot;
  const by = spot.waters.by === 'drip' ? 'can' : 'drip';
  return {
    ...spot,
    id: freshId(),
    name: `${spot.name}, by ${by === 'drip' ? 'drip' : 'hand'}`.slice(0, 80),
    waters: { ...spot.waters, by },
  };
}

function differing(
  it: PlantingInSpot,
  difference: Difference,
  spotId: string,
): { readonly planting: Planting } | { readonly fault: TrialFault } {
  const planting = bare(it.planting);
  switch (difference.what) {
    case 'feed':
      return { planting: { ...planting, care: { ...planting.care, feeding: 'none' } } };
    // What a hand leaves undone is known on the round.
    case 'pinch':
      return { planting };
    case 'drip':
      return { planting: { ...planting, spotId } };
    case 'mix': {
      const { container } = planting;
      if (!container.ownMix && container.mix === difference.mix) return { fault: 'same mix' };
      return {
        planting: { ...planting, container: { ...container, mix: difference.mix, ownMix: null } },
      };
    }
    case 'kind': {
      const { from, to, size } = difference;
      if (from === to) return { fault: 'same kind' };
      if (!planting.places.some(({ kindId }) => kindId === from)) return { fault: 'no such kind' };
      return { planting: applyEdit(planting, swapEdit(from, to, size)) };
    }
    case 'spacing':
      return spaced(planting, it.plants, difference.factor);
  }
}

/** Plants nearer to the middle or farther from it, as far as their balls and the wall let them. */
function spaced(
  planting: Planting,
  plants: readonly PlacedPlant[],
  factor: number,
): { readonly planting: Planting } | { readonly fault: TrialFault } {
  const kinds = new Map(plants.map(({ id, kind }) => [id, kind]));
  const fault = factor < 1 ? 'no room nearer' : 'no room apart';
  const { places, shortfallCm } = settle(
    planting.container,
    planting.places.map(({ id, size, xCm, zCm }) => ({
      size,
      kind: kinds.get(id),
      xCm: xCm * factor,
      zCm: zCm * factor,
      // How near is what is tried: nothing but balls and wall may move them.
      spreadRadiusCm: 0,
    })),
  );
  const before = meanGapCm(planting.places);
  const after = meanGapCm(places);
  const change = before > 0 ? after / before - 1 : 0;
  if (shortfallCm > 0.5 || change / (factor - 1) < LEAST_OF_CHANGE) return { fault };
  return {
    planting: {
      ...planting,
      places: planting.places.map((place, i) => ({
        ...place,
        xCm: places[i]!.xCm,
        zCm: places[i]!.zCm,
      })),
    },
  };
}

/** Mean distance from each plant to its nearest, cm. */
function meanGapCm(places: readonly { readonly xCm: number; readonly zCm: number }[]): number {
  const gaps = places.map((one) =>
    Math.min(
      ...places
        .filter((other) => other !== one)
        .map((other) => Math.hypot(other.xCm - one.xCm, other.zCm - one.zCm)),
    ),
  );
  return places.length < 2 ? 0 : gaps.reduce((sum, gap) => sum + gap, 0) / gaps.length;
}
