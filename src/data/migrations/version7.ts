import { differencesOf } from '@/core/records/difference';
import { keyOf, stepId, type Step } from '@/core/records/step';
import type { Migration } from './migration';

/** A history as it was kept before: whole plantings on the other side of each change. */
interface OldHistory {
  readonly plantingId: string;
  readonly past?: readonly OldStep[];
  readonly future?: readonly OldStep[];
}
interface OldStep {
  readonly name: string;
  readonly planting: object;
}

/** Who made the steps of before: nobody whose window is still open. */
const BEFORE = 'before';

/** Histories are kept as steps of what differs, for every table; what was done as data. */
export const toVersion7: Migration = {
  version: 7,
  stores: { steps: 'id, of, [of+undone]' },
  upgrade: async (transaction) => {
    const histories: OldHistory[] = await transaction.table('histories').toArray();
    for (const history of histories) {
      const now = await transaction.table('plantings').get(history.plantingId);
      if (now) await transaction.table('steps').bulkPut([...stepsOf(history, now)]);
    }
    await transaction.table('histories').clear();
  },
};

/** The changes between whole plantings, in the order in which they were made. */
function stepsOf({ plantingId, past = [], future = [] }: OldHistory, now: object): readonly Step[] {
  const states = [...past.map(({ planting }) => planting), now];
  const ahead = [now, ...future.map(({ planting }) => planting)];
  const between = (
    before: object,
    after: object,
    name: string,
    i: number,
    undone: 0 | 1,
  ): Step => ({
    id: stepId(i, 0, BEFORE),
    of: keyOf({ table: 'plantings', id: plantingId }),
    at: new Date(0).toISOString(),
    by: BEFORE,
    done: { did: 'told', name },
    differences: differencesOf(before, after),
    undone,
  });
  return [
    ...past.map(({ name }, i) => between(states[i]!, states[i + 1]!, name, i, 0)),
    ...future.map(({ name }, i) => between(ahead[i]!, ahead[i + 1]!, name, past.length + i, 1)),
  ];
}
