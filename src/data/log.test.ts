import Dexie from 'dexie';
import { rillbankHalt } from '@/demo/rillbankHalt';
import { byPlanting, lifeOf } from '@/core/log/life';
import { GOOD, planting, SUNNY } from '../../tests/builders/plantings';
import { untold } from '@/core/plants/own';
import { openHere } from '../../tests/builders/store';
import { MIGRATIONS } from './migrations/index';
import type { Draft } from './rooms/logStore';
import type { Store } from './store';

let count = 0;
const name = () => `log-${(count += 1)}`;
const at = '2026-07-16T08:30:00+01:00';
const draft = (what: Draft['what'], rest: Partial<Draft> = {}): Draft => ({
  at,
  zone: 'Europe/London',
  of: { plantingId: 'planting' },
  what,
  ...rest,
});
const lifeHere = async (store: Store, id = 'planting') =>
  lifeOf(byPlanting(await store.log.entries()).get(id) ?? []);

test('what happened is written with the change of the plan it brought about, or neither is', async () => {
  const { store } = await openHere(name());
  await store.plantings.add(planting(GOOD), SUNNY);
  await store.log.write([draft({ did: 'chosen' })], {
    id: 'planting',
    edit: { kind: 'rename', name: 'Door pot' },
  });
  expect((await lifeHere(store)).stage).toBe('chosen');
  expect((await store.plantings.get('planting'))!.planting.name).toBe('Door pot');
  const far = { kind: 'move', place: 'p0', xCm: 999, zCm: 0 } as const;
  await expect(
    store.log.write([draft({ did: 'put out' })], { id: 'planting', edit: far }),
  ).rejects.toThrow();
  expect(await store.log.entries()).toHaveLength(1);
});

test('an entry that could not be read again is refused; one that is taken back stays in the log and holds no more', async () => {
  const { store } = await openHere(name());
  await expect(store.log.write([draft({ did: 'watered', litres: -1 })])).rejects.toThrow('refused');
  const [entry] = await store.log.write([draft({ did: 'chosen' })]);
  await store.log.takeBack(entry!, at);
  expect(await store.log.entries('planting')).toHaveLength(2);
  expect((await lifeHere(store)).stage).toBe('idea');
});

test('what was bought for several is found by each, and taking back a pot takes nothing from the others', async () => {
  const { store } = await openHere(name());
  await store.plantings.add(planting(GOOD), SUNNY);
  const bought = {
    did: 'bought',
    key: 'mix peat-free',
    got: 1,
    wanted: 1,
    paidMinor: null,
    stop: null,
  } as const;
  await store.log.write([draft(bought, { of: { plantingIds: ['planting', 'other'] } })]);
  expect(await store.log.entries('planting')).toHaveLength(1);
  expect((await lifeHere(store, 'other')).stage).toBe('bought');
  await store.log.unmake('planting', at);
  expect((await store.plantings.all()).length).toBe(0);
  expect((await lifeHere(store, 'other')).stage).toBe('bought');
});

test('a backup carries the log and the held day, and brings both back', async () => {
  const { store } = await openHere(name());
  await store.whole.addAll(rillbankHalt());
  const backup = await store.whole.backup('2026-07-16');
  const elsewhere = (await openHere(name())).store;
  await elsewhere.whole.restore(backup);
  expect(await elsewhere.log.entries()).toEqual(await store.log.entries());
  expect((await elsewhere.settings.get()).heldAt).toBe(rillbankHalt().heldAt);
  expect((await lifeHere(elsewhere, 'demo-tub-1')).plantedOn).toBe('2026-05-14');
});

test('the demo set brings its own day, not where the gardener has something already; its log goes with it, and it is told what was written on it', async () => {
  const { store } = await openHere(name());
  await store.plantings.add(planting(GOOD), SUNNY);
  await store.whole.addAll(rillbankHalt());
  expect((await store.settings.get()).heldAt).toBeUndefined();
  await store.log.write([draft({ did: 'chosen' })]);
  expect((await store.whole.demoWork()).told).toBe(0);
  await store.log.write([
    draft({ did: 'noted', words: 'leggy' }, { of: { plantingId: 'demo-tub-1' } }),
  ]);
  expect((await store.whole.demoWork()).told).toBe(1);
  const run = { did: 'run begun', recipes: [{ plantingId: 'demo-tub-1', count: 6 }] } as const;
  await store.log.write([draft(run, { of: { runId: 'run-1' } })]);
  const gone = await store.whole.removeDemo();
  expect(await store.log.entries()).toHaveLength(1);
  await store.whole.putBack(gone);
  expect((await store.whole.demoWork()).told).toBe(2);
});

test('a database from before the log opens; its plantings are ideas, and nothing of them has changed', async () => {
  const called = name();
  const before = new Dexie(called);
  for (const { version, stores } of MIGRATIONS.slice(0, 9)) before.version(version).stores(stores);
  await before.open();
  await before.table('spots').put({ ...SUNNY });
  await before.table('plantings').put({ ...planting(GOOD) });
  before.close();
  const { store } = await openHere(called);
  expect((await store.plantings.get('planting'))!.planting).toEqual(planting(GOOD));
  expect((await lifeHere(store)).stage).toBe('idea');
});

test('a photograph is kept with the entry that names it, or neither is; a backup carries it and the demo takes its own away', async () => {
  const { store } = await openHere(name());
  await store.whole.addAll(rillbankHalt());
  const of = { plantingId: 'demo-tub-1' };
  const here = { at, zone: 'Europe/London', of, angle: 'front' } as const;
  const photo = { plantingId: 'demo-tub-1', widthPx: 8, heightPx: 6, jpeg: ['/9j/4AAQ'] };
  await store.photos.keep(photo, here);
  await expect(store.photos.keep({ ...photo, jpeg: ['<svg>'] }, here)).rejects.toThrow('refused');
  const [kept, ...more] = await store.photos.of('demo-tub-1');
  expect(more).toEqual([]);
  const named = (await store.log.entries('demo-tub-1')).filter(
    ({ what }) => what.did === 'photographed',
  );
  expect(named.map(({ what }) => what)).toEqual([
    { did: 'photographed', photoId: kept!.id, angle: 'front' },
  ]);
  const elsewhere = (await openHere(name())).store;
  await elsewhere.whole.restore(await store.whole.backup('2026-07-16'));
  expect(await elsewhere.photos.of('demo-tub-1')).toEqual([kept]);
  const gone = await store.whole.removeDemo();
  expect(await store.photos.of('demo-tub-1')).toEqual([]);
  await store.whole.putBack(gone);
  expect(await store.photos.of('demo-tub-1')).toEqual([kept]);
});

test('a round taken over twice adds nothing the second time, and leaves what is here as it is', async () => {
  const [here, there] = [await openHere(name()), await openHere(name())];
  const told = await there.store.log.write([
    draft({ did: 'felt', how: 'dry' }),
    draft({ did: 'tied' }),
  ]);
  const own = await here.store.log.write([draft({ did: 'deadheaded' })]);
  expect(await here.store.log.takeOver(told)).toBe(2);
  expect(await here.store.log.takeOver(told)).toBe(0);
  const changed = { ...own[0]!, what: { did: 'pinched' } as const };
  expect(await here.store.log.takeOver([changed])).toBe(0);
  expect((await here.store.log.entries()).map(({ what }) => what.did).sort()).toEqual([
    'deadheaded',
    'felt',
    'tied',
  ]);
});

test('turned over with its plants in the shed, or not at all', async () => {
  const { store } = await openHere(name());
  await store.plantings.add(planting(GOOD), SUNNY);
  const own = { ...untold('viola-white'), owned: 3 };
  await store.log.turnOver([draft({ did: 'ended', why: '' })], [own]);
  expect((await store.kinds.all())[0]).toMatchObject({ id: 'viola-white', owned: 3 });
  const bad = { ...own, owned: -1 };
  await expect(
    store.log.turnOver([draft({ did: 'removed', why: 'over', to: 'compost' })], [bad]),
  ).rejects.toThrow('refused');
  const [ended, ...more] = await store.log.entries();
  expect(more).toEqual([]);
  // Taken back later, only what came then goes out of the shed again.
  await store.kinds.put([{ ...own, owned: 5, note: 'two from the neighbour' }]);
  await store.log.turnBack([ended!], [{ kindId: 'viola-white', count: 3 }], at);
  expect((await store.kinds.all())[0]).toMatchObject({ owned: 2, note: 'two from the neighbour' });
  expect((await store.log.entries()).at(-1)).toMatchObject({ takesBack: ended!.id });
  await store.log.turnBack([], [{ kindId: 'viola-white', count: 9 }], at);
  expect((await store.kinds.all())[0]).toMatchObject({ owned: 0 });
});

test('what teaches of kinds is found without the rest of the log; a photograph by its own id', async () => {
  const { store } = await openHere(name());
  await store.plantings.add(planting(GOOD), SUNNY);
  await store.log.write([
    draft({ did: 'planted', plants: [] }),
    draft({ did: 'watered', litres: 2 }),
  ]);
  expect((await store.log.taught()).entries).toEqual([]);
  expect(await store.log.teaching()).toBe('');
  const [died] = await store.log.write([
    draft({ did: 'died', why: 'frost' }),
    draft({ did: 'tied' }, { of: {} }),
  ]);
  const teaching = await store.log.teaching();
  expect(teaching).toContain(died!.id);
  const taught = await store.log.taught();
  // All that was told of that planting, for its day of planting and what was taken back.
  expect(taught.entries).toHaveLength(3);
  expect(taught.plantings.map(({ id }) => id)).toEqual(['planting']);
  // Water teaches nothing of kinds; what is taken back does.
  await store.log.write([draft({ did: 'watered', litres: 1 })]);
  expect(await store.log.teaching()).toBe(teaching);
  await store.log.takeBack(died!, at);
  expect(await store.log.teaching()).not.toBe(teaching);
  const small = { plantingId: 'planting', widthPx: 2, heightPx: 2, jpeg: ['AAAA'] };
  await store.photos.keep(small, { at, zone: 'Europe/London', of: {}, angle: 'front' });
  const [photo] = await store.photos.of('planting');
  expect(await store.photos.get(photo!.id)).toEqual(photo);
  expect(await store.photos.get('none')).toBeNull();
});
