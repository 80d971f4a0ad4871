import { movedIn } from '../../../tests/builders/toldTables';

test('what a season and its trials teach: as it was (moved on purpose: look at what moved, then npm run golden)', () => {
  expect(movedIn('kinds')).toEqual([]);
});
