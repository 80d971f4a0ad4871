import type { DayWeather } from '@/core/climate/weather';
import { holding, type Entry, type What } from '@/core/log/entry';
import type { Edit } from '@/core/plantings/edits';
import type { Planting } from '@/core/plantings/planting';
import type { KindId } from '@/core/plants/kind';
import { saysNothing, type OwnKind } from '@/core/plants/own';
import type { Spot } from '@/core/spots/spot';
import type { Database } from '../database';
import type { HistoryStore } from './historyStore';
import type { SpotStore } from './spotStore';

/** An entry before it is written: it gets its id then. */
export type Draft = Omit<Entry, 'id'>;

/** What teaches how kinds do here. */
const TEACHES: What['did'][] = [
  'measured',
  'died',
  'looks bad',
  'in flower',
  'gone over',
  // Over, a container tells how much it drank.
  'ended',
];
/** What puts it in another light: when it was planted, what was cut since, what was taken back. */
const BEARS_ON_IT: readonly What['did'][] = [
  'planted',
  'put out',
  'moved',
  'removed',
  'ended',
  'trimmed',
  'pinched',
  'taken back',
];

/** What happened: written down, read, taken back. Nothing is ever changed in it. */
export class LogStore {
  constructor(
    private readonly base: Database,
    private readonly history: HistoryStore,
    private readonly spots: SpotStore,
  ) {}

  /** Everything that happened, or what happened to one planting, in the order in which it was written. */
  async entries(plantingId?: string): Promise<readonly Entry[]> {
    if (plantingId === undefined) return this.base.in.entries.allEverAdded();
    const rows = this.base.db.entries
      .where('of.plantingId')
      .equals(plantingId)
      // What was bought for several at once.
      .or('of.plantingIds')
      .equals(plantingId);
    return this.base.in.entries.readable(await rows.sortBy('id'));
  }

  /** Writes down what happened; with it, in the same transaction, an edit of the plan that it brought about. @returns the entries as they were written */
  async write(
    drafts: readonly Draft[],
    alter?: { readonly id: string; readonly edit: Edit },
  ): Promise<readonly Entry[]> {
    const entries = drafts.map((draft): Entry => ({ id: this.base.freshId(), ...draft }));
    await this.base.write(alter ? ['entries', 'plantings', 'steps'] : ['entries'], async () => {
      await this.base.in.entries.put(...entries);
      if (alter) await this.history.editing(alter.id, alter.edit);
    });
    return entries;
  }

  /** Writes that a planting is over and what became of its plants, with what goes to the shed; all or none. */
  async turnOver(drafts: readonly Draft[], owns: readonly OwnKind[]): Promise<readonly Entry[]> {
    const entries = drafts.map((draft): Entry => ({ id: this.base.freshId(), ...draft }));
    await this.base.write(['entries', 'kinds'], async () => {
      await this.base.in.entries.put(...entries);
      await this.base.in.kinds.put(...owns);
    });
    return entries;
  }

  /**
   * Takes back that a planting was turned over, and out of the shed what came into it then: what was put there or taken since stays told.
   * @param came plants of each kind that went to the shed
   */
  async turnBack(
    entries: readonly Entry[],
    came: readonly { readonly kindId: KindId; readonly count: number }[],
    at: string,
  ): Promise<void> {
    await this.base.write(['entries', 'kinds'], async () => {
      await this.takeBackAll(entries, at);
      for (const { kindId, count } of came) {
        const own = await this.base.in.kinds.get(kindId);
        if (!own) continue;
        const left = { ...own, owned: Math.max(0, own.owned - count) };
        if (saysNothing(left)) await this.base.db.kinds.delete(kindId);
        else await this.base.in.kinds.put(left);
      }
    });
  }

  /** Writes entries of another device into the log, as they were written there; those that are here stay as they are. @returns how many were new */
  async takeOver(entries: readonly Entry[]): Promise<number> {
    let added = 0;
    await this.base.write(['entries'], async () => {
      const here = await this.base.db.entries.bulkGet(entries.map(({ id }) => id));
      const news = entries.filter((_, i) => here[i] === undefined);
      await this.base.in.entries.put(...news);
      added = news.length;
    });
    return added;
  }

  /** Keeps a pot that was made from a design, with what was told of it; both or neither. */
  async made(planting: Planting, drafts: readonly Draft[]): Promise<void> {
    const entries = drafts.map((draft): Entry => ({ id: this.base.freshId(), ...draft }));
    await this.base.write(['plantings', 'entries'], async () => {
      await this.base.in.plantings.put(planting);
      await this.base.in.entries.put(...entries);
    });
  }

  /** Takes back the making of a pot: its entries no longer hold, and its planting goes. */
  async unmake(plantingId: string, at: string): Promise<void> {
    await this.base.write(['plantings', 'entries'], async () => {
      // What was told of several at once holds for the others.
      const own = (await this.entries(plantingId)).filter(({ of }) => of.plantingId === plantingId);
      for (const entry of own)
        await this.base.in.entries.put({
          id: this.base.freshId(),
          at,
          zone: entry.zone,
          of: entry.of,
          what: { did: 'taken back' },
          takesBack: entry.id,
        });
      await this.base.db.plantings.delete(plantingId);
    });
  }

  /** Takes back what was written down. */
  async takeBack(entry: Entry, at: string): Promise<void> {
    await this.takeBackAll([entry], at);
  }

  /** Says that several entries do not hold, all or none. */
  async takeBackAll(entries: readonly Entry[], at: string): Promise<void> {
    const what: What = { did: 'taken back' };
    await this.write(
      entries.map((entry) => ({ at, zone: entry.zone, of: entry.of, what, takesBack: entry.id })),
    );
  }

  /** What was told last, the newest first, with the names of the plantings and spots it is of: enough to read while the rest is read. */
  async toldLast(many: number): Promise<{
    readonly entries: readonly Entry[];
    readonly names: ReadonlyMap<string, string>;
  }> {
    const rows = await this.base.db.entries.orderBy('id').reverse().limit(many).toArray();
    const entries = holding(this.base.in.entries.readable(rows)).toReversed();
    const ids = new Set(entries.flatMap(({ of }) => of.plantingId ?? []));
    const plantings = await this.base.db.plantings.bulkGet([...ids]);
    const spots = await this.base.db.spots.toArray();
    const named = [...plantings, ...spots].flatMap((row) =>
      typeof row?.id === 'string' && typeof row.name === 'string'
        ? [[row.id, row.name] as const]
        : [],
    );
    return { entries, names: new Map(named) };
  }

  /** Which entries teach of kinds: another text when what they teach may be another, not when something was watered. Empty: there are none. */
  async teaching(): Promise<string> {
    const did = this.base.db.entries.where('what.did');
    const telling = await did.anyOf(TEACHES).primaryKeys();
    if (telling.length === 0) return '';
    const bearing = await Promise.all(
      BEARS_ON_IT.map((what) => this.base.db.entries.where('what.did').equals(what).count()),
    );
    return [...bearing, ...telling].join(' ');
  }

  /** Plantings of which something was told that teaches of kinds, at their spots, with all that was told of them. Without any of it, nothing is read. */
  async taught(): Promise<{
    readonly plantings: readonly Planting[];
    readonly spots: readonly Spot[];
    readonly entries: readonly Entry[];
    readonly records: Readonly<Record<string, readonly DayWeather[]>>;
  }> {
    const telling = await this.base.db.entries.where('what.did').anyOf(TEACHES).toArray();
    const ids = [
      ...new Set(this.base.in.entries.readable(telling).flatMap(({ of }) => of.plantingId ?? [])),
    ];
    if (ids.length === 0) return { plantings: [], spots: [], entries: [], records: {} };
    const rows = await this.base.db.entries.where('of.plantingId').anyOf(ids).sortBy('id');
    return {
      plantings: this.base.in.plantings.readable(
        (await this.base.db.plantings.bulkGet(ids)).filter((row) => row !== undefined),
      ),
      spots: await this.spots.all(),
      entries: this.base.in.entries.readable(rows),
      records: Object.fromEntries(
        (await this.base.in.weather.all()).map(({ spotId, days }) => [spotId, days]),
      ),
    };
  }
}
