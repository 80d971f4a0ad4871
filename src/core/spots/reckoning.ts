import { dayOfWeek, MONTH_STARTS, sunDay } from '../sky/days';
import { halfDayRad } from '../sky/sun';
import { clamp, DEG_PER_RAD, RAD_PER_DEG, WEEKS_PER_YEAR } from '../units/units';
import { shadeOf, type Obstacle, type Shade } from './obstacle';

/** What stands round a set of leaves, and where on the earth. */
export interface Surroundings {
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  readonly obstacles: readonly Obstacle[];
  /** Height of the leaves above the ground, cm. */
  readonly leafHeightCm: number;
}

/** Sun on one day, minutes. Before and after solar noon. */
export interface DaySun {
  readonly directAmMin: number;
  readonly directPmMin: number;
  /** Minutes under something that lets part through. */
  readonly dappledAmMin: number;
  readonly dappledPmMin: number;
  /** Dappled minutes weighed by what comes through. */
  readonly dappledEffectiveMin: number;
  readonly dayLengthMin: number;
}

/** Light let through from which a minute counts as direct. */
const DIRECT = 0.95;
/** Light below which a minute counts as shade. */
const DARK = 0.02;
/** First look along a day: every four minutes; then each change is closed in on. Ours: nothing a gardener draws is passed in less. */
const STEP_RAD = RAD_PER_DEG;
/** Halvings of a step in closing in: 4 min / 2⁸ is about a second. */
const HALVINGS = 8;
const MIN_PER_RAD = DEG_PER_RAD * 4;

/** Sun on one day of the typical year, counted from 0. */
export function reckonDay(around: Surroundings, day: number): DaySun {
  return dayUnder(around, day, shadesIn(around, weekOfDay(day)));
}

/** Sun on every day of the typical year: 365 days. */
export function reckonYear(around: Surroundings): readonly DaySun[] {
  const byWeek = new Map<number, readonly Shade[]>();
  return Array.from({ length: 365 }, (_, day) => {
    const week = weekOfDay(day);
    let shades = byWeek.get(week);
    if (!shades) byWeek.set(week, (shades = shadesIn(around, week)));
    return dayUnder(around, day, shades);
  });
}

/** Week, 1–52, that a day of the year falls in. */
export function weekOfDay(day: number): number {
  return Math.min(WEEKS_PER_YEAR, Math.floor((day + 0.5) / (365 / WEEKS_PER_YEAR)) + 1);
}

function shadesIn({ obstacles, leafHeightCm }: Surroundings, week: number): readonly Shade[] {
  return obstacles.map((obstacle) => shadeOf(obstacle, leafHeightCm, week));
}

/** Light let through by all, 0–1. */
export function lightThrough(
  shades: readonly Shade[],
  east: number,
  north: number,
  up: number,
): number {
  let through = 1;
  for (let i = 0; i < shades.length; i += 1) {
    through *= shades[i]!(east, north, up);
    if (through === 0) return 0;
  }
  return through;
}

function dayUnder(
  { latitudeDeg, longitudeDeg }: Surroundings,
  day: number,
  shades: readonly Shade[],
): DaySun {
  const { declinationRad, driftRad } = sunDay({ longitudeDeg }, day);
  const lightAt = lightOnDay(latitudeDeg, declinationRad, driftRad, shades);
  const half = halfDayRad(latitudeDeg, declinationRad);
  const minutes = {
    directAmMin: 0,
    directPmMin: 0,
    dappledAmMin: 0,
    dappledPmMin: 0,
    dappledEffectiveMin: 0,
    dayLengthMin: 2 * half * MIN_PER_RAD,
  };
  const count = (from: number, to: number, light: number, morning: boolean) => {
    const min = (to - from) * MIN_PER_RAD;
    if (light >= DIRECT) minutes[morning ? 'directAmMin' : 'directPmMin'] += min;
    else if (light > DARK) {
      minutes[morning ? 'dappledAmMin' : 'dappledPmMin'] += min;
      minutes.dappledEffectiveMin += min * light;
    }
  };
  for (const morning of [true, false]) {
    const [start, end] = morning ? [-half, 0] : [0, half];
    const steps = Math.max(1, Math.ceil((end - start) / STEP_RAD));
    const step = (end - start) / steps;
    // The ends are met from just inside: at the horizon itself a wall in the sun's plane is neither here nor there.
    let from = start;
    let light = lightAt(start + step * 1e-3);
    for (let i = 1; i <= steps; i += 1) {
      const to = i === steps ? end : start + i * step;
      const next = lightAt(i === steps ? end - step * 1e-3 : to);
      if (next === light) continue;
      let [low, high] = [to - step, to];
      for (let h = 0; h < HALVINGS; h += 1) {
        const middle = (low + high) / 2;
        if (lightAt(middle) === light) low = middle;
        else high = middle;
      }
      count(from, (low + high) / 2, light, morning);
      from = (low + high) / 2;
      light = next;
    }
    count(from, end, light, morning);
  }
  return minutes;
}

/**
 * Light through at an hour angle of one day: `sunVector` with what the hour does not change worked out once. The declination drifts by at most .2° to either side of
 * noon: first order is exact to .0004°.
 */
function lightOnDay(
  latitudeDeg: number,
  declinationRad: number,
  driftRad: number,
  shades: readonly Shade[],
): (hourAngle: number) => number {
  const phi = latitudeDeg * RAD_PER_DEG;
  const [sinPhi, cosPhi] = [Math.sin(phi), Math.cos(phi)];
  const [sin0, cos0] = [Math.sin(declinationRad), Math.cos(declinationRad)];
  return (hourAngle) => {
    const drift = driftRad * hourAngle;
    const sinD = sin0 + drift * cos0;
    const cosD = cos0 - drift * sin0;
    const cosH = Math.cos(hourAngle);
    return lightThrough(
      shades,
      -cosD * Math.sin(hourAngle),
      sinD * cosPhi - cosD * sinPhi * cosH,
      sinPhi * sinD + cosPhi * cosD * cosH,
    );
  };
}

/** Sun on a few days, by day of the year from 0. */
export function reckonDays(
  around: Surroundings,
  days: readonly number[],
): ReadonlyMap<number, DaySun> {
  return new Map(days.map((day) => [day % 365, reckonDay(around, day % 365)]));
}

/** Means of a stretch of days, hours a day. */
export interface MeanSun {
  readonly directH: number;
  readonly directAmH: number;
  readonly directPmH: number;
  readonly dappledH: number;
  /** Direct and what comes through leaves. */
  readonly effectiveH: number;
}

/** Mean sun of a set of days, counted from 0. */
export function meanSun(
  year: readonly DaySun[] | ReadonlyMap<number, DaySun>,
  days: readonly number[],
): MeanSun {
  const on = (day: number) => ('get' in year ? year.get(day % 365)! : year[day % 365]!);
  const mean = (of: (day: DaySun) => number) =>
    days.reduce((sum, day) => sum + of(on(day)), 0) / Math.max(1, days.length) / 60;
  const [directAmH, directPmH] = [mean((d) => d.directAmMin), mean((d) => d.directPmMin)];
  return {
    directAmH,
    directPmH,
    directH: directAmH + directPmH,
    dappledH: mean((d) => d.dappledAmMin + d.dappledPmMin),
    effectiveH: directAmH + directPmH + mean((d) => d.dappledEffectiveMin),
  };
}

/** Mean sun of each month, January first. */
export function monthlySun(year: readonly DaySun[]): readonly MeanSun[] {
  return Array.from({ length: 12 }, (_, month) =>
    meanSun(year, daysFrom(MONTH_STARTS[month]!, MONTH_STARTS[month + 1]! - MONTH_STARTS[month]!)),
  );
}

/** `count` days from one on. */
export function daysFrom(day: number, count: number): readonly number[] {
  return Array.from({ length: count }, (_, i) => day + i);
}

/** Days around midsummer by which a spot's hours are told: four weeks either side of the solstice, in its own hemisphere. */
export function midsummerDays(latitudeDeg: number): readonly number[] {
  return daysFrom((latitudeDeg >= 0 ? 171 : 354) - 28, 57);
}

/** Days of the weeks from planting to the end. */
export function seasonDays(plantedWeek: number, weeks: number): readonly number[] {
  return daysFrom(dayOfWeek(plantedWeek), weeks * 7);
}

/** Weight of morning and of afternoon sun as heat: the air lags the sun. A convention; it matters in hot summers, little in cool ones. */
export const HEAT_WEIGHT = { morning: 0.85, afternoon: 1.15 } as const;

/** Hours of sun weighed as heat: afternoon counts for more, and a wall or paving throws some back. */
export function heatHours(
  { directAmH, directPmH }: Pick<MeanSun, 'directAmH' | 'directPmH'>,
  reflected: number,
): number {
  return (
    (directAmH * HEAT_WEIGHT.morning + directPmH * HEAT_WEIGHT.afternoon) *
    (1 + clamp(reflected, 0, 1))
  );
}
