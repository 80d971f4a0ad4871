import type { Table } from 'dexie';
import { parseWith, type FileFault } from '@/core/files/parse';
import type { Raw } from './db';
import { TABLES, type RecordOf, type TableName, type TableRule } from './tables';
import { NotKept } from './trouble';

/** A stored record that this version cannot read. It is left as it is. */
export interface Unreadable {
  readonly table: TableName;
  readonly id: string;
  /** The name a gardener knows it by. */
  readonly name: string;
  readonly faults: readonly FileFault[];
  readonly raw: Raw;
}

/** Records parsed before the page may go on. */
const PART = 200;

/** The next turn of the browser's own loop: what waits there, a press or a frame, comes first. */
const nextTurn = (): Promise<void> =>
  new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(null);
  });

async function inParts<T>(rows: readonly T[], go: (part: readonly T[]) => void): Promise<void> {
  for (let from = 0; from < rows.length; from += PART) {
    if (from > 0) await Promise.resolve(nextTurn());
    go(rows.slice(from, from + PART));
  }
}

/** One table: whatever goes in has been parsed, whatever comes out too. */
export class Repository<N extends TableName> {
  private readonly rule: TableRule<RecordOf<N>>;
  /** What was read of a record, by the text it was read from: most of a long log is as it was when it is read again. */
  private readonly known = new Map<string, { readonly text: string; readonly data: RecordOf<N> }>();

  constructor(
    readonly name: N,
    readonly table: Table<Raw, string>,
  ) {
    this.rule = TABLES[name] as unknown as TableRule<RecordOf<N>>;
  }

  /** Every record that can be read. */
  async all(): Promise<readonly RecordOf<N>[]> {
    return this.readable(await this.table.toArray());
  }

  /** Every record that can be read, in the order of the ids. The page is let go on between parts of a long table. */
  async allInParts(): Promise<readonly RecordOf<N>[]> {
    const found: RecordOf<N>[] = [];
    await inParts(await this.table.toArray(), (part) => found.push(...this.readable(part)));
    return found;
  }

  /**
   * Every record that can be read, in the order of the ids, of a table whose records are written once and never changed: what was read
   * before is not read again. Records taken away, here or in another window, are told by {@link forget}.
   */
  async allEverAdded(): Promise<readonly RecordOf<N>[]> {
    const keys = await this.table.toCollection().primaryKeys();
    const fresh = keys.filter((key) => !this.known.has(key));
    if (fresh.length > keys.length / 2) return this.allInParts();
    const added = await this.table.bulkGet(fresh);
    this.readable(added.filter((row) => row !== undefined));
    return keys.flatMap((key) => this.known.get(key)?.data ?? []);
  }

  /** What was read may have been taken away, and others put under the same ids. */
  forget(): void {
    this.known.clear();
  }

  /** @returns `undefined` when there is none of that id, or it cannot be read */
  async get(id: string): Promise<RecordOf<N> | undefined> {
    return this.rule.schema.safeParse(await this.table.get(id)).data;
  }

  readable(rows: readonly Raw[]): readonly RecordOf<N>[] {
    return rows.flatMap((row) => {
      const text = this.rule.isRemembered ? JSON.stringify(row) : '';
      const key = String(row[this.rule.key]);
      const known = text === '' ? undefined : this.known.get(key);
      if (known?.text === text) return [known.data];
      const parsed = this.rule.schema.safeParse(row);
      if (!parsed.success) return [];
      if (text !== '') this.known.set(key, { text, data: parsed.data });
      return [parsed.data];
    });
  }

  /**
   * Adds records or replaces those of the same ids.
   * @throws {NotKept} when one of them could not be read again; none is put then
   */
  async put(...records: readonly RecordOf<N>[]): Promise<void> {
    // A transaction that is asked for nothing may close before it is asked again.
    if (records.length > 0) await this.table.bulkPut(records.map((record) => this.settled(record)));
  }

  /** A record with what follows from it, as it may be put. @throws {NotKept} when it could not be read again */
  settled(record: RecordOf<N>): Raw {
    const settled = this.rule.settle ? this.rule.settle(record) : record;
    const parsed = parseWith(this.rule.schema, settled);
    if (parsed.ok) return parsed.value as Raw;
    const name = this.rule.nameOf(settled as Raw);
    throw new NotKept({
      kind: 'refused',
      what: name ? `${this.rule.called} “${name}”` : this.rule.called,
      faults: parsed.faults,
    });
  }

  /** What follows from a record, without asking whether it may be put. */
  settle(record: RecordOf<N>): RecordOf<N> {
    return this.rule.settle ? this.rule.settle(record) : record;
  }

  /** What is wrong with a record; nothing when it may be put. */
  faultsOf(record: unknown): readonly FileFault[] {
    const parsed = parseWith(this.rule.schema, record);
    return parsed.ok ? [] : parsed.faults;
  }

  /** Records that are there and cannot be read, as they lie. */
  async unreadable(): Promise<readonly Unreadable[]> {
    return (await this.table.toArray()).flatMap((raw) => {
      const faults = this.faultsOf(raw);
      const id = String(raw[this.rule.key] ?? '');
      return faults.length === 0
        ? []
        : [{ table: this.name, id, name: this.rule.nameOf(raw) || id, faults, raw }];
    });
  }
}
