import type { Entry } from '@/core/log/entry';
import type { History, Step } from '@/core/records/step';
import type { Done } from '@/core/plantings/done';
import type { Edit } from '@/core/plantings/edits';
import type { Kept } from '@/core/plantings/kept';
import { byPlanting, lifeOf, type Life } from '@/core/log/life';
import { chainOf, weeksBeforeOf } from '@/core/log/story';
import type { Planting, PlantingInSpot } from '@/core/plantings/planting';
import type { Spot } from '@/core/spots/spot';
import type { RecordOf } from '../tables';
import type { Database } from '../database';
import type { SpotStore } from './spotStore';
import type { LogStore } from './logStore';
import type { HistoryStore } from './historyStore';

/** A planting that was taken away, with all that is needed to put it back. */
export interface GonePlanting {
  readonly planting: Planting;
  readonly spot: Spot;
  readonly kept: readonly Kept[];
  readonly steps: readonly Step[];
}

/** Plantings that stand: read, changed, put and taken away. */
export class PlantingStore {
  constructor(
    private readonly base: Database,
    private readonly spots: SpotStore,
    private readonly log: LogStore,
    private readonly history: HistoryStore,
  ) {}

  all(): Promise<readonly Planting[]> {
    return this.base.in.plantings.allInParts();
  }

  /**
   * A few plantings that stand, at their spots, with what was told of them: enough to begin a walk with while the rest is read.
   * @param ids those wanted first; where none of them is there, the ones planted first
   */
  async fewStanding(
    ids: readonly string[],
    many: number,
  ): Promise<{
    readonly spots: readonly Spot[];
    readonly plantings: readonly Planting[];
    readonly entries: readonly Entry[];
  }> {
    const asked = ids.slice(0, many);
    const planted = this.base.db.entries.where('what.did').equals('planted').limit(many);
    const standing = async () =>
      this.base.in.entries
        .readable(await planted.toArray())
        .flatMap(({ of }) => of.plantingId ?? []);
    const rowsOf = async (keys: string[]) =>
      (await this.base.db.plantings.bulkGet(keys)).filter((row) => row !== undefined);
    let rows = await rowsOf(asked);
    if (rows.length === 0) rows = await rowsOf([...new Set(await standing())]);
    const plantings = this.base.in.plantings.readable(rows);
    const told = await this.base.db.entries
      .where('of.plantingId')
      .anyOf(plantings.map(({ id }) => id))
      .sortBy('id');
    return {
      spots: await this.spots.all(),
      plantings,
      entries: this.base.in.entries.readable(told),
    };
  }

  /** Names and ids of plantings, without reading them whole. */
  async names(): Promise<readonly { readonly id: string; readonly name: string }[]> {
    return (await this.base.db.plantings.toArray()).flatMap(({ id, name }) =>
      typeof id === 'string' && typeof name === 'string' ? [{ id, name }] : [],
    );
  }

  /** Plantings that stand at a spot. */
  async at(spotId: string): Promise<readonly Planting[]> {
    return this.base.in.plantings.readable(
      await this.base.db.plantings.where('spotId').equals(spotId).toArray(),
    );
  }

  /** Id of the first planting that can be read; `null` when there is none. */
  async first(): Promise<string | null> {
    let first: string | null = null;
    await this.base.db.plantings
      .toCollection()
      .until(() => first !== null)
      .each((row) => {
        first = this.base.in.plantings.readable([row])[0]?.id ?? null;
      });
    return first;
  }

  /** @returns `undefined` when there is no such planting or spot, or it cannot be read */
  async get(
    id: string,
  ): Promise<
    { readonly planting: Planting; readonly spot: Spot; readonly history: History } | undefined
  > {
    return this.base.db.transaction(
      'r',
      [this.base.db.plantings, this.base.db.spots, this.base.db.steps],
      async () => {
        const planting = await this.base.in.plantings.get(id);
        const spot = planting && (await this.base.in.spots.get(planting.spotId));
        if (!planting || !spot) return undefined;
        return {
          planting,
          spot,
          history: await this.base.steps.history({ table: 'plantings', id }),
        };
      },
    );
  }

  /** Whole weeks that each plant of a planting stood in its container before it, where it goes on from another. */
  async weeksBefore(
    planting: Pick<Planting, 'id' | 'follows' | 'places' | 'plantedWeek'>,
  ): Promise<PlantingInSpot['weeksBefore']> {
    if (planting.follows === undefined) return {};
    return this.base.db.transaction(
      'r',
      [this.base.db.plantings, this.base.db.entries],
      async () => {
        const known = new Map<string, Planting>();
        for (let next = planting.follows; next !== undefined && !known.has(next);) {
          const one: Planting | undefined = await this.base.in.plantings.get(next);
          if (!one) break;
          known.set(next, one);
          next = one.follows;
        }
        const lives = new Map<string, Life>();
        for (const id of [planting.id, ...known.keys()])
          lives.set(id, lifeOf(byPlanting(await this.log.entries(id)).get(id) ?? []));
        const chapters = chainOf(planting, (id) => known.get(id)).map((one) => ({
          planting: one,
          life: lives.get(one.id)!,
        }));
        return weeksBeforeOf(planting, lives.get(planting.id)!.plantedOn, chapters);
      },
    );
  }

  /** Is there a planting of that id, readable or not? */
  async isTaken(plantingId: string): Promise<boolean> {
    return (await this.base.db.plantings.get(plantingId)) !== undefined;
  }

  /** Adds a planting and its spot, or replaces those of the same id; with what was kept beside it and its changes, when it comes back. */
  async add(
    planting: Planting,
    spot: Spot,
    { kept = [], steps = [] }: Partial<Pick<GonePlanting, 'kept' | 'steps'>> = {},
  ): Promise<void> {
    await this.base.write(['plantings', 'spots', 'kept', 'steps'], async () => {
      await this.base.in.spots.put(spot);
      await this.base.in.plantings.put(planting);
      await this.base.in.kept.put(...kept);
      await this.base.in.steps.put(...(steps as readonly RecordOf<'steps'>[]));
    });
  }

  /** Changes a planting by one edit, read afresh. */
  async edit(id: string, edit: Edit, done?: Done): Promise<void> {
    await this.base.write(['plantings', 'steps'], () => this.history.editing(id, edit, done));
  }

  /** Takes a planting away, and its spot when nothing else stands there and nothing was described of it. @returns what is needed to put it back */
  async remove(id: string): Promise<GonePlanting | null> {
    return this.base.write(['plantings', 'spots', 'steps', 'kept'], () => this.removed(id));
  }

  /** Takes away plantings that came in at once, and what was written with them, all or none. */
  async removeAll(
    ids: readonly string[],
    written: { readonly entries: readonly Entry[]; readonly at: string } | null = null,
  ): Promise<void> {
    await this.base.write(['plantings', 'spots', 'steps', 'kept', 'entries'], async () => {
      for (const id of ids) await this.removed(id);
      if (written) await this.log.takeBackAll(written.entries, written.at);
    });
  }

  /** Within a transaction: takes a planting away with all that is its own. */
  private async removed(id: string): Promise<GonePlanting | null> {
    const planting = await this.base.in.plantings.get(id);
    const spot = planting && (await this.base.in.spots.get(planting.spotId));
    if (!planting || !spot) return null;
    const kept = await this.base.db.kept.where('plantingId').equals(id).toArray();
    const lone = (await this.base.db.plantings.where('spotId').equals(spot.id).count()) === 1;
    await this.base.db.plantings.delete(id);
    await this.base.db.kept.bulkDelete(kept.map((record) => String(record.id)));
    if (lone && isBare(spot)) await this.base.db.spots.delete(spot.id);
    const steps = await this.base.steps.forget([{ table: 'plantings', id }]);
    return { planting, spot, kept: this.base.in.kept.readable(kept), steps };
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
