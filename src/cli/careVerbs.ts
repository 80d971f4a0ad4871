import * as z from 'zod';
import { careFrom, worldsOf } from '@/core/care/careOf';
import { roundOf, walkingOrder } from '@/core/care/round';
import { tasksOf } from '@/core/care/tasks/index';
import { awayPlan } from '@/core/care/away';
import type { CareWorld } from '@/core/care/world';
import { daysBetween } from '@/core/calendar/day';
import { daySchema } from '@/core/climate/daySchema';
import { parseFile, type Backup } from '@/core/files/plantingFile';
import { wentInOf, type Entry } from '@/core/log/entry';
import { asItStands } from '@/core/log/story';
import { byPlanting, lifeOf } from '@/core/log/life';
import { allPlants, inSpot, type PlantingInSpot } from '@/core/plantings/planting';
import { kindOf } from '@/core/plants/book/index';
import { withLightInUse } from '@/core/spots/light';
import { taskHow, taskTitle, taskWhy } from '@/words/care';
import { careCalendar } from '@/words/careCalendar';
import { bad, faultLine, json, readQuestion, round as rounded, type Answer, UNITS } from './answer';
import { asked } from './makingVerbs';

const date = (name: string) => z.iso.date(`${name} must be a date like 2026-07-16.`);
const hour = z.number().min(0, 'hour must be 0–24.').max(24, 'hour must be 0–24.').default(8);

/** Days in one question: a season and a half. */
const MOST_DAYS = 400;

const careSchema = z
  .object({
    plantedOn: date('plantedOn'),
    today: date('today'),
    hour,
    /** What was poured, and when; `litres` left out: until it ran. */
    waterings: z
      .array(z.object({ on: date('waterings.on'), litres: z.number().min(0).max(1000).optional() }))
      .max(1000)
      .default([]),
    /** Days as they were; others are as the simulated service has them. */
    weather: z.array(daySchema).max(MOST_DAYS).default([]),
  })
  .refine(({ plantedOn, today }) => daysBetween(plantedOn, today) >= 0, {
    error: 'today must not be before plantedOn.',
    path: ['today'],
  })
  .refine(({ plantedOn, today }) => daysBetween(plantedOn, today) <= MOST_DAYS, {
    error: `today must be at most ${MOST_DAYS} days after plantedOn.`,
    path: ['today'],
  });

/** One planting as it stands, from a planting file with a question beside it. */
function standing(text: string, name: string) {
  const read = asked(text, name, careSchema);
  if (!read.ok) return read;
  const { it, question } = read;
  const { timeZone } = it.spot.site;
  const entry = (id: number, day: string, what: Entry['what']): Entry => ({
    id: String(id).padStart(6, '0'),
    at: `${day}T07:30:00Z`,
    zone: timeZone,
    of: { plantingId: it.planting.id },
    what,
  });
  const log = [
    entry(0, question.plantedOn, { did: 'planted', plants: wentInOf(allPlants(it)) }),
    ...question.waterings.map(({ on, litres = null }, i) =>
      entry(i + 1, on, { did: 'watered', litres }),
    ),
  ];
  const [world] = [
    ...worldsOf({
      its: [it],
      log,
      today: question.today,
      hour: question.hour,
      records: { [it.spot.id]: question.weather },
    }),
  ];
  return world
    ? { ok: true as const, world }
    : { ok: false as const, answer: bad(`${name}: nothing stands planted on that day.`) };
}

/** How a planting's water stands on a day, and when it wants more. */
export function water(text: string): Answer {
  const read = standing(text, 'water');
  if (!read.ok) return read.answer;
  const { water: now, outlook, pot } = read.world;
  return {
    kind: 'done',
    output: {
      holdsL: rounded(pot.capL),
      leftL: rounded(now.waterL),
      giveOrTakeL: rounded(now.sdL),
      share: rounded(outlook.share),
      wants: outlook.wants,
      litres: rounded(outlook.litres),
      timesADay: rounded(outlook.timesADay),
    },
  };
}

const told = (task: ReturnType<typeof tasksOf>[number]) => ({
  key: task.key,
  what: taskTitle(task, UNITS),
  why: taskWhy(task, kindOf, UNITS),
  how: taskHow(task, UNITS),
  earliest: task.earliest,
  best: task.best,
  latest: task.latest,
  minutes: rounded(task.minutes),
});

/** What there is to do to a planting within the week. */
export function tasks(text: string): Answer {
  const read = standing(text, 'tasks');
  if (!read.ok) return read.answer;
  return { kind: 'done', output: { tasks: tasksOf(read.world).map(told) } };
}

const roundSchema = z.object({
  today: date('today'),
  hour,
  away: z.object({ from: date('away.from'), to: date('away.to') }).optional(),
});

/** All that stands planted, from a backup with a question beside it. */
function yard(text: string, name: string) {
  const parsed = json(text);
  if (!parsed.ok) return { ok: false as const, answer: parsed.answer };
  const { [name]: question = {}, ...file } = parsed.value;
  const asking = readQuestion(roundSchema, question);
  if (!asking.ok) return { ok: false as const, answer: faultLine(asking) };
  const read = parseFile(JSON.stringify(file));
  if (!read.ok) return { ok: false as const, answer: faultLine(read) };
  if (read.value.format !== 'rillbank-backup')
    return { ok: false as const, answer: bad(`${name} reads a backup: a yard with its log.`) };
  const backup: Backup = read.value;
  const held = byPlanting(backup.entries);
  const spots = new Map(backup.spots.map((spot) => [spot.id, withLightInUse(spot)]));
  const its = backup.plantings.flatMap((planting): PlantingInSpot[] => {
    const spot = spots.get(planting.spotId);
    const life = lifeOf(held.get(planting.id) ?? []);
    return spot ? [inSpot(asItStands(planting, life), spot, kindOf, backup.settings.house)] : [];
  });
  const worlds = [
    ...worldsOf({
      its,
      log: backup.entries,
      today: asking.value.today,
      hour: asking.value.hour,
      records: {},
    }),
  ].filter((world): world is CareWorld => world !== null);
  return { ok: true as const, worlds, backup, question: asking.value };
}

/** A day's round over a whole yard, in walking order. */
export function round(text: string): Answer {
  const read = yard(text, 'round');
  if (!read.ok) return read.answer;
  const { worlds, backup, question } = read;
  const cares = worlds.map(careFrom);
  const order = walkingOrder(
    cares.map(({ plantingId }) => plantingId),
    backup.entries,
    question.today,
  );
  const walk = roundOf(
    order,
    cares.flatMap((care) => care.tasks),
    question.today,
  );
  return {
    kind: 'done',
    output: {
      litres: rounded(walk.litres),
      trips: walk.trips,
      minutes: rounded(walk.minutes),
      tools: walk.tools,
      stops: walk.stops.map(({ plantingId, tasks: due }) => ({
        plantingId,
        tasks: due.map(told),
      })),
      ...(question.away ? { away: awayPlan(worlds, question.away) } : {}),
    },
  };
}

/** The tasks of a week as an iCalendar file. */
export function calendar(text: string): Answer {
  const read = yard(text, 'calendar');
  if (!read.ok) return read.answer;
  const { worlds, backup, question } = read;
  const names = new Map(backup.plantings.map(({ id, name }) => [id, name]));
  const file = careCalendar(worlds.flatMap(tasksOf), {
    nameOf: (id) => names.get(id) ?? id,
    kindOf,
    units: UNITS,
    // The day that was asked for, so that the same question gives the same file.
    written: Date.parse(`${question.today}T00:00:00Z`),
  });
  return { kind: 'file', write: () => Promise.resolve(new TextEncoder().encode(file)) };
}
