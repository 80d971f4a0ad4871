import type { Done } from '@/core/plantings/done';
import { bringBack, branchOf, type Kept } from '@/core/plantings/kept';
import { NotKept } from '../trouble';
import type { Database } from '../database';
import type { HistoryStore } from './historyStore';

/** More than anybody looks through lie beside no planting. */
export const MOST_KEPT = 60;

/** Plantings kept beside one that is worked on. */
export class KeptStore {
  constructor(
    private readonly base: Database,
    private readonly history: HistoryStore,
  ) {}

  /** Plantings kept beside one that is worked on, the newest first. */
  async of(plantingId: string): Promise<readonly Kept[]> {
    const rows = await this.base.db.kept.where('plantingId').equals(plantingId).toArray();
    return [...this.base.in.kept.readable(rows)].sort((a, b) => (a.at < b.at ? 1 : -1));
  }

  /**
   * Keeps plantings beside the one worked on, or replaces those of the same ids.
   * @throws {NotKept} when more would lie beside one planting than {@link MOST_KEPT}; nothing is kept then
   */
  async put(...records: readonly Kept[]): Promise<void> {
    await this.base.write(['kept'], async () => {
      await this.base.in.kept.put(...records);
      for (const plantingId of new Set(records.map((record) => record.plantingId))) {
        const many = await this.base.db.kept.where('plantingId').equals(plantingId).count();
        if (many > MOST_KEPT)
          throw new NotKept({
            kind: 'refused',
            what: 'What is kept beside a planting',
            faults: [
              {
                field: '',
                message: `At most ${MOST_KEPT} are kept beside one planting: let one go first.`,
              },
            ],
          });
      }
    });
  }

  /** Lets a kept planting go. @returns what is needed to keep it again */
  async letGo(id: string): Promise<Kept | null> {
    return this.base.taken('kept', id);
  }

  /**
   * Works on another branch: the one left is kept under its name as it stands, the other is brought back, with a way back in history.
   * @param to the branch to work on; a record not yet stored begins a new one
   */
  async switchTo(to: Kept, at: string, done: Done): Promise<void> {
    await this.base.write(['plantings', 'steps', 'kept'], async () => {
      const planting = await this.base.in.plantings.get(to.plantingId);
      if (!planting) return;
      const left = branchOf(planting);
      const before = (await this.of(to.plantingId)).find(
        ({ kind, name: called }) => kind === 'what if' && called === left,
      );
      await this.base.in.kept.put(
        {
          id: before?.id ?? `${to.plantingId}-${left}`.slice(0, 80),
          plantingId: to.plantingId,
          kind: 'what if',
          name: left,
          at,
          from: before?.from ?? null,
          planting,
        },
        to,
      );
      await this.history.editing(to.plantingId, bringBack(to), done);
    });
  }
}
