import Dexie, { type DexieOptions, type Table } from 'dexie';
import { MIGRATIONS } from './migrations/index';

/** A record as it lies in the database: parsed by whoever reads it, never trusted. */
export type Raw = Readonly<Record<string, unknown>>;

/** Version of the database this code writes. */
export const DB_VERSION = MIGRATIONS.length;

/** Dexie keeps versions in tenths. */
const BROWSER_VERSIONS_PER_VERSION = 10;

/**
 * The browser's own database. Created by the provider inside a client effect, never at module load.
 * Opened once, by {@link openDb}: after it is closed (a newer window needs it) nothing reopens it.
 */
export class RillbankDb extends Dexie {
  declare spots: Table<Raw, string>;
  declare plantings: Table<Raw, string>;
  declare steps: Table<Raw, string>;
  declare shelf: Table<Raw, string>;
  declare kinds: Table<Raw, string>;
  declare entries: Table<Raw, string>;
  declare photos: Table<Raw, string>;
  declare kept: Table<Raw, string>;
  declare groups: Table<Raw, string>;
  declare weather: Table<Raw, string>;
  declare settings: Table<Raw, string>;
  declare stamps: Table<Raw, string>;

  constructor(name = 'rillbank', options: DexieOptions = {}) {
    super(name, { autoOpen: false, ...options });
    for (const { version, stores, upgrade } of MIGRATIONS) {
      const step = this.version(version).stores(stores);
      if (upgrade) step.upgrade(upgrade);
    }
  }
}

/** The database was written by a newer Rillbank than this one. */
export class NewerDatabase extends Error {
  override readonly name = 'NewerDatabase';
}

interface Opening {
  /** Told when another window, with an older version, keeps the database from being upgraded. */
  readonly onBlocked: () => void;
  /** Told when a newer version in another window needs the database: this one has stopped writing. */
  readonly onOvertaken: () => void;
}

/**
 * Opens the database, and lets go of it as soon as a newer version asks for it.
 * @throws {NewerDatabase} when it was written by a newer Rillbank; it is closed again untouched
 */
export async function openDb(db: RillbankDb, { onBlocked, onOvertaken }: Opening): Promise<void> {
  db.on('blocked', onBlocked);
  db.on('versionchange', () => {
    db.close();
    onOvertaken();
  });
  await db.open();
  // Dexie opens a newer database all the same; older code must not write into it.
  if (db.backendDB().version > DB_VERSION * BROWSER_VERSIONS_PER_VERSION) {
    db.close();
    throw new NewerDatabase('The database was written by a newer Rillbank.');
  }
}
