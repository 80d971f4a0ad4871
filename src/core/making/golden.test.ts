import { movedIn } from '../../../tests/builders/toldTables';

test('what is needed, what it weighs, how it is filled, and the steps: as it was (moved on purpose: look at what moved, then npm run golden)', () => {
  expect(movedIn('making')).toEqual([]);
});
