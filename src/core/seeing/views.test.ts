import { movedIn } from '../../../tests/builders/toldTables';

test('from where and in what light plantings are looked at: as it was (moved on purpose: look at what moved, then npm run golden)', () => {
  expect(movedIn('views')).toEqual([]);
});
