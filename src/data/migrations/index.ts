import type { Transaction } from 'dexie';
import { toVersion1 } from './version1';
import { toVersion2 } from './version2';
import { toVersion3 } from './version3';
import { toVersion4 } from './version4';
import { toVersion5 } from './version5';
import { toVersion6 } from './version6';
import { toVersion7 } from './version7';

/** One step of the database's shape. Never edited after it has shipped: a new shape is a new file. */
export interface Migration {
  readonly version: number;
  readonly stores: Readonly<Record<string, string>>;
  /** Rewrites stored records; absent when only tables were added. */
  readonly upgrade?: (transaction: Transaction) => Promise<void>;
}

/** Every step, oldest first, without gaps. */
export const MIGRATIONS: readonly Migration[] = [
  toVersion1,
  toVersion2,
  toVersion3,
  toVersion4,
  toVersion5,
  toVersion6,
  toVersion7,
];
