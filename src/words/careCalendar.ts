import ical, { ICalCalendarMethod } from 'ical-generator';
import type { Task } from '@/core/care/task';
import { addDays } from '@/core/calendar/day';
import type { KindId, PlantKind } from '@/core/plants/kind';
import { taskHow, taskTitle, taskWhy } from './care';
import type { Units } from './format';
import { inSentence } from './names';

/** Midnight of a local date, as a calendar's all-day events are told: no zone, so that no change of clocks moves them. */
const dateOf = (day: string): Date => new Date(`${day}T00:00:00`);

/**
 * Tasks as an iCalendar file: one all-day event for each window, with an id that stays, so that a new export replaces the old one.
 * @param written when it was written, milliseconds since 1970: later exports win
 */
export function careCalendar(
  tasks: readonly Task[],
  {
    nameOf,
    kindOf,
    units,
    written,
    spell = (text) => text,
  }: {
    readonly nameOf: (plantingId: string) => string;
    readonly kindOf: (id: KindId) => PlantKind | null;
    readonly units: Units;
    readonly written: number;
    /** How its words are spelled; names stay. */
    readonly spell?: (text: string) => string;
  },
): string {
  const calendar = ical({
    name: 'Care of containers',
    prodId: { company: 'Rillbank', product: 'Care', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  });
  for (const task of tasks)
    calendar.createEvent({
      id: `${task.key.replaceAll(/[^A-Za-z0-9-]+/g, '-')}@rillbank`,
      start: dateOf(task.earliest),
      // The day after the last: all-day events end before it.
      end: dateOf(addDays(task.latest, 1)),
      allDay: true,
      stamp: new Date(written),
      sequence: Math.floor(written / 60_000) % 2_000_000_000,
      summary: `${nameOf(task.plantingId)}: ${spell(inSentence(taskTitle(task, units)))}`,
      description: spell(`${taskWhy(task, kindOf, units)} ${taskHow(task, units)}`),
    });
  return calendar.toString();
}
