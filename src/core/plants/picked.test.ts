import { known } from '../../../tests/builders/plantings';
import { BOOK } from './book/index';
import { goesToTable, pickedAs, type Picked } from './picked';

test.each<[string, Picked | null]>([
  ['thyme-common', 'herbs'],
  ['chives', 'herbs'],
  ['garlic', 'roots'],
  ['leek', 'roots'],
  ['beetroot-dark', 'roots'],
  ['lettuce-red', 'salad'],
  ['chard-rainbow', 'salad'],
  ['tomato-bush-red', 'fruit'],
  ['french-bean-dwarf', 'fruit'],
  ['strawberry', 'fruit'],
  ['pot-marigold', 'flowers'],
  ['petunia-white', null],
])('%s is picked as %s', (id, as) => expect(pickedAs(known(id))).toBe(as));

test('everything to be eaten in the book is picked as something, and what is not as nothing', () => {
  for (const kind of BOOK)
    expect([kind.id, pickedAs(kind) === null]).toEqual([kind.id, kind.edible === null]);
});

test('herbs go best with herbs, roots badly with fruit, and either way round alike', () => {
  const table = (a: string, b: string) => goesToTable(known(a), known(b));
  expect(table('thyme-common', 'sage-green')).toBe(1);
  expect(table('thyme-common', 'tomato-bush-red')).toBeGreaterThan(
    table('thyme-common', 'beetroot-dark'),
  );
  expect(table('beetroot-dark', 'strawberry')).toBe(table('strawberry', 'beetroot-dark'));
  expect(table('beetroot-dark', 'strawberry')).toBeLessThan(0.5);
  expect(table('petunia-white', 'thyme-common')).toBe(0);
});
