import { Dexie } from 'dexie';
import { stepId } from '@/core/records/step';
import type { Repositories } from './backups';
import type { RillbankDb } from './db';
import { openJournal, type Journal } from './journal';
import { Repository } from './repository';
import { StepLog } from './stepLog';
import { EVERY_TABLE, type RecordOf } from './tables';
import { NotKept, troubleOf, type Trouble } from './trouble';
import { onlyWindow, type Windows } from './windows';

/**
 * The ground that every room of the store stands on: tables whose records are parsed on the way in and out, and one way to write. Every
 * write is one transaction: it happens whole or not at all. One that fails is told to whoever listens and stops nothing after it.
 */
export class Database {
  readonly in: Repositories;
  readonly steps: StepLog;
  private readonly listeners = new Set<(trouble: Trouble) => void>();
  private writing = 0;
  private counted = 0;

  constructor(
    readonly db: RillbankDb,
    readonly windows: Windows = onlyWindow('here'),
    readonly journal: Journal = openJournal(null),
  ) {
    this.in = Object.fromEntries(
      EVERY_TABLE.map((name) => [name, new Repository(name, db.table(name))]),
    ) as unknown as Repositories;
    this.steps = new StepLog(db, this.in, windows);
    // Told of other windows too.
    Dexie.on('storagemutated', this.onMutated);
  }

  private readonly onMutated = (parts: object): void => {
    const prefix = `idb://${this.db.name}/entries/:dels`;
    if (Object.keys(parts).some((part) => part.startsWith(prefix))) this.in.entries.forget();
  };

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

  /** An id that sorts by when it was given. */
  freshId(): string {
    this.counted = (this.counted + 1) % 46_000;
    return stepId(Date.now(), this.counted, this.windows.me);
  }

  /**
   * One transaction. Begun before this returns, so that writes happen in the order in which they are asked for.
   * @throws {NotKept} when it did not happen
   */
  async write<T>(tables: readonly string[], work: () => Promise<T>): Promise<T> {
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

  /** Takes one record out of a table. @returns what is needed to put it back */
  async taken<N extends 'shelf' | 'kept' | 'groups' | 'kinds'>(
    name: N,
    id: string,
  ): Promise<RecordOf<N> | null> {
    return this.write([name], async () => {
      const record = await this.in[name].get(id);
      await this.db.table(name).delete(id);
      return (record as RecordOf<N> | undefined) ?? null;
    });
  }
}
