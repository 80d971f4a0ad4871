import { readFileSync } from 'node:fs';
import { BOOK, kindOf } from '../book/index';
import { SPECIES, TOLD } from '../book/told';
import { bookFaults, type BookRule } from './index';
import type { PlantKind } from '../kind';
import { plantTable } from '../table';

const OVERRIDES = new Map(
  SPECIES.flatMap(({ kinds }) =>
    kinds.flatMap(({ id, but }) => (but ? [[id, Object.keys(but)] as const] : [])),
  ),
);
const DRAWN_APART = SPECIES.flatMap(({ kinds }) =>
  kinds.filter(({ drawnApart }) => drawnApart !== undefined).map(({ id }) => id),
);
const excused = (id: string) => [
  ...(OVERRIDES.get(id) ?? []),
  ...(DRAWN_APART.includes(id) ? ['drawnApart'] : []),
];

test('the packed book is what the species tell; npm run book packs it', () => {
  expect(BOOK).toEqual(TOLD);
});

test('the book breaks none of its rules', () => {
  expect(bookFaults(BOOK, excused)).toEqual([]);
});

test('a species stands once, and what a kind overrides is said with its reason', () => {
  const names = SPECIES.map(({ botanical }) => botanical);
  expect(new Set(names).size).toBe(names.length);
  // A new override is a decision: it is counted here.
  expect([...OVERRIDES.keys()].sort()).toEqual([
    'beetroot-dark',
    'cabbage-purple',
    'kale-black',
    'kale-curly',
    'kale-ornamental-white',
    'sage-tricolour',
  ]);
  expect(DRAWN_APART).toHaveLength(11);
  for (const { kinds } of SPECIES)
    for (const { but } of kinds) if (but) expect(but.why.length).toBeGreaterThan(8);
});

test('that nobody comes to a plant, or that it has no other name, is said and not left out', () => {
  const [first] = SPECIES;
  if (!first) throw new Error('There are no species.');
  // @ts-expect-error an empty list of visitors says nothing
  const silent: (typeof SPECIES)[number] = { ...first, wildlife: [] };
  expect(silent.wildlife).toEqual([]);
  for (const { botanical, also, british = [], american = [] } of SPECIES)
    expect([
      botanical,
      also === 'no other name' || [...also, ...british, ...american].length > 0,
    ]).toEqual([botanical, true]);
});

/** Records that spoil the book, each in a way that one rule forbids. */
const SPOILED: readonly (readonly [
  BookRule,
  id: string,
  spoil: (kind: PlantKind) => Partial<PlantKind>,
])[] = [
  [
    'one truth for a species',
    'calibrachoa-coral',
    ({ toxicity }) => ({ toxicity: { ...toxicity, cats: 'none known' } }),
  ],
  ['one truth for a species', 'hosta-lime', () => ({ lowestC: -10 })],
  [
    'a species is drawn one way',
    'petunia-red',
    ({ foliage }) => ({ foliage: { ...foliage, shape: 'cut' } }),
  ],
  ['cold in order', 'box-ball', () => ({ rootsC: -40 })],
  ['cold in order', 'coleus-lime', () => ({ sulksC: 4 })],
  ['summer in order', 'pansy-blue', ({ summer }) => ({ summer: { ...summer, dryC: 8 } })],
  [
    'harm has its parts',
    'hosta-lime',
    ({ toxicity }) => ({ toxicity: { ...toxicity, by: { ...toxicity.by, cats: null } } }),
  ],
  ['goes over with its leaves', 'box-ball', () => ({ goneOver: { week: 44, remains: 'nothing' } })],
  [
    'goes over with its leaves',
    'hosta-lime',
    () => ({ goneOver: { week: 20, remains: 'nothing' } }),
  ],
  ['sold while in leaf', 'snowdrop', () => ({ inShops: [[28, 34]] })],
  ['wood is woody', 'box-ball', () => ({ woodGrows: null })],
  ['wood is woody', 'petunia-red', () => ({ woodGrows: 0.5 })],
  ['ways to make more suit', 'petunia-red', () => ({ propagation: ['grafted: buy it'] })],
  ['ways to make more suit', 'tulip-plum', () => ({ propagation: ['seed where it grows'] })],
  ['names belong to one genus', 'pansy-blue', () => ({ synonyms: ['Hosta sieboldiana'] })],
  ['names belong to one genus', 'petunia-red', () => ({ synonyms: ['X y'], misapplied: ['X y'] })],
  ['tender agrees with cold', 'calla-black', () => ({ lowestC: -20 })],
  ['tender agrees with cold', 'coleus-lime', () => ({ bringInC: null })],
  ['tender agrees with cold', 'diascia-coral', () => ({ bringInC: 5 })],
  ['tender agrees with cold', 'box-ball', () => ({ bringInC: 5 })],
  [
    'a floor of harm by genus',
    'catmint-blue',
    ({ toxicity }) => ({ toxicity: { ...toxicity, cats: 'none known', dogs: 'none known' } }),
  ],
  ['parts that must not be eaten', 'sweet-pepper', () => ({ notEdible: null })],
  ['in flower while in leaf', 'cyclamen-hardy-pink', () => ({ inLeaf: [14, 44] })],
  [
    'spires are spires',
    'foxglove-dwarf-apricot',
    ({ bloom }) => ({ bloom: { ...bloom!, form: 'bell' } }),
  ],
  ['units suit', 'marguerite-white', () => ({ sold: [{ size: 'bulb', price: 3 }] })],
  ['units suit', 'hydrangea-dwarf-white', () => ({ sold: [{ size: 'six-pack', price: 3 }] })],
  [
    'what is bought early suits',
    'marguerite-white',
    () => ({ early: [{ size: 'seed', price: 2, weeks: [9, 16] }] }),
  ],
  [
    'what is bought early suits',
    'jade-tree',
    () => ({ early: [{ size: 'plug', price: 6, weeks: [9, 14] }] }),
  ],
  [
    'what is bought early suits',
    'oleander-pink',
    () => ({ early: [{ size: 'bare-root', price: 6, weeks: [45, 11] }] }),
  ],
  ['names belong to one genus', 'stonecrop-purple', () => ({ alsoCalled: ['Sedum'] })],
  [
    'no trade names',
    'petunia-red',
    () => ({ description: 'A petunia called ‘Ruby’ by its raiser' }),
  ],
];

test.each(SPOILED)('%s: %s spoiled is found', (rule, id, spoil) => {
  const good = kindOf(id);
  if (!good) throw new Error(`The book has no ${id}.`);
  const spoiled = { ...good, ...spoil(good) };
  const kinds = BOOK.map((kind) => (kind.id === good.id ? spoiled : kind));
  const faults = bookFaults(kinds, excused).filter((fault) => fault.rule === rule);
  expect(faults.length).toBeGreaterThan(0);
  // Of a quarrel within a species either side may be named.
  const sisters = kinds.filter(({ botanical }) => botanical === good.botanical);
  for (const { id: named } of faults) expect(sisters.map((kind) => kind.id)).toContain(named);
});

test('the published table of every fact is what the book gives; npm run schema writes it', () => {
  expect(readFileSync('docs/plant-book.csv', 'utf8') === plantTable(BOOK)).toBe(true);
});
