import { sunState, type Site, type SunState } from './sun';

const MS_PER_DAY = 86_400_000;

/** The year whose days stand for any year: not a leap year, and mean sun within ±0.1° of others. */
export const TYPICAL_YEAR = 2026;

/** Days from 1 January to the first day of each month of a common year, and the year's length. */
export const MONTH_STARTS = [0, 31, 59, 90, 120, 151, 181, 212, 243, 273, 304, 334, 365] as const;

/** Month, 0–11, of a day of the year counted from 0. */
export function monthOfDay(day: number): number {
  let month = 0;
  while (day >= MONTH_STARTS[month + 1]!) month += 1;
  return month;
}

/** Day of the year, 0–364, on which a week of the year begins; weeks as in `units`. */
export function dayOfWeek(week: number): number {
  return Math.round((week - 1) * (365 / 52)) % 365;
}

/** The instant of mean solar noon at a site on a day of the typical year, ms. */
export function noonMs(site: Pick<Site, 'longitudeDeg'>, day: number): number {
  return Date.UTC(TYPICAL_YEAR, 0, 1 + day, 12) - site.longitudeDeg * 240_000;
}

/** The sun at noon of a day, and how its declination drifts. */
export interface SunDay extends SunState {
  /** Change of declination for each radian of hour angle. */
  readonly driftRad: number;
}

/** The sun on a day of the typical year at a longitude. */
export function sunDay(site: Pick<Site, 'longitudeDeg'>, day: number): SunDay {
  const noon = noonMs(site, day);
  const state = sunState(noon);
  const next = sunState(noon + MS_PER_DAY);
  return { ...state, driftRad: (next.declinationRad - state.declinationRad) / (2 * Math.PI) };
}
