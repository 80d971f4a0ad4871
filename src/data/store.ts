import { liveQuery } from 'dexie';
import { Database } from './database';
import type { RillbankDb } from './db';
import type { Journal } from './journal';
import { GroupStore } from './rooms/groupStore';
import { HistoryStore } from './rooms/historyStore';
import { KeptStore } from './rooms/keptStore';
import { KindStore } from './rooms/kindStore';
import { LogStore } from './rooms/logStore';
import { PhotoStore } from './rooms/photoStore';
import { PlantingStore } from './rooms/plantingStore';
import { SettingsStore } from './rooms/settingsStore';
import { ShelfStore } from './rooms/shelfStore';
import { SpotStore } from './rooms/spotStore';
import { UnreadableStore } from './rooms/unreadableStore';
import { WholeStore } from './rooms/wholeStore';
import type { Trouble } from './trouble';
import type { Windows } from './windows';

/** All that the interface asks of storage, a room of it each. */
export class Store {
  readonly history: HistoryStore;
  readonly spots: SpotStore;
  readonly plantings: PlantingStore;
  readonly kept: KeptStore;
  readonly shelf: ShelfStore;
  readonly groups: GroupStore;
  readonly kinds: KindStore;
  readonly settings: SettingsStore;
  readonly log: LogStore;
  readonly photos: PhotoStore;
  readonly unreadable: UnreadableStore;
  readonly whole: WholeStore;
  private readonly base: Database;

  constructor(db: RillbankDb, windows?: Windows, journal?: Journal) {
    const base = new Database(db, windows, journal);
    this.base = base;
    this.history = new HistoryStore(base);
    this.spots = new SpotStore(base);
    this.log = new LogStore(base, this.history, this.spots);
    this.plantings = new PlantingStore(base, this.spots, this.log, this.history);
    this.kept = new KeptStore(base, this.history);
    this.shelf = new ShelfStore(base);
    this.groups = new GroupStore(base);
    this.kinds = new KindStore(base);
    this.settings = new SettingsStore(base);
    this.photos = new PhotoStore(base);
    this.unreadable = new UnreadableStore(base);
    this.whole = new WholeStore(base, this.settings);
  }

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
    return this.base.onTrouble(listener);
  }

  tell(trouble: Trouble): void {
    this.base.tell(trouble);
  }

  /** Lets go of the database: nothing can be read or kept after it. */
  close(): void {
    this.base.close();
  }

  /** Is anything on its way to the database? */
  get isWriting(): boolean {
    return this.base.isWriting;
  }
}
