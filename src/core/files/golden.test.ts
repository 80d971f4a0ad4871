import { movedIn } from '../../../tests/builders/toldTables';

test('what is said of spoiled files of every format: as it was (moved on purpose: look at what moved, then npm run golden)', () => {
  expect(movedIn('refusals')).toEqual([]);
});
