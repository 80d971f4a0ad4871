import { normalOn } from '../climate/season';
import { mixL, type Container } from '../containers/container';
import { mixFactsOf } from '../containers/mixes';
import type { PlantKind } from '../plants/kind';
import { dayOfWeek } from '../sky/days';
import { climateHere } from '../spots/frost';
import { yearOut } from '../spots/yearOut';
import { isSeasonless, type Spot } from '../spots/spot';
import { clamp, weekAfter, weeksBetween, WEEKS_PER_YEAR } from '../units/units';

/** Stems cut back some weeks after planting. */
export interface Trim {
  /** Which plant, by its index. */
  readonly plant: number;
  readonly weeks: number;
  /** Share of its size taken off, 0–1. */
  readonly cut: number;
}

/** What plants in one container grow by: light, warmth by week, room for roots, food, and the knife. Plain data that crosses to a worker. */
export interface Conditions {
  /** Direct sun, hours a day. */
  readonly sunHours: number;
  /** Mean temperature of each week from planting, °C; round again after a year. */
  readonly warmthC: readonly number[];
  /** The coldest night of each week from planting that comes in one year of ten, °C; round again after a year. */
  readonly coldC: readonly number[];
  /** Mix for all of them together, litres. */
  readonly mixL: number;
  /** Weeks until the mix has no food left; `null` when it is fed as usual. */
  readonly hungryFromWeek: number | null;
  readonly trims: readonly Trim[];
  /** From this week on winters count: frost ends what it reaches, and what rests dies back. Before it the season was chosen for its plants. */
  readonly yearFromWeek: number;
  /** Where one week is like another: the book's week of planting stands for all. */
  readonly seasonless: boolean;
}

/** Warm weeks without end, deep mix and good feeding: how a kind grows when nothing holds it back but light. */
export function freely(sunHours: number): Conditions {
  return {
    sunHours,
    warmthC: [REFERENCE_C],
    coldC: [REFERENCE_C],
    mixL: Infinity,
    hungryFromWeek: null,
    trims: [],
    seasonless: false,
    yearFromWeek: Infinity,
  };
}

/** Warmth at which a kind fills out in the weeks its record tells, °C: a summer week of the temperate north. Ours. */
export const REFERENCE_C = 17;

/** Cardinal temperatures, °C: none below the first, most at the second, none from the third (models: 5/24/38 warm, 0/18/32 cool). */
const WARM = [5, 24, 38] as const;
const COOL = [0, 18, 32] as const;
/** A kind whose top lives through this, °C, grows in cool weather too. Ours. */
const COOL_GROWER_C = -5;

/**
 * Share of the fastest growth at a mean temperature, 0–1.
 * @see Yan & Hunt 1999, An equation for modelling the temperature response of plants
 */
export function betaResponse(
  meanC: number,
  [base, best, ceiling]: readonly [number, number, number],
): number {
  if (meanC <= base || meanC >= ceiling) return 0;
  return (
    ((ceiling - meanC) / (ceiling - best)) *
    ((meanC - base) / (best - base)) ** ((best - base) / (ceiling - best))
  );
}

/** Does it grow in cool weather? */
export function growsCool({ lowestC }: Pick<PlantKind, 'lowestC'>): boolean {
  return lowestC <= COOL_GROWER_C;
}

/** Growth of a kind at a mean temperature against that of its record, 0–1.3. */
export function warmthFactor(kind: Pick<PlantKind, 'lowestC'>, meanC: number): number {
  const cardinal = growsCool(kind) ? COOL : WARM;
  return clamp(betaResponse(meanC, cardinal) / betaResponse(REFERENCE_C, cardinal), 0, 1.3);
}

/**
 * How well a spot's light feeds a kind: min(1, .35 + .65·have/need), a rule of thumb.
 * Need is the low end of the hours it thrives in.
 */
export function lightFactor(kind: Pick<PlantKind, 'light'>, spot: Pick<Spot, 'sunHours'>): number {
  const need = kind.light.hours[0];
  return need <= 0 ? 1 : Math.min(1, 0.35 + (0.65 * spot.sunHours) / need);
}

const warmths = new WeakMap<
  Spot['site'],
  { readonly normals: Spot['normals']; readonly byWeek: readonly number[] }
>();

/** Mean temperature of each week of the year at a spot, °C, from its normals. */
export function warmthByWeek(spot: Pick<Spot, 'site' | 'normals'>): readonly number[] {
  const known = warmths.get(spot.site);
  if (known && known.normals === spot.normals) return known.byWeek;
  const { minC, maxC } = climateHere(spot);
  const byWeek = Array.from({ length: WEEKS_PER_YEAR }, (_, i) => {
    const day = (dayOfWeek(i + 1) + 3) % 365;
    return (normalOn(minC, day) + normalOn(maxC, day)) / 2;
  });
  warmths.set(spot.site, { normals: spot.normals, byWeek });
  return byWeek;
}

/** What stands longer than this goes through a winter, wherever its season was meant to end. */
const HALF_YEAR_WEEKS = 26;

/** The conditions of a planting in its container at its spot. */
export function conditionsAt(
  spot: Spot,
  {
    container,
    plantedWeek,
    endWeek = weekAfter(plantedWeek, HALF_YEAR_WEEKS),
    feeding,
    trims,
  }: {
    readonly container: Container;
    readonly plantedWeek: number;
    /** Left out: half a year on. */
    readonly endWeek?: number;
    readonly feeding: 'as usual' | 'none';
    readonly trims: readonly Trim[];
  },
): Conditions {
  const year = warmthByWeek(spot);
  const { weeks } = yearOut(spot);
  const [least, most] = mixFactsOf(container).feedsWeeks;
  return {
    sunHours: spot.sunHours,
    warmthC: year.map((_, i) => year[weekAfter(plantedWeek, i) - 1]!),
    coldC: weeks.map((_, i) => weeks[weekAfter(plantedWeek, i) - 1]!.coldC),
    mixL: mixL(container),
    hungryFromWeek: feeding === 'none' ? (least + most) / 2 : null,
    trims,
    seasonless: isSeasonless(spot),
    yearFromWeek: Math.min(HALF_YEAR_WEEKS, weeksBetween(plantedWeek, endWeek)),
  };
}
