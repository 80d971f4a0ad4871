import { isOf, type Entry } from '@/core/log/entry';
import type { RillbankDb } from './db';

/** What photographs take up. */
export interface PhotoRoom {
  readonly count: number;
  readonly bytes: number;
  /** Those that no entry names: left behind by a backup that was put in the place of another. */
  readonly loose: readonly string[];
  readonly looseBytes: number;
}

/** Goes through all photographs one by one, so that they need not lie in memory together. */
export async function looseIn(db: RillbankDb, entries: readonly Entry[]): Promise<PhotoRoom> {
  const named = new Set(
    entries.flatMap((entry) => (isOf(entry, 'photographed') ? [entry.what.photoId] : [])),
  );
  let [count, bytes, looseBytes] = [0, 0, 0];
  const loose: string[] = [];
  await db.photos.each((row) => {
    const own = Array.isArray(row.jpeg)
      ? row.jpeg.reduce((sum: number, part) => sum + String(part).length, 0)
      : 0;
    count += 1;
    bytes += own;
    const id = String(row.id);
    if (named.has(id)) return;
    loose.push(id);
    looseBytes += own;
  });
  return { count, bytes, loose, looseBytes };
}
