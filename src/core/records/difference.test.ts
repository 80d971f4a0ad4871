import * as fc from 'fast-check';
import { differencesOf, withDifferences } from './difference';

const there = <T extends object>(before: T, after: T) =>
  withDifferences(before, differencesOf(before, after), 'is').record;
const back = <T extends object>(before: T, after: T) =>
  withDifferences(after, differencesOf(before, after), 'was').record;

const things = fc.uniqueArray(
  fc.record({ id: fc.constantFrom(...'abcdefgh'), xCm: fc.integer({ min: -9, max: 9 }) }),
  { selector: ({ id }) => id, maxLength: 8 },
);
const record = fc.record(
  {
    name: fc.string({ maxLength: 3 }),
    note: fc.option(fc.string({ maxLength: 2 }), { nil: null }),
    site: fc.record({ lat: fc.integer({ min: 0, max: 3 }), lon: fc.integer({ min: 0, max: 3 }) }),
    places: things,
    weeks: fc.array(fc.integer({ min: 1, max: 4 }), { maxLength: 3 }),
    lean: fc.integer({ min: 1, max: 3 }),
  },
  { requiredKeys: ['name', 'note', 'site', 'places', 'weeks'] },
);

test('differences lead from one state to the other and back again (seed 7)', () => {
  fc.assert(
    fc.property(record, record, (before, after) => {
      expect(there(before, after)).toEqual(after);
      expect(back(before, after)).toEqual(before);
    }),
    { seed: 7, numRuns: 400 },
  );
});

test('a moved plant is told as the numbers that changed, not as a planting', () => {
  const before = {
    places: [
      { id: 'a', xCm: 1 },
      { id: 'b', xCm: 2 },
    ],
    name: 'Pot',
  };
  const after = {
    ...before,
    places: [
      { id: 'a', xCm: 5 },
      { id: 'b', xCm: 2 },
    ],
  };
  expect(differencesOf(before, after)).toEqual([
    { at: ['places', { id: 'a' }, 'xCm'], was: 1, is: 5 },
  ]);
});

test('the same record twice differs in nothing', () => {
  expect(differencesOf({ a: [1, { b: 2 }] }, { a: [1, { b: 2 }] })).toEqual([]);
});

test('changes of two hands to different fields both stay, and each is taken back alone', () => {
  const begun = {
    name: 'Pot',
    places: [
      { id: 'a', xCm: 1 },
      { id: 'b', xCm: 2 },
    ],
  };
  const mine = differencesOf(begun, { ...begun, name: 'Tub' });
  const theirs = differencesOf(begun, {
    ...begun,
    places: [{ id: 'a', xCm: 9 }, begun.places[1]!],
  });
  const both = withDifferences(withDifferences(begun, theirs, 'is').record, mine, 'is').record;
  expect(both).toMatchObject({ name: 'Tub', places: [{ xCm: 9 }, { xCm: 2 }] });
  expect(withDifferences(both, mine, 'was').record).toEqual({ ...both, name: 'Pot' });
});

test('what somebody else has changed since is not taken back with mine, and that is counted', () => {
  const begun = { name: 'Pot', weeks: [20] };
  const mine = differencesOf(begun, { name: 'Tub', weeks: [21] });
  const since = { name: 'Barrel', weeks: [21] };
  expect(withDifferences(since, mine, 'was')).toEqual({
    record: { name: 'Barrel', weeks: [20] },
    leftOut: 1,
  });
});

test('a thing that was taken out comes back where it stood among the others', () => {
  const before = { places: ['a', 'b', 'c'].map((id) => ({ id })) };
  const after = { places: ['a', 'c'].map((id) => ({ id })) };
  expect(back(before, after)).toEqual(before);
  const grown = { places: [...after.places, { id: 'd' }] };
  const undone = withDifferences(grown, differencesOf(before, after), 'was').record;
  expect(undone.places.map(({ id }) => id)).toEqual(['a', 'b', 'c', 'd']);
});
