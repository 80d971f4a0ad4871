import { movedIn } from '../../../tests/builders/toldTables';

test('what goes into containers, and where: as it was (moved on purpose: look at what moved, then npm run golden)', () => {
  expect(movedIn('places')).toEqual([]);
});
