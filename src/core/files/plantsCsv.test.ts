import { BOOK } from '../plants/book/index';
import { libraryOf } from '../plants/library';
import { untold, type OwnKind } from '../plants/own';
import { freeId } from './freeId';
import { guessMapping } from './plantColumns';
import { readPlantsCsv } from './plantsCsv';
import { toPlantsCsv } from './plantsCsvOut';
import { readPlantsJson } from './plantsJson';
import type { PlantsReading } from './plantsReading';
import { textOf } from './text';

const LIBRARY = libraryOf(BOOK, [], 'european');
const read = (text: string, library = LIBRARY, told = {}): PlantsReading => {
  const answer = readPlantsCsv(text, library, told);
  if (answer.kind !== 'read') throw new Error(answer.message);
  return answer.reading;
};

test('headings are known by our names, by others people use, and in any order', () => {
  expect(guessMapping(['Latin name', 'Name', 'Height', 'Qty'])).toMatchObject({
    botanical: 0,
    common: 1,
    height_most_cm: 2,
    owned: 3,
    price: null,
  });
});

test('a new plant is guessed from its genus, a known one gets what the file adds, one that says nothing new is left', () => {
  const { records, added, changed, same } = read(
    'name,botanical,height_least_cm,height_most_cm,owned\nPale moon sage,Salvia lunaris,50,80,\nBoston fern,Nephrolepis exaltata,,,3\nChives,Allium schoenoprasum,,,\n',
  );
  expect([added, changed, same]).toEqual([1, 1, 1]);
  expect(records[0]).toMatchObject({
    id: 'pale-moon-sage',
    told: { common: 'Pale moon sage', heightCm: [50, 80] },
  });
  expect(BOOK.find(({ id }) => id === records[0]!.likeId)!.botanical).toMatch(/^Salvia/);
  expect(records[1]).toEqual({ ...untold('boston-fern'), owned: 3 });
});

test('a value of one’s own is not changed unless asked, and both are told', () => {
  const own: OwnKind = { ...untold('boston-fern'), told: { heightCm: [20, 30] } };
  const library = libraryOf(BOOK, [own], 'european');
  const file = 'common,height_least_cm,height_most_cm\nBoston fern,60,90\n';
  const kept = read(file, library);
  expect(kept).toMatchObject({
    changed: 0,
    same: 1,
    quarrelling: 1,
    quarrels: [{ line: 2, name: 'Boston fern', field: 'heightCm', mine: '20–30', theirs: '60–90' }],
  });
  expect(read(file, library, { takeTheirs: true }).records).toEqual([
    { ...own, told: { heightCm: [60, 90] } },
  ]);
});

test.each([
  ['a formula', '=cmd|calc,Salvia x', /^common must not begin like a formula; got "=cmd/],
  ['a formula by another sign', '@SUM(1),Salvia x', /formula/],
  ['no name', ',Salvia x', /name is empty/],
  [
    'a word for a number',
    'Blue thing,Salvia x,tall',
    /height_most_cm must be a number; got "tall"/,
  ],
  ['a height of trees', 'Blue thing,Salvia x,4000', /Height/],
  [
    'a colour that is none',
    'Blue thing,Salvia x,,blueish',
    /leaf_colour must be a colour like #aabbcc; got "blueish"/,
  ],
  ['water by another word', 'Blue thing,Salvia x,,,soggy', /low, medium or high/],
])('%s is refused by line and value', (_, line, message) => {
  const { faults, faulty, records } = read(
    `common,botanical,height,leaf_colour,water\n${line}\nGood one,Salvia bona\n`,
  );
  expect([faulty, records.length]).toEqual([1, 1]);
  expect(faults[0]!.line).toBe(2);
  expect(faults[0]!.message).toMatch(message);
});

test('the same plant twice is taken once, and the line of the first is told', () => {
  expect(
    read('common,botanical\nA thing,Salvia x\nA  thing,Salvia x\nA thing,Salvia x\n').faults.map(
      ({ line, message }) => [line, message],
    ),
  ).toEqual([[4, '"A thing" was on line 2 already.']]);
});

test('what is no table, or too long, is refused whole', () => {
  expect(readPlantsCsv('just words', LIBRARY)).toMatchObject({ kind: 'not a table' });
  expect(readPlantsCsv(`common\n${'x\n'.repeat(30_001)}`, LIBRARY)).toMatchObject({
    kind: 'not a table',
    message: expect.stringContaining('at most 30000') as string,
  });
  expect(read('latin,height\nSalvia x,40\n')).toMatchObject({
    records: [],
    faults: [{ line: 1, message: 'No column is chosen for the common name.' }],
  });
});

test('twenty thousand rows, good and bad: all are counted', () => {
  const rows = Array.from({ length: 20_000 }, (_, i) =>
    i % 10 === 0
      ? `=bad ${i},Salvia x,40`
      : i % 10 === 1
        ? `Plant ${i},Salvia x,tall`
        : `Plant ${i},${i % 2 ? 'Salvia x' : 'Unheardia of'},${20 + (i % 60)}`,
  );
  const { added, faulty, faults, records } = read(`common,botanical,height\n${rows.join('\n')}\n`);
  expect([added, faulty, faults.length, records.length]).toEqual([16_000, 4_000, 50, 16_000]);
  expect(new Set(records.map(({ id }) => id)).size).toBe(16_000);
});

test('what is written can be read again, and a spreadsheet runs nothing of it', () => {
  const library = libraryOf(
    BOOK,
    [{ ...untold('chives'), note: '=1+1', favourite: true }],
    'european',
  );
  const text = toPlantsCsv(library.kinds, library);
  expect(text.split('\n').some((line) => /(^|,)[=+@]/.test(line))).toBe(false);
  expect(read(text, library)).toMatchObject({
    added: 0,
    changed: 0,
    same: library.kinds.length,
    faulty: 0,
    quarrelling: 0,
  });
});

test('own plants as JSON come back whole; a faulty file is refused whole, by field', () => {
  const records: OwnKind[] = [
    { ...untold('chives'), favourite: true },
    {
      ...untold('moon-sage'),
      likeId: 'salvia-scarlet',
      told: { common: 'Moon sage', heightCm: [30, 40] },
      owned: 2,
    },
  ];
  const file = (plants: unknown) =>
    JSON.stringify({ format: 'rillbank-plants', version: 1, plants });
  expect(readPlantsJson(file(records), LIBRARY)).toMatchObject({
    kind: 'read',
    reading: { records, added: 1, changed: 1 },
  });
  const mine = libraryOf(
    BOOK,
    [{ ...records[1]!, told: { common: 'Moon sage', heightCm: [50, 60] } }],
    'european',
  );
  const kept = readPlantsJson(file(records), mine);
  if (kept.kind !== 'read') throw new Error(kept.message);
  expect(kept.reading.quarrels).toEqual([
    { line: 2, name: 'Moon sage', field: 'heightCm', mine: '50–60', theirs: '30–40' },
  ]);
  expect(kept.reading.records[1]!.told.heightCm).toEqual([50, 60]);
  expect(readPlantsJson(file([{ ...records[0], owned: -3 }]), LIBRARY)).toMatchObject({
    kind: 'not a table',
    message: expect.stringMatching(/plants\[0\]|0 or more.*got -3/) as string,
  });
  expect(readPlantsJson('{"format":"other"}', LIBRARY)).toMatchObject({ kind: 'not a table' });
});

test('text in an old code page is read with its accents; UTF-8 stays UTF-8', () => {
  expect(textOf(new Uint8Array([0x6d, 0xfc, 0x6c]).buffer)).toEqual({
    text: 'mül',
    encoding: 'windows-1252',
  });
  expect(textOf(new TextEncoder().encode('mül').buffer as ArrayBuffer)).toEqual({
    text: 'mül',
    encoding: 'utf-8',
  });
});

test('ids are made of the name and never used twice', () => {
  expect(freeId('Tom’s “Best” Ünion!', new Set())).toBe('toms-best-union');
  expect(freeId('Chives', new Set(['chives', 'chives-2']))).toBe('chives-3');
  expect(freeId('水仙', new Set())).toBe('plant');
});

test('where only one end of a range is told, the other is a fifth below or above it', () => {
  const height = (least: string, most: string) =>
    read(
      `name,botanical,height_least_cm,height_most_cm\nPale moon sage,Salvia lunaris,${least},${most}\n`,
    ).records[0]!.told.heightCm;
  expect(height('', '50')).toEqual([40, 50]);
  expect(height('50', '')).toEqual([50, 60]);
  expect(height('30', '50')).toEqual([30, 50]);
});
