import { NOTHING_HERE } from '../../../tests/builders/here';
import { entry, mild, PLANTED } from '../../../tests/builders/careWorld';
import { known, planted, TUB } from '../../../tests/builders/plantings';
import { addDays, weeksSince } from '../calendar/day';
import { potOf } from '../care/pot';
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
  expect(height).toMatchObject({ plantings: 1, looks: 1, years: 1 });
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

describe('flowers and sun', () => {
  const spring = planted([['daffodil-cream-orange', 0, 0]], { plantedWeek: 40, endWeek: 22 });
  const kind = spring.plants[0]!.kind;
  const [from, to] = kind.bloom!.weeks;
  const inWeek = (week: number, year = 2027) => addDays(`${year}-01-04`, (week - 1) * 7);
  const put = entry(spring, '2026-10-05', { did: 'planted', plants: wentInOf(spring.plants) });
  const of = { kindId: kind.id };
  const told = (...days: readonly (readonly ['in flower' | 'gone over', string])[]) =>
    learntHere([spring], [put, ...days.map(([did, day]) => entry(spring, day, { did }, of))]).get(
      kind.id,
    );

  test('in flower three weeks late it is expected later here, its end by its own word; the weeks are the drawing’s and the search’s', () => {
    const late = told(['in flower', inWeek(from + 3)], ['in flower', inWeek(from + 5)])!;
    expect(late.flowersFrom!.by).toBeGreaterThan(1);
    expect(late.flowersFrom!.by).toBeLessThan(3);
    expect(late.flowersFrom!.looks).toBe(1);
    expect(late.flowersTo).toBeNull();
    const weeks = libraryOf(BOOK, [], 'european', new Map([[kind.id, late]])).kindOf(kind.id)!
      .bloom!.weeks;
    expect(weeks).toEqual([from + Math.round(late.flowersFrom!.by), to]);
    expect(told(['gone over', inWeek(to - 2)])!.flowersTo!.by).toBeLessThan(-0.5);
    // Another flowering, months off, is none of the book's.
    expect(told(['in flower', inWeek(from + 30)])).toBeUndefined();
  });

  test('bought in flower it does not tell when flowers begin', () => {
    const day = inWeek(from + 3);
    const bought = entry(spring, addDays(day, -20), {
      did: 'planted',
      plants: wentInOf(spring.plants),
    });
    const here = learntHere([spring], [bought, entry(spring, day, { did: 'in flower' }, of)]);
    expect(here.get(kind.id)).toBeUndefined();
  });

  test('scorched in sun the book grants it, it is given less here; unharmed for a season in more, it bears more', () => {
    const [least, most] = it.plants[0]!.kind.light.hours;
    const at = (sunHours: number, ...entries: readonly Entry[]) =>
      learntHere([{ ...it, spot: { ...it.spot, sunHours } }], [PLANTED_IT, ...entries]).get(KIND);
    const bad = (how: 'scorched' | 'leggy') =>
      entry(it, DAY, { did: 'looks bad', how, words: '' }, { kindId: KIND });
    expect(at(most, bad('scorched'))!.mostSun!.by).toBeLessThan(0);
    expect(at(most + 0.1, bad('scorched'))).toBeUndefined();
    expect(at(least, bad('leggy'))!.leastSun!.by).toBeGreaterThan(0);
    expect(at(least - 0.1, bad('leggy'))).toBeUndefined();
    const well = measured(expected);
    expect(at(most + 2, well)!.mostSun!.by).toBeGreaterThan(0);
    expect(at(most, well)!.mostSun).toBeNull();
    expect(at(least - 1, well)!.leastSun!.by).toBeLessThan(0);
    const kindHere = (here: ReturnType<typeof at>) =>
      libraryOf(BOOK, [], 'european', new Map([[KIND, here!]])).kindOf(KIND)!.light.hours;
    expect(kindHere(at(most, bad('scorched')))[1]).toBeLessThan(most);
    expect(kindHere(at(least - 1, well))[0]).toBeLessThan(least);
  });
});

describe('thirst', () => {
  const OVER = addDays(PLANTED, 90);
  const of = (felt: 'dry' | 'soaked' | 'bone dry', words: number, isOver = true) =>
    learntHere(
      [it],
      [
        PLANTED_IT,
        ...Array.from({ length: words }, (_, i) => [
          entry(it, addDays(PLANTED, 20 + 6 * i), { did: 'felt', how: felt }),
          entry(it, addDays(PLANTED, 20 + 6 * i), { did: 'watered', litres: null }),
        ]).flat(),
        ...(isOver ? [entry(it, OVER, { did: 'ended', why: '' })] : []),
      ],
    ).get(KIND)?.thirst ?? null;

  test('found soaked again and again it drinks less here, bone dry more; drawn back to the book, and only once it is over', () => {
    expect(of('soaked', 8)!.factor).toBeLessThan(0.95);
    expect(of('bone dry', 8)!.factor).toBeGreaterThan(of('soaked', 8)!.factor);
    expect(of('soaked', 8)!.factor).toBeGreaterThan(0.6);
    expect(of('soaked', 8, false)).toBeNull();
    expect(of('soaked', 4)).not.toBeNull();
    expect(of('soaked', 3)).toBeNull();
  });

  test('what is learnt is drunk by what is planted next', () => {
    const thirst = of('soaked', 8)!;
    const here = learntHere([it], [PLANTED_IT]).get(KIND);
    expect(here).toBeUndefined();
    const kind = libraryOf(
      BOOK,
      [],
      'european',
      new Map([[KIND, { ...NOTHING_HERE, thirst }]]),
    ).kindOf(KIND)!;
    const next = {
      ...it,
      plants: it.plants.map((one) => (one.kindId === KIND ? { ...one, kind } : one)),
    };
    const day = mild()(addDays(PLANTED, 40));
    const [before, after] = [it, next].map((one) => potOf(read(one)).demandL(day, 5));
    expect(after!).toBeLessThan(before!);
  });
});
