import { saysNothing, type OwnKind } from '@/core/plants/own';
import type { Database } from '../database';

/** What the gardener knows of kinds of plants. */
export class KindStore {
  constructor(private readonly base: Database) {}

  /** What the gardener knows of kinds of plants. */
  all(): Promise<readonly OwnKind[]> {
    return this.base.in.kinds.all();
  }

  /** Keeps what the gardener tells of kinds, all or none; a record that says nothing any more is let go. */
  async put(records: readonly OwnKind[]): Promise<void> {
    await this.base.write(['kinds'], async () => {
      await this.base.in.kinds.put(...records.filter((record) => !saysNothing(record)));
      await this.base.db.kinds.bulkDelete(records.filter(saysNothing).map(({ id }) => id));
    });
  }

  /** Forgets what was told of a kind. @returns what is needed to bring it back */
  async forget(id: string): Promise<OwnKind | null> {
    return this.base.taken('kinds', id);
  }
}
