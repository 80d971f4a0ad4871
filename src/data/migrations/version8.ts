import { withKindsNow } from '@/core/plants/renamed';
import type { Migration } from './migration';

/** Tables whose records name kinds of plants. */
const NAMING = ['plantings', 'kept', 'steps', 'kinds'] as const;

/** Kinds whose ids read like trade names have others: every record names them as they are called now. */
export const toVersion8: Migration = {
  version: 8,
  stores: {},
  upgrade: async (transaction) => {
    for (const name of NAMING) {
      const table = transaction.table<{ readonly id: string }, string>(name);
      for (const before of await table.toArray()) {
        const after = withKindsNow(before);
        if (after === before) continue;
        if (after.id !== before.id) await table.delete(before.id);
        await table.put(after);
      }
    }
  },
};
