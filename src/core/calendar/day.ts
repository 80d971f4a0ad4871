import { clockAheadMin, dayOfYear } from '../sky/clock';
import { dayOfWeek } from '../sky/days';
import { WEEKS_PER_YEAR } from '../units/units';

const MS_PER_DAY = 86_400_000;

/** A local date at a spot, ISO 8601: 2026-05-18. */
export type Day = string;

const startMs = (day: Day): number => Date.parse(`${day}T00:00:00Z`);
const dayAt = (ms: number): Day => new Date(ms).toISOString().slice(0, 10);

/** The date that calendars of a time zone show at an instant. @param epochMs milliseconds since 1970 */
export function dayIn(timeZone: string, epochMs: number): Day {
  return dayAt(epochMs + clockAheadMin(timeZone, epochMs) * 60_000);
}

/** An instant as clocks of a time zone show it, with their distance from UTC: 2026-07-16T08:30:00+01:00. */
export function localTime(timeZone: string, epochMs: number): string {
  const aheadMin = clockAheadMin(timeZone, epochMs);
  const local = new Date(epochMs + aheadMin * 60_000).toISOString().slice(0, 19);
  const two = (n: number) => String(n).padStart(2, '0');
  const off = Math.abs(aheadMin);
  return `${local}${aheadMin < 0 ? '-' : '+'}${two(Math.floor(off / 60))}:${two(off % 60)}`;
}

export function addDays(day: Day, days: number): Day {
  return dayAt(startMs(day) + days * MS_PER_DAY);
}

/** Days from one date to another; negative when the other is earlier. */
export function daysBetween(from: Day, to: Day): number {
  return Math.round((startMs(to) - startMs(from)) / MS_PER_DAY);
}

/** Whole weeks gone by from one date to another; negative before it. */
export function weeksSince(from: Day, to: Day): number {
  return Math.floor(daysBetween(from, to) / 7);
}

/** The week of the gardening year, 1–52, in which a date lies. */
export function weekOfDay(day: Day): number {
  const into = dayOfYear(day);
  let week = Math.min(WEEKS_PER_YEAR, Math.floor(into / (365 / WEEKS_PER_YEAR)) + 1);
  if (week < WEEKS_PER_YEAR && dayOfWeek(week + 1) <= into) week += 1;
  if (dayOfWeek(week) > into) week -= 1;
  return week;
}

/** The first day of a week of the gardening year that is not before a date. */
export function nextStartOf(week: number, from: Day): Day {
  const year = Number(from.slice(0, 4));
  const inYear = (y: number) => addDays(`${y}-01-01`, leapSafe(y, dayOfWeek(week)));
  return inYear(year) >= from ? inYear(year) : inYear(year + 1);
}

/** The start of a week of the gardening year that lies nearest to a date. */
export function nearestStartOf(week: number, to: Day): Day {
  const next = nextStartOf(week, to);
  const last = nextStartOf(week, addDays(next, -370));
  return daysBetween(last, to) < daysBetween(to, next) ? last : next;
}

/** Days from 1 January to a day of the common year, in a year that may have a 29 February before it. */
function leapSafe(year: number, day: number): number {
  const leap = dayAt(Date.UTC(year, 1, 29)).slice(5) === '02-29';
  return leap && day >= 59 ? day + 1 : day;
}
