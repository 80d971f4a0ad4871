import Dexie from 'dexie';
import { untold } from '@/core/plants/own';
import { rillbankHalt } from '@/demo/rillbankHalt';
import type { What } from '@/core/log/entry';
import { shelfKind } from '@/core/shelf/shipped';
import { standings } from '@/core/shelf/shelf';
import { GOOD, planting, SUNNY } from '../../tests/builders/plantings';
import { MIGRATIONS } from './migrations/index';
import { openHere } from '../../tests/builders/store';
import { troubleText } from '@/words/trouble';
import { MOST_KEPT } from './rooms/keptStore';

const TUB = { table: 'plantings', id: 'planting' } as const;
/** What was told of a planting on a morning. */
const toldOf = (plantingId: string, what: What) => ({
  at: '2026-06-01T09:00:00+01:00',
  zone: 'Europe/London',
  of: { plantingId },
  what,
});
let count = 0;
const open = () => {
  count += 1;
  return openHere(`test-${count}`);
};

test('undo and redo walk through every change and outlive the tab', async () => {
  const { db, store } = await open();
  await store.plantings.add(planting(GOOD), SUNNY);
  await store.plantings.edit('planting', { kind: 'remove', place: 'p0' });
  await store.plantings.edit('planting', { kind: 'rename', name: 'Door pot' });
  await store.history.undo(TUB);
  db.close();
  const { store: again } = await openHere(db.name);
  expect((await again.plantings.get('planting'))!.planting.name).toBe('Planting');
  await again.history.undo(TUB);
  expect((await again.plantings.get('planting'))!.planting.places).toHaveLength(GOOD.length);
  await again.history.undo(TUB);
  await again.history.redo(TUB);
  await again.history.redo(TUB);
  expect((await again.plantings.get('planting'))!.planting).toMatchObject({ name: 'Door pot' });
  expect((await again.plantings.get('planting'))!.history.future).toEqual([]);
});

test('the demo set comes in and goes out whole, and leaves the gardener’s own alone', async () => {
  const { store } = await open();
  const set = rillbankHalt();
  await store.whole.addAll(set);
  await store.plantings.add(planting(GOOD), SUNNY);
  expect((await store.whole.removeDemo()).plantings).toHaveLength(9);
  expect((await store.plantings.all()).map(({ id }) => id)).toEqual(['planting']);
  expect((await store.spots.all()).map(({ id }) => id)).toEqual(['spot']);
});

test('answers of the house given one straight after the other all stand', async () => {
  const { store } = await open();
  await Promise.all([
    store.settings.setHouse({ turnedDown: { bully: 0 } }),
    store.settings.setHouse({ counts: 'pairs' }),
    store.settings.setHouse({ turnedDown: { echo: 0.5 } }),
  ]);
  expect((await store.settings.get()).house).toMatchObject({
    counts: 'pairs',
    turnedDown: { bully: 0, echo: 0.5 },
  });
});

test('a backup restores everything on an empty machine', async () => {
  const [{ store }, { store: other }] = [await open(), await open()];
  await store.plantings.add(planting(GOOD), SUNNY);
  await store.settings.set({ length: 'in', currency: '$' });
  await store.shelf.put({
    id: 'urns',
    container: shelfKind('Garden urn'),
    count: 2,
    kept: 'cellar',
    demo: false,
  });
  const day = (date: string, rainMm: number) => ({
    date,
    minC: 4,
    maxC: 11,
    rainMm,
    windMs: null,
    radiationMJ: 9.5,
  });
  await store.spots.putWeather(SUNNY.id, [day('2026-05-02', 0), day('2026-05-01', 3)]);
  await store.spots.putWeather(SUNNY.id, [day('2026-05-02', 7)]);
  await other.whole.restore(await store.whole.backup('2026-05-18'));
  expect(await other.plantings.all()).toEqual(await store.plantings.all());
  expect(await other.shelf.all()).toEqual(await store.shelf.all());
  expect(await other.shelf.all()).toHaveLength(1);
  expect(await other.settings.get()).toMatchObject({ length: 'in', currency: '$' });
  // A day told again is replaced, and days stand in order.
  expect(await other.spots.weather(SUNNY.id)).toEqual([day('2026-05-01', 3), day('2026-05-02', 7)]);
});

test('the shelf knows what is planted and what is empty; what is taken off can be put back; the demo’s goes with the demo', async () => {
  const { store } = await open();
  const set = rillbankHalt();
  await store.whole.addAll(set);
  const own = { id: 'own', container: shelfKind('Half barrel'), count: 2, kept: '', demo: false };
  await store.shelf.put(own);
  await store.plantings.add({ ...planting(GOOD), shelfId: 'own' }, SUNNY);
  const empty = Object.fromEntries(
    standings(await store.shelf.all(), await store.plantings.all()).map(({ item, empty: n }) => [
      item.id,
      n,
    ]),
  );
  expect(empty).toMatchObject({ own: 1, 'demo-tubs': 0, 'demo-baskets': 1, 'demo-urn': 2 });
  const gone = (await store.shelf.take('own'))!;
  expect((await store.plantings.get('planting'))!.planting.shelfId).toBe('own');
  await store.shelf.put(gone);
  await store.whole.removeDemo();
  expect((await store.shelf.all()).map(({ id }) => id)).toEqual(['own']);
});

test('taking a planting away can be answered by putting it back', async () => {
  const { store } = await open();
  await store.plantings.add(planting(GOOD), SUNNY);
  const gone = (await store.plantings.remove('planting'))!;
  expect(await store.spots.all()).toEqual([]);
  await store.plantings.add(gone.planting, gone.spot, gone);
  expect(await store.plantings.all()).toHaveLength(1);
});

test('a spot that was described stays when its last planting goes; a bare one goes with it', async () => {
  const { store } = await open();
  await store.plantings.add(planting(GOOD), {
    ...SUNNY,
    obstacles: [{ id: 'b', kind: 'building', facingDeg: 180 }],
  });
  await store.plantings.remove('planting');
  expect((await store.spots.all()).map(({ id }) => id)).toEqual(['spot']);
  expect(await store.spots.remove('spot')).toBe(true);
  await store.plantings.add(planting(GOOD), SUNNY);
  expect(await store.spots.remove('spot')).toBe(false);
});

test('a spot is kept with its hours taken from where it says they come from', async () => {
  const { store } = await open();
  await store.spots.put({
    ...SUNNY,
    lightFrom: 'reckoned',
    obstacles: [{ id: 'b', kind: 'building', facingDeg: 90 }],
  });
  expect(await store.spots.get('spot')).toMatchObject({ sunHours: 8.1, sunWhen: 'morning' });
});

test('spots that come in with a planting or a backup have their hours worked out too', async () => {
  const { store } = await open();
  const stale = {
    ...SUNNY,
    sunHours: 3,
    lightFrom: 'reckoned' as const,
    obstacles: [{ id: 'b', kind: 'building' as const, facingDeg: 90 }],
  };
  await store.plantings.add(planting(GOOD), stale);
  expect((await store.spots.get('spot'))!.sunHours).toBe(8.1);
  await store.whole.restore({ ...(await store.whole.backup('2026-05-18')), spots: [stale] });
  expect((await store.spots.get('spot'))!.sunHours).toBe(8.1);
});

test('a record that cannot be read is counted and left untouched', async () => {
  const { db, store } = await open();
  await db.plantings.put({ id: 'broken' } as never);
  expect(await store.plantings.all()).toEqual([]);
  expect(await store.unreadable.all()).toMatchObject([{ table: 'plantings', id: 'broken' }]);
  expect(await db.plantings.count()).toBe(1);
});

test('entries read before are not read again, unless they were taken away and others have their ids', async () => {
  const { db, store } = await open();
  const { store: beside } = await openHere(db.name);
  const [told] = await store.log.write([toldOf('pot', { did: 'pinched' })]);
  expect(await beside.log.entries()).toEqual([told]);
  await store.log.write([toldOf('pot', { did: 'turned', byDeg: 90 })]);
  expect((await beside.log.entries()).map(({ what }) => what.did)).toEqual(['pinched', 'turned']);
  // As when the demo set is taken away and loaded on another day.
  await db.entries.delete(told!.id);
  expect((await beside.log.entries()).map(({ what }) => what.did)).toEqual(['turned']);
  const other = { ...told!, at: '2026-06-02T08:00:00+01:00' };
  await db.entries.put(other as never);
  expect((await beside.log.entries()).find(({ id }) => id === told!.id)).toEqual(other);
});

test('a few that stand are read before the rest: those wanted, or where none is there those planted first', async () => {
  const { store } = await open();
  for (const id of ['a', 'b', 'c']) await store.plantings.add({ ...planting(GOOD), id }, SUNNY);
  const few = async (ids: readonly string[]) =>
    (await store.plantings.fewStanding(ids, 2)).plantings.map(({ id }) => id);
  expect(await few([])).toEqual([]);
  await store.log.write(['b', 'c'].map((id) => toldOf(id, { did: 'planted', plants: [] })));
  expect(await few([])).toEqual(['b', 'c']);
  expect(await few(['gone', 'c', 'a'])).toEqual(['c']);
  const { entries, spots } = await store.plantings.fewStanding(['c'], 2);
  expect(entries.map(({ of }) => of.plantingId)).toEqual(['c']);
  expect(spots.map(({ id }) => id)).toEqual([SUNNY.id]);
});

test('several that came in at once go again at once, with what was written of them, all or none', async () => {
  const { db, store } = await open();
  const ids = ['a', 'b'];
  const plantings = ids.map((id) => ({ ...planting(GOOD), id }));
  const drafts = ids.map((id) => toldOf(id, { did: 'chosen' }));
  const bad = { ...drafts[0]!, at: 'no time' };
  await expect(
    store.whole.addAll({ spots: [SUNNY], plantings, shelf: [], drafts: [bad] }),
  ).rejects.toThrow('refused');
  expect([await db.plantings.count(), await db.entries.count()]).toEqual([0, 0]);
  const entries = await store.whole.addAll({ spots: [SUNNY], plantings, shelf: [], drafts });
  expect(entries).toEqual(await store.log.entries());
  const at = '2026-06-01T10:00:00+01:00';
  await expect(store.plantings.removeAll(ids, { entries, at: 'no time' })).rejects.toThrow(
    'refused',
  );
  expect(await db.plantings.count()).toBe(2);
  await store.plantings.removeAll(ids, { entries, at });
  expect(await db.plantings.count()).toBe(0);
  expect((await store.log.entries()).filter(({ takesBack }) => takesBack)).toHaveLength(2);
});

test('migrations have no gaps, and a database of version 1 gains what is new and loses nothing', async () => {
  expect(MIGRATIONS.map(({ version }) => version)).toEqual(MIGRATIONS.map((_, i) => i + 1));
  const old = new Dexie('test-old');
  old.version(1).stores(MIGRATIONS[0]!.stores);
  const { dropCm: _, ...oldSpot } = { ...SUNNY, view: 'from below' as const };
  await old.table('spots').put(oldSpot);
  await old.table('plantings').put(planting(GOOD));
  old.close();
  const { store } = await openHere('test-old');
  expect(await store.spots.all()).toEqual([{ ...oldSpot, dropCm: 200 }]);
  expect(await store.plantings.all()).toHaveLength(1);
});

test('what-ifs are worked on by turns: each keeps its own plants, and undo goes back over a turn', async () => {
  const { store } = await open();
  await store.plantings.add(planting(GOOD), SUNNY);
  const kept = (name: string) => ({
    id: `kept-${name}`,
    plantingId: 'planting',
    kind: 'what if' as const,
    name,
    at: '2026-05-18T10:00:00Z',
    from: null,
    planting: planting(GOOD),
  });
  await store.kept.switchTo(kept('What if 1'), '2026-05-18T10:00:00Z', {
    did: 'began',
    name: 'What if 1',
  });
  await store.plantings.edit('planting', { kind: 'remove', place: 'p0' });
  expect((await store.plantings.get('planting'))!.planting).toMatchObject({
    whatIf: 'What if 1',
    places: { length: GOOD.length - 1 },
  });
  const first = (await store.kept.of('planting')).find(({ name }) => name === 'First plan')!;
  expect(first.planting.places).toHaveLength(GOOD.length);
  await store.kept.switchTo(first, '2026-05-18T11:00:00Z', { did: 'went to', name: 'First plan' });
  const back = (await store.plantings.get('planting'))!.planting;
  expect(back.whatIf).toBeUndefined();
  expect(back.places).toHaveLength(GOOD.length);
  // The branch that was left holds what was done on it.
  expect(
    (await store.kept.of('planting')).find(({ name }) => name === 'What if 1')!.planting.places,
  ).toHaveLength(GOOD.length - 1);
  await store.history.undo(TUB);
  expect((await store.plantings.get('planting'))!.planting).toMatchObject({
    whatIf: 'What if 1',
    places: { length: GOOD.length - 1 },
  });
});

test('kept plantings and groups travel in a backup, go with their planting and come back with it', async () => {
  const [{ store }, { store: other }] = [await open(), await open()];
  await store.plantings.add(planting(GOOD), SUNNY);
  const pin = {
    id: 'pin',
    plantingId: 'planting',
    kind: 'pin' as const,
    name: 'Cooler',
    at: '2026-05-18T10:00:00Z',
    from: null,
    planting: planting(GOOD),
  };
  const group = {
    id: 'g',
    name: 'Step',
    demo: false,
    members: [{ plantingId: 'planting', atCm: 0, backCm: 0, raisedCm: 0, turnDeg: 0 }],
  };
  await store.kept.put(pin);
  await store.groups.put(group);
  await other.whole.restore(await store.whole.backup('2026-05-18'));
  expect(await other.kept.of('planting')).toEqual([pin]);
  expect(await other.groups.all()).toEqual([group]);
  const gone = (await store.plantings.remove('planting'))!;
  expect([gone.kept, await store.kept.of('planting')]).toEqual([[pin], []]);
  expect(await store.groups.part('g')).toEqual(group);
  expect(await store.groups.all()).toEqual([]);
});

test('history is walked several steps at once, as one whole', async () => {
  const { store } = await open();
  await store.plantings.add(planting(GOOD), SUNNY);
  for (const name of ['One', 'Two', 'Three'])
    await store.plantings.edit('planting', { kind: 'rename', name });
  await store.history.walk(TUB, -3);
  expect((await store.plantings.get('planting'))!.planting.name).toBe('Planting');
  await store.history.walk(TUB, 2);
  expect((await store.plantings.get('planting'))!.planting.name).toBe('Two');
  await store.history.walk(TUB, -99);
  expect((await store.plantings.get('planting'))!.history.past).toEqual([]);
});

test('one planting among a thousand is opened, changed and taken back without reading the others', async () => {
  const { db, store } = await open();
  await store.plantings.add(planting(GOOD), SUNNY);
  await db.plantings.bulkAdd(
    Array.from({ length: 1000 }, (_, i) => ({ ...planting(GOOD), id: `other-${i}` })) as never,
  );
  let read = 0;
  db.plantings.hook('reading', (row) => {
    read += 1;
    return row;
  });
  expect((await store.plantings.get('planting'))!.planting.places).toHaveLength(GOOD.length);
  await store.plantings.edit('planting', { kind: 'rename', name: 'Door pot' });
  await store.history.undo(TUB);
  expect((await store.plantings.get('planting'))!.planting.name).toBe('Planting');
  // One for each look, and for each write the record as it lies.
  expect(read).toBeLessThan(12);
});

test('a watched query is asked again after a change of any table it read, however late it read it', async () => {
  const { store } = await open();
  await store.plantings.add(planting(GOOD), SUNNY);
  const answers: string[] = [];
  const stop = store.watch(
    async (s) => {
      const { planting: it } = (await s.plantings.get('planting'))!;
      await Promise.resolve();
      const spots = await s.spots.all();
      return `${it.name} at ${spots.map(({ name }) => name).join()}`;
    },
    (answer) => answers.push(answer),
    (error) => {
      throw error;
    },
  );
  const last = () => answers[answers.length - 1];
  const told = async (answer: string) => {
    for (let i = 0; i < 200 && last() !== answer; i += 1)
      await new Promise((resolve) => setTimeout(resolve, 5));
    expect(last()).toBe(answer);
  };
  await told(`Planting at ${SUNNY.name}`);
  await store.plantings.edit('planting', { kind: 'rename', name: 'Door pot' });
  await told(`Door pot at ${SUNNY.name}`);
  await store.spots.put({ ...SUNNY, name: 'Back step' });
  await told('Door pot at Back step');
  stop();
  const heard = answers.length;
  await store.plantings.edit('planting', { kind: 'rename', name: 'Gate pot' });
  await new Promise((resolve) => setTimeout(resolve, 60));
  expect(answers).toHaveLength(heard);
});

test.each([
  [7, 'fire-sticks', 'pencil-tree-red'],
  [8, 'million-bells-yellow', 'calibrachoa-yellow'],
])('a database of version %i names renamed kinds as they are called now', async (last, was, is) => {
  const old = new Dexie(`test-renamed-${last}`);
  for (const { version, stores } of MIGRATIONS.slice(0, last)) old.version(version).stores(stores);
  const before = planting(GOOD);
  await old.table('spots').put(SUNNY);
  await old.table('plantings').put({
    ...before,
    places: [{ ...before.places[0], kindId: was }],
    wishes: { ...before.wishes, never: ['salvia-coral-nymph'] },
  });
  await old.table('kinds').put({ ...untold('crassula-campfire'), note: 'From the fair' });
  old.close();
  const { store } = await openHere(`test-renamed-${last}`);
  const { planting: now } = (await store.plantings.get('planting'))!;
  expect(now.places.map(({ kindId }) => kindId)).toEqual([is]);
  expect(now.wishes.never).toEqual(['salvia-coral-scarlet']);
  expect(await store.kinds.all()).toMatchObject([{ id: 'crassula-flame', note: 'From the fair' }]);
});

test('beside one planting sixty are kept and not one more, until one is let go; another planting has its own', async () => {
  const { store } = await open();
  await store.plantings.add(planting(GOOD), SUNNY);
  await store.plantings.add({ ...planting(GOOD), id: 'other' }, SUNNY);
  const pin = (nth: number, plantingId = 'planting') => ({
    id: `pin-${plantingId}-${nth}`,
    plantingId,
    kind: 'pin' as const,
    name: `Way ${nth}`,
    at: '2026-05-18T10:00:00Z',
    from: null,
    planting: planting(GOOD),
  });
  await store.kept.put(...Array.from({ length: MOST_KEPT }, (_, i) => pin(i)));
  const told: string[] = [];
  store.onTrouble((trouble) => told.push(troubleText(trouble)));
  await expect(store.kept.put(pin(MOST_KEPT))).rejects.toThrow('refused');
  expect(told).toEqual([
    'What is kept beside a planting was not changed: At most 60 are kept beside one planting: let one go first.',
  ]);
  expect(await store.kept.of('planting')).toHaveLength(MOST_KEPT);
  // One that lies there is replaced, another planting has room.
  await store.kept.put({ ...pin(0), name: 'Renamed' });
  await store.kept.put(pin(0, 'other'));
  await store.kept.letGo('pin-planting-1');
  await store.kept.put(pin(MOST_KEPT));
  expect((await store.kept.of('planting')).map(({ name }) => name)).toEqual(
    expect.arrayContaining(['Renamed', `Way ${MOST_KEPT}`]),
  );
});
