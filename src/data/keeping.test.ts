import { rillbankHalt } from '@/demo/rillbankHalt';
import { GOOD, planting, SUNNY } from '../../tests/builders/plantings';
import { openHere } from '../../tests/builders/store';
import { openDb, DB_VERSION, RillbankDb } from './db';
import { openJournal } from './journal';
import { Store } from './store';
import { troubleOf, type Trouble } from './trouble';

const TUB = { table: 'plantings', id: 'planting' } as const;
let count = 0;
const name = () => `keeping-${(count += 1)}`;
const withTub = async (...told: Partial<Parameters<typeof openHere>>) => {
  const [at = name(), windows, journal] = told;
  const here = await openHere(at, windows, journal);
  await here.store.plantings.add(planting(GOOD), SUNNY);
  return here;
};
const said = (store: Store) => {
  const told: Trouble[] = [];
  store.onTrouble((trouble) => told.push(trouble));
  return told;
};
const read = async (store: Store) => (await store.plantings.get('planting'))!;

describe('what could not be read again is not kept', () => {
  test('a plant moved beyond reach is refused by name and figure, and nothing is changed', async () => {
    const { store } = await withTub();
    const told = said(store);
    const before = (await read(store)).planting;
    await expect(
      store.plantings.edit('planting', { kind: 'move', place: 'p0', xCm: 325, zCm: 0 }),
    ).rejects.toThrow('refused');
    expect(told).toMatchObject([
      { kind: 'refused', what: 'Planting “Planting”', faults: [{ field: 'places[0].xCm' }] },
    ]);
    expect(told[0]).toMatchObject({ faults: [{ message: expect.stringMatching(/300 cm.*325/) }] });
    expect((await read(store)).planting).toEqual(before);
    expect((await read(store)).history.past).toEqual([]);
  });

  test('300 cm is kept, a millimetre more is not', async () => {
    const { store } = await withTub();
    const to = (xCm: number) =>
      store.plantings.edit('planting', { kind: 'move', place: 'p0', xCm, zCm: 0 });
    await to(300);
    await expect(to(300.1)).rejects.toThrow();
    expect((await read(store)).planting.places[0]!.xCm).toBe(300);
  });

  test('plants doubled beyond what a planting holds are refused; every table asks the same', async () => {
    const { store } = await withTub();
    const many = Array.from({ length: 256 }, (_, i) => ({
      ...planting(GOOD).places[0]!,
      id: `x${i}`,
    }));
    await expect(
      store.plantings.edit('planting', { kind: 'arrange', places: many }),
    ).rejects.toThrow();
    const shelf = rillbankHalt().shelf[0]!;
    await expect(store.shelf.put({ ...shelf, count: 0 })).rejects.toThrow();
    await expect(store.spots.put({ ...SUNNY, dropCm: -1 })).rejects.toThrow();
    await expect(store.settings.set({ currency: '' })).rejects.toThrow();
    await expect(
      store.spots.putWeather(SUNNY.id, [
        { date: '9999-99-99', minC: 0, maxC: 1, rainMm: 0, windMs: null, radiationMJ: null },
      ]),
    ).rejects.toThrow();
    expect(await store.shelf.all()).toEqual([]);
    expect(await store.spots.weather(SUNNY.id)).toEqual([]);
  });

  test('one refused change does not stop the next', async () => {
    const { store } = await withTub();
    const bad = store.plantings
      .edit('planting', { kind: 'rename', name: '' })
      .catch(() => 'refused');
    const good = store.plantings.edit('planting', { kind: 'rename', name: 'By the door' });
    expect(await bad).toBe('refused');
    await good;
    expect((await read(store)).planting.name).toBe('By the door');
  });
});

describe('a record that cannot be read', () => {
  test('is shown by name with what is wrong, and its last readable state is found by its steps', async () => {
    const { db, store } = await withTub();
    await store.plantings.edit('planting', { kind: 'rename', name: 'Door pot' });
    await store.plantings.edit('planting', { kind: 'move', place: 'p0', xCm: 7, zCm: 1 });
    // As an older version wrote it, past its own limit.
    await db.plantings.toCollection().modify((row) => {
      (row as unknown as { places: { xCm: number }[] }).places[0]!.xCm = 325;
    });
    const steps = await db.steps.orderBy('id').toArray();
    const last = structuredClone(steps[1]) as unknown as {
      id: string;
      differences: { is?: number }[];
    };
    last.differences[0]!.is = 325;
    await db.steps.put(last as never);
    const [lost] = await store.unreadable.all('plantings');
    expect(lost).toMatchObject({ name: 'Door pot', faults: [{ field: 'places[0].xCm' }] });
    const state = (await store.unreadable.lastReadable(lost!))!;
    expect(state).toMatchObject({ name: 'Door pot' });
    await store.unreadable.mend(lost!, state);
    expect((await read(store)).planting.name).toBe('Door pot');
    expect(await store.unreadable.all()).toEqual([]);
  });

  test('goes along raw in a backup, comes back by it, and is not erased by a restore', async () => {
    const [{ db, store }, { store: other }] = [await withTub(), await openHere(name())];
    const broken = { id: 'broken', name: 'Old tub', places: 'gone' };
    await db.plantings.put(broken as never);
    const backup = await store.whole.backup('2026-05-18');
    expect(backup.unreadable).toEqual([{ table: 'plantings', record: broken }]);
    await other.whole.restore(backup);
    expect(await other.unreadable.all()).toMatchObject([{ id: 'broken', raw: broken }]);
    await other.whole.restore({ ...backup, unreadable: [] });
    expect(await other.unreadable.all()).toMatchObject([{ id: 'broken' }]);
    expect(await other.plantings.all()).toHaveLength(1);
  });

  test('of what cannot be read no more of a name is shown than a line holds', async () => {
    const { db, store } = await withTub();
    await db.plantings.put({ id: 'endless', name: 'x'.repeat(50_000) } as never);
    const [lost] = await store.unreadable.all('plantings');
    expect(lost!.name).toHaveLength(120);
    expect(lost!.raw).toMatchObject({ name: 'x'.repeat(50_000) });
  });

  test('a planting whose spot cannot be read is in the backup too', async () => {
    const { db, store } = await withTub();
    await db.spots.put({ id: SUNNY.id, name: 'Step' } as never);
    const backup = await store.whole.backup('2026-05-18');
    expect(backup.unreadable.map(({ table }) => table).sort()).toEqual(['plantings', 'spots']);
  });
});

describe('two windows', () => {
  const two = async () => {
    const both = { isOpen: () => true };
    const at = name();
    const a = await openHere(at, { me: 'a', ...both });
    const b = await openHere(at, { me: 'b', ...both });
    await a.store.plantings.add(planting(GOOD), SUNNY);
    return [a.store, b.store] as const;
  };

  test('do not overwrite each other’s fields', async () => {
    const [a, b] = await two();
    const base = (await a.history.open('spots', SUNNY.id))!.record;
    const step = (store: Store, change: object) =>
      store.history.stepBetween(
        { table: 'spots', id: base.id },
        base,
        { ...base, ...change },
        {
          did: 'told',
          name: 'x',
        },
      );
    // Both were begun on the same reading.
    await a.history.take(step(a, { dropCm: 40 }));
    await b.history.take(step(b, { name: 'Corner' }));
    expect(await a.spots.get(SUNNY.id)).toMatchObject({ dropCm: 40, name: 'Corner' });
  });

  test('take back their own changes only; a window that is closed leaves its to whoever goes on', async () => {
    const [a, b] = await two();
    await a.plantings.edit('planting', { kind: 'rename', name: 'A' });
    await b.plantings.edit('planting', { kind: 'move', place: 'p0', xCm: 3, zCm: 3 });
    expect((await a.plantings.get('planting'))!.history.past).toHaveLength(1);
    await a.history.undo(TUB);
    await a.history.undo(TUB);
    const { planting: now } = (await b.plantings.get('planting'))!;
    expect([now.name, now.places[0]!.xCm]).toEqual(['Planting', 3]);
    await a.history.redo(TUB);
    expect((await b.plantings.get('planting'))!.planting.name).toBe('A');
  });

  test('undo of a change that another window has changed again leaves the other’s', async () => {
    const [a, b] = await two();
    await a.plantings.edit('planting', { kind: 'rename', name: 'A' });
    await b.plantings.edit('planting', { kind: 'rename', name: 'B' });
    await a.history.undo(TUB);
    expect((await a.plantings.get('planting'))!.planting.name).toBe('B');
  });
});

describe('a window that is closed while it keeps', () => {
  const plain = () => {
    const held = new Map<string, string>();
    return new Proxy({} as Storage, {
      get: (_, key) =>
        ({
          setItem: (k: string, v: string) => void held.set(k, v),
          getItem: (k: string) => held.get(k) ?? null,
          removeItem: (k: string) => void held.delete(k),
        })[String(key)],
      ownKeys: () => [...held.keys()],
      getOwnPropertyDescriptor: (_, key) => ({
        enumerable: true,
        configurable: true,
        value: held.get(String(key)),
      }),
    });
  };

  test('leaves the step behind, and the next window keeps it once', async () => {
    const at = name();
    const storage = plain();
    const closing = await withTub(at, { me: 'gone', isOpen: () => true }, openJournal(storage));
    const base = (await read(closing.store)).planting;
    const step = closing.store.history.stepBetween(
      TUB,
      base,
      { ...base, name: 'Door pot' },
      {
        did: 'renamed',
      },
    );
    // The database never had it: the window went in between.
    openJournal(storage).write(step);
    closing.db.close();
    const here = { me: 'here', isOpen: (mark: string) => mark === 'here' };
    const { store } = await openHere(at, here, openJournal(storage));
    expect(await store.history.takeLeftBehind()).toBe(1);
    expect((await read(store)).planting.name).toBe('Door pot');
    expect((await read(store)).history.past).toHaveLength(1);
    // Written down again after it was kept: it is not done twice.
    await store.history.undo(TUB);
    openJournal(storage).write(step);
    await store.history.takeLeftBehind();
    expect((await read(store)).planting.name).toBe('Planting');
    expect(openJournal(storage).left()).toEqual([]);
  });

  test('a step is written down before this call returns, and struck out when the database has it', async () => {
    const storage = plain();
    const { store } = await withTub(name(), undefined, openJournal(storage));
    const base = (await read(store)).planting;
    const step = store.history.stepBetween(
      TUB,
      base,
      { ...base, name: 'Door pot' },
      { did: 'renamed' },
    );
    const done = store.history.take(step);
    expect(openJournal(storage).left()).toEqual([step]);
    expect(store.isWriting).toBe(true);
    await done;
    expect(openJournal(storage).left()).toEqual([]);
    expect(store.isWriting).toBe(false);
  });
});

describe('trouble with the database', () => {
  test('a closed one is told at every write, once, and none is taken for done', async () => {
    const { db, store } = await withTub();
    const told = said(store);
    db.close();
    await expect(store.plantings.edit('planting', { kind: 'rename', name: 'A' })).rejects.toThrow(
      'closed',
    );
    await expect(store.settings.set({ length: 'in' })).rejects.toThrow('closed');
    expect(told).toEqual([{ kind: 'closed' }, { kind: 'closed' }]);
  });

  test('full in the midst of a photograph neither it nor its entry is kept, and that is told once; the next is', async () => {
    const { db, store } = await withTub();
    const told = said(store);
    const photo = { plantingId: 'planting', widthPx: 2, heightPx: 2, jpeg: ['/9j/'] };
    const keep = () =>
      store.photos.keep(photo, {
        at: '2026-07-16T08:30:00+01:00',
        zone: 'Europe/London',
        of: { plantingId: 'planting' },
        angle: 'front',
      });
    const full = () => {
      throw Object.assign(new Error('full'), { name: 'QuotaExceededError' });
    };
    // The photograph goes in first; its entry finds no room.
    db.entries.hook('creating', full);
    await expect(keep()).rejects.toThrow('full');
    expect(told.map(({ kind }) => kind)).toEqual(['full']);
    expect([await db.photos.count(), await db.entries.count()]).toEqual([0, 0]);
    db.entries.hook('creating').unsubscribe(full);
    await keep();
    expect([await db.photos.count(), await db.entries.count()]).toEqual([1, 1]);
  });

  test('what the browser says is known by its name, however it is wrapped', () => {
    const wrapped = Object.assign(new Error('x'), {
      name: 'AbortError',
      inner: Object.assign(new Error('y'), { name: 'QuotaExceededError' }),
    });
    expect(troubleOf(wrapped).kind).toBe('full');
    expect(troubleOf(Object.assign(new Error(), { name: 'MissingAPIError' })).kind).toBe('missing');
    expect(troubleOf('odd')).toEqual({ kind: 'other', told: 'odd' });
  });

  test('a newer database is not opened, and stays as it was', async () => {
    const at = name();
    const newer = new RillbankDb(at);
    newer.version(DB_VERSION + 1).stores({ diary: 'id' });
    await newer.open();
    newer.close();
    const db = new RillbankDb(at);
    const quiet = { onBlocked: () => undefined, onOvertaken: () => undefined };
    await expect(openDb(db, quiet)).rejects.toThrow('newer');
    expect(db.isOpen()).toBe(false);
  });

  test('a newer window takes over: the older one stops writing and is told', async () => {
    const at = name();
    const old = new RillbankDb(at);
    let overtaken = 0;
    await openDb(old, { onBlocked: () => undefined, onOvertaken: () => (overtaken += 1) });
    const newer = new RillbankDb(at);
    newer.version(DB_VERSION + 1).stores({ diary: 'id' });
    await newer.open();
    expect(overtaken).toBe(1);
    await expect(new Store(old).plantings.add(planting(GOOD), SUNNY)).rejects.toThrow('closed');
    newer.close();
  });
});

describe('the demo set', () => {
  test('tells what was done on it, goes with that, and comes back with it', async () => {
    const { store } = await openHere(name());
    await store.whole.addAll(rillbankHalt());
    expect(await store.whole.demoWork()).toEqual({ changes: 0, kept: 0, told: 0 });
    await store.plantings.edit('demo-tub-1', { kind: 'rename', name: 'My tub' });
    expect(await store.whole.demoWork()).toEqual({ changes: 1, kept: 0, told: 0 });
    const gone = await store.whole.removeDemo();
    expect(await store.plantings.all()).toEqual([]);
    await store.whole.putBack(gone);
    const back = (await store.plantings.get('demo-tub-1'))!;
    expect(back.planting.name).toBe('My tub');
    expect(back.history.past).toHaveLength(1);
  });

  test('a container of it that holds something of the gardener’s stays', async () => {
    const { store } = await openHere(name());
    await store.whole.addAll(rillbankHalt());
    await store.plantings.add({ ...planting(GOOD), shelfId: 'demo-barrow' }, SUNNY);
    await store.whole.removeDemo();
    expect((await store.shelf.all()).map(({ id }) => id)).toEqual(['demo-barrow']);
  });
});

test('a restore can be gone back on, whole', async () => {
  const { store } = await withTub();
  await store.plantings.edit('planting', { kind: 'rename', name: 'Door pot' });
  const before = await store.whole.restore({
    ...(await store.whole.backup('2026-05-18')),
    plantings: [],
  });
  expect(await store.plantings.all()).toEqual([]);
  await store.whole.putBack(before, { only: true });
  expect((await read(store)).planting.name).toBe('Door pot');
  expect((await read(store)).history.past).toHaveLength(1);
});
