import type { Entry, What } from '@/core/log/entry';
import { kindOf } from '@/core/plants/book/index';
import { found } from './found';

const WORDS = {
  kindOf,
  nameOf: (id: string) => ({ tub: 'Platform tub', box: 'Window box' })[id] ?? '',
  units: { length: 'cm', currency: '£' },
} as const;
let count = 0;
const entry = (day: string, what: What, of: Entry['of'], who?: string): Entry => ({
  id: String((count += 1)).padStart(4, '0'),
  at: `${day}T08:00:00+01:00`,
  zone: 'Europe/London',
  of,
  what,
  ...(who ? { who } : {}),
});
const LOG = [
  entry('2025-06-01', { did: 'watered', litres: null }, { plantingId: 'tub' }),
  entry('2026-06-01', { did: 'noted', words: 'Slugs again' }, { plantingId: 'box' }, 'Garden crew'),
  entry('2026-07-02', { did: 'in flower' }, { plantingId: 'tub', kindId: 'petunia-white' }),
  entry('2026-07-03', { did: 'noted', words: 'Feed bought' }, { plantingIds: ['tub', 'box'] }),
];
const ids = (ask: Partial<Parameters<typeof found>[1]>) =>
  found(LOG, { plantingId: null, year: '', words: '', ...ask }, WORDS).map(({ entry: one }) =>
    LOG.indexOf(one),
  );

test('the newest first; by container, also what was told of several; by year', () => {
  expect(ids({})).toEqual([3, 2, 1, 0]);
  expect(ids({ plantingId: 'box' })).toEqual([3, 1]);
  expect(ids({ year: '2025' })).toEqual([0]);
});

test('every word must be there: in what is said, where, when, or by whom', () => {
  expect(ids({ words: 'slugs' })).toEqual([1]);
  expect(ids({ words: 'SLUGS window' })).toEqual([1]);
  expect(ids({ words: 'garden crew' })).toEqual([1]);
  expect(ids({ words: 'petunia' })).toEqual([2]);
  expect(ids({ words: '2 july' })).toEqual([2]);
  expect(ids({ words: '2026-06' })).toEqual([1]);
  expect(ids({ words: 'slugs tub' })).toEqual([]);
});

test('by the spot where it stands, and by the week of the year', () => {
  const spotOf = (id: string) => (id === 'tub' ? 'Under the canopy' : 'Platform');
  expect(ids({ words: 'canopy', spotOf })).toEqual([2, 0]);
  expect(ids({ words: 'canopy flower', spotOf })).toEqual([2]);
  expect(ids({ words: 'week 22' })).toEqual([1, 0]);
  expect(ids({ words: 'Week22 slugs' })).toEqual([1]);
  expect(ids({ words: 'week 30' })).toEqual([]);
  // A word that only begins so is a word.
  expect(ids({ words: 'weekly' })).toEqual([]);
});
