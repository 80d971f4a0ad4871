import { movedIn } from '../../../tests/builders/toldTables';

test('what is proposed for asks by lot: as it was (moved on purpose: look at what moved, then npm run golden)', () => {
  expect(movedIn('proposals')).toEqual([]);
});
