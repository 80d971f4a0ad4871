import ical, { ICalCalendarMethod } from 'ical-generator';
import { addDays, type Day } from '@/core/calendar/day';
import { clockMs } from '@/core/sky/clock';

/** Days that are told ahead as rounds. */
const ROUND_DAYS = 14;
const LEAST_MINUTES = 10;

/**
 * A round a day as an iCalendar file, at an hour of the clocks of the place: each is told as an instant, so that it is right whatever zone
 * the calendar stands in and whenever clocks change. Ids stay, so that a new export replaces the old one.
 * @param hour local, 0–24
 * @param written when it was written, milliseconds since 1970: later exports win
 */
export function roundCalendar(
  from: Day,
  {
    hour,
    timeZone,
    who,
    minutes,
    today,
    written,
    days = ROUND_DAYS,
  }: {
    readonly hour: number;
    readonly timeZone: string;
    /** Whose round; empty: everybody's. */
    readonly who: string;
    readonly minutes: number;
    /** What today's round comes to, in words. */
    readonly today: string;
    readonly written: number;
    readonly days?: number;
  },
): string {
  const calendar = ical({
    name: 'Rounds',
    prodId: { company: 'Rillbank', product: 'Rounds', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  });
  const whose = who === '' ? 'all' : who.toLowerCase().replaceAll(/[^a-z0-9]+/g, '-');
  for (let i = 0; i < days; i += 1) {
    const day = addDays(from, i);
    const start = clockMs(day, hour, timeZone);
    calendar.createEvent({
      id: `round-${whose}-${day}@rillbank`,
      start: new Date(start),
      end: new Date(start + Math.max(LEAST_MINUTES, Math.ceil(minutes)) * 60_000),
      stamp: new Date(written),
      sequence: Math.floor(written / 60_000) % 2_000_000_000,
      summary: who === '' ? 'Round of the containers' : `Round of the containers: ${who}`,
      description:
        i === 0 ? today : 'What is asked is reckoned on the day: open Rounds before you go.',
    });
  }
  return calendar.toString();
}
