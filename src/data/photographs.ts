import type { RillbankDb } from './db';

/** What photographs take up. */
export interface PhotoRoom {
  readonly count: number;
  /** About so much, reckoned from some of them: all together they may be more than memory holds. */
  readonly bytes: number;
  /** Those that no entry names: left behind by a backup that was put in the place of another. */
  readonly loose: readonly string[];
}

/** So many are weighed. */
const WEIGHED = 20;

/**
 * Counts photographs, and finds those that no entry names. Entries are taken as they lie: one that this version cannot read names its
 * photograph all the same.
 */
export async function photoRoomIn(db: RillbankDb): Promise<PhotoRoom> {
  const ids = await db.photos.toCollection().primaryKeys();
  const naming = await db.entries.where('what.did').equals('photographed').toArray();
  const named = new Set(naming.map(({ what }) => (what as { photoId?: unknown }).photoId));
  // The last ones, since cameras change.
  const some = await db.photos.bulkGet(ids.slice(-WEIGHED));
  const each = some.reduce((sum, row) => sum + lettersIn(row?.jpeg), 0) / Math.max(1, some.length);
  return {
    count: ids.length,
    bytes: Math.round(each * ids.length),
    loose: ids.filter((id) => !named.has(id)),
  };
}

const lettersIn = (parts: unknown): number =>
  Array.isArray(parts) ? parts.reduce((sum: number, part) => sum + String(part).length, 0) : 0;
