import { BOOK, kindOf } from './book/index';
import { asSoldIn } from './prices';
import { findKinds } from './find/index';
import { nameThere } from './namesThere';

const american = asSoldIn('american', BOOK);
const called = (id: string) => american.find((kind) => kind.id === id)!.common;

test('in America plants have the names that are said there, in Europe and Australia those of the book', () => {
  expect(called('busy-lizzie-coral')).toBe('Coral impatiens');
  expect(called('aubergine-dwarf')).toBe('Dwarf eggplant');
  expect(called('box-ball')).toBe('Boxwood');
  expect(called('rocket')).toBe('Arugula');
  expect(called('hebe-grey')).toBe('Gray dwarf hebe');
  expect(called('pelargonium-coral')).toBe('Coral zonal geranium');
  for (const market of ['european', 'australian'] as const)
    for (const { id, common } of asSoldIn(market, BOOK)) expect(common).toBe(kindOf(id)!.common);
});

test('no two kinds are called alike there that are not alike here, and none keeps a word spelt the other way', () => {
  const alike = (names: readonly string[]) => names.length - new Set(names).size;
  expect(alike(american.map(({ common }) => common))).toBeLessThanOrEqual(
    alike(BOOK.map(({ common }) => common)),
  );
  for (const { common } of american)
    expect(common).not.toMatch(/colour|grey|fibre|parlour|liquorice/iu);
});

test('a name that is put twice through it stays as it is', () => {
  for (const { common } of american) expect(nameThere('american', common)).toBe(common);
});

test.each([
  ['busy lizzie', /impatiens/u],
  ['impatiens', /impatiens/u],
  ['courgette', /zucchini/u],
  ['coriander', /cilantro/iu],
])('in America “%s” still finds it', (words, name) => {
  const [first] = findKinds(american, words);
  expect(first!.common).toMatch(name);
});
