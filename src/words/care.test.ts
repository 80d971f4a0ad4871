import { addDays } from '@/core/calendar/day';
import { careFrom, worldsOf } from '@/core/care/careOf';
import type { Task } from '@/core/care/task';
import { wentInOf, type Entry } from '@/core/log/entry';
import { kindOf } from '@/core/plants/book/index';
import { CM } from '../../tests/builders/editing';
import { HALT } from '../../tests/builders/halt';
import { taskHow, taskLeft, taskTitle, taskWhy } from './care';

const PLANTED = '2026-05-14';

/** What is to be done at the Halt through a year in which it is watered every other day. */
function tasksOfAYear(): readonly Task[] {
  const write = (plantingId: string, day: string, what: Entry['what']): Entry => ({
    id: `${day} ${plantingId} ${what.did}`,
    at: `${day}T08:00:00+01:00`,
    zone: 'Europe/London',
    of: { plantingId },
    what,
  });
  const log = HALT.flatMap(({ planting: { id }, plants }) => [
    write(id, PLANTED, { did: 'planted', plants: wentInOf(plants) }),
    ...Array.from({ length: 60 }, (_, i) =>
      write(id, addDays(PLANTED, 2 * i), { did: 'watered', litres: 4 }),
    ),
  ]);
  return Array.from({ length: 24 }, (_, i) => addDays(PLANTED, 5 + 15 * i)).flatMap((today) =>
    [...worldsOf({ its: HALT, log, today, hour: 8, records: {} })].flatMap((world) =>
      world ? careFrom(world).tasks : [],
    ),
  );
}

test('tasks of a year read aloud: several have, one has; every sentence ends, and nothing in it is missing', () => {
  const tasks = tasksOfAYear();
  expect(new Set(tasks.map(({ rule }) => rule)).size).toBeGreaterThanOrEqual(10);
  const faults = new Set<string>();
  for (const task of tasks) {
    const why = taskWhy(task, kindOf, CM);
    const whole = [taskTitle(task, CM), why, taskHow(task, CM), taskLeft(task)].join(' | ');
    if (/undefined|NaN|null| {2}|\d %|\band [^|.:]+ has\b|[a-z], [a-z]+ are /.test(whole))
      faults.add(whole);
    if (!/^[A-Z0-9]/.test(why) || !/\.$/.test(why) || !/\.$/.test(taskLeft(task)))
      faults.add(whole);
  }
  expect([...faults]).toEqual([]);
});

test('ties and pockets: of one plant and of several', () => {
  const why = (facts: object) => taskWhy({ facts } as unknown as Task, kindOf, CM);
  const [one, two] = [['cosmos-white'], ['cosmos-white', 'lobelia-blue']];
  expect(why({ rule: 'tie', kinds: one })).toMatch(/cosmos has grown past its last tie\.$/);
  expect(why({ rule: 'tie', kinds: two })).toMatch(/lobelia have grown past their last ties\.$/);
  expect(why({ rule: 'swap', kinds: one })).toMatch(/cosmos has gone over/);
  expect(why({ rule: 'swap', kinds: two })).toMatch(/lobelia have gone over/);
});
