import { movedIn } from '../../../tests/builders/toldTables';

test('the sun, its radiation and the clocks: as it was (moved on purpose: look at what moved, then npm run golden)', () => {
  expect(movedIn('sky')).toEqual([]);
});
