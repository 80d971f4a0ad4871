import type { Day } from '../calendar/day';
import { holding, isOf, type Entry } from '../log/entry';
import type { Task, Tool } from './task';

/** One container of a round, with what is due there. */
export interface Stop {
  readonly plantingId: string;
  readonly tasks: readonly Task[];
  readonly litres: number;
  readonly minutes: number;
}

/** A walk from container to container. */
export interface Round {
  readonly stops: readonly Stop[];
  readonly litres: number;
  /** Walks with two full cans. */
  readonly trips: number;
  readonly tools: readonly Tool[];
  readonly minutes: number;
  /** What has more than so much to do that a calm page says so. */
  readonly urgent: number;
}

/** Two cans of ten litres are carried at once: what most people lift well. */
const CANS_L = 20;
/** Minutes from one container to the next, and for each walk back to the tap. Ours. */
const STEP_MINUTES = 0.3;
const TAP_MINUTES = 2;

/**
 * The order in which containers are walked: as the last round went, then what was not on it beside its neighbours in the order given.
 * An order told by hand is a round of its own.
 */
export function walkingOrder(
  plantingIds: readonly string[],
  log: readonly Entry[],
): readonly string[] {
  const known = new Set(plantingIds);
  const last = holding(log).findLast((entry) => isOf(entry, 'round'));
  const walked = last && isOf(last, 'round') ? last.what.order.filter((id) => known.has(id)) : [];
  if (walked.length === 0) return plantingIds;
  const order = [...walked];
  plantingIds.forEach((id, i) => {
    if (order.includes(id)) return;
    // Beside the one before it in the yard, or first.
    const before = plantingIds.slice(0, i).findLast((other) => order.includes(other));
    order.splice(before === undefined ? 0 : order.indexOf(before) + 1, 0, id);
  });
  return order;
}

/** What is due on a day, in walking order; containers that want nothing are passed by. */
export function roundOf(order: readonly string[], tasks: readonly Task[], today: Day): Round {
  const byPlanting = new Map<string, Task[]>();
  for (const task of tasks)
    if (task.earliest <= today)
      byPlanting.set(task.plantingId, [...(byPlanting.get(task.plantingId) ?? []), task]);
  const stops = order.flatMap((plantingId): Stop[] => {
    const own = byPlanting.get(plantingId);
    if (!own) return [];
    const sorted = [...own].sort(
      (a, b) => Number(b.isUrgent) - Number(a.isUrgent) || (a.latest < b.latest ? -1 : 1),
    );
    return [
      {
        plantingId,
        tasks: sorted,
        litres: sum(sorted, ({ litres }) => litres),
        minutes: sum(sorted, ({ minutes }) => minutes) + STEP_MINUTES,
      },
    ];
  });
  const litres = sum(stops, (stop) => stop.litres);
  const trips = Math.ceil(litres / CANS_L - 1e-9);
  return {
    stops,
    litres,
    trips: Math.max(0, trips),
    tools: [...new Set(stops.flatMap((stop) => stop.tasks.flatMap(({ tools }) => tools)))],
    minutes: sum(stops, ({ minutes }) => minutes) + Math.max(0, trips) * TAP_MINUTES,
    urgent: stops.filter((stop) => stop.tasks.some(({ isUrgent }) => isUrgent)).length,
  };
}

function sum<T>(list: readonly T[], of: (one: T) => number): number {
  return list.reduce((total, one) => total + of(one), 0);
}
