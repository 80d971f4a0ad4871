import { withKindsNow } from '@/core/plants/renamed';
import type { Migration } from './migration';

/** Tables whose records name kinds of plants. */
const NAMING = ['plantings', 'kept', 'steps', 'kinds'] as const;

/** Kinds of the book were given other ids: every record names them as they are called now. */
export function kindsRenamed(version: number): Migration {
  return {
    version,
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
}
