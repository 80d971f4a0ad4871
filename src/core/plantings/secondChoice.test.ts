import { planting } from '../../../tests/builders/plantings';
import { applyEdit, swapEdit, type Edit } from './edits';
import { plantingSchema } from './schema';

const two = planting([
  ['viola-white', -8, 0],
  ['viola-white', 8, 0],
]);
const choose = (insteadOf: string, kindId: string | null): Edit => ({
  kind: 'second choice',
  insteadOf,
  to: kindId === null ? null : { kindId, size: '9cm' },
});

test('one second choice for each kind, the last told; none leaves the field out', () => {
  const once = applyEdit(two, choose('viola-white', 'alyssum-white'));
  const other = applyEdit(once, choose('viola-white', 'lobelia-blue'));
  expect(other.secondChoices).toEqual([
    { insteadOf: 'viola-white', kindId: 'lobelia-blue', size: '9cm' },
  ]);
  expect(plantingSchema.parse(other)).toEqual(other);
  expect(applyEdit(other, choose('viola-white', null))).toEqual(two);
});

test('taken in every place it is a second choice no more; in one place the others may still need it', () => {
  const chosen = applyEdit(two, choose('viola-white', 'alyssum-white'));
  const all = applyEdit(chosen, swapEdit('viola-white', 'alyssum-white', '9cm'));
  expect(all).not.toHaveProperty('secondChoices');
  expect(all.places.map(({ kindId }) => kindId)).toEqual(['alyssum-white', 'alyssum-white']);
  const one = applyEdit(chosen, swapEdit('viola-white', 'alyssum-white', '9cm', two.places[0]!.id));
  expect(one.secondChoices).toHaveLength(1);
});
