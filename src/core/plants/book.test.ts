import { BOOK } from './book/index';
import { findKinds } from './find';
import { middle, petHarm, ROLES } from './kind';
import { kindSchema } from './schema';
import { known } from '../../../tests/builders/plantings';

test('the book holds at least 450 kinds, each once, each whole', () => {
  expect(BOOK.length).toBeGreaterThanOrEqual(450);
  expect(new Set(BOOK.map(({ id }) => id)).size).toBe(BOOK.length);
  for (const kind of BOOK) expect([kind.id, kindSchema.safeParse(kind).error?.issues]).toEqual([kind.id, undefined]);
});

test('no two kinds go by one common name', () => {
  const names = BOOK.map(({ common }) => common.toLowerCase());
  expect(names.filter((name, i) => names.indexOf(name) !== i)).toEqual([]);
});

test('every role has kinds for sun, half shade and shade', () => {
  for (const role of ROLES)
    for (const hours of [7, 4, 1.5]) {
      const found = BOOK.filter((kind) => kind.roles.includes(role) && kind.light.hours[0] <= hours && kind.light.hours[1] >= hours);
      expect([role, hours, found.length >= 5]).toEqual([role, hours, true]);
    }
});

test('what trails has a trail, and what climbs has support', () => {
  for (const kind of BOOK) {
    if (kind.habit === 'trailing') expect([kind.id, kind.trailCm !== null]).toEqual([kind.id, true]);
    if (kind.habit === 'climber') expect(kind.support).toBe('climb');
  }
});

test('roles agree with size: leads are not flat, edges are not tall', () => {
  for (const kind of BOOK) {
    if (kind.roles.includes('lead')) expect([kind.id, middle(kind.heightCm) >= 14]).toEqual([kind.id, true]);
    if (kind.roles.includes('edge')) expect([kind.id, middle(kind.heightCm) <= 40]).toEqual([kind.id, true]);
  }
});

test.each(['lantana-gold', 'narcissus:daffodil-small', 'angel-wings-white', 'elephant-ear-black', 'ivy-green', 'box-ball', 'hellebore-cream', 'tobacco-lime', 'cloud-spurge-white', 'silver-ragwort', 'periwinkle-variegated', 'skimmia-red-bud', 'heliotrope-purple', 'lobelia-blue'])('%s is known as poisonous', (name) => {
  const kind = known(name.split(':').pop()!);
  expect([kind.toxicity.people, petHarm(kind)]).toEqual(['poisonous', 'poisonous']);
});

test.each(['chives', 'hosta-blue', 'jade-tree', 'kalanchoe-coral', 'cyclamen-pink', 'tulip-plum', 'hydrangea-dwarf-white', 'begonia-tuberous-red'])('%s is known as dangerous to pets', (id) => {
  expect(petHarm(known(id))).toBe('poisonous');
});

test('nothing is called edible without the plant being harmless, or the parts that are not to be eaten being told', () => {
  for (const kind of BOOK) if (kind.edible) expect([kind.id, ['none known', 'mild'].includes(kind.toxicity.people) || kind.notEdible !== null]).toEqual([kind.id, true]);
});

test('no name carries a mark of trade', () => {
  for (const kind of BOOK) expect(`${kind.common} ${kind.botanical} ${kind.description} ${kind.alsoCalled.join(' ')}`).not.toMatch(/[®™'‘’]\w+['’](?!s)|®|™/);
});

test('names are found with a slip, in any order, by synonym and without accents', () => {
  const names = (query: string) => findKinds(BOOK, query).map(({ id }) => id);
  expect(names('petunai')).toContain('petunia-white');
  expect(names('vine lime')).toContain('potato-vine-lime');
  expect(names('dusty miller')).toEqual(['silver-ragwort']);
  expect(names('SALVIA nemorosa')[0]).toBe('salvia-wood-purple');
  expect(names('zzzz')).toEqual([]);
  expect(names('  ')).toHaveLength(BOOK.length);
});
