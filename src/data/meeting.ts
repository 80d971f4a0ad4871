import type { Entry } from '@/core/log/entry';
import type { Backup } from '@/core/files/plantingFile';
import type { Spot } from '@/core/spots/spot';
import { meet, type Outcome } from '@/core/meeting/meeting';
import { bothSeen, contentOf, type Mark, type Seen, type Stamp } from '@/core/meeting/stamp';
import {
  CHANGED,
  DEVICE,
  putUnlessThere,
  rowName,
  rowsIn,
  snapshotOf,
  type Changed,
  type Repositories,
  type Rows,
  type Snapshot,
} from './backups';
import type { Raw, RillbankDb } from './db';
import { TABLES } from './tables';

/** One record of which the two sides say something different. */
export interface Met {
  /** Its table and id. */
  readonly of: string;
  readonly table: Changed;
  readonly name: string;
  /** What it is called in the file, where it is called otherwise there. */
  readonly calledThere: string | null;
  readonly outcome: Exclude<Outcome, { readonly is: 'same' }>;
  readonly here: Raw | null;
  readonly there: Raw | null;
}

/** What would come of bringing a backup together with what is here. Nothing has changed yet. */
export interface Meeting {
  readonly records: readonly Met[];
  /** Entries that are not here yet. */
  readonly entries: readonly Entry[];
  /** Entries that are only here. */
  readonly onlyHere: number;
}

/** What is taken where both sides changed the same. `both`: of a planting, each by itself. */
export type Taking = 'here' | 'there' | 'both';

/**
 * Looks over every record, and counts a change for each that is not as it was. Inside a transaction that writes.
 * A device that has no mark, because all was replaced, gets a new one: what was counted under the old is never counted again.
 * @returns the stamps of all, by name
 */
export async function restamped(
  db: RillbankDb,
  tables: Repositories,
): Promise<ReadonlyMap<string, Stamp>> {
  const stamps = new Map((await tables.stamps.all()).map((stamp) => [stamp.of, stamp]));
  const mark = stamps.get(DEVICE);
  const [device, counted] = Object.entries(mark?.seen ?? {})[0] ?? [crypto.randomUUID(), 0];
  let count = counted;
  const fresh: Stamp[] = [];
  const rows = await rowsOf(tables);
  const look = (of: string, record: Raw | null) => {
    const before = stamps.get(of);
    const digest = record ? contentOf(record) : '';
    if (before?.digest === digest) return;
    count += 1;
    const seen = bothSeen(before?.seen ?? {}, { [device]: count });
    fresh.push({ of, digest, seen, ...(before?.base ? { base: before.base } : {}) });
  };
  for (const [of, { row }] of rows) look(of, row);
  for (const of of stamps.keys()) if (of !== DEVICE && !rows.has(of)) look(of, null);
  if (count > counted || !mark)
    fresh.push({ of: DEVICE, digest: DEVICE, seen: { [device]: Math.max(1, count) } });
  await tables.stamps.put(...fresh);
  for (const stamp of fresh) stamps.set(stamp.of, stamp);
  stamps.delete(DEVICE);
  return stamps;
}

/** Remembers all records as they are: they are what another device begins from that is given them now. Inside a transaction that writes. */
export async function remembered(
  tables: Repositories,
  stamps: ReadonlyMap<string, Stamp>,
): Promise<void> {
  const rows = await rowsOf(tables);
  const kept = [...stamps.values()].map(({ base: _, ...stamp }) => {
    const row = rows.get(stamp.of)?.row;
    return row ? { ...stamp, base: { record: row, seen: stamp.seen } } : stamp;
  });
  await tables.stamps.put(...kept);
}

export const marksOf = (stamps: ReadonlyMap<string, Stamp>): Mark[] =>
  [...stamps.values()].map(({ of, seen }) => ({ of, seen }));

async function rowsOf(tables: Repositories): Promise<Rows> {
  const rows = new Map<string, { table: Changed; row: Raw }>();
  for (const table of CHANGED)
    for (const row of (await tables[table].all()) as readonly Raw[])
      rows.set(rowName(table, row), { table, row });
  return rows;
}

/** What would come of a meeting. Inside a transaction, after {@link restamped}. */
export async function meetingOf(
  tables: Repositories,
  stamps: ReadonlyMap<string, Stamp>,
  backup: Backup,
): Promise<Meeting> {
  const [here, there] = [await rowsOf(tables), rowsIn(backup)];
  const marks = new Map(backup.marks.map(({ of, seen }) => [of, seen]));
  const records: Met[] = [];
  for (const of of new Set([...here.keys(), ...there.keys(), ...marks.keys()])) {
    const table = CHANGED.find((name) => of.startsWith(`${name}/`));
    if (!table) continue;
    const [ours, theirs] = [here.get(of)?.row ?? null, there.get(of)?.row ?? null];
    const stamp = stamps.get(of);
    const outcome = meet(
      { record: ours, seen: stamp?.seen ?? null },
      { record: theirs, seen: marks.get(of) ?? null },
      baseOf(stamp),
      (record) => tables[table].faultsOf(record).length === 0,
    );
    if (outcome.is === 'same') continue;
    const name = TABLES[table].nameOf((ours ?? theirs) as Raw);
    const named = theirs && TABLES[table].nameOf(theirs);
    const calledThere = named === name ? null : named;
    records.push({ of, table, name, calledThere, outcome, here: ours, there: theirs });
  }
  const known = new Set((await tables.entries.all()).map(({ id }) => id));
  const told = new Set(backup.entries.map(({ id }) => id));
  return {
    records,
    entries: backup.entries.filter(({ id }) => !known.has(id)),
    onlyHere: [...known].filter((id) => !told.has(id)).length,
  };
}

function baseOf(stamp: Stamp | undefined): { readonly record: Raw; readonly seen: Seen } | null {
  return (stamp?.base as { readonly record: Raw; readonly seen: Seen } | undefined) ?? null;
}

/**
 * Brings a backup together with what is here. Inside a transaction that writes.
 * @param taking by record, where both sides changed the same; what is not told stays as it is here
 * @returns the rows that were changed, as they lay before
 */
export async function broughtTogether(
  db: RillbankDb,
  tables: Repositories,
  { backup, taking }: { readonly backup: Backup; readonly taking: ReadonlyMap<string, Taking> },
): Promise<Snapshot> {
  const before = await snapshotOf(db, [...CHANGED, 'entries', 'stamps']);
  const spotsBefore = await tables.spots.all();
  const stamps = await restamped(db, tables);
  const meeting = await meetingOf(tables, stamps, backup);
  for (const met of meeting.records) {
    const result = resultOf(met, taking.get(met.of) ?? 'here');
    if (result === null) await db.table(met.table).delete(met.of.slice(met.table.length + 1));
    // Each record by its own table's rule.
    else if (result) await tables[met.table].put(result as never);
    if (met.table === 'plantings' && taking.get(met.of) === 'both' && met.there)
      await tables.plantings.put(besides(met.there) as never);
  }
  await tables.entries.put(...meeting.entries);
  const shown = new Set(await db.photos.toCollection().primaryKeys());
  await tables.photos.put(...backup.photos.filter(({ id }) => !shown.has(id)));
  for (const { table, record } of backup.unreadable) await putUnlessThere(db, table, record);
  await mended(db, tables, [...spotsBefore, ...backup.spots]);
  await seenTogether(db, tables, stamps, backup, meeting);
  return before;
}

/**
 * Is it for the gardener to say what becomes of it? Also of what was taken away here since: a file may be there to bring it back.
 * A spot that went with its planting comes back with it.
 */
export const isAsked = ({ outcome, here, there, table }: Met): boolean =>
  outcome.is === 'choice' ||
  (outcome.is === 'here' && !here && there !== null && table !== 'spots');

/** What a record becomes: `null` when it goes, `undefined` when it stays as it is here. */
function resultOf(met: Met, taking: Taking): Raw | null | undefined {
  const { outcome, there } = met;
  if (outcome.is === 'there') return outcome.record;
  if (outcome.is === 'both') return outcome.record;
  return taking === 'there' && isAsked(met) ? there : undefined;
}

const LONGEST_NAME = 80;

/** The other side's planting, beside the one that is here. */
function besides(there: Raw): Raw {
  return {
    ...there,
    id: `planting-${crypto.randomUUID().slice(0, 8)}`,
    name: `${String(there.name)} (from file)`.slice(0, LONGEST_NAME),
  };
}

/** What belongs together is there: a planting's spot, and the planting of what was kept beside it, whoever took them away. */
async function mended(db: RillbankDb, tables: Repositories, known: readonly Spot[]): Promise<void> {
  const spots = new Set(await db.spots.toCollection().primaryKeys());
  const wanted = new Set((await tables.plantings.all()).map(({ spotId }) => spotId));
  await tables.spots.put(...known.filter(({ id }) => wanted.has(id) && !spots.has(id)));
  const plantings = new Set(await db.plantings.toCollection().primaryKeys());
  const loose = (await tables.kept.all()).filter(({ plantingId }) => !plantings.has(plantingId));
  await db.kept.bulkDelete(loose.map(({ id }) => id));
}

/** From now on this device has seen what the file had seen; what came of both is the beginning of what follows. */
async function seenTogether(
  db: RillbankDb,
  tables: Repositories,
  stamps: ReadonlyMap<string, Stamp>,
  backup: Backup,
  { records }: Meeting,
): Promise<void> {
  const rows = await rowsOf(tables);
  const marks = new Map(backup.marks.map(({ of, seen }) => [of, seen]));
  const outcomes = new Map(records.map(({ of, outcome }) => [of, outcome.is]));
  const joined: Stamp[] = [];
  for (const [of, seen] of marks) {
    const stamp = stamps.get(of);
    const is = outcomes.get(of) ?? 'same';
    const row = rows.get(of)?.row ?? null;
    const both = bothSeen(stamp?.seen ?? {}, seen);
    // Taken as it was there, or the same on both: it is as it was counted. Otherwise the next look counts a change.
    const digest = is === 'there' || is === 'same' ? (row ? contentOf(row) : '') : 'decided here';
    if (is === 'here') continue;
    joined.push({ of, digest, seen: both, ...(row ? { base: { record: row, seen: both } } : {}) });
  }
  await tables.stamps.put(...joined);
  await restamped(db, tables);
}
