import type * as z from 'zod';
import type { Edit } from './edits';
import type { keptSchema } from './keptSchema';
import type { Planting } from './planting';

/** A planting kept beside the one that is worked on. */
export type Kept = Readonly<z.infer<typeof keptSchema>>;

/** Branch on which a planting begins, before anybody asks what if. */
export const FIRST_PLAN = 'First plan';

/** The branch that is being worked on. */
export function branchOf({ whatIf }: Pick<Planting, 'whatIf'>): string {
  return whatIf ?? FIRST_PLAN;
}

/** What brings a kept planting back as the one worked on: all that was composed, under the name and at the spot it has now. */
export function bringBack({ kind, name, planting }: Kept): Edit {
  const { places, container, shelfId, wishes, plantedWeek, endWeek, care, support } = planting;
  return {
    kind: 'remake',
    why: kind === 'what if' ? 'branch' : 'version',
    change: {
      places,
      container,
      shelfId,
      wishes,
      plantedWeek,
      endWeek,
      care,
      support,
      ...(kind === 'what if' ? { whatIf: name === FIRST_PLAN ? undefined : name } : {}),
    },
  };
}

/** A name that none of these has yet: "What if 2". */
export function freeName(base: string, taken: readonly string[]): string {
  let n = 1;
  while (taken.includes(`${base} ${n}`)) n += 1;
  return `${base} ${n}`;
}
