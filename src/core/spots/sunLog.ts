import { clockMs, dayOfYear } from '../sky/clock';
import { solarMinutes, sunState, sunVector } from '../sky/sun';
import { clamp, RAD_PER_DEG } from '../units/units';
import { shadeOf, type Obstacle } from './obstacle';
import { lightThrough, weekOfDay } from './reckoning';
import type { LogDay, Spot } from './spot';

export type SunSeen = 'sun' | 'dappled' | 'shade';

/** Looks at one hour of the reckoning: every five minutes. */
const LOOKS = 12;

/** What the reckoning expects in each clock hour of a date: `null` while the sun is down for most of it. */
export function expectedByHour(
  spot: Pick<Spot, 'site' | 'obstacles' | 'leafHeightCm'>,
  date: string,
): readonly (SunSeen | null)[] {
  const { site } = spot;
  const shades = spot.obstacles.map((obstacle) =>
    shadeOf(obstacle, spot.leafHeightCm, weekOfDay(dayOfYear(date))),
  );
  return Array.from({ length: 24 }, (_, hour) => {
    const start = clockMs(date, hour, site.timeZone);
    const state = sunState(start + 1_800_000);
    let [sun, dappled, up] = [0, 0, 0];
    for (let i = 0; i < LOOKS; i += 1) {
      const angle =
        (solarMinutes(site, start + ((i + 0.5) / LOOKS) * 3_600_000, state) / 4 - 180) *
        RAD_PER_DEG;
      const vector = sunVector(site.latitudeDeg, state.declinationRad, angle);
      if (vector[2] <= 0) continue;
      up += 1;
      const light = lightThrough(shades, ...vector);
      if (light >= 0.95) sun += 1;
      else if (light > 0.02) dappled += 1;
    }
    if (up * 2 < LOOKS) return null;
    return sun * 2 >= up
      ? 'sun'
      : dappled * 2 >= up || sun + dappled > up / 2
        ? 'dappled'
        : 'shade';
  });
}

/** Where a logged day and the reckoning agree and differ. */
export interface LogComparison {
  readonly date: string;
  readonly agree: number;
  readonly looked: number;
  /** Clock hours that were seen otherwise than reckoned. */
  readonly differ: readonly {
    readonly hour: number;
    readonly seen: SunSeen;
    readonly expected: SunSeen;
  }[];
}

/** Lays a logged day over the reckoning. Hours in which the sun is not up are left out. */
export function compareLog(
  spot: Pick<Spot, 'site' | 'obstacles' | 'leafHeightCm'>,
  day: LogDay,
): LogComparison {
  const expected = expectedByHour(spot, day.date);
  const looked = day.hours.flatMap((seen, hour) =>
    seen && expected[hour] ? [{ hour, seen, expected: expected[hour] }] : [],
  );
  const differ = looked.filter(({ seen, expected: reckoned }) => seen !== reckoned);
  return { date: day.date, agree: looked.length - differ.length, looked: looked.length, differ };
}

/** What was seen in each hour of the sun's own day, shares of the looks: `null` where nobody looked. */
export function seenBySolarHour(
  log: readonly LogDay[],
  site: Spot['site'],
): readonly ({ readonly direct: number; readonly dappled: number } | null)[] {
  const sums = Array.from({ length: 24 }, () => ({ direct: 0, dappled: 0, looks: 0 }));
  for (const { date, hours } of log)
    hours.forEach((seen, hour) => {
      if (!seen) return;
      // An hour of the clock lies over two hours of the sun: each takes its part.
      const start = solarMinutes(site, clockMs(date, hour, site.timeZone)) / 60;
      const first = Math.floor(start);
      for (const [at, share] of [
        [first, 1 - (start - first)],
        [first + 1, start - first],
      ] as const) {
        if (share < 1e-6) continue;
        const sum = sums[((at % 24) + 24) % 24]!;
        sum.looks += share;
        if (seen === 'sun') sum.direct += share;
        else if (seen === 'dappled') sum.dappled += share;
      }
    });
  // Less than half an hour's look says nothing of an hour.
  return sums.map(({ direct, dappled, looks }) =>
    looks < 0.5 ? null : { direct: direct / looks, dappled: dappled / looks },
  );
}

/** Heights tried in fitting what stands around to the log, as shares of what was told; and passes over all of it. */
const FACTORS = [0.5, 0.6, 0.7, 0.8, 0.9, 1, 1.1, 1.25, 1.4, 1.6] as const;
const PASSES = 3;

/**
 * What stands around with heights changed so that the reckoning agrees best with the log: one thing after another, three times over.
 * Told heights are kept where a change would not help.
 * @returns the obstacles and the hours that still differ
 */
export function calibrate(spot: Pick<Spot, 'site' | 'obstacles' | 'leafHeightCm' | 'sunLog'>): {
  readonly obstacles: readonly Obstacle[];
  readonly differ: number;
} {
  const misses = (obstacles: readonly Obstacle[]) =>
    spot.sunLog.reduce(
      (sum, day) => sum + compareLog({ ...spot, obstacles }, day).differ.length,
      0,
    );
  let best = { obstacles: spot.obstacles, differ: misses(spot.obstacles) };
  for (let pass = 0; pass < PASSES && best.differ > 0; pass += 1)
    spot.obstacles.forEach((told, i) => {
      for (const factor of [...FACTORS].sort(
        (a, b) => Math.abs(Math.log(a)) - Math.abs(Math.log(b)),
      )) {
        const obstacles = best.obstacles.map((o, j) => (j === i ? scaled(told, factor) : o));
        const differ = misses(obstacles);
        if (differ < best.differ) best = { obstacles, differ };
      }
    });
  return best;
}

function scaled(obstacle: Obstacle, factor: number): Obstacle {
  switch (obstacle.kind) {
    case 'building':
      return obstacle;
    case 'skyline':
      return { ...obstacle, altitudeDeg: clamp(Math.round(obstacle.altitudeDeg * factor), 0, 80) };
    case 'tree':
      return {
        ...obstacle,
        heightCm: Math.max(obstacle.clearCm + 20, Math.round(obstacle.heightCm * factor)),
      };
    case 'eave':
      return { ...obstacle, depthCm: Math.round(obstacle.depthCm * factor) };
    default:
      return { ...obstacle, heightCm: Math.max(10, Math.round(obstacle.heightCm * factor)) };
  }
}
