import { entry, PLANTED } from '../../../tests/builders/careWorld';
import { known, planted, TUB } from '../../../tests/builders/plantings';
import { addDays, weeksSince } from '../calendar/day';
import { read } from '../checks/reading';
import { wentInOf, type Entry } from '../log/entry';
import { BOOK } from '../plants/book/index';
import { libraryOf } from '../plants/library';
import { learntHere } from './here';

const KIND = 'petunia-white';
const it = planted(
  [
    [KIND, 0, 0],
    ['lobelia-blue', 9, 3],
  ],
  { container: TUB, plantedWeek: 20, endWeek: 40 },
);
const DAY = addDays(PLANTED, 70);
const expected = read(it).sizesAt(weeksSince(PLANTED, DAY))[0]!.heightCm;
const PLANTED_IT = entry(it, PLANTED, { did: 'planted', plants: wentInOf(it.plants) });
const measured = (heightCm: number, rest: Partial<Entry['of']> = { kindId: KIND }) =>
  entry(it, DAY, { did: 'measured', heightCm, spreadCm: null, trailCm: null }, rest);
const here = (...entries: readonly Entry[]) => learntHere([it], [PLANTED_IT, ...entries]);

test('taller than the book says it is expected taller from then on, in the book, the growth and the search alike; taken back, to the last digit', () => {
  const taller = here(measured(1.4 * expected));
  const { height } = taller.get(KIND)!;
  expect(height!.factor).toBeGreaterThan(1.1);
  expect(height!.factor).toBeLessThan(1.4);
  expect(height).toMatchObject({ plantings: 1, measures: 1, years: 1 });
  const library = libraryOf(BOOK, [], 'european', taller);
  const kind = library.kindOf(KIND)!;
  expect(kind.heightCm[1]).toBeCloseTo(known(KIND).heightCm[1] * height!.factor, 9);
  expect(library.offered).toContain(kind);
  const wrong = measured(1.4 * expected);
  const back = entry(it, DAY, { did: 'taken back' });
  const without = here(wrong, { ...back, takesBack: wrong.id });
  expect(without.get(KIND)?.height ?? null).toBeNull();
  expect(libraryOf(BOOK, [], 'european', without).kindOf(KIND)).toEqual(
    libraryOf(BOOK, [], 'european').kindOf(KIND),
  );
});

test('as expected it stays as it is; a place tells its kind; other kinds learn nothing of it', () => {
  const same = here(measured(expected, { placeIds: [it.plants[0]!.id] }));
  expect(same.get(KIND)!.height!.factor).toBeCloseTo(1, 6);
  expect(same.has('lobelia-blue')).toBe(false);
  expect(here(measured(0)).get(KIND)?.height ?? null).toBeNull();
});

test('died of frost, or looked bad twice, it did badly; gone over, or looking bad once, it did not', () => {
  const of = { kindId: KIND };
  const bad = entry(it, DAY, { did: 'looks bad', how: 'yellow', words: '' }, of);
  const again = entry(it, addDays(DAY, 9), { did: 'looks bad', how: 'wilted', words: '' }, of);
  const badly = (...entries: readonly Entry[]) => here(...entries).get(KIND)?.badly ?? 0;
  expect(badly(entry(it, DAY, { did: 'died', why: 'frost' }, of))).toBe(1);
  expect(badly(entry(it, DAY, { did: 'died', why: 'over' }, of))).toBe(0);
  expect(badly(bad)).toBe(0);
  expect(badly(bad, again)).toBe(1);
});

test('measured after it was cut it teaches nothing; measured before, it does', () => {
  const cut = (day: string, rest: Partial<Entry['of']> = { kindId: KIND }) =>
    entry(it, day, { did: 'trimmed', share: 0.3 }, rest);
  const low = measured(0.6 * expected);
  const height = (...entries: readonly Entry[]) => here(...entries).get(KIND)?.height ?? null;
  expect(height(cut(addDays(DAY, -7)), low)).toBeNull();
  expect(height(cut(addDays(DAY, -7), {}), low)).toBeNull();
  expect(height(low, cut(addDays(DAY, 7)))).not.toBeNull();
  expect(height(cut(addDays(DAY, -7), { kindId: 'lobelia-blue' }), low)).not.toBeNull();
});

test('a kind of which the only plant died stood there all the same: it never did badly in more plantings than it was tried in', () => {
  const died = entry(it, DAY, { did: 'died', why: 'ill' }, { kindId: KIND });
  const [, lobelia] = it.plants;
  const asItStands = { ...it, plants: [lobelia!] };
  const { badly, stood } = learntHere([asItStands], [PLANTED_IT, died]).get(KIND)!;
  expect([badly, stood]).toEqual([1, 1]);
});
