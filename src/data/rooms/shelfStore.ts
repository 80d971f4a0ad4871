import type { ShelfItem } from '@/core/shelf/shelf';
import type { Database } from '../database';

/** Containers that the gardener has. */
export class ShelfStore {
  constructor(private readonly base: Database) {}

  /** Containers the gardener has, in the order of their names. */
  async all(): Promise<readonly ShelfItem[]> {
    const items = await this.base.in.shelf.all();
    return [...items].sort((a, b) => a.container.name.localeCompare(b.container.name));
  }

  /** Adds containers to the shelf, or replaces those of the same ids, all or none. */
  async put(...items: readonly ShelfItem[]): Promise<void> {
    await this.base.write(['shelf'], () => this.base.in.shelf.put(...items));
  }

  /** Takes a container off the shelf. Plantings that stand in one keep theirs as it is. @returns what is needed to put it back */
  async take(id: string): Promise<ShelfItem | null> {
    return this.base.taken('shelf', id);
  }
}
