import type { Day } from '../calendar/day';
import { dayOf, holding, isOf, type Entry, type What } from '../log/entry';
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
  /** Containers of which something cannot wait. */
  readonly urgent: number;
}

/** Two cans of ten litres are carried at once: what most people lift well. */
const CANS_L = 20;
/** Minutes from one container to the next, and for each walk back to the tap. Ours. */
const STEP_MINUTES = 0.3;
const TAP_MINUTES = 2;

/** What is written on a round, container by container. */
const ON_ROUND: ReadonlySet<What['did']> = new Set([
  'watered',
  'fed',
  'felt',
  'deadheaded',
  'trimmed',
  'tied',
  'task done',
]);
/** Fewer containers answered one after the other are no walk to learn from. */
const LEAST_WALKED = 3;

/** The order in which containers were answered on the last day before today on which several were, one after the other; empty: no such day. */
function orderWalked(
  held: readonly Entry[],
  today: Day,
): { readonly on: Day; readonly order: readonly string[] } | null {
  const days = new Map<Day, Map<string, string>>();
  for (const entry of held) {
    const { plantingId } = entry.of;
    const day = dayOf(entry);
    if (plantingId === undefined || day >= today || !ON_ROUND.has(entry.what.did)) continue;
    const first = days.get(day) ?? new Map<string, string>();
    days.set(day, first);
    if (!first.has(plantingId)) first.set(plantingId, entry.at);
  }
  const walks = [...days]
    // What was told at one go tells no order.
    .filter(([, first]) => new Set(first.values()).size >= LEAST_WALKED)
    .sort(([a], [b]) => (a < b ? -1 : 1));
  const last = walks[walks.length - 1];
  return last ? { on: last[0], order: [...last[1].keys()] } : null;
}

/**
 * The order in which containers are walked: as it was told by hand, or as they were answered on a later day; what was not on that walk stands
 * beside its neighbours in the order given. It does not change in the midst of a round.
 */
export function walkingOrder(
  plantingIds: readonly string[],
  log: readonly Entry[],
  today: Day,
): readonly string[] {
  const known = new Set(plantingIds);
  const held = holding(log);
  const told = held.findLast((entry) => isOf(entry, 'round'));
  const byFoot = orderWalked(held, today);
  const lastOrder =
    told && isOf(told, 'round') && (!byFoot || dayOf(told) >= byFoot.on)
      ? told.what.order
      : (byFoot?.order ?? []);
  const walked = lastOrder.filter((id) => known.has(id));
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
