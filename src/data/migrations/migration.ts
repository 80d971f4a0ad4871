import type { Transaction } from 'dexie';

/** One step of the database's shape. Never edited after it has shipped: a new shape is a new file. */
export interface Migration {
  readonly version: number;
  readonly stores: Readonly<Record<string, string>>;
  /** Rewrites stored records; absent when only tables were added. */
  readonly upgrade?: (transaction: Transaction) => Promise<void>;
}
