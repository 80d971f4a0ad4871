import fc from 'fast-check';
import { dayOfWeek } from '../sky/days';
import { heldClock, todayAt } from './clock';
import {
  addDays,
  dayIn,
  daysBetween,
  localTime,
  nearestStartOf,
  nextStartOf,
  weekOfDay,
  weeksSince,
} from './day';

test('a day is a local date: one instant, three dates', () => {
  const ms = Date.parse('2026-07-16T11:30:00Z');
  expect([
    dayIn('Europe/London', ms),
    dayIn('Pacific/Kiritimati', ms),
    dayIn('America/Los_Angeles', Date.parse('2026-07-16T06:30:00Z')),
  ]).toEqual(['2026-07-16', '2026-07-17', '2026-07-15']);
});

test('days are counted over the change of clocks and over 29 February', () => {
  expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2);
  expect(addDays('2028-02-28', 2)).toBe('2028-03-01');
  expect([weeksSince('2026-05-14', '2026-05-20'), weeksSince('2026-05-14', '2026-05-21')]).toEqual([
    0, 1,
  ]);
});

test('every week of the year begins on the day that is said to lie in it, in common and leap years', () => {
  for (let week = 1; week <= 52; week += 1)
    for (const year of ['2026', '2028']) {
      const day = nextStartOf(week, `${year}-01-01`);
      expect([week, weekOfDay(day)]).toEqual([week, week]);
      expect([week, day.slice(0, 4)]).toEqual([week, year]);
      if (dayOfWeek(week) > 0)
        expect([week, weekOfDay(addDays(day, -1))]).toEqual([week, week - 1]);
    }
});

test('the nearest start of a week is never half a year away (seed 5)', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 52 }), fc.integer({ min: 0, max: 4000 }), (week, n) => {
      const day = addDays('2024-01-01', n);
      const near = nearestStartOf(week, day);
      expect(weekOfDay(near)).toBe(week);
      expect(Math.abs(daysBetween(near, day))).toBeLessThanOrEqual(184);
    }),
    { seed: 5, numRuns: 300 },
  );
});

test('a held clock tells the date of each spot', () => {
  const clock = heldClock('2026-07-16T23:30:00Z');
  expect(todayAt(clock, { timeZone: 'Europe/London' })).toBe('2026-07-17');
  expect(todayAt(clock, { timeZone: 'America/New_York' })).toBe('2026-07-16');
});

test('an instant is written as clocks of its place show it, and is still the same instant', () => {
  const ms = Date.parse('2026-07-16T23:30:00Z');
  expect(localTime('Europe/London', ms)).toBe('2026-07-17T00:30:00+01:00');
  expect(localTime('America/St_Johns', ms)).toBe('2026-07-16T21:00:00-02:30');
  for (const zone of ['Europe/London', 'America/St_Johns', 'Pacific/Kiritimati'])
    expect(Date.parse(localTime(zone, ms))).toBe(ms);
});
