import ICAL from 'ical.js';
import { addDays } from '@/core/calendar/day';
import { ILL_NAMES } from '../../tests/builders/illNames';
import { roundCalendar } from './roundCalendar';

const read = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent').map((event) => {
    const it = new ICAL.Event(event);
    return { uid: it.uid, ms: it.startDate.toJSDate().getTime(), summary: it.summary };
  });
const write = (timeZone: string, hour: number, who = 'Platform crew', today = '6 containers.') =>
  roundCalendar('2026-01-01', {
    hour,
    timeZone,
    who,
    minutes: 24,
    today,
    written: Date.UTC(2026, 0, 1),
    days: 365,
  });

test('on every day of a year the round begins when clocks of the place show its hour, in zones of both hemispheres and on days on which clocks change', () => {
  for (const zone of [
    'Europe/London',
    'America/New_York',
    'America/Santiago',
    'Australia/Lord_Howe',
    'Pacific/Auckland',
    'Asia/Kathmandu',
    'UTC',
  ]) {
    const shown = new Intl.DateTimeFormat('sv-SE', {
      timeZone: zone,
      dateStyle: 'short',
      timeStyle: 'short',
    });
    const events = read(write(zone, 7.5));
    expect(events).toHaveLength(365);
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(365);
    events.forEach(({ ms }, i) =>
      expect([zone, shown.format(ms)]).toEqual([zone, `${addDays('2026-01-01', i)} 07:30`]),
    );
  }
});

test('written again the ids are the same; another person’s round is another', () => {
  const ids = (text: string) => read(text).map(({ uid }) => uid);
  expect(ids(write('Europe/London', 7.5))).toEqual(ids(write('Europe/London', 18)));
  expect(read(write('UTC', 7))[0]!.summary).toContain('Platform crew');
});

test.each(ILL_NAMES.map((name) => [JSON.stringify(name).slice(0, 40), name] as const))(
  'the round of somebody called %s is one event a day, and no other',
  (_, name) => {
    expect(read(write('Europe/London', 8, name, name))).toHaveLength(365);
  },
);
