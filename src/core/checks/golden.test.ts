import { movedTold, toldOf } from '../../../tests/builders/told';
import { movedIn } from '../../../tests/builders/toldTables';

test('what checks say of plantings: as it was (moved on purpose: look at what moved, then npm run golden)', () => {
  expect(movedIn('verdicts')).toEqual([]);
});

test('what moved is told by its place: a number by more than another engine would, a word, a thing that came or went', () => {
  const was = { a: [1, { b: 0.5, c: 'x' }], d: true };
  expect(movedTold(was, { a: [1.001, { b: 0.5009, c: 'x' }], d: true })).toEqual([]);
  expect(movedTold(was, { a: [1.01, { b: 0.5, c: 'y' }, 7], d: false })).toEqual([
    '.a.0: 1 → 1.01',
    '.a.1.c: "x" → "y"',
    '.a.2: undefined → 7',
    '.d: true → false',
  ]);
  expect(toldOf({ n: 1 / 3, m: new Map([['k', undefined]]), none: undefined })).toEqual({
    n: 0.3333,
    m: [['k', null]],
  });
});
