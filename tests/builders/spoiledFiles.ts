import { backupTexts, readBackup } from '@/core/files/backupParts';
import { parseWith } from '@/core/files/parse';
import {
  fromPlantingFile,
  parseFile,
  toPlantingFile,
  type Backup,
  type PlantingFile,
} from '@/core/files/plantingFile';
import { readPlantsCsv } from '@/core/files/plantsCsv';
import { readPlantsJson } from '@/core/files/plantsJson';
import { readRoundFile, roundFile } from '@/core/files/roundFile';
import { parseShelfCsv, toShelfCsv } from '@/core/files/shelfCsv';
import { readWeatherCsv } from '@/core/files/weatherCsv';
import { read as readingOf } from '@/core/checks/reading';
import { BOOK } from '@/core/plants/book/index';
import { libraryOf } from '@/core/plants/library';
import { ownKindSchema } from '@/core/plants/ownSchema';
import { USUAL_HOUSE } from '@/core/plantings/house';
import { inSpot, type Planting } from '@/core/plantings/planting';
import { readPalette } from '@/core/colour/palette';
import { schemeSchema } from '@/core/plantings/schema';
import { hash01 } from '@/core/random/hash';
import { shelfItemSchema } from '@/core/shelf/schema';
import type { Spot } from '@/core/spots/spot';
import { TABLES } from '@/data/tables';
import { rillbankHalt } from '@/demo/rillbankHalt';

const LIBRARY = libraryOf(BOOK, [], 'european');
const { plantings, spots, shelf, groups, entries } = rillbankHalt();

/** What came of reading a file: what was said of it, and how many records would be kept. */
interface Came {
  readonly messages: readonly string[];
  readonly kept: number;
}

/** A format: a good file of it, and its door. What it lets in is opened as a room does; a door that lets in what no room can open throws. */
interface Format {
  readonly name: string;
  readonly good: string;
  readonly read: (text: string) => Came;
}

const refused = (faults: readonly { readonly message: string }[]): Came => ({
  messages: faults.map(({ message }) => message),
  kept: 0,
});

/** As the Bench does when it is opened. */
function opens(planting: Planting, spot: Spot): void {
  const it = inSpot(planting, spot, LIBRARY.kindOf, USUAL_HOUSE);
  readingOf(it).grown();
}

function opensAll(backup: Backup): void {
  const stored: Readonly<Record<string, readonly unknown[]>> = {
    plantings: backup.plantings,
    spots: backup.spots,
    shelf: backup.shelf,
    groups: backup.groups,
    entries: backup.entries,
    kinds: backup.kinds,
  };
  for (const [table, records] of Object.entries(stored))
    for (const record of records) {
      const again = parseWith(TABLES[table as keyof typeof TABLES].schema as never, record);
      if (!again.ok) throw new Error(`${table} let in what cannot be stored`);
    }
  for (const planting of backup.plantings)
    opens(
      planting,
      backup.spots.find(({ id }) => id === planting.spotId)!,
    );
}

const planting = plantings[0]!;
const spot = spots.find(({ id }) => id === planting.spotId)!;
const backup: Backup = {
  format: 'rillbank-backup',
  version: 1,
  written: '2026-05-18T10:00:00Z',
  spots: spots.slice(0, 2),
  plantings: plantings
    .filter(({ spotId }) => spots.slice(0, 2).some(({ id }) => id === spotId))
    .slice(0, 2),
  shelf: shelf.slice(0, 2),
  kinds: [],
  kept: [],
  groups: groups.slice(0, 1).map((group) => ({ ...group, members: [] })),
  entries: entries.slice(0, 8),
  photos: [],
  marks: [{ of: 'plantings/tub', seen: { phone: 2, desk: 1 } }],
  settings: { length: 'cm', currency: '£', theme: 'system' },
  weather: [{ spotId: spots[0]!.id, days: [['2026-05-01', 4, 11, 3, null, null]] }],
  unreadable: [],
} as unknown as Backup;

export const FORMATS: readonly Format[] = [
  {
    name: 'planting',
    good: JSON.stringify(toPlantingFile(planting, spot, LIBRARY.kindOf)),
    read: (text) => {
      const file = parseFile(text);
      if (!file.ok) return refused(file.faults);
      if (file.value.format === 'rillbank-backup') opensAll(file.value);
      else {
        const found = fromPlantingFile(file.value as PlantingFile, LIBRARY.kindOf);
        opens(found.planting, found.spot);
      }
      return { messages: [], kept: 1 };
    },
  },
  {
    name: 'backup',
    good: backupTexts(backup)[0]!,
    read: (text) => {
      const reading = readBackup([text]);
      for (let step = reading.next(); ; step = reading.next()) {
        if (!step.done) continue;
        if (!step.value.ok) return refused(step.value.faults);
        opensAll(step.value.value);
        return { messages: [], kept: step.value.value.plantings.length };
      }
    },
  },
  {
    name: 'plants CSV',
    good: 'name,botanical,height_least_cm,height_most_cm,owned\nPale moon sage,Salvia lunaris,50,80,\nBoston fern,Nephrolepis exaltata,,,3\nChives,Allium schoenoprasum,,,\n',
    read: (text) => plants(readPlantsCsv(text, LIBRARY)),
  },
  {
    name: 'plants JSON',
    good: JSON.stringify({
      format: 'rillbank-plants',
      version: 1,
      plants: [
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
    }),
    read: (text) => plants(readPlantsJson(text, LIBRARY)),
  },
  {
    name: 'shelf CSV',
    good: toShelfCsv(shelf),
    read: (text) => {
      let nth = 0;
      const found = parseShelfCsv(text, () => `shelf-${(nth += 1)}`);
      if (found.kind === 'faulty') return refused(found.faults);
      for (const item of found.items)
        if (!parseWith(shelfItemSchema, item).ok)
          throw new Error('the shelf let in what cannot be stored');
      return { messages: [], kept: found.items.length };
    },
  },
  {
    name: 'weather CSV',
    good: `date,min °C,max °C,rain mm\n${Array.from({ length: 20 }, (_, i) => `2026-05-${String(i + 1).padStart(2, '0')},${4 + (i % 5)},${11 + (i % 7)},${i % 3}`).join('\n')}`,
    read: (text) => {
      const found = readWeatherCsv(text);
      if (found.kind === 'faulty') return refused(found.faults);
      if (found.kind === 'asks') return { messages: [], kept: 0 };
      if (!parseWith(TABLES.weather.schema, { spotId: 'spot', days: found.days }).ok)
        throw new Error('the weather let in what cannot be stored');
      return { messages: [], kept: found.days.length };
    },
  },
  {
    name: 'palette',
    good: 'Name: the sign board\n 63 125  92 leaf\n',
    read: (text) => {
      const found = readPalette(text, 'board.gpl');
      if (!found.ok) return refused([found]);
      const { colours } = found;
      if (!parseWith(schemeSchema, { kind: 'palette', colours }).ok)
        throw new Error('the palette let in what cannot be wished for');
      return { messages: [], kept: colours.length };
    },
  },
  {
    name: 'round',
    good: JSON.stringify(
      roundFile(entries.slice(-30), {
        today: '2026-07-16',
        from: 'the early one',
        word: 'The barrow was dry.',
        open: [],
      }),
    ),
    read: (text) => {
      const found = readRoundFile(text);
      if (!found.ok) return refused(found.faults);
      for (const entry of found.value.entries)
        if (!parseWith(TABLES.entries.schema, entry).ok)
          throw new Error('the round let in what cannot be stored');
      return { messages: [], kept: found.value.entries.length };
    },
  },
];

/** A good archive: the backup, with two photographs. */
export async function goodArchive(): Promise<Uint8Array> {
  const { writeArchive } = await import('@/data/archive');
  const bytes = Uint8Array.from({ length: 900 }, (_, i) => [0xff, 0xd8, 0xff][i] ?? i % 251);
  const jpeg = [Buffer.from(bytes).toString('base64')];
  const { file } = await writeArchive(backup, {
    photoIds: ['one', 'two'],
    photo: async (id) => ({ id, plantingId: planting.id, widthPx: 4, heightPx: 3, jpeg }),
    signal: new AbortController().signal,
    onShare: () => undefined,
  });
  return new Uint8Array(await file.arrayBuffer());
}

/** An archive, opened as far as it can be: its backup read, its photographs looked at. */
export async function readArchive(bytes: Uint8Array): Promise<Came> {
  const { openArchive } = await import('@/data/archive');
  const opened = await openArchive(new Blob([bytes as BlobPart]));
  if (!opened.ok) return refused(opened.faults);
  let kept = 0;
  for (const filed of opened.value.photographs) if (await opened.value.photo(filed)) kept += 1;
  await opened.value.close();
  const inside = FORMATS.find(({ name }) => name === 'backup')!.read(opened.value.texts[0] ?? '');
  return inside.messages.length > 0 ? inside : { messages: [], kept };
}

/** Bytes changed, cut out, doubled or cut off. */
export function spoiledBytes(good: Uint8Array, seed: number, nth: number): Uint8Array {
  const at = (k: number) => hash01(seed, nth, k);
  const from = Math.floor(at(1) * good.length);
  const long = 1 + Math.floor(30 * at(2) ** 2);
  const way = at(3);
  if (way < 0.1) return good.slice(0, from);
  const [before, after] = [good.slice(0, from), good.slice(from + (way < 0.7 ? long : 0))];
  const middle = Uint8Array.from({ length: way < 0.85 ? long : 0 }, (_, i) =>
    Math.floor(256 * at(9 + i)),
  );
  return Uint8Array.from([...before, ...middle, ...after]);
}

function plants(answer: ReturnType<typeof readPlantsCsv>): Came {
  if (answer.kind === 'not a table') return refused([answer]);
  for (const record of answer.reading.records)
    if (!parseWith(ownKindSchema, record).ok)
      throw new Error('plants let in what cannot be stored');
  return {
    messages: answer.reading.faults.map(({ message }) => message),
    kept: answer.reading.records.length,
  };
}

/** What a damaged disk, a spreadsheet, a careless editor or somebody of ill will puts in the place of what was there. */
const ODD: readonly string[] = [
  '',
  '\u0000',
  '\u202e',
  '\u200d',
  '\ud800',
  '"',
  '\\',
  ',',
  ';',
  '\n',
  '{',
  ']',
  '-',
  '1e309',
  '-0',
  '999999999999999999999',
  'null',
  'true',
  'NaN',
  '=cmd()',
  '<script>',
  '__proto__',
  'é'.normalize('NFD'),
  'x'.repeat(5000),
  '[['.repeat(400),
];

/** A good file, spoiled in one to four places. The same for the same seed and number. */
export function spoiled(good: string, seed: number, nth: number): string {
  let text = good;
  const at = (k: number) => hash01(seed, nth, k);
  for (let k = 0; k <= Math.floor(4 * at(0) ** 2); k += 1) {
    const from = Math.floor(at(10 + 7 * k) * (text.length + 1));
    const odd = ODD[Math.floor(at(11 + 7 * k) * ODD.length)]!;
    const long = 1 + Math.floor(40 * at(12 + 7 * k) ** 3);
    const way = at(13 + 7 * k);
    if (way < 0.35) text = text.slice(0, from) + odd + text.slice(from + long);
    else if (way < 0.5) text = text.slice(0, from) + odd + text.slice(from);
    else if (way < 0.6)
      text = text.slice(0, from) + text.slice(from, from + 200) + text.slice(from);
    else if (way < 0.65) text = text.slice(0, from);
    // A number, or a word between quotes, where the eye would not look twice.
    else text = inPlace(text, from, odd, way);
  }
  return text;
}

function inPlace(text: string, from: number, odd: string, way: number): string {
  const pattern = way < 0.85 ? /-?\d+(\.\d+)?/g : /"[^"]*"/g;
  pattern.lastIndex = from;
  const found = pattern.exec(text);
  if (!found) return text;
  const is = way < 0.85 ? odd || '0' : `"${odd.replace(/["\\\n\u0000]/g, '')}"`;
  return text.slice(0, found.index) + is + text.slice(found.index + found[0].length);
}

/** Is it said as Rillbank says things, and not as a library does? */
export const isInOurWords = (message: string): boolean =>
  /^[\p{L}“"▲\d]/u.test(message) &&
  /[.?]$/.test(message) &&
  !/invalid|expected .* received|zod|undefined|\[object|unexpected token|too (big|small)/i.test(
    message,
  );
