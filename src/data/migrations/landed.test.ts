import Dexie from 'dexie';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { openHere } from '../../../tests/builders/store';
import { DB_VERSION, RillbankDb, type Raw } from '../db';
import type { Store } from '../store';

/** A database as a version that has landed left it: written by that version's own code, from its own demo set. */
interface Landed {
  readonly version: number;
  readonly stores: Readonly<Record<string, string>>;
  readonly rows: Readonly<Record<string, readonly Raw[]>>;
}

const FOLDER = join(__dirname, '../../../tests/golden/databases');
// Version 1 never landed by itself.
const LANDED = readdirSync(FOLDER)
  .map((file) => JSON.parse(readFileSync(join(FOLDER, file), 'utf8')) as Landed)
  .sort((a, b) => a.version - b.version);
const each = LANDED.map((landed) => [landed.version, landed] as const);

/** Made by the last version. */
const LAST_TABLE = 'stamps';

let count = 0;
/** Lays a database down as it was. @returns its name */
async function laid({ version, stores, rows }: Landed): Promise<string> {
  const name = `landed-${version}-${(count += 1)}`;
  const old = new Dexie(name);
  old.version(version).stores(stores);
  await old.open();
  for (const [table, list] of Object.entries(rows)) await old.table(table).bulkPut([...list]);
  old.close();
  return name;
}

async function isWhole(store: Store, { rows }: Landed): Promise<void> {
  expect(await store.unreadable.all()).toEqual([]);
  const names = (list: readonly Raw[]) => list.map(({ name }) => name).sort();
  expect(names((await store.plantings.all()) as never)).toEqual(names(rows.plantings!));
  expect(names((await store.spots.all()) as never)).toEqual(names(rows.spots!));
  const own = (await store.plantings.get('own-tub'))!.planting;
  const was = rows.plantings!.find(({ id }) => id === 'own-tub')!;
  expect(own.places.map(({ xCm, zCm }) => [xCm, zCm])).toEqual(
    (was.places as { xCm: number; zCm: number }[]).map(({ xCm, zCm }) => [xCm, zCm]),
  );
  expect((await store.log.entries()).length).toBe(rows.entries?.length ?? 0);
  expect((await store.shelf.all()).length).toBe(rows.shelf?.length ?? 0);
  expect((await store.settings.get()).length).toBe('in');
}

test('every version that has landed has left a database here', () => {
  expect(LANDED.map(({ version }) => version)).toEqual(
    Array.from({ length: DB_VERSION - 1 }, (_, i) => i + 2),
  );
});

test.each(each)(
  'a database of version %i opens with all that was in it, and is written on',
  async (_, landed) => {
    const { store } = await openHere(await laid(landed));
    await isWhole(store, landed);
    // What was done then can still be taken back: the name, and then the move.
    const ref = { table: 'plantings', id: 'own-tub' } as const;
    await store.history.undo(ref);
    expect((await store.plantings.get('own-tub'))!.planting.name).toBe('Own tub');
    await store.history.undo(ref);
    expect((await store.plantings.get('own-tub'))!.planting.places[0]!.xCm).not.toBe(3);
    await store.plantings.edit('own-tub', { kind: 'rename', name: 'Old tub' });
    expect((await store.plantings.get('own-tub'))!.planting.name).toBe('Old tub');
  },
);

test.each(each.filter(([version]) => version < DB_VERSION))(
  'an upgrade from version %i that is cut off half way leaves it as it was, and is done at the next opening',
  async (version, landed) => {
    const name = await laid(landed);
    const { createObjectStore } = IDBDatabase.prototype;
    // The last table of all: whatever was rewritten on the way has been rewritten by then.
    const making = jest
      .spyOn(IDBDatabase.prototype, 'createObjectStore')
      .mockImplementation(function (this: IDBDatabase, ...of) {
        if (of[0] === LAST_TABLE) throw new DOMException('The lights went out.', 'AbortError');
        return createObjectStore.apply(this, of);
      });
    await expect(new RillbankDb(name).open()).rejects.toThrow('The lights went out.');
    making.mockRestore();
    expect(await versionOf(name)).toBe(version);
    const { store } = await openHere(name);
    await isWhole(store, landed);
    expect(await versionOf(name)).toBe(DB_VERSION);
  },
);

async function versionOf(name: string): Promise<number> {
  const found = (await indexedDB.databases()).find((one) => one.name === name);
  return (found?.version ?? 0) / 10;
}
