import { bytesOf } from '../records/letters';
import { LARGEST_FILE_BYTES } from './door';
import { parseWith, type Parsed } from './parse';
import { backupFields, backupSchema, MOST_RECORDS, readOurs, type Backup } from './plantingFile';

/** Lists of a backup, in the order in which they are written. */
const LISTS = [
  'spots',
  'plantings',
  'shelf',
  'kinds',
  'kept',
  'groups',
  'entries',
  'photos',
  'weather',
  'marks',
  'unreadable',
] as const;
type List = (typeof LISTS)[number];

/** Room left in a part for what stands around the records, bytes. */
const FRAME_BYTES = 20_000;

/**
 * A backup as the texts of files, each of which can be read again: none larger than a reader takes,
 * none with more records than it takes. One text when that is enough.
 */
export function backupTexts(backup: Backup, mostBytes = LARGEST_FILE_BYTES): readonly string[] {
  const parts: Record<List, string[]>[] = [];
  let [bytes, records] = [Infinity, 0];
  for (const list of LISTS)
    for (const record of pieces(list, backup)) {
      const text = JSON.stringify(record);
      const size = bytesOf(text) + 1;
      if (bytes + size > mostBytes - FRAME_BYTES || records >= MOST_RECORDS) {
        parts.push(emptyLists());
        [bytes, records] = [0, 0];
      }
      parts[parts.length - 1]![list].push(text);
      bytes += size;
      records += 1;
    }
  if (parts.length === 0) parts.push(emptyLists());
  return parts.map((part, i) => {
    const { format, version, written, settings } = backup;
    const head = {
      format,
      version,
      written,
      settings,
      ...(parts.length > 1 ? { part: { number: i + 1, of: parts.length } } : {}),
    };
    const lists = LISTS.map((list) => `"${list}":[${part[list].join(',')}]`).join(',');
    return `${JSON.stringify(head).slice(0, -1)},${lists}}`;
  });
}

function emptyLists(): Record<List, string[]> {
  return Object.fromEntries(LISTS.map((list) => [list, [] as string[]])) as Record<List, string[]>;
}

/** Days of weather in one piece: a spot's many years go into several parts. */
const DAYS_PER_PIECE = 20_000;

/** Records of a list, long ones broken up. */
function pieces(list: List, backup: Backup): readonly unknown[] {
  if (list !== 'weather') return backup[list];
  return backup.weather.flatMap(({ spotId, days }) =>
    Array.from({ length: Math.max(1, Math.ceil(days.length / DAYS_PER_PIECE)) }, (_, i) => ({
      spotId,
      days: days.slice(i * DAYS_PER_PIECE, (i + 1) * DAYS_PER_PIECE),
    })),
  );
}

/**
 * Reads a backup from the texts of its parts, in any order. All of it is taken or none.
 * A generator, so that whoever drives it can tell how far it is and stop.
 */
export function* readBackup(
  texts: readonly string[],
): Generator<{ readonly read: number; readonly of: number }, Parsed<Backup>> {
  const parts: Backup[] = [];
  for (const [i, text] of texts.entries()) {
    yield { read: i, of: texts.length };
    const whole = readOurs(text);
    if (!whole.ok) return whole;
    const part = parseWith<Backup>(backupFields, whole.value);
    if (!part.ok) return part;
    parts.push(part.value);
  }
  yield { read: texts.length, of: texts.length };
  return joined(parts);
}

function joined(parts: readonly Backup[]): Parsed<Backup> {
  const fault = (message: string): Parsed<never> => ({
    ok: false,
    faults: [{ field: 'part', message }],
  });
  const first = parts[0];
  if (!first) return fault('There is no file to read.');
  if (parts.some(({ written }) => written !== first.written))
    return fault('These files are parts of different backups. Choose all parts of one.');
  const of = first.part?.of ?? 1;
  const numbers = new Set(parts.map(({ part }) => part?.number ?? 1));
  if (numbers.size !== of || parts.length !== of)
    return fault(
      `This backup has ${of} parts; ${numbers.size} of them ${numbers.size === 1 ? 'was' : 'were'} chosen. Choose all of them together.`,
    );
  const { part: _, ...head } = first;
  const lists = Object.fromEntries(
    LISTS.map((list) => [list, parts.flatMap((one): readonly unknown[] => one[list])]),
  );
  const whole = { ...head, ...lists } as unknown as Backup;
  return parseWith<Backup>(backupSchema, { ...whole, weather: bySpot(whole.weather) });
}

/** Weather in one list a spot, whatever pieces it came in. */
function bySpot(weather: Backup['weather']): Backup['weather'] {
  const days = new Map<string, Backup['weather'][number]['days']>();
  for (const one of weather) days.set(one.spotId, [...(days.get(one.spotId) ?? []), ...one.days]);
  return [...days].map(([spotId, all]) => ({ spotId, days: all }));
}
