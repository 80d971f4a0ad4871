import { withDifferences } from '@/core/records/difference';
import type { Raw } from '../db';
import { Repository, type Unreadable } from '../repository';
import { EVERY_TABLE, type RoomTable, type TableName } from '../tables';
import type { Database } from '../database';

/** Records that this version cannot read: they lie as they are until the gardener says what becomes of them. */
export class UnreadableStore {
  constructor(private readonly base: Database) {}

  /** Stored records of some tables, or of all, that this version cannot read, by name. */
  async all(...tables: readonly TableName[]): Promise<readonly Unreadable[]> {
    const asked = tables.length > 0 ? tables : EVERY_TABLE;
    const found: Unreadable[] = [];
    for (const name of asked) found.push(...(await this.base.in[name].unreadable()));
    return found;
  }

  /** The last state of an unreadable record that can be read, found by taking back its changes. `null` when there is none. */
  async lastReadable({ table, id, raw }: Unreadable): Promise<Raw | null> {
    const repository = this.base.in[table] as unknown as Repository<RoomTable>;
    let state: Raw = raw;
    for (const step of [...(await this.base.steps.stepsOf({ table, id }))].reverse()) {
      if (step.undone === 0) state = withDifferences(state, step.differences, 'was').record;
      if (repository.faultsOf(state).length === 0) return state;
    }
    return null;
  }

  /** Puts an unreadable record back to a state that can be read. */
  async mend({ table, id }: Unreadable, state: Raw): Promise<void> {
    await this.base.write([table, 'steps'], async () => {
      await this.base.in[table].put(state as never);
      await this.base.steps.forget([{ table, id }]);
    });
  }

  /** Takes an unreadable record away for good. */
  async discard({ table, id }: Unreadable): Promise<void> {
    await this.base.write([table], () => this.base.db.table(table).delete(id));
  }
}
