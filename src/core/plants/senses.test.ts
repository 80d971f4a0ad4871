import { known } from '../../../tests/builders/plantings';
import { BOOK } from './book/index';
import { bearsBerries, isForTouch, movesInWind, NAMED_FOR_SENSES } from './senses';

const idsOf = (has: (kind: (typeof BOOK)[number]) => boolean) =>
  BOOK.filter(has).map(({ id }) => id);

test('grasses and what stands on thin stems move; rushes, mats of grass and stiff things do not', () => {
  const moving = idsOf(movesInWind);
  for (const id of ['gaura-white', 'verbena-tall-violet', 'feather-grass', 'dill'])
    expect(moving).toContain(id);
  for (const id of ['black-mondo', 'horsetail-black', 'yew-column', 'petunia-white'])
    expect(moving).not.toContain(id);
});

test('nothing that stings, stains, inflames or poisons, or may, is offered to hands', () => {
  expect(idsOf((kind) => isForTouch(kind) && kind.irritant.skin !== 'no')).toEqual([]);
  const ears = known('lambs-ear');
  expect(isForTouch(ears)).toBe(true);
  expect(isForTouch({ ...ears, irritant: { ...ears.irritant, skin: 'unsure' } })).toBe(false);
  expect(isForTouch({ ...ears, toxicity: { ...ears.toxicity, people: 'poisonous' } })).toBe(false);
  // Soft to look at is not enough: petunias stick to fingers.
  expect(isForTouch(known('petunia-white'))).toBe(false);
});

test('berries are small and in heaps', () => {
  expect(idsOf(bearsBerries)).toEqual(
    expect.arrayContaining(['firethorn-orange', 'pernettya-pink', 'winter-cherry']),
  );
  for (const id of ['lemon-tree', 'courgette-bush', 'tomato-tumbling-red'])
    expect(bearsBerries(known(id))).toBe(false);
});

test('every name in the lists is one of the book: a slip of the pen would find nothing for ever', () => {
  const known = new Set(BOOK.flatMap(({ botanical }) => [botanical, botanical.split(' ')[0]!]));
  expect(NAMED_FOR_SENSES.filter((name) => !known.has(name))).toEqual([]);
});
