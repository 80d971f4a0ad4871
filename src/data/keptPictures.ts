import Dexie, { type Table } from 'dexie';

/**
 * Pictures from earlier visits, by what they show. They lie in a database of their own: they can always be painted again, so that
 * neither backups, migrations nor an older version need know of them.
 */
interface Kept {
  readonly key: string;
  /** Build of the app that painted it: another one may draw otherwise. */
  readonly built: string;
  /** When it was kept, ms. */
  readonly at: number;
  readonly png: Blob;
}

/** So many are kept; beyond it those that lie longest go. A few kB for a plant of the book, 30 to 100 for a container. */
export const MOST_PICTURES = 1200;
/** So many go at once, so that not every one that is kept counts them all. */
const GO_AT_ONCE = 120;
const OLDER_GO_MS = 5000;

export class KeptPictures {
  private readonly db: Dexie & { readonly pictures: Table<Kept, string> };
  private opening: Promise<boolean> | null = null;

  constructor(
    private readonly built: string,
    name = 'rillbank-pictures',
  ) {
    this.db = new Dexie(name) as typeof this.db;
    this.db.version(1).stores({ pictures: 'key, at, built' });
  }

  /** @returns those that are there; nothing where the browser keeps nothing */
  async of(keys: readonly string[]): Promise<ReadonlyMap<string, Blob>> {
    if (!(await this.isOpen())) return new Map();
    const found = await this.db.pictures.bulkGet([...keys]).catch(() => []);
    return new Map(
      found.flatMap((one) => (one?.built === this.built ? [[one.key, one.png] as const] : [])),
    );
  }

  /** Lets go of what another build painted. @returns how many there were */
  letGoOfOlder(): Promise<number> {
    return this.db.pictures.where('built').notEqual(this.built).delete();
  }

  /** Keeps a picture for the next visit; where that fails it is painted again then. */
  async keep(key: string, png: Blob): Promise<void> {
    if (!(await this.isOpen())) return;
    try {
      await this.db.pictures.put({ key, png, at: Date.now(), built: this.built });
      const over = (await this.db.pictures.count()) - MOST_PICTURES;
      if (over <= 0) return;
      const oldest = this.db.pictures.orderBy('at').limit(over + GO_AT_ONCE);
      await this.db.pictures.bulkDelete(await oldest.primaryKeys());
    } catch {
      // A full disk keeps no pictures; the store tells of it where something would be lost.
    }
  }

  close(): void {
    this.db.close();
  }

  private isOpen(): Promise<boolean> {
    this.opening ??= this.open().catch(() => false);
    return this.opening;
  }

  private async open(): Promise<boolean> {
    if (typeof indexedDB === 'undefined') return false;
    await this.db.open();
    // Somebody waits for the first that are asked for: room is made after them.
    setTimeout(() => void this.letGoOfOlder().catch(() => undefined), OLDER_GO_MS);
    return true;
  }
}
