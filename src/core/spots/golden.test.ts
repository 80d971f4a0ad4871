import { movedIn } from '../../../tests/builders/toldTables';

test('the year, the sun and the rain at spots: as it was (moved on purpose: look at what moved, then npm run golden)', () => {
  expect(movedIn('spots')).toEqual([]);
});
