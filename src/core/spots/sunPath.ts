import { clockMs } from '../sky/clock';
import { dayOfWeek, TYPICAL_YEAR } from '../sky/days';
import { sunAt } from '../sky/sun';
import { RAD_PER_DEG } from '../units/units';
import { shadeOf } from './obstacle';
import { lightThrough } from './reckoning';
import type { Spot } from './spot';

/** The sun over a spot at an hour of the clock. */
export interface SunThen {
  /** Hours of the clock kept at the spot, 0–24. */
  readonly hour: number;
  readonly bearingDeg: number;
  readonly altitudeDeg: number;
  /** What of it gets past all that stands around, 0–1. */
  readonly through: number;
}

const DAYS_TO_MIDWEEK = 3;

/** Where the sun stands over a spot in the middle of a week. Altitude is negative at night. */
export function sunThen(
  spot: Pick<Spot, 'site' | 'obstacles' | 'leafHeightCm'>,
  week: number,
  hour: number,
): SunThen {
  const date = new Date(Date.UTC(TYPICAL_YEAR, 0, 1 + dayOfWeek(week) + DAYS_TO_MIDWEEK))
    .toISOString()
    .slice(0, 10);
  const { altitudeDeg, azimuthDeg } = sunAt(spot.site, clockMs(date, hour, spot.site.timeZone));
  const [alt, az] = [altitudeDeg * RAD_PER_DEG, azimuthDeg * RAD_PER_DEG];
  const shades = spot.obstacles.map((obstacle) => shadeOf(obstacle, spot.leafHeightCm, week));
  const through =
    altitudeDeg <= 0
      ? 0
      : lightThrough(
          shades,
          Math.cos(alt) * Math.sin(az),
          Math.cos(alt) * Math.cos(az),
          Math.sin(alt),
        );
  return { hour, bearingDeg: azimuthDeg, altitudeDeg, through };
}

/** The hours between sunrise and sunset in the middle of a week, every half hour. */
export function sunPath(
  spot: Pick<Spot, 'site' | 'obstacles' | 'leafHeightCm'>,
  week: number,
): readonly SunThen[] {
  const path: SunThen[] = [];
  for (let half = 0; half < 48; half += 1) {
    const then = sunThen(spot, week, half / 2);
    if (then.altitudeDeg > 0) path.push(then);
  }
  return path;
}
