import { dayOfWeek, sunDay } from '../sky/days';
import { halfDayRad, positionOf, sunVector } from '../sky/sun';
import { RAD_PER_DEG } from '../units/units';
import { shadeOf } from './obstacle';
import { lightThrough, weekOfDay } from './reckoning';
import type { Spot } from './spot';

/** A place in the sky, degrees: bearing from true north, altitude above the level. */
export type SkyPlace = readonly [bearing: number, altitude: number];

/** The sun's way over one day, in runs between which the light that comes through changes. */
export interface SkyPath {
  readonly day: number;
  readonly runs: readonly { readonly light: number; readonly points: readonly SkyPlace[] }[];
}

export interface SkyPaths {
  /** June, March, December, and the day asked for last. */
  readonly lines: readonly SkyPath[];
  /** The highest and the lowest way of a season; `null` for a season of no days. */
  readonly band: readonly [readonly SkyPlace[], readonly SkyPlace[]] | null;
  /** Where the sun stands at the hours of the day asked for. */
  readonly hours: readonly { readonly hour: number; readonly at: SkyPlace }[];
}

/** Days of the year on which the sun turns, or stands in the middle. */
export const JUNE_21 = 171;
export const MARCH_21 = 79;
export const DECEMBER_21 = 354;

/** The sun's path over a day as places in the sky, every two degrees of hour angle. Empty when it does not rise. */
function pathOf({ latitudeDeg, longitudeDeg }: Spot['site'], day: number): readonly SkyPlace[] {
  const { declinationRad, driftRad } = sunDay({ longitudeDeg }, day);
  const half = halfDayRad(latitudeDeg, declinationRad);
  const steps = Math.max(2, Math.ceil(half / (2 * RAD_PER_DEG)) * 2);
  if (half < 1e-6) return [];
  return Array.from({ length: steps + 1 }, (_, i) => {
    const angle = -half + (2 * half * i) / steps;
    const { azimuthDeg, altitudeDeg } = positionOf(
      sunVector(latitudeDeg, declinationRad + driftRad * angle, angle),
    );
    return [azimuthDeg, Math.max(0, altitudeDeg)];
  });
}

/** What the sky strip shows of the sun at a spot: ways over the year, the band of a season, the hours of a day. */
export function skyPathsOf(
  spot: Spot,
  season: { readonly from: number; readonly weeks: number },
  today: number,
): SkyPaths {
  return {
    lines: [JUNE_21, MARCH_21, DECEMBER_21, today].map((day) => wayOf(spot, day)),
    band: bandOf(spot, season),
    hours: hoursOf(spot, today),
  };
}

/** One day's way, broken where what stands around lets more or less through. */
function wayOf({ site, obstacles, leafHeightCm }: Spot, day: number): SkyPath {
  const shades = obstacles.map((obstacle) => shadeOf(obstacle, leafHeightCm, weekOfDay(day)));
  const runs: { light: number; points: SkyPlace[] }[] = [];
  for (const place of pathOf(site, day)) {
    const [altitude, bearing] = [place[1] * RAD_PER_DEG, place[0] * RAD_PER_DEG];
    const light = lightThrough(
      shades,
      Math.cos(altitude) * Math.sin(bearing),
      Math.cos(altitude) * Math.cos(bearing),
      Math.sin(altitude),
    );
    const last = runs[runs.length - 1];
    if (last && last.light === light) last.points.push(place);
    // A run begins where the one before it ends, so that the line has no gap.
    else
      runs.push({ light, points: last ? [last.points[last.points.length - 1]!, place] : [place] });
  }
  return { day, runs };
}

function bandOf(
  { site }: Spot,
  season: { readonly from: number; readonly weeks: number },
): SkyPaths['band'] {
  const first = dayOfWeek(season.from);
  const days = Array.from({ length: season.weeks * 7 + 1 }, (_, i) => (first + i) % 365);
  if (days.length < 2) return null;
  const declination = (day: number) => sunDay(site, day).declinationRad;
  const northward = [...days].sort((a, b) => declination(b) - declination(a));
  const [high, low] =
    site.latitudeDeg >= 0 ? [northward[0]!, northward.at(-1)!] : [northward.at(-1)!, northward[0]!];
  return [pathOf(site, high), pathOf(site, low)];
}

function hoursOf({ site }: Spot, day: number): SkyPaths['hours'] {
  const { declinationRad } = sunDay(site, day);
  const half = halfDayRad(site.latitudeDeg, declinationRad);
  return Array.from({ length: 24 }, (_, hour) => ({
    hour,
    angle: (hour * 15 - 180) * RAD_PER_DEG,
  }))
    .filter(({ angle }) => Math.abs(angle) < half)
    .map(({ hour, angle }) => {
      const { azimuthDeg, altitudeDeg } = positionOf(
        sunVector(site.latitudeDeg, declinationRad, angle),
      );
      return { hour, at: [azimuthDeg, altitudeDeg] as const };
    });
}
