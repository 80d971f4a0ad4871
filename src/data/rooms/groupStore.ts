import type { Gathering } from '@/core/plantings/gathering';
import type { Database } from '../database';

/** Containers that stand together. */
export class GroupStore {
  constructor(private readonly base: Database) {}

  /** Containers that stand together, in the order of their names. */
  async all(): Promise<readonly Gathering[]> {
    return [...(await this.base.in.groups.all())].sort((a, b) => a.name.localeCompare(b.name));
  }

  /** Adds a group, or replaces the one of the same id. */
  async put(group: Gathering): Promise<void> {
    await this.base.write(['groups'], () => this.base.in.groups.put(group));
  }

  /** Parts a group; its containers stay. @returns what is needed to put it back */
  async part(id: string): Promise<Gathering | null> {
    return this.base.taken('groups', id);
  }
}
