import { BOOK } from './book/index';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { coverageOf, coverageTable } from './coverage';
import { findKinds } from './find';
import { NURSERY_SIZES } from './nursery';
import { middle, petHarm, ROLES } from './kind';
import { kindSchema } from './schema';
import { known } from '../../../tests/builders/plantings';

test('the book holds at least 450 kinds, each once, each whole', () => {
  expect(BOOK.length).toBeGreaterThanOrEqual(450);
  expect(new Set(BOOK.map(({ id }) => id)).size).toBe(BOOK.length);
  for (const kind of BOOK)
    expect([kind.id, kindSchema.safeParse(kind).error?.issues]).toEqual([kind.id, undefined]);
});

test('at least five kinds in every cell of role, light and colour, and the table in docs says so', () => {
  for (const [role, lights] of Object.entries(coverageOf(BOOK)))
    for (const [light, colours] of Object.entries(lights))
      for (const [colour, found] of Object.entries(colours))
        expect([role, light, colour, found.length >= 5]).toEqual([role, light, colour, true]);
  expect(readFileSync(join(process.cwd(), 'docs/plant-coverage.md'), 'utf8')).toBe(
    coverageTable(BOOK),
  );
});

test('sanity: larger sizes cost more, shapes are possible, what comes in does so before it dies, and harm is explained', () => {
  for (const kind of BOOK) {
    const prices = kind.sold
      .map(({ size, price }) => [NURSERY_SIZES[size].ballL, price] as const)
      .filter(([litres]) => litres > 0.2)
      .sort(([a], [b]) => a - b)
      .map(([, price]) => price);
    expect([kind.id, prices]).toEqual([kind.id, [...prices].sort((a, b) => a - b)]);
    expect([
      kind.id,
      kind.spreadCm[1] <= kind.heightCm[1] * 12 && kind.heightCm[1] <= kind.spreadCm[1] * 8,
    ]).toEqual([kind.id, true]);
    if (kind.bringInC !== null)
      expect([kind.id, kind.bringInC >= kind.lowestC]).toEqual([kind.id, true]);
    if (kind.toxicity.people !== 'none known' || petHarm(kind) !== 'none known')
      expect([kind.id, kind.toxicity.note.length > 10]).toEqual([kind.id, true]);
    if (kind.irritant.skin !== 'no')
      expect([kind.id, kind.irritant.note.length > 8]).toEqual([kind.id, true]);
  }
});

test.each([
  'castor-oil-plant-bronze',
  'foxglove-dwarf-apricot',
  'monkshood-dwarf-blue',
  'autumn-crocus',
  'yew-column',
  'angels-trumpet-peach',
  'daphne-gold-edge',
  'rose-periwinkle-white',
  'lupin-dwarf-pink',
  'hyacinth-blue',
  'snowdrop',
  'calla-white',
  'mandevilla-red',
  'azalea-evergreen-pink',
  'lily-of-the-valley-bush',
  'pencil-tree-red',
  'morning-glory-blue',
  'sweet-pea-dwarf',
  'star-flower-blue',
  'clematis-violet',
  'spindle-white',
  'croton-fire',
  'african-mask',
  'pothos-lime',
  'bugbane-bronze',
  'hellebore-plum',
  'agapanthus-blue',
  'ivy-climbing-gold',
  'oleander-pink',
  'lily-of-the-valley',
  'datura-violet',
  'angels-trumpet-yellow',
  'monkshood-violet',
  'delphinium-blue',
  'larkspur-annual-blue',
  'winter-aconite',
  'winter-cherry',
  'pasque-flower-violet',
  'wisteria-standard',
  'desert-rose',
  'crown-of-thorns-red',
  'spurge-mediterranean',
  'amaryllis-red',
  'clivia-orange',
  'peace-lily',
  'swiss-cheese-plant',
  'flamingo-flower-red',
  'cineraria-blue',
])('%s is known as poisonous to everyone', (id) => {
  const { toxicity } = known(id);
  expect([toxicity.people, toxicity.cats, toxicity.dogs]).toEqual([
    'poisonous',
    'poisonous',
    'poisonous',
  ]);
});

test.each([
  ['lily-dwarf-white', 'cats'],
  ['daylily-gold', 'cats'],
  ['hop-gold', 'dogs'],
  ['spring-onion', 'cats'],
  ['society-garlic', 'dogs'],
  ['switch-grass-blue', 'horses'],
  ['perilla-purple', 'horses'],
  ['ground-ivy-variegated', 'horses'],
  ['yarrow-lemon', 'dogs'],
  ['tulip-white', 'cats'],
  ['mum-bronze', 'dogs'],
  ['hydrangea-pink', 'cats'],
  ['aloe-medicinal', 'dogs'],
  ['snake-plant', 'cats'],
  ['daylily-cream', 'cats'],
  ['leek', 'cats'],
  ['garlic', 'dogs'],
  ['grape-dark', 'dogs'],
  ['potato-early', 'dogs'],
  ['privet-gold', 'horses'],
  ['umbrella-tree-gold', 'cats'],
] as const)('%s is known as poisonous to %s', (id, who) => {
  expect(known(id).toxicity[who]).toBe('poisonous');
});

test.each([
  'pencil-tree-red',
  'spurge-red-eye',
  'spurge-myrtle',
  'fig-dwarf',
  'star-jasmine',
  'monkshood-dwarf-blue',
  'bunny-ears',
  'agave-striped',
  'barberry-wine',
  'rose-patio-pink',
  'bougainvillea-magenta',
  'chilli-orange',
  'angels-trumpet-peach',
  'courgette-bush',
  'hyacinth-pink',
  'primrose-yellow',
  'oleander-white',
  'monkshood-violet',
  'spurge-mediterranean',
  'crown-of-thorns-red',
  'firethorn-orange',
  'pincushion-cactus',
  'amaryllis-white',
  'lobelia-cardinal',
  'celery-leaf',
])('%s wants gloves, or a word about them', (id) => {
  expect(known(id).irritant.skin).not.toBe('no');
});

test('parts not to be eaten are told of what is eaten: tomato leaves, raw beans, apple pips', () => {
  expect([
    known('tomato-cordon-red').notEdible,
    known('runner-bean-scarlet').notEdible,
    known('apple-column').notEdible,
  ]).toEqual([expect.stringContaining('leaves'), expect.stringContaining('raw'), 'pips']);
});

test('no two kinds go by one common name', () => {
  const names = BOOK.map(({ common }) => common.toLowerCase());
  expect(names.filter((name, i) => names.indexOf(name) !== i)).toEqual([]);
});

test('every role has kinds for sun, half shade and shade', () => {
  for (const role of ROLES)
    for (const hours of [7, 4, 1.5]) {
      const found = BOOK.filter(
        (kind) =>
          kind.roles.includes(role) && kind.light.hours[0] <= hours && kind.light.hours[1] >= hours,
      );
      expect([role, hours, found.length >= 5]).toEqual([role, hours, true]);
    }
});

test('what trails has a trail, and what climbs has support', () => {
  for (const kind of BOOK) {
    if (kind.habit === 'trailing')
      expect([kind.id, kind.trailCm !== null]).toEqual([kind.id, true]);
    if (kind.habit === 'climber') expect(kind.support).toBe('climb');
  }
});

test('roles agree with size: leads are not flat, edges are not tall', () => {
  for (const kind of BOOK) {
    if (kind.roles.includes('lead'))
      expect([kind.id, middle(kind.heightCm) >= 14]).toEqual([kind.id, true]);
    if (kind.roles.includes('edge'))
      expect([kind.id, middle(kind.heightCm) <= 40]).toEqual([kind.id, true]);
  }
});

test.each([
  'lantana-gold',
  'narcissus:daffodil-small',
  'angel-wings-white',
  'elephant-ear-black',
  'ivy-green',
  'box-ball',
  'hellebore-cream',
  'tobacco-lime',
  'cloud-spurge-white',
  'silver-ragwort',
  'periwinkle-variegated',
  'skimmia-red-bud',
  'heliotrope-purple',
  'lobelia-blue',
])('%s is known as poisonous', (name) => {
  const kind = known(name.split(':').pop()!);
  expect([kind.toxicity.people, petHarm(kind)]).toEqual(['poisonous', 'poisonous']);
});

test.each([
  'chives',
  'hosta-blue',
  'jade-tree',
  'kalanchoe-coral',
  'cyclamen-pink',
  'tulip-plum',
  'hydrangea-dwarf-white',
  'begonia-tuberous-red',
])('%s is known as dangerous to pets', (id) => {
  expect(petHarm(known(id))).toBe('poisonous');
});

test('nothing is called edible without the plant being harmless, or the parts that are not to be eaten being told', () => {
  for (const kind of BOOK)
    if (kind.edible)
      expect([
        kind.id,
        ['none known', 'mild'].includes(kind.toxicity.people) || kind.notEdible !== null,
      ]).toEqual([kind.id, true]);
});

test('no name carries a mark of trade', () => {
  for (const kind of BOOK)
    expect(
      `${kind.common} ${kind.botanical} ${kind.description} ${kind.alsoCalled.join(' ')}`,
    ).not.toMatch(/[®™'‘’]\w+['’](?!s)|®|™/);
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
