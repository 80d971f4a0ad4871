import { kindOf } from '../plants/book/index';
import { planted } from '../../../tests/builders/plantings';
import { read } from '../checks/reading';
import type { Entry } from '../log/entry';
import { applyEdit, swapEdit } from '../plantings/edits';
import { USUAL_HOUSE } from '../plantings/house';
import { inSpot } from '../plantings/planting';
import { asBought, sizesBought } from './asBought';
import { needsOf } from './needs';
import { completes, progressOf } from './progress';
import { stepsOf } from './steps';

const it = planted([
  ['petunia-white', 0, 0, '1L'],
  ['petunia-white', 10, 0, '9cm'],
  ['petunia-white', -10, 0, '9cm'],
  ['lobelia-blue', 0, 12, '9cm'],
]);
const bought = (key: string, got: number): Entry => ({
  id: key,
  at: '2026-05-16T09:00:00+01:00',
  zone: 'Europe/London',
  of: { plantingIds: [it.planting.id] },
  what: { did: 'bought', key: `plants ${key}`, got, wanted: got, paidMinor: null, stop: 'nursery' },
});
const sizes = (held: readonly Entry[]) => Object.fromEntries(sizesBought(it, held));

test('places keep their size as long as it was bought; what is of another size goes where it is nearest, large places first', () => {
  expect(sizes([])).toEqual({});
  expect(
    sizes([bought('petunia-white 9cm nursery', 2), bought('petunia-white 1L nursery', 1)]),
  ).toEqual({});
  expect(sizes([bought('petunia-white 9cm nursery', 3)])).toEqual({ p0: '9cm' });
  const perPack =
    kindOf('lobelia-blue')!.sold.find(({ size }) => size === 'six-pack')!.perSale ?? 6;
  expect(perPack).toBeGreaterThan(1);
  expect(sizes([bought('lobelia-blue six-pack market', 1)])).toEqual({ p3: 'six-pack' });
  // One that was not got at all leaves the plan as it is.
  expect(sizes([bought('lobelia-blue six-pack market', 0)])).toEqual({});
});

test('steps, template and what is told as planted go by the balls that were bought, and so does the plan in the end', () => {
  const held = [bought('petunia-white 9cm nursery', 3)];
  const real = asBought(it, held);
  expect(asBought(it, [])).toBe(it);
  expect(real.plants.map(({ size }) => size)).toEqual(['9cm', '9cm', '9cm', '9cm']);
  const floor = (one: typeof it) => {
    const step = stepsOf(read(one), USUAL_HOUSE).find(({ key }) => key === 'fill')!.what;
    return step.do === 'fill' ? step.toCm : 0;
  };
  expect(floor(real)).toBeGreaterThan(floor(it));
  const planting = applyEdit(it.planting, {
    kind: 'plant',
    plantedWeek: 20,
    missing: [],
    sizes: sizes(held),
  });
  expect(planting.places.map(({ size }) => size)).toEqual(real.plants.map(({ size }) => size));
});

test('a swap at the bench is another plant: it has an id of its own, and trims go with its place; one on paper is the same place', () => {
  const planned = applyEdit(it.planting, { kind: 'trim', place: 'p1', weeks: 6, cut: 0.4 });
  const anew = applyEdit(planned, swapEdit('petunia-white', 'lobelia-blue', '9cm', 'p1', 'x1'));
  expect(anew.places.map(({ id }) => id)).toEqual(['p0', 'p1~x1', 'p2', 'p3']);
  expect(anew.care.trims[0]!.place).toBe('p1~x1');
  const twice = applyEdit(anew, swapEdit('lobelia-blue', 'petunia-white', '9cm', 'p1~x1', 'x2'));
  expect(twice.places[1]!.id).toBe('p1~x2');
  const onPaper = applyEdit(planned, swapEdit('petunia-white', 'lobelia-blue', '9cm'));
  expect(onPaper.places.map(({ id }) => id)).toEqual(['p0', 'p1', 'p2', 'p3']);
  expect(onPaper.care).toBe(planned.care);
});

test('what stays from before is not bought and not planted again, and is told as in', () => {
  const next = inSpot(it.planting, it.spot, kindOf, it.house, { p0: 30 });
  const steps = stepsOf(read(next), USUAL_HOUSE);
  const keys = steps.map(({ key }) => key);
  expect(keys).not.toContain('plant p0');
  expect(keys).not.toContain('fill');
  const needs = needsOf([next], { house: USUAL_HOUSE, owned: () => 0, isReused: () => true });
  const wanted = needs.plants.flatMap(({ wants }) => wants.map(({ count }) => count));
  expect(wanted.reduce((sum, count) => sum + count, 0)).toBe(3);
  const plantSteps = keys.filter((key) => key.startsWith('plant '));
  const held = plantSteps.slice(0, -1).map((key, i): Entry => ({
    id: String(i),
    at: '2026-05-16T09:00:00+01:00',
    zone: 'Europe/London',
    of: { plantingId: next.planting.id },
    what: { did: 'step', key, how: 'done', minutes: null },
  }));
  const done = completes(
    steps,
    progressOf(steps, held),
    { key: plantSteps.at(-1)!, how: 'done' },
    next.plants,
    { staying: new Set(['p0']) },
  )!;
  expect([done.wentIn.length, done.missing]).toEqual([4, []]);
});
