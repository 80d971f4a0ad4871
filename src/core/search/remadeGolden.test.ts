import { movedIn } from '../../../tests/builders/toldTables';

test('plantings made anew, what is in the way of asks and what queries find: as it was (moved on purpose: look at what moved, then npm run golden)', () => {
  expect(movedIn('remakes')).toEqual([]);
});
