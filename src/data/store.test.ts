import Dexie from 'dexie';
import { rillbankHalt } from '@/demo/rillbankHalt';
import { GOOD, planting, SUNNY } from '../../tests/builders/plantings';
import { RillbankDb } from './db';
import { MIGRATIONS } from './migrations/index';
import { Store } from './store';

let count = 0;
const open = () => {
  count += 1;
  const db = new RillbankDb(`test-${count}`);
  return { db, store: new Store(db) };
};

test('undo and redo walk through every change and outlive the tab', async () => {
  const { db, store } = open();
  await store.add(planting(GOOD), SUNNY);
  await store.edit('planting', { kind: 'remove', place: 'p0' }, 'Took out');
  await store.edit('planting', { kind: 'rename', name: 'Door pot' }, 'Renamed');
  await store.undo('planting');
  db.close();
  const again = new Store(new RillbankDb(db.name));
  expect((await again.planting('planting'))!.planting.name).toBe('Planting');
  await again.undo('planting');
  expect((await again.planting('planting'))!.planting.places).toHaveLength(GOOD.length);
  await again.undo('planting');
  await again.redo('planting');
  await again.redo('planting');
  expect((await again.planting('planting'))!.planting).toMatchObject({ name: 'Door pot' });
  expect((await again.planting('planting'))!.history.future).toEqual([]);
});

test('the demo set comes in and goes out whole, and leaves the gardener’s own alone', async () => {
  const { store } = open();
  const { spots, plantings } = rillbankHalt();
  await store.addAll(spots, plantings);
  await store.add(planting(GOOD), SUNNY);
  expect(await store.removeDemo()).toBe(9);
  expect((await store.plantings()).map(({ id }) => id)).toEqual(['planting']);
  expect((await store.spots()).map(({ id }) => id)).toEqual(['spot']);
});

test('a backup restores everything on an empty machine', async () => {
  const [{ store }, { store: other }] = [open(), open()];
  await store.add(planting(GOOD), SUNNY);
  await store.setSettings({ length: 'in', currency: '$' });
  await other.restore(await store.backup('2026-05-18'));
  expect(await other.plantings()).toEqual(await store.plantings());
  expect(await other.settings()).toMatchObject({ length: 'in', currency: '$' });
});

test('taking a planting away can be answered by putting it back', async () => {
  const { store } = open();
  await store.add(planting(GOOD), SUNNY);
  const gone = (await store.remove('planting'))!;
  expect(await store.spots()).toEqual([]);
  await store.add(gone.planting, gone.spot);
  expect(await store.plantings()).toHaveLength(1);
});

test('a record that cannot be read is counted and left untouched', async () => {
  const { db, store } = open();
  await db.plantings.put({ id: 'broken' } as never);
  expect(await store.plantings()).toEqual([]);
  expect(await store.unreadable()).toBe(1);
  expect(await db.plantings.count()).toBe(1);
});

test('migrations have no gaps, and a database of version 1 gains what is new and loses nothing', async () => {
  expect(MIGRATIONS.map(({ version }) => version)).toEqual(MIGRATIONS.map((_, i) => i + 1));
  const old = new Dexie('test-old');
  old.version(1).stores(MIGRATIONS[0]!.stores);
  const { dropCm: _, ...oldSpot } = { ...SUNNY, view: 'from below' as const };
  await old.table('spots').put(oldSpot);
  await old.table('plantings').put(planting(GOOD));
  old.close();
  const store = new Store(new RillbankDb('test-old'));
  expect(await store.spots()).toEqual([{ ...oldSpot, dropCm: 200 }]);
  expect(await store.plantings()).toHaveLength(1);
});
