import ICAL from 'ical.js';
import { addDays } from '@/core/calendar/day';
import type { Task } from '@/core/care/task';
import { kindOf } from '@/core/plants/book/index';

import { ILL_NAMES } from '../../tests/builders/illNames';
import { careCalendar } from './careCalendar';

const METRIC = { length: 'cm', currency: '£' } as const;

const task = (earliest: string, days: number): Task => ({
  key: `tub, one deadhead ${earliest}`,
  plantingId: 'tub, one',
  rule: 'deadhead',
  earliest,
  best: earliest,
  latest: addDays(earliest, days),
  minutes: 3,
  litres: 0,
  tools: ['snips'],
  places: [],
  isUrgent: false,
  facts: { rule: 'deadhead', kinds: ['petunia-white'] },
});
const write = (
  tasks: readonly Task[],
  written = Date.UTC(2026, 6, 17),
  name = 'Tub; “one”, by the door',
) =>
  careCalendar(tasks, {
    nameOf: () => name,
    kindOf,
    units: METRIC,
    written,
  });
const read = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent').map((event) => {
    const it = new ICAL.Event(event);
    return {
      uid: it.uid,
      from: it.startDate.toString(),
      to: it.endDate.toString(),
      isDate: it.startDate.isDate,
      summary: it.summary,
      sequence: it.sequence,
    };
  });

test('an independent reader finds every window of a year on its days, also where clocks change', () => {
  const days = Array.from({ length: 365 }, (_, i) => addDays('2026-01-01', i));
  const events = read(write(days.map((day) => task(day, 2))));
  expect(events).toHaveLength(365);
  events.forEach(({ from, to, isDate, summary }, i) => {
    expect([from, to, isDate]).toEqual([days[i], addDays(days[i]!, 3), true]);
    expect(summary).toBe('Tub; “one”, by the door: deadhead');
  });
});

test('its words are spelled for the market, and no name is', () => {
  const text = careCalendar([task('2026-07-18', 3)], {
    nameOf: () => 'Deadhead tub',
    kindOf,
    units: METRIC,
    written: 0,
    spell: (words) => words.replaceAll(/deadhead/gi, 'trim'),
  });
  expect(read(text)[0]!.summary).toBe('Deadhead tub: trim');
});

test('a new export replaces the old one: ids stay, and the later one is later', () => {
  const [before] = read(write([task('2026-07-18', 3)]));
  const [after] = read(write([task('2026-07-18', 5)], Date.UTC(2026, 6, 18)));
  expect(after!.uid).toBe(before!.uid);
  expect(after!.sequence).toBeGreaterThan(before!.sequence);
  expect(
    new Set(read(write([task('2026-07-18', 3), task('2026-07-25', 3)])).map(({ uid }) => uid)).size,
  ).toBe(2);
});

test.each(ILL_NAMES.map((name) => [JSON.stringify(name).slice(0, 40), name] as const))(
  'a container called %s is one event, and no other',
  (_, name) => {
    const events = read(write([task('2026-07-18', 2)], undefined, name));
    expect(events).toHaveLength(1);
    expect(events[0]!.from).toBe('2026-07-18');
    expect(events[0]!.summary).toMatch(/deadhead/i);
  },
);
