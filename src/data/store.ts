import type { Mark } from '@/core/meeting/stamp';
import { Dexie, liveQuery } from 'dexie';
import type { DayWeather } from '@/core/climate/weather';
import type { FileFault } from '@/core/files/parse';
import type { Backup, Settings } from '@/core/files/plantingFile';
import { holding, type Entry, type What } from '@/core/log/entry';
import type { Photo } from '@/core/log/photoSchema';
import type { Angle } from '@/core/log/terms';
import { differencesOf, withDifferences } from '@/core/records/difference';
import { keyOf, refOf, stepId, type History, type RecordRef, type Step } from '@/core/records/step';
import type { Done } from '@/core/plantings/done';
import { doneOf } from '@/core/plantings/done';
import { applyEdit, type Edit } from '@/core/plantings/edits';
import type { Gathering } from '@/core/plantings/gathering';
import type { House } from '@/core/plantings/house';
import { bringBack, branchOf, type Kept } from '@/core/plantings/kept';
import { byPlanting, lifeOf, type Life } from '@/core/log/life';
import { chainOf, weeksBeforeOf } from '@/core/log/story';
import type { Planting, PlantingInSpot } from '@/core/plantings/planting';
import type { KindId } from '@/core/plants/kind';
import { saysNothing, type OwnKind } from '@/core/plants/own';
import type { ShelfItem } from '@/core/shelf/shelf';
import type { Spot } from '@/core/spots/spot';
import { backupOf, emptied, REPLACED, restored, type Repositories, type Snapshot } from './backups';
import {
  broughtTogether,
  marksOf,
  meetingOf,
  remembered,
  restamped,
  type Meeting,
  type Taking,
} from './meeting';
import { photoRoomIn, type PhotoRoom } from './photographs';
import type { Raw, RillbankDb } from './db';
import { DEMO_MARK, demoOf, demoWork, type DemoWork } from './demo';
import { openJournal, type Journal } from './journal';
import { Repository, type Unreadable } from './repository';
import { StepLog } from './stepLog';
import { TABLES, type RecordOf, type RoomTable, type TableName } from './tables';
import { NotKept, troubleOf, type Trouble } from './trouble';
import { USUAL_SETTINGS } from './usualSettings';
import { onlyWindow, type Windows } from './windows';

/** A planting that was taken away, with all that is needed to put it back. */
export interface GonePlanting {
  readonly planting: Planting;
  readonly spot: Spot;
  readonly kept: readonly Kept[];
  readonly steps: readonly Step[];
}

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

const EVERY_TABLE = Object.keys(TABLES) as TableName[];

/** More than anybody looks through lie beside no planting. */
export const MOST_KEPT = 60;

/**
 * All that the interface asks of storage. Every write is one transaction: it happens whole or not at
 * all, and only with records that can be read again. One that fails is told to whoever listens and
 * stops nothing after it.
 */
export class Store {
  private readonly in: Repositories;
  private readonly stepLog: StepLog;
  private readonly listeners = new Set<(trouble: Trouble) => void>();
  private writing = 0;
  private counted = 0;

  constructor(
    private readonly db: RillbankDb,
    private readonly windows: Windows = onlyWindow('here'),
    private readonly journal: Journal = openJournal(null),
  ) {
    this.in = Object.fromEntries(
      EVERY_TABLE.map((name) => [name, new Repository(name, db.table(name))]),
    ) as unknown as Repositories;
    this.stepLog = new StepLog(db, this.in, windows);
    // Told of other windows too.
    Dexie.on('storagemutated', this.onMutated);
  }

  private readonly onMutated = (parts: object): void => {
    const prefix = `idb://${this.db.name}/entries/:dels`;
    if (Object.keys(parts).some((part) => part.startsWith(prefix))) this.in.entries.forget();
  };

  // ———————————————————————————————————————————————————————————————————————— watching and telling

  /** Calls back with the answer of a query now and after every change that touches it, in this window or another. @returns how to stop */
  watch<T>(
    query: (store: Store) => Promise<T>,
    onAnswer: (answer: T) => void,
    onTrouble: (error: unknown) => void,
  ): () => void {
    // Said to be async, or Dexie would see only what is read before the first await.
    const watching = liveQuery(async () => query(this)).subscribe({
      next: onAnswer,
      error: onTrouble,
    });
    return () => watching.unsubscribe();
  }

  /** Tells of everything that was not kept, once each. @returns how to stop */
  onTrouble(listener: (trouble: Trouble) => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  tell(trouble: Trouble): void {
    for (const listener of this.listeners) listener(trouble);
  }

  /** Lets go of the database: nothing can be read or kept after it. */
  close(): void {
    Dexie.on('storagemutated').unsubscribe(this.onMutated);
    this.db.close();
  }

  /** Is anything on its way to the database? */
  get isWriting(): boolean {
    return this.writing > 0;
  }

  // ———————————————————————————————————————————————————————————————————————————————————— reading

  spots(): Promise<readonly Spot[]> {
    return this.in.spots.all();
  }

  plantings(): Promise<readonly Planting[]> {
    return this.in.plantings.allInParts();
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
    const planted = this.db.entries.where('what.did').equals('planted').limit(many);
    const standing = async () =>
      this.in.entries.readable(await planted.toArray()).flatMap(({ of }) => of.plantingId ?? []);
    const rowsOf = async (keys: string[]) =>
      (await this.db.plantings.bulkGet(keys)).filter((row) => row !== undefined);
    let rows = await rowsOf(asked);
    if (rows.length === 0) rows = await rowsOf([...new Set(await standing())]);
    const plantings = this.in.plantings.readable(rows);
    const told = await this.db.entries
      .where('of.plantingId')
      .anyOf(plantings.map(({ id }) => id))
      .sortBy('id');
    return { spots: await this.spots(), plantings, entries: this.in.entries.readable(told) };
  }

  /** What was told last, the newest first, with the names of the plantings and spots it is of: enough to read while the rest is read. */
  async toldLast(many: number): Promise<{
    readonly entries: readonly Entry[];
    readonly names: ReadonlyMap<string, string>;
  }> {
    const rows = await this.db.entries.orderBy('id').reverse().limit(many).toArray();
    const entries = holding(this.in.entries.readable(rows)).toReversed();
    const ids = new Set(entries.flatMap(({ of }) => of.plantingId ?? []));
    const plantings = await this.db.plantings.bulkGet([...ids]);
    const spots = await this.db.spots.toArray();
    const named = [...plantings, ...spots].flatMap((row) =>
      typeof row?.id === 'string' && typeof row.name === 'string'
        ? [[row.id, row.name] as const]
        : [],
    );
    return { entries, names: new Map(named) };
  }

  /** Names and ids of plantings, without reading them whole. */
  async plantingNames(): Promise<readonly { readonly id: string; readonly name: string }[]> {
    return (await this.db.plantings.toArray()).flatMap(({ id, name }) =>
      typeof id === 'string' && typeof name === 'string' ? [{ id, name }] : [],
    );
  }

  /** Plantings that stand at a spot. */
  async plantingsAt(spotId: string): Promise<readonly Planting[]> {
    return this.in.plantings.readable(
      await this.db.plantings.where('spotId').equals(spotId).toArray(),
    );
  }

  /** Id of the first planting that can be read; `null` when there is none. */
  async firstPlanting(): Promise<string | null> {
    let first: string | null = null;
    await this.db.plantings
      .toCollection()
      .until(() => first !== null)
      .each((row) => {
        first = this.in.plantings.readable([row])[0]?.id ?? null;
      });
    return first;
  }

  /** @returns `undefined` when there is no such planting or spot, or it cannot be read */
  async planting(
    id: string,
  ): Promise<
    { readonly planting: Planting; readonly spot: Spot; readonly history: History } | undefined
  > {
    return this.db.transaction('r', [this.db.plantings, this.db.spots, this.db.steps], async () => {
      const planting = await this.in.plantings.get(id);
      const spot = planting && (await this.in.spots.get(planting.spotId));
      if (!planting || !spot) return undefined;
      return { planting, spot, history: await this.stepLog.history({ table: 'plantings', id }) };
    });
  }

  /** Whole weeks that each plant of a planting stood in its container before it, where it goes on from another. */
  async weeksBefore(
    planting: Pick<Planting, 'id' | 'follows' | 'places' | 'plantedWeek'>,
  ): Promise<PlantingInSpot['weeksBefore']> {
    if (planting.follows === undefined) return {};
    return this.db.transaction('r', [this.db.plantings, this.db.entries], async () => {
      const known = new Map<string, Planting>();
      for (let next = planting.follows; next !== undefined && !known.has(next);) {
        const one: Planting | undefined = await this.in.plantings.get(next);
        if (!one) break;
        known.set(next, one);
        next = one.follows;
      }
      const lives = new Map<string, Life>();
      for (const id of [planting.id, ...known.keys()])
        lives.set(id, lifeOf(byPlanting(await this.entries(id)).get(id) ?? []));
      const chapters = chainOf(planting, (id) => known.get(id)).map((one) => ({
        planting: one,
        life: lives.get(one.id)!,
      }));
      return weeksBeforeOf(planting, lives.get(planting.id)!.plantedOn, chapters);
    });
  }

  /** A record with its history, as one reading. @returns `undefined` when there is none, or it cannot be read */
  async room<N extends RoomTable>(
    table: N,
    id: string,
  ): Promise<{ readonly record: RecordOf<N>; readonly history: History } | undefined> {
    return this.db.transaction('r', [this.db.table(table), this.db.steps], async () => {
      const record = await this.in[table].get(id);
      return record
        ? { record: record as RecordOf<N>, history: await this.stepLog.history({ table, id }) }
        : undefined;
    });
  }

  /** @returns `undefined` when there is no such spot, or it cannot be read */
  spot(id: string): Promise<Spot | undefined> {
    return this.in.spots.get(id);
  }

  /** Containers the gardener has, in the order of their names. */
  async shelf(): Promise<readonly ShelfItem[]> {
    const items = await this.in.shelf.all();
    return [...items].sort((a, b) => a.container.name.localeCompare(b.container.name));
  }

  /** Plantings kept beside one that is worked on, the newest first. */
  async keptOf(plantingId: string): Promise<readonly Kept[]> {
    const rows = await this.db.kept.where('plantingId').equals(plantingId).toArray();
    return [...this.in.kept.readable(rows)].sort((a, b) => (a.at < b.at ? 1 : -1));
  }

  /** Containers that stand together, in the order of their names. */
  async groups(): Promise<readonly Gathering[]> {
    return [...(await this.in.groups.all())].sort((a, b) => a.name.localeCompare(b.name));
  }

  /** Everything that happened, or what happened to one planting, in the order in which it was written. */
  async entries(plantingId?: string): Promise<readonly Entry[]> {
    if (plantingId === undefined) return this.in.entries.allEverAdded();
    const rows = this.db.entries
      .where('of.plantingId')
      .equals(plantingId)
      // What was bought for several at once.
      .or('of.plantingIds')
      .equals(plantingId);
    return this.in.entries.readable(await rows.sortBy('id'));
  }

  /** Which entries teach of kinds: another text when what they teach may be another, not when something was watered. Empty: there are none. */
  async teaching(): Promise<string> {
    const did = this.db.entries.where('what.did');
    const telling = await did.anyOf(TEACHES).primaryKeys();
    if (telling.length === 0) return '';
    const bearing = await Promise.all(
      BEARS_ON_IT.map((what) => this.db.entries.where('what.did').equals(what).count()),
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
    const telling = await this.db.entries.where('what.did').anyOf(TEACHES).toArray();
    const ids = [
      ...new Set(this.in.entries.readable(telling).flatMap(({ of }) => of.plantingId ?? [])),
    ];
    if (ids.length === 0) return { plantings: [], spots: [], entries: [], records: {} };
    const rows = await this.db.entries.where('of.plantingId').anyOf(ids).sortBy('id');
    return {
      plantings: this.in.plantings.readable(
        (await this.db.plantings.bulkGet(ids)).filter((row) => row !== undefined),
      ),
      spots: await this.spots(),
      entries: this.in.entries.readable(rows),
      records: Object.fromEntries(
        (await this.in.weather.all()).map(({ spotId, days }) => [spotId, days]),
      ),
    };
  }

  /** What the gardener knows of kinds of plants. */
  ownKinds(): Promise<readonly OwnKind[]> {
    return this.in.kinds.all();
  }

  /** Daily weather records of a spot, oldest first; none when there are none. */
  async weather(spotId: string): Promise<readonly DayWeather[]> {
    return (await this.in.weather.get(spotId))?.days ?? [];
  }

  async settings(): Promise<Settings> {
    const { key: _, ...stored } = (await this.in.settings.get('settings')) ?? {
      key: 'settings',
      ...USUAL_SETTINGS,
    };
    return stored;
  }

  /** Is there a planting of that id, readable or not? */
  async isTaken(plantingId: string): Promise<boolean> {
    return (await this.db.plantings.get(plantingId)) !== undefined;
  }

  /** How many records each table holds, readable or not. */
  async counts(): Promise<Readonly<Record<TableName, number>>> {
    const counts: Partial<Record<TableName, number>> = {};
    for (const name of EVERY_TABLE) counts[name] = await this.db.table(name).count();
    return counts as Record<TableName, number>;
  }

  /** What a gardener made here themselves: the demo set left out. */
  async ownWork(): Promise<{
    readonly plantings: number;
    readonly entries: number;
    readonly photographs: number;
  }> {
    return this.db.transaction(
      'r',
      [this.db.plantings, this.db.entries, this.db.photos],
      async () => {
        const ids = await this.db.entries.toCollection().primaryKeys();
        return {
          plantings: await this.db.plantings.filter(({ demo }) => demo !== true).count(),
          entries: ids.filter((id) => !id.endsWith(DEMO_MARK)).length,
          photographs: await this.db.photos.count(),
        };
      },
    );
  }

  /** Has anything ever been stored here? */
  async isEmpty(): Promise<boolean> {
    return (await this.db.plantings.count()) === 0 && (await this.db.settings.count()) === 0;
  }

  /** Stored records of some tables, or of all, that this version cannot read, by name. */
  async unreadable(...tables: readonly TableName[]): Promise<readonly Unreadable[]> {
    const asked = tables.length > 0 ? tables : EVERY_TABLE;
    const found: Unreadable[] = [];
    for (const name of asked) found.push(...(await this.in[name].unreadable()));
    return found;
  }

  // ———————————————————————————————————————————————————————————————————————————————————— the log

  /** Writes down what happened; with it, in the same transaction, an edit of the plan that it brought about. @returns the entries as they were written */
  async log(
    drafts: readonly Draft[],
    alter?: { readonly id: string; readonly edit: Edit },
  ): Promise<readonly Entry[]> {
    const entries = drafts.map((draft): Entry => ({ id: this.freshId(), ...draft }));
    await this.write(alter ? ['entries', 'plantings', 'steps'] : ['entries'], async () => {
      await this.in.entries.put(...entries);
      if (alter) await this.editing(alter.id, alter.edit);
    });
    return entries;
  }

  /** Writes that a planting is over and what became of its plants, with what goes to the shed; all or none. */
  async turnOver(drafts: readonly Draft[], owns: readonly OwnKind[]): Promise<readonly Entry[]> {
    const entries = drafts.map((draft): Entry => ({ id: this.freshId(), ...draft }));
    await this.write(['entries', 'kinds'], async () => {
      await this.in.entries.put(...entries);
      await this.in.kinds.put(...owns);
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
    await this.write(['entries', 'kinds'], async () => {
      await this.takeBackAll(entries, at);
      for (const { kindId, count } of came) {
        const own = await this.in.kinds.get(kindId);
        if (!own) continue;
        const left = { ...own, owned: Math.max(0, own.owned - count) };
        if (saysNothing(left)) await this.db.kinds.delete(kindId);
        else await this.in.kinds.put(left);
      }
    });
  }

  /** Writes entries of another device into the log, as they were written there; those that are here stay as they are. @returns how many were new */
  async takeOver(entries: readonly Entry[]): Promise<number> {
    let added = 0;
    await this.write(['entries'], async () => {
      const here = await this.db.entries.bulkGet(entries.map(({ id }) => id));
      const news = entries.filter((_, i) => here[i] === undefined);
      await this.in.entries.put(...news);
      added = news.length;
    });
    return added;
  }

  /** Keeps a photograph, with the entry that names it; both or neither. */
  async logPhoto(
    photo: Omit<Photo, 'id'>,
    { angle, ...draft }: Omit<Draft, 'what'> & { readonly angle: Angle },
  ): Promise<void> {
    const id = this.freshId();
    await this.write(['entries', 'photos'], async () => {
      await this.in.photos.put({ id, ...photo });
      await this.in.entries.put({
        id: this.freshId(),
        ...draft,
        what: { did: 'photographed', photoId: id, angle },
      });
    });
  }

  /** Photographs of one planting, in the order in which they were kept. */
  async photosOf(plantingId: string): Promise<readonly Photo[]> {
    const rows = this.db.photos.where('plantingId').equals(plantingId);
    return this.in.photos.readable(await rows.sortBy('id'));
  }

  /** One photograph; `null` when it is not here or cannot be read. */
  async photo(id: string): Promise<Photo | null> {
    return (await this.in.photos.get(id)) ?? null;
  }

  /** Ids of all photographs, readable or not. */
  async photoIds(): Promise<readonly string[]> {
    return this.db.photos.toCollection().primaryKeys();
  }

  /** Takes photographs in that come from a file; those that are here stay as they are. @returns ids of the new ones */
  async takePhotos(photos: readonly Photo[]): Promise<readonly string[]> {
    let added: readonly string[] = [];
    await this.write(['photos'], async () => {
      const here = await this.db.photos.bulkGet(photos.map(({ id }) => id));
      const news = photos.filter((_, i) => here[i] === undefined);
      await this.in.photos.put(...news);
      added = news.map(({ id }) => id);
    });
    return added;
  }

  /** How many photographs there are, about what room they take, and which of them no entry names. */
  photoRoom(): Promise<PhotoRoom> {
    return photoRoomIn(this.db);
  }

  /** Takes photographs away for good. */
  async dropPhotos(ids: readonly string[]): Promise<void> {
    await this.write(['photos'], () => this.db.photos.bulkDelete([...ids]));
  }

  /** Keeps a pot that was made from a design, with what was told of it; both or neither. */
  async logMade(planting: Planting, drafts: readonly Draft[]): Promise<void> {
    const entries = drafts.map((draft): Entry => ({ id: this.freshId(), ...draft }));
    await this.write(['plantings', 'entries'], async () => {
      await this.in.plantings.put(planting);
      await this.in.entries.put(...entries);
    });
  }

  /** Takes back the making of a pot: its entries no longer hold, and its planting goes. */
  async unmake(plantingId: string, at: string): Promise<void> {
    await this.write(['plantings', 'entries'], async () => {
      // What was told of several at once holds for the others.
      const own = (await this.entries(plantingId)).filter(({ of }) => of.plantingId === plantingId);
      for (const entry of own)
        await this.in.entries.put({
          id: this.freshId(),
          at,
          zone: entry.zone,
          of: entry.of,
          what: { did: 'taken back' },
          takesBack: entry.id,
        });
      await this.db.plantings.delete(plantingId);
    });
  }

  /** Takes back what was written down. */
  async takeBack(entry: Entry, at: string): Promise<void> {
    await this.takeBackAll([entry], at);
  }

  /** Says that several entries do not hold, all or none. */
  async takeBackAll(entries: readonly Entry[], at: string): Promise<void> {
    const what: What = { did: 'taken back' };
    await this.log(
      entries.map((entry) => ({ at, zone: entry.zone, of: entry.of, what, takesBack: entry.id })),
    );
  }

  // ——————————————————————————————————————————————————————————————————————— changes with a way back

  /** What is wrong with a record of a room; nothing when it may be kept. */
  faultsOf(table: RoomTable, record: unknown): readonly FileFault[] {
    return this.in[table].faultsOf(record);
  }

  /** A record with what follows from it. */
  settled<N extends RoomTable>(table: N, record: RecordOf<N>): RecordOf<N> {
    return (this.in[table] as unknown as Repository<N>).settle(record);
  }

  /** A step between two states of a record, made here and now. Nothing is kept yet. */
  stepBetween(ref: RecordRef, before: object, after: object, done: Done): Step {
    return {
      id: this.freshId(),
      of: keyOf(ref),
      at: new Date().toISOString(),
      by: this.windows.me,
      done,
      differences: differencesOf(before, after),
      undone: 0,
    };
  }

  /** Keeps a step: what it changes, and the way back. Begun at once; steps are kept in the order in which they are handed over. */
  async take(step: Step): Promise<void> {
    this.journal.write(step);
    try {
      await this.write([refOf(step.of).table, 'steps'], () => this.stepLog.take(step));
    } finally {
      this.journal.clear(step);
    }
  }

  /** Changes a planting by one edit, read afresh. */
  async edit(id: string, edit: Edit, done?: Done): Promise<void> {
    await this.write(['plantings', 'steps'], () => this.editing(id, edit, done));
  }

  async undo(ref: RecordRef): Promise<void> {
    await this.write([ref.table, 'steps'], () => this.stepLog.undo(ref));
  }

  /** Takes back the last change of a record, where it is of this sort; otherwise nothing. */
  async undoLast(ref: RecordRef, did: Done['did']): Promise<void> {
    await this.write([ref.table, 'steps'], async () => {
      const { past } = await this.stepLog.history(ref);
      if ((past.at(-1)?.done as Done | undefined)?.did === did) await this.stepLog.undo(ref);
    });
  }

  async redo(ref: RecordRef): Promise<void> {
    await this.write([ref.table, 'steps'], () => this.stepLog.redo(ref));
  }

  /** Walks back (negative) or forward through a record's changes by so many steps, as one whole. */
  async walk(ref: RecordRef, steps: number): Promise<void> {
    await this.write([ref.table, 'steps'], () => this.stepLog.walk(ref, steps));
  }

  /** Steps that a window left behind when it was closed in the moment of keeping them. @returns how many were kept now */
  async takeLeftBehind(): Promise<number> {
    let kept = 0;
    for (const step of this.journal.left().filter(({ by }) => !this.windows.isOpen(by)))
      await this.take(step).then(
        () => (kept += 1),
        () => undefined,
      );
    return kept;
  }

  /** The last state of an unreadable record that can be read, found by taking back its changes. `null` when there is none. */
  async lastReadable({ table, id, raw }: Unreadable): Promise<Raw | null> {
    const repository = this.in[table] as unknown as Repository<RoomTable>;
    let state: Raw = raw;
    for (const step of [...(await this.stepLog.stepsOf({ table, id }))].reverse()) {
      if (step.undone === 0) state = withDifferences(state, step.differences, 'was').record;
      if (repository.faultsOf(state).length === 0) return state;
    }
    return null;
  }

  /** Puts an unreadable record back to a state that can be read. */
  async mend({ table, id }: Unreadable, state: Raw): Promise<void> {
    await this.write([table, 'steps'], async () => {
      await this.in[table].put(state as never);
      await this.stepLog.forget([{ table, id }]);
    });
  }

  /** Takes an unreadable record away for good. */
  async discard({ table, id }: Unreadable): Promise<void> {
    await this.write([table], () => this.db.table(table).delete(id));
  }

  // ———————————————————————————————————————————————————————————————————————— putting and taking away

  /** Adds a planting and its spot, or replaces those of the same id; with what was kept beside it and its changes, when it comes back. */
  async add(
    planting: Planting,
    spot: Spot,
    { kept = [], steps = [] }: Partial<Pick<GonePlanting, 'kept' | 'steps'>> = {},
  ): Promise<void> {
    await this.write(['plantings', 'spots', 'kept', 'steps'], async () => {
      await this.in.spots.put(spot);
      await this.in.plantings.put(planting);
      await this.in.kept.put(...kept);
      await this.in.steps.put(...(steps as readonly RecordOf<'steps'>[]));
    });
  }

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
    const written = drafts.map((draft): Entry => ({ id: this.freshId(), ...draft }));
    await this.write(tables, async () => {
      const bare = (await this.db.plantings.count()) === 0;
      if (heldAt && bare)
        await this.in.settings.put({ key: 'settings', ...(await this.settings()), heldAt });
      await this.in.entries.put(...entries, ...written);
      await this.in.groups.put(...groups);
      await this.in.shelf.put(...shelf);
      await this.in.spots.put(...spots);
      await this.in.plantings.put(...plantings);
    });
    return written;
  }

  /** Takes a planting away, and its spot when nothing else stands there and nothing was described of it. @returns what is needed to put it back */
  async remove(id: string): Promise<GonePlanting | null> {
    return this.write(['plantings', 'spots', 'steps', 'kept'], () => this.removed(id));
  }

  /** Takes away plantings that came in at once, and what was written with them, all or none. */
  async removeAll(
    ids: readonly string[],
    written: { readonly entries: readonly Entry[]; readonly at: string } | null = null,
  ): Promise<void> {
    await this.write(['plantings', 'spots', 'steps', 'kept', 'entries'], async () => {
      for (const id of ids) await this.removed(id);
      if (written) await this.takeBackAll(written.entries, written.at);
    });
  }

  /** Adds containers to the shelf, or replaces those of the same ids, all or none. */
  async putOnShelf(...items: readonly ShelfItem[]): Promise<void> {
    await this.write(['shelf'], () => this.in.shelf.put(...items));
  }

  /** Takes a container off the shelf. Plantings that stand in one keep theirs as it is. @returns what is needed to put it back */
  async takeOffShelf(id: string): Promise<ShelfItem | null> {
    return this.taken('shelf', id);
  }

  /**
   * Keeps plantings beside the one worked on, or replaces those of the same ids.
   * @throws {NotKept} when more would lie beside one planting than {@link MOST_KEPT}; nothing is kept then
   */
  async keep(...records: readonly Kept[]): Promise<void> {
    await this.write(['kept'], async () => {
      await this.in.kept.put(...records);
      for (const plantingId of new Set(records.map((record) => record.plantingId))) {
        const many = await this.db.kept.where('plantingId').equals(plantingId).count();
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
    return this.taken('kept', id);
  }

  /**
   * Works on another branch: the one left is kept under its name as it stands, the other is brought back, with a way back in history.
   * @param to the branch to work on; a record not yet stored begins a new one
   */
  async switchTo(to: Kept, at: string, done: Done): Promise<void> {
    await this.write(['plantings', 'steps', 'kept'], async () => {
      const planting = await this.in.plantings.get(to.plantingId);
      if (!planting) return;
      const left = branchOf(planting);
      const before = (await this.keptOf(to.plantingId)).find(
        ({ kind, name: called }) => kind === 'what if' && called === left,
      );
      await this.in.kept.put(
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
      await this.editing(to.plantingId, bringBack(to), done);
    });
  }

  /** Adds a group, or replaces the one of the same id. */
  async putGroup(group: Gathering): Promise<void> {
    await this.write(['groups'], () => this.in.groups.put(group));
  }

  /** Parts a group; its containers stay. @returns what is needed to put it back */
  async partGroup(id: string): Promise<Gathering | null> {
    return this.taken('groups', id);
  }

  /** Keeps what the gardener tells of kinds, all or none; a record that says nothing any more is let go. */
  async putOwnKinds(records: readonly OwnKind[]): Promise<void> {
    await this.write(['kinds'], async () => {
      await this.in.kinds.put(...records.filter((record) => !saysNothing(record)));
      await this.db.kinds.bulkDelete(records.filter(saysNothing).map(({ id }) => id));
    });
  }

  /** Forgets what was told of a kind. @returns what is needed to bring it back */
  async forgetOwnKind(id: string): Promise<OwnKind | null> {
    return this.taken('kinds', id);
  }

  /** Adds a spot, or replaces the one of the same id, with its hours of sun taken from where it says they come from. */
  async putSpot(spot: Spot): Promise<void> {
    await this.write(['spots'], () => this.in.spots.put(spot));
  }

  /** Takes a spot away, with its weather. @returns false when containers still stand there, and nothing was done */
  async removeSpot(id: string): Promise<boolean> {
    return this.write(['plantings', 'spots', 'steps'], async () => {
      if ((await this.db.plantings.where('spotId').equals(id).count()) > 0) return false;
      await this.db.spots.delete(id);
      await this.stepLog.forget([{ table: 'spots', id }]);
      return true;
    });
  }

  /** Lays daily records over those there are: a day that was there already is replaced. */
  async putWeather(spotId: string, days: readonly DayWeather[]): Promise<void> {
    await this.write(['weather'], async () => {
      const byDate = new Map(
        [...(await this.weather(spotId)), ...days].map((day) => [day.date, day]),
      );
      const inOrder = [...byDate.values()].sort((a, b) => (a.date < b.date ? -1 : 1));
      await this.in.weather.put({ spotId, days: inOrder });
    });
  }

  async removeWeather(spotId: string): Promise<void> {
    await this.write(['weather'], () => this.db.weather.delete(spotId));
  }

  async setSettings(change: Partial<Settings>): Promise<void> {
    await this.write(['settings'], async () => {
      await this.in.settings.put({ key: 'settings', ...(await this.settings()), ...change });
    });
  }

  /** Lets the clock go on with the machine's. */
  async letClockGo(): Promise<void> {
    await this.write(['settings'], async () => {
      const { heldAt: _, ...settings } = await this.settings();
      await this.in.settings.put({ key: 'settings', ...settings });
    });
  }

  /** Changes some answers of the house, and leaves the others as they are by now, whatever the caller last saw of them. */
  async setHouse({ turnedDown, ...answers }: Partial<House>): Promise<void> {
    await this.write(['settings'], async () => {
      const now = await this.settings();
      await this.in.settings.put({
        key: 'settings',
        ...now,
        house: {
          ...now.house,
          ...answers,
          turnedDown: { ...now.house.turnedDown, ...turnedDown },
        },
      });
    });
  }

  // ——————————————————————————————————————————————————————————————————————————— the whole of it

  /** What has been done on the demo set since it came in: what would go with it. */
  demoWork(): Promise<DemoWork> {
    return demoWork(this.db);
  }

  /** Takes away the demo set: all that is marked as such, unless something of the gardener's stands there. @returns what is needed to put it back */
  async removeDemo(): Promise<Snapshot> {
    return this.write(EVERY_TABLE, async () => {
      const demo = await demoOf(this.db);
      await emptied(this.db, demo);
      // Its day goes with it.
      const { heldAt, ...settings } = await this.settings();
      if (heldAt) await this.in.settings.put({ key: 'settings', ...settings });
      return heldAt ? { ...demo, settings: [{ key: 'settings', ...settings, heldAt }] } : demo;
    });
  }

  /** Everything, as a backup; what cannot be read goes along as it lies. */
  async backup(
    written: string,
    { withPhotos = true, isForOthers = true }: BackupAsked = {},
  ): Promise<Backup> {
    const marks = await this.marked(isForOthers);
    return this.db.transaction('r', EVERY_TABLE, async () =>
      backupOf(this.in, { written, settings: await this.settings(), withPhotos, marks }),
    );
  }

  /** Counts what changed since it was last counted. A file without marks is better than none where nothing can be written any more. */
  private async marked(isForOthers: boolean): Promise<readonly Mark[]> {
    try {
      return await this.db.transaction('rw', EVERY_TABLE, async () => {
        const stamps = await restamped(this.db, this.in);
        if (isForOthers) await remembered(this.in, stamps);
        return marksOf(stamps);
      });
    } catch {
      return [];
    }
  }

  /** What would come of bringing a backup together with what is here. */
  async meeting(backup: Backup): Promise<Meeting> {
    return this.write(EVERY_TABLE, async () =>
      meetingOf(this.in, await restamped(this.db, this.in), backup),
    );
  }

  /**
   * Brings a backup together with what is here.
   * @param taking by record, where both changed the same; what is not told stays as it is here
   * @returns what is needed to go back
   */
  async bringTogether(backup: Backup, taking: ReadonlyMap<string, Taking>): Promise<Snapshot> {
    return this.write(EVERY_TABLE, () => broughtTogether(this.db, this.in, { backup, taking }));
  }

  /** Puts a whole backup in the place of what is there. Records that cannot be read stay. @returns what is needed to go back */
  async restore(backup: Backup): Promise<Snapshot> {
    return this.write(EVERY_TABLE, () => restored(this.db, this.in, backup));
  }

  /** Puts rows back as they lay, in the place of those that came instead. */
  async putBack(rows: Snapshot, { only = false }: { readonly only?: boolean } = {}): Promise<void> {
    await this.write(EVERY_TABLE, async () => {
      for (const name of EVERY_TABLE) {
        const table = this.db.table(name);
        if (only && rows[name] && REPLACED.includes(name)) await table.clear();
        await table.bulkPut([...(rows[name] ?? [])]);
      }
    });
  }

  // ———————————————————————————————————————————————————————————————————————————————————— inside

  /** Within a transaction: takes a planting away with all that is its own. */
  private async removed(id: string): Promise<GonePlanting | null> {
    const planting = await this.in.plantings.get(id);
    const spot = planting && (await this.in.spots.get(planting.spotId));
    if (!planting || !spot) return null;
    const kept = await this.db.kept.where('plantingId').equals(id).toArray();
    const lone = (await this.db.plantings.where('spotId').equals(spot.id).count()) === 1;
    await this.db.plantings.delete(id);
    await this.db.kept.bulkDelete(kept.map((record) => String(record.id)));
    if (lone && isBare(spot)) await this.db.spots.delete(spot.id);
    const steps = await this.stepLog.forget([{ table: 'plantings', id }]);
    return { planting, spot, kept: this.in.kept.readable(kept), steps };
  }

  /** An id that sorts by when it was given. */
  private freshId(): string {
    this.counted = (this.counted + 1) % 46_000;
    return stepId(Date.now(), this.counted, this.windows.me);
  }

  private async editing(id: string, edit: Edit, done?: Done): Promise<void> {
    const planting = await this.in.plantings.get(id);
    if (!planting) return;
    const next = applyEdit(planting, edit);
    if (next === planting) return;
    const ref = { table: 'plantings', id };
    await this.stepLog.take(this.stepBetween(ref, planting, next, done ?? doneOf(edit, planting)));
  }

  private async taken<N extends 'shelf' | 'kept' | 'groups' | 'kinds'>(
    name: N,
    id: string,
  ): Promise<RecordOf<N> | null> {
    return this.write([name], async () => {
      const record = await this.in[name].get(id);
      await this.db.table(name).delete(id);
      return (record as RecordOf<N> | undefined) ?? null;
    });
  }

  /** One transaction. Begun before this returns, so that writes happen in the order in which they are asked for. */
  private async write<T>(tables: readonly string[], work: () => Promise<T>): Promise<T> {
    this.writing += 1;
    try {
      // An async function by its own sign: Dexie keeps a transaction open only for the awaits of those.
      return await this.db.transaction('rw', [...tables], async () => work());
    } catch (error) {
      const trouble = troubleOf(error);
      this.tell(trouble);
      throw new NotKept(trouble);
    } finally {
      this.writing -= 1;
    }
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
