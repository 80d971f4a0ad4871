import { photoFile } from './archive';
import { USUAL_HOUSE } from '../plantings/house';
import Ajv2020 from 'ajv/dist/2020';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { rillbankHalt } from '../../demo/rillbankHalt';
import { kindOf } from '../plants/book/index';
import { LARGEST_FILE_BYTES } from './door';
import {
  fromPlantingFile,
  jsonSchemaOf,
  parseFile,
  toPlantingFile,
  type Backup,
} from './plantingFile';

const { plantings, spots, shelf, groups, entries } = rillbankHalt();
const file = toPlantingFile(
  plantings[0]!,
  spots.find(({ id }) => id === plantings[0]!.spotId)!,
  kindOf,
);
const backup: Backup = {
  format: 'rillbank-backup',
  version: 1,
  written: '2026-05-18T10:00:00Z',
  marks: [{ of: `plantings/${plantings[0]!.id}`, seen: { phone: 3 } }],
  spots: [...spots],
  plantings: [...plantings],
  shelf: [...shelf],
  photos: [
    { id: 'photo', plantingId: plantings[0]!.id, widthPx: 4, heightPx: 3, jpeg: ['/9j/4AAQ'] },
  ],
  kinds: [
    {
      id: 'moon-lily',
      likeId: 'lily-dwarf-white',
      told: { common: 'Moon lily', heightCm: [60, 80] },
      owned: 2,
      note: '',
      favourite: true,
      never: null,
    },
  ],
  settings: { length: 'cm', currency: '£', theme: 'system', house: USUAL_HOUSE },
  kept: [
    {
      id: 'kept',
      plantingId: plantings[0]!.id,
      kind: 'what if',
      name: 'Cooler',
      at: '2026-05-18T10:00:00Z',
      from: null,
      planting: {
        ...plantings[0]!,
        whatIf: 'Cooler',
        places: plantings[0]!.places.map((place) => ({ ...place, turnDeg: 30, locked: true })),
      },
    },
  ],
  groups: [...groups],
  entries: [...entries],
  unreadable: [],
  weather: [{ spotId: spots[0]!.id, days: [['2026-05-17', 6.1, 15.2, 0, 3.1, null]] }],
};
const faultOf = (text: string) => {
  const parsed = parseFile(text);
  return parsed.ok ? null : parsed.faults[0]!;
};
const changed = (change: (data: ReturnType<typeof structuredClone<typeof file>>) => void) => {
  const copy = structuredClone(file);
  change(copy);
  return JSON.stringify(copy);
};

test('a planting and a backup come back as they went', () => {
  expect(parseFile(JSON.stringify(file))).toEqual({ ok: true, value: file });
  expect(parseFile(JSON.stringify(backup))).toEqual({ ok: true, value: backup });
  expect(fromPlantingFile(file, kindOf).planting).toEqual(plantings[0]);
});

test('the demo set is nine containers that parse, each at a spot of the set', () => {
  expect(plantings).toHaveLength(9);
  expect(plantings.filter(({ container }) => container.shape.kind === 'basket')).toHaveLength(4);
});

test.each<[string, string, string, RegExp]>([
  ['not JSON', 'hello', '', /not JSON/],
  ['empty', '  ', '', /empty/],
  ['cut short', JSON.stringify(file).slice(0, 400), '', /ends too soon|not JSON/],
  ['a list', '[]', '', /one JSON object/],
  ['another format', '{"format":"x"}', 'format', /got "x"/],
  [
    'a newer version',
    changed((f) => Object.assign(f, { version: 9 })),
    'version',
    /newer Rillbank \(version 9\)/,
  ],
  [
    'a negative width',
    changed((f) => Object.assign(f.planting.container.shape, { topCm: -4 })),
    'planting.container.shape.topCm',
    /got -4/,
  ],
  [
    'a repeated place',
    changed((f) =>
      Object.assign(f.planting, { places: [f.planting.places[0], f.planting.places[0]] }),
    ),
    'planting.places[1].id',
    /used once/,
  ],
  [
    'an unknown nursery size',
    changed((f) => Object.assign(f.planting.places[0]!, { size: 'barrel' })),
    'planting.places[0].size',
    /got barrel/,
  ],
  ['too large', ' '.repeat(LARGEST_FILE_BYTES + 1), '', /at most 20 MB/],
])('a file that is %s is refused, naming the field', (_, text, field, message) => {
  const fault = faultOf(text);
  expect(fault?.field).toBe(field);
  expect(fault?.message).toMatch(message);
});

test('a backup with two plantings of one id, or a planting at no spot, is refused', () => {
  expect(
    faultOf(JSON.stringify({ ...backup, plantings: [plantings[0], plantings[0]] }))?.message,
  ).toMatch(/used once/);
  expect(faultOf(JSON.stringify({ ...backup, spots: [] }))?.message).toMatch(/does not have/);
  expect(
    faultOf(JSON.stringify({ ...backup, weather: [{ spotId: 'moon', days: [] }] }))?.message,
  ).toMatch(/Weather belongs to a spot the file does not have; got "moon"/);
});

test('a plant the book does not have stays, with what the file said of it, and goes out again', () => {
  const parsed = parseFile(
    changed((f) => {
      Object.assign(f.planting.places[0]!, { kindId: 'moon-lily' });
      f.plants.push({
        id: 'moon-lily',
        botanical: 'Lilium lunare',
        common: 'Moon lily',
        heightCm: [40, 60],
        spreadCm: [20, 30],
      });
    }),
  );
  if (!parsed.ok || parsed.value.format !== 'rillbank-planting') throw new Error('should parse');
  const { planting, spot } = fromPlantingFile(parsed.value, kindOf);
  expect(planting.strangers).toEqual([
    {
      kindId: 'moon-lily',
      name: 'Moon lily',
      told: expect.objectContaining({ botanical: 'Lilium lunare' }),
    },
  ]);
  expect(planting.places[0]!.kindId).toBe('moon-lily');
  expect(toPlantingFile(planting, spot, kindOf).plants).toContainEqual(
    expect.objectContaining({ id: 'moon-lily', botanical: 'Lilium lunare' }),
  );
});

test('the documented JSON Schemas are those of the code, and accept what is written', () => {
  for (const [format, data] of [
    ['planting', file],
    ['backup', backup],
  ] as const) {
    expect(
      JSON.parse(readFileSync(join(__dirname, `../../../docs/${format}.schema.json`), 'utf8')),
    ).toEqual(JSON.parse(JSON.stringify(jsonSchemaOf(format))));
    expect(
      new Ajv2020({ strict: false, formats: { 'date-time': true, date: true } }).compile(
        jsonSchemaOf(format) as object,
      )(data),
    ).toBe(true);
  }
});

test('a photograph lies in an archive under its number from one, and what of its id a file may be called', () => {
  expect(photoFile('tub / 3', 0)).toBe('photographs/00001-tub-3.jpg');
  expect(photoFile('x'.repeat(99), 41)).toBe(`photographs/00042-${'x'.repeat(60)}.jpg`);
});
