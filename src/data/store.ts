import { liveQuery } from 'dexie';
import type { DayWeather } from '@/core/climate/weather';
import {
  fromWeatherRows,
  toWeatherRows,
  type Backup,
  type Settings,
} from '@/core/files/plantingFile';
import { applyEdit, type Edit } from '@/core/plantings/edits';
import type { Planting } from '@/core/plantings/planting';
import { saysNothing, type OwnKind } from '@/core/plants/own';
import { ownKindSchema } from '@/core/plants/ownSchema';
import type { Gathering } from '@/core/plantings/gathering';
import { gatheringSchema } from '@/core/plantings/gatheringSchema';
import { houseSchema } from '@/core/plantings/houseSchema';
import { bringBack, branchOf, type Kept } from '@/core/plantings/kept';
import { keptSchema } from '@/core/plantings/keptSchema';
import { plantingSchema } from '@/core/plantings/schema';
import { spotSchema } from '@/core/spots/schema';
import { shelfItemSchema } from '@/core/shelf/schema';
import type { ShelfItem } from '@/core/shelf/shelf';
import { withLightInUse } from '@/core/spots/light';
import type { Spot } from '@/core/spots/spot';
import { RillbankDb, type History, type Step } from './db';
import { USUAL_SETTINGS } from './usualSettings';

/** Changes kept per planting; the oldest go first. */
const MOST_STEPS = 60;

/**
 * All that the interface asks of storage. Every write is one transaction: it happens whole or not at all.
 * Reads parse what is stored; a record that no longer parses is left where it is and counted, never deleted.
 */
export class Store {
  constructor(private readonly db: RillbankDb) {}

  /** Calls back with the answer of a query now and after every change that touches it, in this tab or another. @returns how to stop */
  watch<T>(
    query: (store: Store) => Promise<T>,
    onAnswer: (answer: T) => void,
    onTrouble: (error: unknown) => void,
  ): () => void {
    const watching = liveQuery(() => query(this)).subscribe({ next: onAnswer, error: onTrouble });
    return () => watching.unsubscribe();
  }

  async spots(): Promise<readonly Spot[]> {
    return (await this.db.spots.toArray()).flatMap(
      (record) => spotSchema.safeParse(record).data ?? [],
    );
  }

  async plantings(): Promise<readonly Planting[]> {
    return (await this.db.plantings.toArray()).flatMap(
      (record) => plantingSchema.safeParse(record).data ?? [],
    );
  }

  /** How many stored records cannot be read by this version. */
  async unreadable(): Promise<number> {
    const [plantings, spots, shelf, kinds] = await Promise.all([
      this.db.plantings.toArray(),
      this.db.spots.toArray(),
      this.db.shelf.toArray(),
      this.db.kinds.toArray(),
    ]);
    return (
      plantings.filter((record) => !plantingSchema.safeParse(record).success).length +
      spots.filter((record) => !spotSchema.safeParse(record).success).length +
      shelf.filter((record) => !shelfItemSchema.safeParse(record).success).length +
      kinds.filter((record) => !ownKindSchema.safeParse(record).success).length
    );
  }

  /** @returns `undefined` when there is no such planting or spot, or it cannot be read */
  async planting(
    id: string,
  ): Promise<
    { readonly planting: Planting; readonly spot: Spot; readonly history: History } | undefined
  > {
    const planting = plantingSchema.safeParse(await this.db.plantings.get(id)).data;
    const spot = planting && spotSchema.safeParse(await this.db.spots.get(planting.spotId)).data;
    if (!planting || !spot) return undefined;
    return {
      planting,
      spot,
      history: (await this.db.histories.get(id)) ?? { plantingId: id, past: [], future: [] },
    };
  }

  /** Adds a planting and its spot, or replaces those of the same id. */
  async add(planting: Planting, spot: Spot): Promise<void> {
    await this.db.transaction('rw', this.db.plantings, this.db.spots, async () => {
      await this.db.spots.put(withLightInUse(spot));
      await this.db.plantings.put(planting);
    });
  }

  async addAll({
    spots,
    plantings,
    shelf,
    groups = [],
  }: {
    readonly spots: readonly Spot[];
    readonly plantings: readonly Planting[];
    readonly shelf: readonly ShelfItem[];
    readonly groups?: readonly Gathering[];
  }): Promise<void> {
    await this.db.transaction(
      'rw',
      this.db.plantings,
      this.db.spots,
      this.db.shelf,
      this.db.groups,
      async () => {
        await this.db.groups.bulkPut([...groups]);
        await this.db.shelf.bulkPut([...shelf]);
        await this.db.spots.bulkPut(spots.map(withLightInUse));
        await this.db.plantings.bulkPut([...plantings]);
      },
    );
  }

  /** Containers the gardener has, in the order of their names. */
  async shelf(): Promise<readonly ShelfItem[]> {
    return (await this.db.shelf.toArray())
      .flatMap((record) => shelfItemSchema.safeParse(record).data ?? [])
      .sort((a, b) => a.container.name.localeCompare(b.container.name));
  }

  /** Adds containers to the shelf, or replaces those of the same ids, all or none. */
  async putOnShelf(...items: readonly ShelfItem[]): Promise<void> {
    await this.db.transaction('rw', this.db.shelf, async () => {
      await this.db.shelf.bulkPut([...items]);
    });
  }

  /** Takes a container off the shelf. Plantings that stand in one keep theirs as it is. @returns what is needed to put it back */
  async takeOffShelf(id: string): Promise<ShelfItem | null> {
    return this.db.transaction('rw', this.db.shelf, async () => {
      const item = await this.db.shelf.get(id);
      await this.db.shelf.delete(id);
      return item ?? null;
    });
  }

  /** Plantings kept beside one that is worked on, the newest first. */
  async keptOf(plantingId: string): Promise<readonly Kept[]> {
    return (await this.db.kept.where('plantingId').equals(plantingId).toArray())
      .flatMap((record) => keptSchema.safeParse(record).data ?? [])
      .sort((a, b) => (a.at < b.at ? 1 : -1));
  }

  /** Keeps plantings beside the one worked on, or replaces those of the same ids. */
  async keep(...records: readonly Kept[]): Promise<void> {
    await this.db.kept.bulkPut([...records]);
  }

  /** Lets a kept planting go. @returns what is needed to keep it again */
  async letGo(id: string): Promise<Kept | null> {
    return this.db.transaction('rw', this.db.kept, async () => {
      const record = await this.db.kept.get(id);
      await this.db.kept.delete(id);
      return record ?? null;
    });
  }

  /**
   * Works on another branch: the one left is kept under its name as it stands, the other is brought back, with a way back in history.
   * @param to the branch to work on; a record not yet stored begins a new one
   */
  async switchTo(to: Kept, at: string, name: string): Promise<void> {
    await this.db.transaction(
      'rw',
      this.db.plantings,
      this.db.histories,
      this.db.kept,
      async () => {
        const planting = await this.db.plantings.get(to.plantingId);
        if (!planting) return;
        const left = branchOf(planting);
        const before = (
          await this.db.kept.where('plantingId').equals(to.plantingId).toArray()
        ).find(({ kind, name: called }) => kind === 'what if' && called === left);
        await this.db.kept.put({
          id: before?.id ?? `${to.plantingId}-${left}`.slice(0, 80),
          plantingId: to.plantingId,
          kind: 'what if',
          name: left,
          at,
          from: before?.from ?? null,
          planting,
        });
        await this.db.kept.put(to);
        await this.edit(to.plantingId, bringBack(to), name);
      },
    );
  }

  /** Containers that stand together, in the order of their names. */
  async groups(): Promise<readonly Gathering[]> {
    return (await this.db.groups.toArray())
      .flatMap((record) => gatheringSchema.safeParse(record).data ?? [])
      .sort((a, b) => a.name.localeCompare(b.name));
  }

  /** Adds a group, or replaces the one of the same id. */
  async putGroup(group: Gathering): Promise<void> {
    await this.db.groups.put(group);
  }

  /** Parts a group; its containers stay. @returns what is needed to put it back */
  async partGroup(id: string): Promise<Gathering | null> {
    return this.db.transaction('rw', this.db.groups, async () => {
      const group = await this.db.groups.get(id);
      await this.db.groups.delete(id);
      return group ?? null;
    });
  }

  /** What the gardener knows of kinds of plants. */
  async ownKinds(): Promise<readonly OwnKind[]> {
    return (await this.db.kinds.toArray()).flatMap(
      (record) => ownKindSchema.safeParse(record).data ?? [],
    );
  }

  /** Keeps what the gardener tells of kinds, all or none; a record that says nothing any more is let go. */
  async putOwnKinds(records: readonly OwnKind[]): Promise<void> {
    await this.db.transaction('rw', this.db.kinds, async () => {
      await this.db.kinds.bulkPut(records.filter((record) => !saysNothing(record)));
      await this.db.kinds.bulkDelete(records.filter(saysNothing).map(({ id }) => id));
    });
  }

  /** Forgets what was told of a kind. @returns what is needed to bring it back */
  async forgetOwnKind(id: string): Promise<OwnKind | null> {
    return this.db.transaction('rw', this.db.kinds, async () => {
      const record = await this.db.kinds.get(id);
      await this.db.kinds.delete(id);
      return record ?? null;
    });
  }

  /** @returns `undefined` when there is no such spot, or it cannot be read */
  async spot(id: string): Promise<Spot | undefined> {
    return spotSchema.safeParse(await this.db.spots.get(id)).data;
  }

  /** Adds a spot, or replaces the one of the same id, with its hours of sun taken from where it says they come from. */
  async putSpot(spot: Spot): Promise<void> {
    await this.db.spots.put(withLightInUse(spot));
  }

  /** Takes a spot away. @returns false when containers still stand there, and nothing was done */
  async removeSpot(id: string): Promise<boolean> {
    return this.db.transaction('rw', this.db.plantings, this.db.spots, async () => {
      if ((await this.db.plantings.where('spotId').equals(id).count()) > 0) return false;
      await this.db.spots.delete(id);
      return true;
    });
  }

  /** Daily weather records of a spot, oldest first; none when there are none. */
  async weather(spotId: string): Promise<readonly DayWeather[]> {
    return (await this.db.weather.get(spotId))?.days ?? [];
  }

  /** Lays daily records over those there are: a day that was there already is replaced. */
  async putWeather(spotId: string, days: readonly DayWeather[]): Promise<void> {
    await this.db.transaction('rw', this.db.weather, async () => {
      const byDate = new Map(
        [...(await this.weather(spotId)), ...days].map((day) => [day.date, day]),
      );
      await this.db.weather.put({
        spotId,
        days: [...byDate.values()].sort((a, b) => (a.date < b.date ? -1 : 1)),
      });
    });
  }

  async removeWeather(spotId: string): Promise<void> {
    await this.db.weather.delete(spotId);
  }

  /** Changes a planting by one edit and remembers the way back. Reads afresh, so that two tabs do not overwrite each other. */
  async edit(id: string, edit: Edit, name: string): Promise<void> {
    await this.step(id, (planting, history) => {
      const next = applyEdit(planting, edit);
      return next === planting
        ? null
        : {
            planting: next,
            past: [...history.past, { name, planting }].slice(-MOST_STEPS),
            future: [],
          };
    });
  }

  async undo(id: string): Promise<void> {
    await this.step(id, (planting, { past, future }) => {
      const last = past[past.length - 1];
      return last
        ? {
            planting: last.planting,
            past: past.slice(0, -1),
            future: [{ name: last.name, planting }, ...future],
          }
        : null;
    });
  }

  async redo(id: string): Promise<void> {
    await this.step(id, (planting, { past, future }) => {
      const next = future[0];
      return next
        ? {
            planting: next.planting,
            past: [...past, { name: next.name, planting }],
            future: future.slice(1),
          }
        : null;
    });
  }

  /** Walks back (negative) or forward through a planting's changes by so many steps, as one whole. */
  async walk(id: string, steps: number): Promise<void> {
    await this.db.transaction('rw', this.db.plantings, this.db.histories, async () => {
      for (let i = 0; i < Math.abs(steps); i += 1)
        await (steps < 0 ? this.undo(id) : this.redo(id));
    });
  }

  private async step(
    id: string,
    change: (
      planting: Planting,
      history: History,
    ) => { planting: Planting; past: readonly Step[]; future: readonly Step[] } | null,
  ): Promise<void> {
    await this.db.transaction('rw', this.db.plantings, this.db.histories, async () => {
      const planting = await this.db.plantings.get(id);
      if (!planting) return;
      const result = change(
        planting,
        (await this.db.histories.get(id)) ?? { plantingId: id, past: [], future: [] },
      );
      if (!result) return;
      await this.db.plantings.put(result.planting);
      await this.db.histories.put({ plantingId: id, past: result.past, future: result.future });
    });
  }

  /** Takes a planting away, and its spot when nothing else stands there and nothing was described of it. @returns what is needed to put it back */
  async remove(id: string): Promise<{
    readonly planting: Planting;
    readonly spot: Spot;
    readonly kept: readonly Kept[];
  } | null> {
    return this.db.transaction(
      'rw',
      this.db.plantings,
      this.db.spots,
      this.db.histories,
      this.db.kept,
      async () => {
        const planting = await this.db.plantings.get(id);
        const spot = planting && (await this.db.spots.get(planting.spotId));
        if (!planting || !spot) return null;
        await this.db.plantings.delete(id);
        await this.db.histories.delete(id);
        const kept = await this.db.kept.where('plantingId').equals(id).toArray();
        await this.db.kept.bulkDelete(kept.map((record) => record.id));
        if (isBare(spot) && (await this.db.plantings.where('spotId').equals(spot.id).count()) === 0)
          await this.db.spots.delete(spot.id);
        return { planting, spot, kept };
      },
    );
  }

  /** Takes away the demo set: plantings marked as such and their spots, unless something of the gardener's stands there. */
  async removeDemo(): Promise<number> {
    return this.db.transaction(
      'rw',
      [
        this.db.plantings,
        this.db.spots,
        this.db.histories,
        this.db.shelf,
        this.db.kept,
        this.db.groups,
      ],
      async () => {
        const demo = (await this.db.plantings.toArray()).filter((planting) => planting.demo);
        await this.db.plantings.bulkDelete(demo.map(({ id }) => id));
        await this.db.histories.bulkDelete(demo.map(({ id }) => id));
        for (const spotId of new Set(demo.map(({ spotId }) => spotId)))
          if ((await this.db.plantings.where('spotId').equals(spotId).count()) === 0)
            await this.db.spots.delete(spotId);
        await this.db.kept
          .where('plantingId')
          .anyOf(demo.map(({ id }) => id))
          .delete();
        await this.db.groups.bulkDelete(
          (await this.db.groups.toArray()).filter((group) => group.demo).map(({ id }) => id),
        );
        await this.db.shelf.bulkDelete(
          (await this.db.shelf.toArray()).filter((item) => item.demo).map(({ id }) => id),
        );
        return demo.length;
      },
    );
  }

  async settings(): Promise<Settings> {
    const stored = await this.db.settings.get('settings');
    return stored
      ? {
          length: stored.length,
          currency: stored.currency,
          theme: stored.theme,
          house: houseSchema.safeParse(stored.house ?? {}).data ?? USUAL_SETTINGS.house,
        }
      : USUAL_SETTINGS;
  }

  async setSettings(change: Partial<Settings>): Promise<void> {
    await this.db.transaction('rw', this.db.settings, async () => {
      await this.db.settings.put({ key: 'settings', ...(await this.settings()), ...change });
    });
  }

  /** Everything, as a backup. */
  async backup(written: string): Promise<Backup> {
    const [spots, plantings, settings, weather, shelf, kinds, groups, keptRows] = await Promise.all(
      [
        this.spots(),
        this.plantings(),
        this.settings(),
        this.db.weather.toArray(),
        this.shelf(),
        this.ownKinds(),
        this.groups(),
        this.db.kept.toArray(),
      ],
    );
    const here = new Set(spots.map(({ id }) => id));
    const planted = new Set(plantings.map(({ id }) => id));
    const kept = keptRows
      .flatMap((record) => keptSchema.safeParse(record).data ?? [])
      .filter(({ plantingId }) => planted.has(plantingId));
    return {
      format: 'rillbank-backup',
      version: 1,
      written,
      spots: [...spots],
      plantings: [...plantings],
      shelf: [...shelf],
      kinds: [...kinds],
      kept,
      groups: [...groups],
      settings,
      weather: weather.filter(({ spotId }) => here.has(spotId)).map(toWeatherRows),
    };
  }

  /** Puts a whole backup in the place of what is there. */
  async restore(backup: Backup): Promise<void> {
    await this.db.transaction(
      'rw',
      [
        this.db.plantings,
        this.db.spots,
        this.db.histories,
        this.db.settings,
        this.db.weather,
        this.db.shelf,
        this.db.kinds,
        this.db.kept,
        this.db.groups,
      ],
      async () => {
        await Promise.all([
          this.db.plantings.clear(),
          this.db.spots.clear(),
          this.db.histories.clear(),
          this.db.weather.clear(),
          this.db.shelf.clear(),
          this.db.kinds.clear(),
          this.db.kept.clear(),
          this.db.groups.clear(),
        ]);
        await this.db.kept.bulkPut([...backup.kept]);
        await this.db.groups.bulkPut([...backup.groups]);
        await this.db.kinds.bulkPut([...backup.kinds]);
        await this.db.shelf.bulkPut([...backup.shelf]);
        await this.db.weather.bulkPut(backup.weather.map(fromWeatherRows));
        await this.db.spots.bulkPut(backup.spots.map(withLightInUse));
        await this.db.plantings.bulkPut([...backup.plantings]);
        await this.db.settings.put({ key: 'settings', ...backup.settings });
      },
    );
  }

  /** Has anything ever been stored here? */
  async isEmpty(): Promise<boolean> {
    return (await this.db.plantings.count()) === 0 && (await this.db.settings.count()) === 0;
  }
}

/** Is nothing said of a spot but what a start sheet asks? */
function isBare({
  lightFrom,
  obstacles,
  sunLog,
  eyes,
  background,
  normals,
  ratedLoad,
}: Spot): boolean {
  return (
    lightFrom === 'told' &&
    [obstacles, sunLog, eyes, background].every((list) => !list || list.length === 0) &&
    !normals &&
    !ratedLoad
  );
}

/** Opens the browser's own storage. */
export function openStore(): Store {
  return new Store(new RillbankDb());
}
