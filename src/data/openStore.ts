import Dexie from 'dexie';
import { openDb, RillbankDb } from './db';
import { openJournal } from './journal';
import { Store } from './store';
import { troubleOf, type Trouble } from './trouble';
import { openWindows } from './windows';

/** A store that is open, or that keeps nothing beyond this window because the browser has no database for it. */
export interface Opened {
  readonly store: Store;
  /** What kept the browser's database shut; `null` when it is open. */
  readonly trouble: Trouble | null;
}

/**
 * Opens the browser's database. Where there is none, or it stays shut, everything still works in
 * memory for as long as the window is open: the gardener is told, and can save all as a file.
 * A database that was written by a newer Rillbank is left alone, and nothing is opened in its place.
 */
export async function openStore(onTrouble: (trouble: Trouble) => void): Promise<Opened | Trouble> {
  const db = new RillbankDb();
  try {
    await openDb(db, {
      onBlocked: () => onTrouble({ kind: 'blocked' }),
      onOvertaken: () => onTrouble({ kind: 'overtaken' }),
    });
  } catch (error) {
    const trouble = troubleOf(error);
    if (trouble.kind === 'newer') return trouble;
    return { store: await storeInMemory(), trouble: { kind: 'missing', told: String(error) } };
  }
  const store = new Store(db, openWindows(), openJournal(plainStorage()));
  await store.history.takeLeftBehind();
  return { store, trouble: null };
}

/** The same database, kept by nobody. Fetched only where it is needed. */
async function storeInMemory(): Promise<Store> {
  const { IDBFactory, IDBKeyRange } = await import('fake-indexeddb');
  const indexedDB = new IDBFactory();
  // Live queries ask Dexie's own word for whether there is a database at all.
  Object.assign(Dexie.dependencies, { indexedDB, IDBKeyRange });
  const db = new RillbankDb('rillbank', { indexedDB, IDBKeyRange });
  await db.open();
  return new Store(db);
}

function plainStorage(): Storage | null {
  try {
    return window.localStorage;
  } catch {
    return null;
  }
}
