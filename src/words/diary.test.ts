import { NOTHING_HERE } from '../../tests/builders/here';
import type { Here } from '@/core/plants/kind';
import Papa from 'papaparse';
import type { Entry, What } from '@/core/log/entry';
import { kindOf } from '@/core/plants/book/index';
import { CAUSES, LOOKS_BAD, WHERE_TO } from '@/core/log/terms';
import { entryText, hereText, lineText } from './diary';
import { diaryCsv } from './diaryCsv';

const WORDS = {
  kindOf,
  nameOf: (id: string) => (id === 'tub' ? '=Tub' : ''),
  units: { length: 'cm', currency: '£' },
} as const;
const entry = (what: What, of: Entry['of'] = { plantingId: 'tub' }): Entry => ({
  id: '1',
  at: '2026-07-17T08:00:00+01:00',
  zone: 'Europe/London',
  of,
  what,
});
const ALL: readonly What[] = [
  { did: 'measured', heightCm: 31, spreadCm: null, trailCm: null },
  { did: 'watered', litres: 2.5 },
  { did: 'watered', litres: null },
  { did: 'fed', what: 'liquid', grams: null },
  { did: 'felt', how: 'dry' },
  { did: 'weighed', kg: 9 },
  { did: 'moved', from: null, to: 'gone' },
  { did: 'bought', key: 'plants viola-white 9cm x', got: 2, wanted: 3, paidMinor: 450, stop: null },
  { did: 'trimmed', share: 0.3 },
  { did: 'in flower' },
  { did: 'ended', why: '' },
  { did: 'noted', words: 'Slugs, "again"' },
  ...CAUSES.map((why): What => ({ did: 'died', why })),
  ...LOOKS_BAD.map((how): What => ({ did: 'looks bad', how, words: '' })),
  ...WHERE_TO.map((to): What => ({ did: 'removed', why: 'over', to })),
];

test('whatever happened is told in words, of a plant by its name', () => {
  for (const what of ALL) {
    const text = entryText(entry(what), WORDS);
    expect(text).toMatch(/^\S/);
    expect(text).not.toMatch(/undefined|null|NaN/);
  }
  const of = { plantingId: 'tub', kindId: 'viola-white' };
  expect(entryText(entry(ALL[0]!, of), WORDS)).toBe('White viola: measured, 31 cm high');
});

test('as a table every entry has a row with its figures, and no name runs as a formula', () => {
  const csv = diaryCsv(
    ALL.map((what) => entry(what)),
    WORDS,
  );
  const { data, errors } = Papa.parse<Record<string, string>>(csv.trim(), { header: true });
  expect(errors).toEqual([]);
  expect(data).toHaveLength(ALL.length);
  expect(data[0]).toMatchObject({ container: "'=Tub", what: 'measured', 'height cm': '31' });
  expect(data[7]).toMatchObject({ paid: '4.50' });
  expect(data[11]).toMatchObject({ 'in words': 'Slugs, "again"' });
});

test('what somebody noted of a plant stays as it was written; our words go on in the sentence', () => {
  const of = { plantingId: 'tub', kindId: 'viola-white' };
  expect(entryText(entry({ did: 'noted', words: 'I like it' }, of), WORDS)).toMatch(/: I like it$/);
  expect(entryText(entry({ did: 'in flower' }, of), WORDS)).toMatch(/: in flower$/);
});

test('as a table our words are spelled for the market; what somebody noted is not', () => {
  const noted: What = { did: 'noted', words: 'Watered: 9 litres, says the grey can' };
  const csv = diaryCsv([entry({ did: 'watered', litres: 2.5 }), entry(noted)], WORDS, (text) =>
    text.toUpperCase(),
  );
  const { data } = Papa.parse<Record<string, string>>(csv.trim(), { header: true });
  expect(data[0]!['in words']).toMatch(/^WATERED/);
  expect(data[1]!['in words']).toBe(noted.words);
});

test('what is learnt says what it rests on, and says so when it is one year only', () => {
  const kind = kindOf('viola-white')!;
  const rest = { sd: 0.1, plantings: 1, looks: 2, years: 1 };
  const here: Here = {
    ...NOTHING_HERE,
    height: { factor: 1.2, ...rest },
    flowersFrom: { by: -1.6, ...rest, plantings: 3, years: 2 },
    flowersTo: { by: 0.3, ...rest },
    mostSun: { by: -0.8, ...rest },
    thirst: { factor: 0.9, ...rest },
    stood: 3,
    badly: 2,
  };
  expect(hereText({ ...kind, here }, WORDS.units)).toEqual([
    expect.stringMatching(/20% more than the book says: 1 pot seen, in one year only\.$/),
    'Here its flowers begin 2 weeks earlier than the book says: 3 pots seen, in 2 years.',
    'Here its flowers end as the book says: 1 pot seen, in one year only.',
    expect.stringMatching(/^Here it bears at most [\d.]+ h of sun, 0\.8 h less than the book says/),
    'Here it drinks 10% less than the book says: 1 pot seen, in one year only.',
    'It did badly in 2 of 3 plantings here.',
  ]);
  expect(hereText(kind, WORDS.units)).toEqual([]);
});

test('a season is told in words for who cannot see its line, in the reader’s units', () => {
  const line = {
    heightCm: [
      [20, 30],
      [50.8, 76.2],
    ] as const,
    marks: [
      { day: '2026-07-15', week: 8, did: 'measured', heightCm: 50.8 },
      { day: '2026-07-16', week: 9, did: 'photographed', heightCm: null },
    ] as const,
  };
  expect(lineText(line, WORDS.units)).toBe(
    'Expected at the end: 51 cm to 76 cm high. Seen: 15 July measured 51 cm.',
  );
  expect(lineText({ ...line, marks: [] }, { length: 'in', currency: '$' })).toMatch(
    /in high.*nothing yet/,
  );
});
