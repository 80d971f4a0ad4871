import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { containerTable } from '../../../tests/builders/containerTable';
import { planted, planting } from '../../../tests/builders/plantings';
import { rillbankHalt } from '../../demo/rillbankHalt';
import { containerSchema } from '../containers/schema';
import { mixL } from '../containers/container';
import { shelfItemSchema } from './schema';
import { standings } from './shelf';
import { SHIPPED } from './shipped';

const [item] = rillbankHalt().shelf;
const standing = (id: string, shelfId: string | null) => ({ ...planting([]), id, shelfId });

test('of three pots two are planted and one is empty; more plantings than pots leave none, and never fewer than none', () => {
  const three = { ...item!, count: 3 };
  const stands = (...ids: readonly (string | null)[]) =>
    standings(
      [three],
      ids.map((id, i) => standing(`p${i}`, id)),
    )[0]!;
  expect(stands(three.id, three.id, 'another', null)).toMatchObject({ empty: 1 });
  expect(stands(three.id, 'another', three.id).planted.map(({ id }) => id)).toEqual(['p0', 'p2']);
  expect(stands()).toMatchObject({ empty: 3, planted: [] });
  expect(stands(three.id, three.id, three.id, three.id).empty).toBe(0);
});

test('each item has its own plantings', () => {
  const [one, two] = [
    { ...item!, id: 'one', count: 1 },
    { ...item!, id: 'two', count: 2 },
  ];
  const found = standings([one, two], [standing('a', 'two'), standing('b', 'one')]);
  expect(found.map(({ planted, empty }) => [planted.map(({ id }) => id), empty])).toEqual([
    [['b'], 0],
    [['a'], 1],
  ]);
});

test('every container that comes with the app can be kept, holds mix, and can be planted', () => {
  const names = SHIPPED.map(({ name }) => name);
  expect(new Set(names).size).toBe(names.length);
  for (const container of SHIPPED) {
    expect([container.name, containerSchema.safeParse(container).error?.issues ?? []]).toEqual([
      container.name,
      [],
    ]);
    expect(mixL(container)).toBeGreaterThan(0.5);
    expect(planted([['petunia-white', 0, 0]], { container }).plants).toHaveLength(1);
  }
});

test('docs/containers.csv is what comes with the app: a measure that is changed is changed there too (npm run golden)', () => {
  const told = readFileSync(join(__dirname, '../../../docs/containers.csv'), 'utf8');
  expect(containerTable().split('\n')).toEqual(told.split('\n'));
});

test('a shelf item is read on both sides of what it may hold', () => {
  const reads = (change: object) => shelfItemSchema.safeParse({ ...item!, ...change }).success;
  expect(reads({})).toBe(true);
  expect(reads({ count: 1 })).toBe(true);
  for (const count of [-1, 1.5, 1e9, Number.NaN])
    expect([count, reads({ count })]).toEqual([count, false]);
});
