import { weekAfter, weeksBetween } from '../units/units';
import type { Here, PlantKind } from './kind';

/** Weeks of flower that a kind keeps, however early they are told to be over; and weeks at most, so that they do not meet round the year. */
const LEAST_WEEKS = 2;
const MOST_WEEKS = 51;
/** Between the least and the most sun a kind bears there are so many hours at least. */
const LEAST_HOURS = 1;
const MOST_SUN = 16;

/** A kind as it is expected here: the book's, with what was seen laid over it. */
export function withSeen(kind: PlantKind, here: Here): PlantKind {
  const by = (
    [low, high]: readonly [number, number],
    factor: number | undefined,
  ): [number, number] => [low * (factor ?? 1), high * (factor ?? 1)];
  return {
    ...kind,
    heightCm: by(kind.heightCm, here.height?.factor),
    spreadCm: by(kind.spreadCm, here.spread?.factor),
    bloom: kind.bloom && { ...kind.bloom, weeks: shiftedWeeks(kind.bloom.weeks, here) },
    light: { ...kind.light, hours: shiftedHours(kind.light.hours, here) },
    here,
  };
}

/** Whole weeks, as the book has them. */
function shiftedWeeks(
  [from, to]: readonly [number, number],
  { flowersFrom, flowersTo }: Here,
): [number, number] {
  const [early, late] = [Math.round(flowersFrom?.by ?? 0), Math.round(flowersTo?.by ?? 0)];
  if (early === 0 && late === 0) return [from, to];
  const weeks = weeksBetween(from, to) + late - early;
  const begins = weekAfter(from, early);
  return [begins, weekAfter(begins, Math.min(MOST_WEEKS, Math.max(LEAST_WEEKS, weeks)))];
}

function shiftedHours(
  [least, most]: readonly [number, number],
  { leastSun, mostSun }: Here,
): [number, number] {
  if (!leastSun && !mostSun) return [least, most];
  const low = Math.min(MOST_SUN - LEAST_HOURS, Math.max(0, least + (leastSun?.by ?? 0)));
  const high = Math.min(MOST_SUN, Math.max(low + LEAST_HOURS, most + (mostSun?.by ?? 0)));
  return [low, high];
}
