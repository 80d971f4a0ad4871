import type { Mark } from '@/core/meeting/stamp';
import type { Backup } from '@/core/files/plantingFile';
import type { Entry } from '@/core/log/entry';
import type { Gathering } from '@/core/plantings/gathering';
import type { Planting } from '@/core/plantings/planting';
import type { ShelfItem } from '@/core/shelf/shelf';
import type { Spot } from '@/core/spots/spot';
import { backupOf, emptied, REPLACED, restored, type Snapshot } from '../backups';
import {
  broughtTogether,
  marksOf,
  meetingOf,
  remembered,
  restamped,
  type Meeting,
  type Taking,
} from '../meeting';
import { DEMO_MARK, demoOf, demoWork, type DemoWork } from '../demo';
import { EVERY_TABLE, type TableName } from '../tables';
import type { Draft } from './logStore';
import type { Database } from '../database';
import type { SettingsStore } from './settingsStore';

/** What goes along in a backup. */
export interface BackupAsked {
  /** Photographs too; else they go beside it. */
  readonly withPhotos?: boolean;
  /**
   * May another device begin from it? Then what it holds is remembered, to be laid together with what comes back. A copy that is made by
   * itself every day would only put that out of mind.
   */
  readonly isForOthers?: boolean;
}

/** All that is kept here at once: counted, saved as a file, brought together, put in the place of another. */
export class WholeStore {
  constructor(
    private readonly base: Database,
    private readonly settings: SettingsStore,
  ) {}

  /** Adds records of several rooms at once, all or none, or replaces those of the same ids. @returns what was written of them in the log */
  async addAll({
    spots,
    plantings,
    shelf,
    groups = [],
    entries = [],
    drafts = [],
    heldAt,
  }: {
    readonly spots: readonly Spot[];
    readonly plantings: readonly Planting[];
    readonly shelf: readonly ShelfItem[];
    readonly groups?: readonly Gathering[];
    readonly entries?: readonly Entry[];
    /** What is written of them as they come in. */
    readonly drafts?: readonly Draft[];
    /** The day it brings along; not taken where the gardener has something of their own already. */
    readonly heldAt?: string;
  }): Promise<readonly Entry[]> {
    const tables = ['plantings', 'spots', 'shelf', 'groups', 'entries', 'settings'];
    const written = drafts.map((draft): Entry => ({ id: this.base.freshId(), ...draft }));
    await this.base.write(tables, async () => {
      const bare = (await this.base.db.plantings.count()) === 0;
      if (heldAt && bare)
        await this.base.in.settings.put({
          key: 'settings',
          ...(await this.settings.get()),
          heldAt,
        });
      await this.base.in.entries.put(...entries, ...written);
      await this.base.in.groups.put(...groups);
      await this.base.in.shelf.put(...shelf);
      await this.base.in.spots.put(...spots);
      await this.base.in.plantings.put(...plantings);
    });
    return written;
  }

  /** What has been done on the demo set since it came in: what would go with it. */
  demoWork(): Promise<DemoWork> {
    return demoWork(this.base.db);
  }

  /** Takes away the demo set: all that is marked as such, unless something of the gardener's stands there. @returns what is needed to put it back */
  async removeDemo(): Promise<Snapshot> {
    return this.base.write(EVERY_TABLE, async () => {
      const demo = await demoOf(this.base.db);
      await emptied(this.base.db, demo);
      // Its day goes with it.
      const { heldAt, ...settings } = await this.settings.get();
      if (heldAt) await this.base.in.settings.put({ key: 'settings', ...settings });
      return heldAt ? { ...demo, settings: [{ key: 'settings', ...settings, heldAt }] } : demo;
    });
  }

  /** Everything, as a backup; what cannot be read goes along as it lies. */
  async backup(
    written: string,
    { withPhotos = true, isForOthers = true }: BackupAsked = {},
  ): Promise<Backup> {
    const marks = await this.marked(isForOthers);
    return this.base.db.transaction('r', EVERY_TABLE, async () =>
      backupOf(this.base.in, { written, settings: await this.settings.get(), withPhotos, marks }),
    );
  }

  /** Counts what changed since it was last counted. A file without marks is better than none where nothing can be written any more. */
  private async marked(isForOthers: boolean): Promise<readonly Mark[]> {
    try {
      return await this.base.db.transaction('rw', EVERY_TABLE, async () => {
        const stamps = await restamped(this.base.db, this.base.in);
        if (isForOthers) await remembered(this.base.in, stamps);
        return marksOf(stamps);
      });
    } catch {
      return [];
    }
  }

  /** What would come of bringing a backup together with what is here. */
  async meeting(backup: Backup): Promise<Meeting> {
    return this.base.write(EVERY_TABLE, async () =>
      meetingOf(this.base.in, await restamped(this.base.db, this.base.in), backup),
    );
  }

  /**
   * Brings a backup together with what is here.
   * @param taking by record, where both changed the same; what is not told stays as it is here
   * @returns what is needed to go back
   */
  async bringTogether(backup: Backup, taking: ReadonlyMap<string, Taking>): Promise<Snapshot> {
    return this.base.write(EVERY_TABLE, () =>
      broughtTogether(this.base.db, this.base.in, { backup, taking }),
    );
  }

  /** Puts a whole backup in the place of what is there. Records that cannot be read stay. @returns what is needed to go back */
  async restore(backup: Backup): Promise<Snapshot> {
    return this.base.write(EVERY_TABLE, () => restored(this.base.db, this.base.in, backup));
  }

  /** Puts rows back as they lay, in the place of those that came instead. */
  async putBack(rows: Snapshot, { only = false }: { readonly only?: boolean } = {}): Promise<void> {
    await this.base.write(EVERY_TABLE, async () => {
      for (const name of EVERY_TABLE) {
        const table = this.base.db.table(name);
        if (only && rows[name] && REPLACED.includes(name)) await table.clear();
        await table.bulkPut([...(rows[name] ?? [])]);
      }
    });
  }

  /** How many records each table holds, readable or not. */
  async counts(): Promise<Readonly<Record<TableName, number>>> {
    const counts: Partial<Record<TableName, number>> = {};
    for (const name of EVERY_TABLE) counts[name] = await this.base.db.table(name).count();
    return counts as Record<TableName, number>;
  }

  /** What a gardener made here themselves: the demo set left out. */
  async ownWork(): Promise<{
    readonly plantings: number;
    readonly entries: number;
    readonly photographs: number;
  }> {
    return this.base.db.transaction(
      'r',
      [this.base.db.plantings, this.base.db.entries, this.base.db.photos],
      async () => {
        const ids = await this.base.db.entries.toCollection().primaryKeys();
        return {
          plantings: await this.base.db.plantings.filter(({ demo }) => demo !== true).count(),
          entries: ids.filter((id) => !id.endsWith(DEMO_MARK)).length,
          photographs: await this.base.db.photos.count(),
        };
      },
    );
  }

  /** Has anything ever been stored here? */
  async isEmpty(): Promise<boolean> {
    return (
      (await this.base.db.plantings.count()) === 0 && (await this.base.db.settings.count()) === 0
    );
  }
}
