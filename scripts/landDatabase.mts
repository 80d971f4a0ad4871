/**
 * npm run land: before the database gets a new version, lays down what the present one leaves behind, for the tests of all later ones.
 * Writes tests/golden/databases/version-N.json; one that is there already is never written over.
 */
import 'fake-indexeddb/auto';
import { existsSync, writeFileSync } from 'node:fs';
import { DB_VERSION, openDb, RillbankDb, type Raw } from '../src/data/db';
import { openJournal } from '../src/data/journal';
import { Store } from '../src/data/store';
import { onlyWindow } from '../src/data/windows';
import { rillbankHalt } from '../src/demo/rillbankHalt';

const file = `tests/golden/databases/version-${DB_VERSION}.json`;
if (existsSync(file)) {
  console.log(`${file} is there already: a version that has landed stays as it was.`);
  process.exit(0);
}
const db = new RillbankDb('landed');
await openDb(db, { onBlocked: () => undefined, onOvertaken: () => undefined });
const store = new Store(db, onlyWindow('landed'), openJournal(null));
const halt = rillbankHalt();
await store.whole.addAll(halt);
const like = halt.plantings[0]!;
const spot = halt.spots.find(({ id }) => id === like.spotId)!;
const own = { ...like, id: 'own-tub', name: 'Own tub', demo: false, spotId: 'own-spot' };
await store.plantings.add(own, { ...spot, id: 'own-spot', name: 'Own step' });
await store.plantings.edit(own.id, { kind: 'move', place: own.places[0]!.id, xCm: 3, zCm: 2 });
await store.plantings.edit(own.id, { kind: 'rename', name: 'Own tub by the door' });
await store.settings.set({ length: 'in' });
// Counted, as before a file is written.
await store.whole.backup('2026-06-01T08:00:00Z');

const rows: Record<string, readonly Raw[]> = {};
for (const table of db.tables) rows[table.name] = await table.toArray();
// Small enough to be read: the own tub and two of the Halt's, with what is theirs.
const kept = new Set([own.id, ...halt.plantings.slice(0, 2).map(({ id }) => id)]);
const only = (name: string, isKept: (row: Raw) => boolean) => {
  rows[name] = (rows[name] ?? []).filter(isKept);
};
only('plantings', ({ id }) => kept.has(String(id)));
const spots = new Set(rows.plantings!.map(({ spotId }) => spotId));
only('spots', ({ id }) => spots.has(id));
only('entries', ({ of }) => kept.has(String((of as { plantingId?: string }).plantingId)));
only('kept', ({ plantingId }) => kept.has(String(plantingId)));
only('weather', ({ spotId }) => spots.has(spotId));
only('groups', () => false);
rows.shelf = (rows.shelf ?? []).slice(0, 2);
const stores = Object.fromEntries(
  db.tables.map(({ name, schema: { primKey, indexes } }) => [
    name,
    [primKey, ...indexes].map(({ src }) => src).join(', '),
  ]),
);
writeFileSync(file, JSON.stringify({ version: DB_VERSION, stores, rows }));
console.log(
  `${file}: ${Object.entries(rows)
    .map(([name, list]) => `${name} ${list.length}`)
    .join(', ')}`,
);
process.exit(0);
