import {
  fromWeatherRows,
  toWeatherRows,
  type Backup,
  type Settings,
} from '@/core/files/plantingFile';
import { contentOf, type Mark, type Stamp } from '@/core/meeting/stamp';
import type { Raw, RillbankDb } from './db';
import type { Repository, Unreadable } from './repository';
import { TABLES, type TableName } from './tables';

export type Repositories = { readonly [N in TableName]: Repository<N> };

/** Rows of tables as they lie. */
export type Snapshot = Partial<Readonly<Record<TableName, readonly Raw[]>>>;

const NAMES = Object.keys(TABLES) as TableName[];
/** Tables whose rows a backup takes the place of. */
export const REPLACED: readonly TableName[] = NAMES.filter((name) => name !== 'photos');

/**
 * Everything there is, as a backup; rows that cannot be read as they lie.
 * @param withPhotos do photographs go along in it, or as files beside it?
 */
export async function backupOf(
  tables: Repositories,
  {
    written,
    settings,
    withPhotos,
    marks,
  }: {
    readonly written: string;
    readonly settings: Settings;
    readonly withPhotos: boolean;
    readonly marks: readonly Mark[];
  },
): Promise<Backup> {
  const spots = await tables.spots.all();
  const plantings = await tables.plantings.all();
  const unreadable = await unreadableOf(tables);
  const here = new Set(spots.map(({ id }) => id));
  const planted = new Set(plantings.map(({ id }) => id));
  return {
    format: 'rillbank-backup',
    version: 1,
    written,
    spots: [...spots],
    // One whose spot cannot be read is not lost: it goes along as it lies.
    plantings: plantings.filter(({ spotId }) => here.has(spotId)),
    shelf: [...(await tables.shelf.all())],
    kinds: [...(await tables.kinds.all())],
    kept: (await tables.kept.all()).filter(({ plantingId }) => planted.has(plantingId)),
    groups: [...(await tables.groups.all())],
    entries: [...(await tables.entries.all())],
    photos: withPhotos ? [...(await tables.photos.all())] : [],
    settings,
    marks: [...marks],
    weather: (await tables.weather.all())
      .filter(({ spotId }) => here.has(spotId))
      .map(toWeatherRows),
    unreadable: [
      ...unreadable.map(({ table, raw }) => ({ table, record: { ...raw } })),
      ...plantings
        .filter(({ spotId }) => !here.has(spotId))
        .map((planting) => ({ table: 'plantings', record: { ...planting } })),
    ],
  };
}

/** Tables whose records are changed after they were made. Entries and photographs are only ever added. */
export const CHANGED = [
  'spots',
  'plantings',
  'shelf',
  'kinds',
  'kept',
  'groups',
  'weather',
] as const;
export type Changed = (typeof CHANGED)[number];

/** A record with its table, by both in one name: "plantings/tub-1". */
export type Rows = ReadonlyMap<string, { readonly table: Changed; readonly row: Raw }>;

export const rowName = (table: Changed, row: Raw): string =>
  `${table}/${String(row[TABLES[table].key])}`;

/** Records of a backup as they would lie here. */
export function rowsIn(backup: Backup): Rows {
  const rows = new Map<string, { table: Changed; row: Raw }>();
  for (const table of CHANGED) {
    const list = table === 'weather' ? backup.weather.map(fromWeatherRows) : backup[table];
    for (const row of list as readonly Raw[]) rows.set(rowName(table, row), { table, row });
  }
  return rows;
}

/** Tables that travel in a backup; steps stay where they were made. */
const BACKED_UP = [...CHANGED, 'entries', 'photos'] as const;

/** What is written down among the stamps under this name is the device itself: its mark, and how many changes it has counted. */
export const DEVICE = 'device';

/**
 * The rows of tables as they lie, to go back to. The device itself stays behind: after going back it counts under a new mark, or what it
 * counted since, and may have sent out, would be counted a second time.
 */
export async function snapshotOf(db: RillbankDb, names: readonly TableName[]): Promise<Snapshot> {
  const rows: Partial<Record<TableName, readonly Raw[]>> = {};
  for (const name of names) rows[name] = await db.table(name).toArray();
  return rows.stamps ? { ...rows, stamps: rows.stamps.filter(({ of }) => of !== DEVICE) } : rows;
}

/**
 * Puts a backup in the place of what is there, inside a transaction. Photographs only come in: those that nothing names any more are
 * told in the Shed, and are there when one goes back on it; so many need not lie in memory.
 * @returns the rows as they lay before
 */
export async function restored(
  db: RillbankDb,
  tables: Repositories,
  backup: Backup,
): Promise<Snapshot> {
  const before = await snapshotOf(db, REPLACED);
  const staying = await unreadableOf(tables);
  for (const name of REPLACED) await db.table(name).clear();
  await tables.kept.put(...backup.kept);
  await tables.groups.put(...backup.groups);
  await tables.entries.put(...backup.entries);
  await tables.photos.put(...backup.photos);
  await tables.kinds.put(...backup.kinds);
  await tables.shelf.put(...backup.shelf);
  await tables.weather.put(...backup.weather.map(fromWeatherRows));
  await tables.spots.put(...backup.spots);
  await tables.plantings.put(...backup.plantings);
  await tables.settings.put({ key: 'settings', ...backup.settings });
  await tables.stamps.put(...stampsOf(backup));
  const carried = backup.unreadable.map(({ table, record }) => ({ table, raw: record }));
  for (const { table, raw } of [...carried, ...staying]) await putUnlessThere(db, table, raw);
  return before;
}

/** What the file had seen is what this device has seen from now on, under a mark of its own. */
function stampsOf(backup: Backup): readonly Stamp[] {
  const rows = rowsIn(backup);
  return backup.marks.map(({ of, seen }) => {
    const record = rows.get(of)?.row;
    return record
      ? { of, seen, digest: contentOf(record), base: { record, seen } }
      : { of, seen, digest: '' };
  });
}

/** A row that cannot be read takes nobody's place. */
export async function putUnlessThere(db: RillbankDb, table: string, raw: Raw): Promise<void> {
  const name = BACKED_UP.find((one) => one === table);
  const id = name && raw[TABLES[name].key];
  if (!name || typeof id !== 'string') return;
  if (!(await db.table(name).get(id))) await db.table(name).put(raw);
}

async function unreadableOf(tables: Repositories): Promise<readonly Unreadable[]> {
  const found: Unreadable[] = [];
  // One after another: a transaction loses count of what is awaited side by side.
  for (const name of BACKED_UP) found.push(...(await tables[name].unreadable()));
  return found;
}

/** Takes rows out, inside a transaction. */
export async function emptied(db: RillbankDb, rows: Snapshot): Promise<void> {
  for (const name of NAMES)
    await db.table(name).bulkDelete((rows[name] ?? []).map((row) => String(row[TABLES[name].key])));
}
