import { entry } from '../../../tests/builders/careWorld';
import { planted, TUB } from '../../../tests/builders/plantings';
import { plantingSchema } from '../plantings/schema';
import { badlyIn } from '../learning/badly';
import { again } from './again';

const it = planted(
  [
    ['petunia-white', 0, 0],
    ['lobelia-blue', 9, 3],
  ],
  { container: TUB, plantedWeek: 20, endWeek: 40 },
);
const DAY = '2026-07-10';

test('what died of frost or looked bad twice went wrong; what was broken, gone over, or looked bad once did not', () => {
  const bad = (kindId: string) =>
    entry(it, DAY, { did: 'looks bad', how: 'yellow', words: '' }, { kindId });
  const died = (why: 'frost' | 'over' | 'broken', rest: object) =>
    entry(it, DAY, { did: 'died', why }, rest);
  const place = { placeIds: [it.plants[1]!.id] };
  expect(badlyIn(it, [bad('petunia-white')])).toEqual([]);
  expect(badlyIn(it, [bad('petunia-white'), bad('petunia-white')])).toEqual([
    { kindId: 'petunia-white', died: 0, lookedBad: 2 },
  ]);
  expect(badlyIn(it, [died('frost', place)])).toEqual([
    { kindId: 'lobelia-blue', died: 1, lookedBad: 0 },
  ]);
  expect(badlyIn(it, [died('over', place), died('broken', place)])).toEqual([]);
});

test('the same again is a planting of its own, as it was planned', () => {
  const next = again({ ...it.planting, follows: 'x', demo: true }, 'next');
  expect(plantingSchema.parse(next)).toEqual(next);
  expect(next).toMatchObject({ id: 'next', plantedWeek: 20, endWeek: 40, demo: false });
  expect(next).not.toHaveProperty('follows');
  expect(next.places).toEqual(it.planting.places);
});
