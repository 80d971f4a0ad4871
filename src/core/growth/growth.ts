import { middle, type PlantKind } from '../plants/kind';
import { NURSERY_SIZES, type NurserySizeId } from '../plants/nursery';
import type { Spot } from '../spots/spot';
import { clamp, smoothstep, weekAfter, weeksBetween } from '../units/units';

/** How big one plant is, some weeks after planting. */
export interface Size {
  /** Share of full size, about .1 to 1. */
  readonly share: number;
  readonly heightCm: number;
  readonly spreadCm: number;
  /** Length of trailing stems past the rim; 0 for plants that do not trail. */
  readonly trailCm: number;
  /** Share of its best flowering, 0–1. */
  readonly bloom: number;
  /** Share of its best fruiting, 0–1. */
  readonly fruit: number;
}

/** Weeks over which flowering swells and fades at the ends of its season. Ours. */
const BLOOM_RAMP_WEEKS = 3;

/**
 * How well a spot's light feeds a kind: min(1, .35 + .65·have/need), a rule of thumb.
 * Need is the low end of the hours it thrives in.
 */
export function lightFactor(kind: PlantKind, spot: Pick<Spot, 'sunHours'>): number {
  const need = kind.light.hours[0];
  return need <= 0 ? 1 : Math.min(1, 0.35 + (0.65 * spot.sunHours) / need);
}

/**
 * Share of full size by logistic growth: from the nursery pot's size to nine tenths at `weeksToFill` in good light.
 * X = 1/(1+((1−x₀)/x₀)e^(−rt)).
 */
export function growthShare(kind: PlantKind, size: NurserySizeId, weeks: number, light: number): number {
  const start = startShare(kind, size);
  const r = Math.log((((1 - start) / start) * 0.9) / 0.1) / kind.weeksToFill;
  return 1 / (1 + ((1 - start) / start) * Math.exp(-r * light * Math.max(0, weeks)));
}

/** A plant as sold is about a quarter wider than its root ball. */
function startShare(kind: PlantKind, size: NurserySizeId): number {
  return clamp((NURSERY_SIZES[size].topCm * 1.25) / middle(kind.spreadCm), 0.12, 0.7);
}

/** Share of its best, for a season of weeks that may go round the year's end, swelling and fading at the ends. */
export function seasonShare([from, to]: readonly [number, number], week: number): number {
  const length = weeksBetween(from, to);
  const into = weeksBetween(from, week);
  if (into > length) return 0;
  return Math.min(1, (into + 1) / BLOOM_RAMP_WEEKS, (length - into + 1) / BLOOM_RAMP_WEEKS);
}

/** The plant's size some weeks after planting. Heights lag spreads a little early on, trails more. */
export function sizeAt(kind: PlantKind, planted: { readonly size: NurserySizeId; readonly week: number }, weeks: number, light: number): Size {
  const share = growthShare(kind, planted.size, weeks, light);
  const calendar = weekAfter(planted.week, Math.round(weeks));
  const grown = smoothstep(0.25, 0.6, share);
  return {
    share,
    heightCm: middle(kind.heightCm) * share ** 0.85,
    spreadCm: middle(kind.spreadCm) * share ** 0.9,
    trailCm: kind.trailCm ? middle(kind.trailCm) * share ** 1.6 : 0,
    bloom: kind.bloom ? seasonShare(kind.bloom.weeks, calendar) * grown * (0.5 + 0.5 * light) : 0,
    fruit: kind.fruit ? seasonShare(kind.fruit.weeks, calendar) * grown : 0,
  };
}
