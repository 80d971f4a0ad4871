import { planted } from '../../../tests/builders/plantings';
import { read } from '../checks/reading';
import type { Entry, What } from '../log/entry';
import { applyEdit } from '../plantings/edits';
import { USUAL_HOUSE } from '../plantings/house';
import { completes, END, indexShown, plantKeys, progressOf } from './progress';
import { stepsOf } from './steps';

const it = planted([
  ['flax-bronze', 0, -6, '1L'],
  ['coleus-lime', -8, 4],
  ['lobelia-blue', 8, 8],
]);
const steps = stepsOf(read(it), USUAL_HOUSE);
let count = 0;
const entry = (what: What): Entry => ({
  id: String((count += 1)).padStart(4, '0'),
  at: '2026-07-16T09:00:00+01:00',
  zone: 'Europe/London',
  of: { plantingId: it.planting.id },
  what,
});
const answered = (keys: readonly string[], how: 'done' | 'skipped' = 'done') =>
  keys.map((key) => entry({ did: 'step', key, how, minutes: 2 }));
const plants = plantKeys(steps);

test('it goes on at the first step without an answer, also one in the midst of others', () => {
  const keys = steps.map(({ key }) => key);
  expect(progressOf(steps, []).at).toBe(0);
  expect(progressOf(steps, answered(keys.slice(0, 3)))).toMatchObject({ at: 3, minutes: 6 });
  expect(progressOf(steps, answered(keys.filter((_, i) => i !== 2))).at).toBe(2);
  expect(progressOf(steps, answered(keys)).at).toBe(steps.length);
});

test('with the last plant it is planted, with what went in and without what was missing', () => {
  const [first, second, third] = plants as [string, string, string];
  const some = progressOf(steps, answered([first]));
  expect(completes(steps, some, { key: second, how: 'done' }, it.plants)).toBeNull();
  const two = progressOf(steps, [...answered([first]), ...answered([second], 'skipped')]);
  const done = completes(steps, two, { key: third, how: 'done' }, it.plants)!;
  expect(done.missing).toEqual([second.replace('plant ', '')]);
  expect(done.wentIn.map(({ placeId }) => `plant ${placeId}`).sort()).toEqual(
    [first, third].sort(),
  );
  // A step that is no plant completes nothing, and neither does what is told twice.
  expect(completes(steps, two, { key: 'water in', how: 'done' }, it.plants)).toBeNull();
  const told = progressOf(steps, [
    ...answered([first, second]),
    entry({ did: 'planted', plants: done.wentIn }),
  ]);
  expect(completes(steps, told, { key: third, how: 'done' }, it.plants)).toBeNull();
});

test('when every plant was skipped nothing was planted', () => {
  const two = progressOf(steps, answered(plants.slice(0, 2), 'skipped'));
  expect(completes(steps, two, { key: plants[2]!, how: 'skipped' }, it.plants)).toBeNull();
});

test('the plan takes the week it was planted in and loses what was missing; too late for its season it stands as long as was meant', () => {
  const [gone] = it.planting.places;
  const edit = (plantedWeek: number) =>
    applyEdit(it.planting, { kind: 'plant', plantedWeek, missing: [gone!.id] });
  expect(edit(29)).toMatchObject({ plantedWeek: 29, endWeek: it.planting.endWeek });
  expect(edit(29).places).toHaveLength(2);
  const late = edit(it.planting.endWeek - 1);
  expect((late.endWeek - late.plantedWeek + 52) % 52).toBe(
    it.planting.endWeek - it.planting.plantedWeek,
  );
});

test('it is looked at by key: when the step of a missing plant goes, the one after it is not passed over', () => {
  const progress = progressOf(steps, answered(plants));
  const fewer = steps.filter(({ key }) => key !== plants[0]);
  const at = (list: typeof steps, looked: string | null) =>
    list[indexShown(list, progress, looked)]?.key;
  expect([at(steps, 'top up'), at(fewer, 'top up')]).toEqual(['top up', 'top up']);
  expect(at(fewer, plants[0]!)).toBe(steps[0]!.key);
  expect(indexShown(steps, progress, END)).toBe(steps.length);
  // Planted, but not step by step: there is nothing to do.
  const told = progressOf(steps, [entry({ did: 'planted', plants: [] })]);
  expect(indexShown(steps, told, null)).toBe(steps.length);
  expect(indexShown(steps, told, 'fill')).toBe(steps.findIndex(({ key }) => key === 'fill'));
});
