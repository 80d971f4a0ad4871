import { middle, type PlantKind } from '../plants/kind';
import { NURSERY_SIZES, type NurserySizeId } from '../plants/nursery';
import { clamp, weeksBetween, WEEKS_PER_YEAR } from '../units/units';

/** Weeks over which flowering swells and fades at the ends of its season. Ours. */
const BLOOM_RAMP_WEEKS = 3;

/**
 * Share of full size by logistic growth: from the nursery pot's size to nine tenths at `weeksToFill` in good light and warmth.
 * X = 1/(1+((1−x₀)/x₀)e^(−rt)).
 */
export function growthShare(
  kind: PlantKind,
  size: NurserySizeId,
  weeks: number,
  light: number,
): number {
  return logisticStep(startShare(kind, size), 1, rateOf(kind, size) * light * Math.max(0, weeks));
}

/** Growth rate a week that takes a kind from its nursery pot to nine tenths in its weeks to fill. */
export function rateOf(kind: PlantKind, size: NurserySizeId): number {
  const start = startShare(kind, size);
  return Math.log((((1 - start) / start) * 0.9) / 0.1) / kind.weeksToFill;
}

/** A logistic curve carried on from `now` toward `most` over so much growth (rate × time). */
export function logisticStep(now: number, most: number, growth: number): number {
  return most / (1 + ((most - now) / now) * Math.exp(-growth));
}

/** A plant as sold is about a quarter wider than its root ball. */
export function startShare(kind: PlantKind, size: NurserySizeId): number {
  return clamp((NURSERY_SIZES[size].topCm * 1.25) / middle(kind.spreadCm), 0.12, 0.7);
}

/** Share of its best, for a season of weeks that may go round the year's end, swelling and fading at the ends. */
export function seasonShare([from, to]: readonly [number, number], week: number): number {
  const length = weeksBetween(from, to);
  const into = weeksBetween(from, week);
  if (length === WEEKS_PER_YEAR - 1) return 1;
  if (into > length) return 0;
  return Math.min(1, (into + 1) / BLOOM_RAMP_WEEKS, (length - into + 1) / BLOOM_RAMP_WEEKS);
}
