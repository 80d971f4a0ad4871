import type { Round } from './round';
import type { RuleId, Task } from './task';

/** What a day off leaves undone. */
export interface DayOff {
  /** Little happens if it is done tomorrow or later. */
  readonly canWait: readonly Task[];
  /** Harm comes of leaving it for a day. */
  readonly cannot: readonly Task[];
}

/** What is asked for only where a day's delay does harm. All else is asked for again in its next window. */
const HARMS: ReadonlySet<RuleId> = new Set(['water', 'cover', 'bring in', 'wrap']);

/** Nobody walks today: what of the round can wait until another day, and what cannot. */
export function dayOff({ stops }: Pick<Round, 'stops'>): DayOff {
  const tasks = stops.flatMap((stop) => stop.tasks);
  const waits = ({ isUrgent, rule }: Task) => !isUrgent && !HARMS.has(rule);
  return {
    canWait: tasks.filter(waits),
    cannot: tasks.filter((task) => !waits(task)),
  };
}
