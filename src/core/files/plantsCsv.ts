import Papa from 'papaparse';
import * as z from 'zod';
import { fromHex, toHex, type Oklch } from '../colour/oklch';
import { folded } from '../plants/find';
import type { PlantKind } from '../plants/kind';
import type { Library } from '../plants/library';
import { nearestKind, untold, withTold, type OwnKind, type Told } from '../plants/own';
import { ownKindSchema } from '../plants/ownSchema';
import { finished, type Work } from '../work/steps';
import { hasControlLetters } from '../records/letters';
import { readJson } from './door';
import { parseWith } from './parse';
import { formulaSafe, fromFormulaSafe } from './text';

/** Columns of a plants file, in order. Lengths in cm, temperatures in °C, weeks of the year in the north, colours as #rrggbb. */
export const PLANT_COLUMNS = [
  'common',
  'botanical',
  'height_least_cm',
  'height_most_cm',
  'spread_least_cm',
  'spread_most_cm',
  'trail_least_cm',
  'trail_most_cm',
  'sun_least_h',
  'sun_most_h',
  'water',
  'lowest_c',
  'weeks_to_fill',
  'leaf_colour',
  'flower_colour',
  'flower_from_week',
  'flower_to_week',
  'size',
  'price',
  'owned',
  'favourite',
  'never',
  'note',
] as const;
export type PlantColumn = (typeof PLANT_COLUMNS)[number];

/** Which column of a file stands for which of ours, by place; `null` for none. */
export type PlantMapping = Readonly<Partial<Record<PlantColumn, number | null>>>;

/** Other headings that mean a column. */
const ALIASES: Readonly<Partial<Record<PlantColumn, readonly string[]>>> = {
  common: ['name', 'common name', 'plant'],
  botanical: ['latin', 'latin name', 'botanical name', 'scientific name', 'species'],
  height_most_cm: ['height', 'height cm', 'max height'],
  spread_most_cm: ['spread', 'width', 'spread cm'],
  trail_most_cm: ['trail', 'trail cm'],
  sun_most_h: ['sun', 'hours of sun'],
  water: ['thirst', 'watering'],
  lowest_c: ['hardiness', 'min temp', 'lowest'],
  leaf_colour: ['leaf color', 'foliage colour'],
  flower_colour: ['flower color', 'colour', 'color'],
  owned: ['have', 'quantity', 'qty', 'count'],
  note: ['notes', 'remarks'],
};

export const MOST_PLANTS = 30_000;
/** Lines read between two looks at whether it is still wanted. */
const LINES_A_STEP = 50;
/** Faults and quarrels listed; the rest are counted. */
const LISTED = 50;

/** A value the gardener has already that the file would change. */
export interface Quarrel {
  readonly line: number;
  readonly name: string;
  readonly field: string;
  readonly mine: string;
  readonly theirs: string;
}

export interface PlantsReading {
  readonly headings: readonly string[];
  readonly mapping: PlantMapping;
  /** Records ready to be kept: new kinds, and kinds known with what the file adds. */
  readonly records: readonly OwnKind[];
  readonly added: number;
  readonly changed: number;
  /** Lines that say nothing new. */
  readonly same: number;
  readonly faults: readonly { readonly line: number; readonly message: string }[];
  readonly faulty: number;
  readonly quarrels: readonly Quarrel[];
  readonly quarrelling: number;
}

export type PlantsAnswer =
  | { readonly kind: 'read'; readonly reading: PlantsReading }
  | { readonly kind: 'not a table'; readonly message: string };

/** Our columns by the headings of a file. */
export function guessMapping(headings: readonly string[]): PlantMapping {
  const plain = headings.map((heading) => folded(heading).replace(/[_\s]+/g, ' '));
  return Object.fromEntries(
    PLANT_COLUMNS.map((column) => {
      const names = [column.replaceAll('_', ' '), ...(ALIASES[column] ?? [])];
      const at = plain.findIndex((heading) => names.includes(heading));
      return [column, at < 0 ? null : at];
    }),
  ) as PlantMapping;
}

/** A text that a spreadsheet would run. One with our own mark before it has been made safe. */
const LIKE_A_FORMULA = /^\s*[=@＝＠]|^\s*[+\-＋－]\s*[a-z(]/i;

interface Row {
  readonly line: number;
  readonly cell: (column: PlantColumn) => string;
  /** The same as it stands in the file. */
  readonly raw: (column: PlantColumn) => string;
}

/**
 * Reads plants. Names decide what a line is about: a kind of the gardener's, one of the book, or a new one, guessed from the nearest. A value
 * of the gardener's own is never changed unless `takeTheirs`.
 */
export function readPlantsCsv(...asked: Parameters<typeof readingPlantsCsv>): PlantsAnswer {
  return finished(readingPlantsCsv(...asked));
}

/** The same, line by line; tells how far it is, 0–1. */
export function* readingPlantsCsv(
  text: string,
  library: Library,
  told: {
    readonly mapping?: PlantMapping;
    readonly takeTheirs?: boolean;
    readonly onShare?: (share: number) => void;
  } = {},
): Work<PlantsAnswer> {
  const table = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    skipEmptyLines: 'greedy',
  }).data;
  const headings = (table[0] ?? []).map((heading) => heading.trim());
  if (headings.length < 2 && !headings.some((heading) => /name|common|plant/i.test(heading)))
    return {
      kind: 'not a table',
      message: 'The file must be a table with a line of headings, one of them for the name.',
    };
  if (table.length - 1 > MOST_PLANTS)
    return {
      kind: 'not a table',
      message: `A file has at most ${MOST_PLANTS} plants; got ${table.length - 1}. Nothing was taken in.`,
    };
  const mapping = told.mapping ?? guessMapping(headings);
  if (mapping.common == null)
    return {
      kind: 'read',
      reading: {
        ...NOTHING,
        headings,
        mapping,
        faulty: 1,
        faults: [{ line: 1, message: 'No column is chosen for the common name.' }],
      },
    };
  const names = new Map<string, PlantKind>();
  for (const kind of library.kinds) names.set(nameKey(kind.common, kind.botanical), kind);
  const byCommon = new Map(library.kinds.map((kind) => [folded(kind.common), kind]));
  const taken = new Map<string, number>();
  const records: OwnKind[] = [];
  const faults: { line: number; message: string }[] = [];
  const quarrels: Quarrel[] = [];
  let [added, changed, same, faulty, quarrelling] = [0, 0, 0, 0, 0];
  const ids = new Set(library.kinds.map(({ id }) => id));
  const tried = new Map<string, number>();
  const readLine = (cells: readonly string[], i: number) => {
    const raw = (column: PlantColumn) => {
      const at = mapping[column];
      return at == null ? '' : (cells[at] ?? '');
    };
    const row: Row = { line: i + 2, raw, cell: (column) => fromFormulaSafe(raw(column).trim()) };
    const fault = (message: string) => {
      faulty += 1;
      if (faults.length < LISTED) faults.push({ line: row.line, message });
    };
    const read = readRow(row);
    if (typeof read === 'string') return fault(read);
    const common = read.told.common!;
    const key = nameKey(common, read.told.botanical ?? '');
    const before = taken.get(key);
    if (before !== undefined) return fault(`"${common}" was on line ${before} already.`);
    taken.set(key, row.line);
    const known = read.told.botanical ? names.get(key) : byCommon.get(folded(common));
    if (!known) {
      const like = nearestKind(library.kinds, read.told);
      const id = freeId(common, ids, tried);
      const parsed = parseWith<OwnKind>(ownKindSchema, {
        ...untold(id),
        ...read.stand,
        likeId: like.id,
        told: read.told,
      });
      if (!parsed.ok) return fault(faultText(parsed.faults[0]!));
      ids.add(id);
      records.push(parsed.value);
      added += 1;
      return;
    }
    const mine = library.ownOf(known.id) ?? untold(known.id);
    const fresh = news(known, read.told);
    const merged: Record<string, unknown> = { ...mine.told };
    let news1 = 0;
    for (const [field, theirs] of Object.entries(fresh)) {
      const held = (mine.told as Readonly<Record<string, unknown>>)[field];
      if (held !== undefined && JSON.stringify(held) !== JSON.stringify(theirs)) {
        quarrelling += 1;
        if (quarrels.length < LISTED)
          quarrels.push({
            line: row.line,
            name: common,
            field,
            mine: shown(held),
            theirs: shown(theirs),
          });
        if (!told.takeTheirs) continue;
      }
      merged[field] = theirs;
      news1 += 1;
    }
    const stand = Object.fromEntries(
      Object.entries(read.stand).filter(
        ([field, value]) =>
          JSON.stringify((mine as unknown as Readonly<Record<string, unknown>>)[field]) !==
          JSON.stringify(value),
      ),
    );
    if (news1 === 0 && Object.keys(stand).length === 0) {
      same += 1;
      return;
    }
    const parsed = parseWith<OwnKind>(ownKindSchema, { ...mine, ...stand, told: merged });
    if (!parsed.ok) return fault(faultText(parsed.faults[0]!));
    records.push(parsed.value);
    changed += 1;
  };
  for (const [i, cells] of table.slice(1).entries()) {
    readLine(cells, i);
    if (i % LINES_A_STEP > 0) continue;
    told.onShare?.(i / table.length);
    yield;
  }
  return {
    kind: 'read',
    reading: {
      headings,
      mapping,
      records,
      added,
      changed,
      same,
      faults,
      faulty,
      quarrels,
      quarrelling,
    },
  };
}

/** The gardener's own plants as a file. */
export const plantsFileSchema = z.object({
  format: z.literal('rillbank-plants', { error: 'The format must be rillbank-plants.' }),
  version: z.literal(1, { error: 'The version must be 1.' }),
  plants: z.array(ownKindSchema).max(MOST_PLANTS, `A file has at most ${MOST_PLANTS} plants.`),
});

/** Reads the gardener's own plants from JSON, by their ids. Taken whole or not at all; values of one's own are kept unless `takeTheirs`. */
export function readPlantsJson(text: string, library: Library, takeTheirs = false): PlantsAnswer {
  const read = readJson(text);
  if (!read.ok)
    return { kind: 'not a table', message: `${faultText(read.faults[0]!)} Nothing was taken in.` };
  const parsed = parseWith(plantsFileSchema, read.value);
  if (!parsed.ok)
    return {
      kind: 'not a table',
      message: `${parsed.faults.slice(0, 3).map(faultText).join(' ')} Nothing was taken in.`,
    };
  const records: OwnKind[] = [];
  const quarrels: Quarrel[] = [];
  let [added, changed, same] = [0, 0, 0];
  parsed.value.plants.forEach((theirs, i) => {
    const mine = library.ownOf(theirs.id);
    if (JSON.stringify(mine) === JSON.stringify(theirs)) {
      same += 1;
      return;
    }
    const fights = Object.entries(theirs.told).filter(([field, value]) => {
      const held = (mine?.told as Readonly<Record<string, unknown>> | undefined)?.[field];
      return held !== undefined && JSON.stringify(held) !== JSON.stringify(value);
    });
    for (const [field, value] of fights)
      quarrels.push({
        line: i + 1,
        name: theirs.told.common ?? theirs.id,
        field,
        mine: shown((mine!.told as Readonly<Record<string, unknown>>)[field]),
        theirs: shown(value),
      });
    records.push(
      mine && !takeTheirs ? { ...theirs, ...mine, told: { ...theirs.told, ...mine.told } } : theirs,
    );
    if (library.kindOf(theirs.id)) changed += 1;
    else added += 1;
  });
  return {
    kind: 'read',
    reading: {
      ...NOTHING,
      records,
      added,
      changed,
      same,
      quarrels: quarrels.slice(0, LISTED),
      quarrelling: quarrels.length,
    },
  };
}

const NOTHING = {
  headings: [],
  mapping: {},
  records: [],
  added: 0,
  changed: 0,
  same: 0,
  faults: [],
  faulty: 0,
  quarrels: [],
  quarrelling: 0,
} as const;

const nameKey = (common: string, botanical: string): string =>
  `${folded(common)}|${folded(botanical)}`;

const shown = (value: unknown): string =>
  Array.isArray(value)
    ? value.map((v) => (typeof v === 'number' ? Math.round(v * 100) / 100 : String(v))).join('–')
    : String(value);

const faultText = ({
  field,
  message,
}: {
  readonly field: string;
  readonly message: string;
}): string => (field === '' || message.includes('got') ? message : `${field}: ${message}`);

/** What a row tells, without what the book says already. Colours are compared as they are written. */
function news(known: PlantKind, told: Told): Partial<Told> {
  const bare = JSON.stringify(known);
  const said = (field: string, value: unknown): boolean => {
    switch (field) {
      case 'common':
      case 'botanical':
        return true;
      case 'leafColour':
        return toHex(value as Oklch) === toHex(known.foliage.main);
      case 'flowerColour':
        return known.bloom !== null && toHex(value as Oklch) === toHex(known.bloom.main);
      case 'size':
        return known.sold[0]!.size === value;
      case 'price':
        return known.sold[0]!.price === value;
      default:
        return JSON.stringify(withTold(known, { [field]: value } as Told)) === bare;
    }
  };
  return Object.fromEntries(
    Object.entries(told).filter(([field, value]) => value !== undefined && !said(field, value)),
  ) as Partial<Told>;
}

/** The words of a row as values, or what is wrong with it. */
function readRow({ cell, raw }: Row):
  | {
      readonly told: Told;
      readonly stand: Partial<Pick<OwnKind, 'owned' | 'favourite' | 'never' | 'note'>>;
    }
  | string {
  const common = cell('common');
  if (common === '') return 'The name is empty.';
  for (const column of PLANT_COLUMNS)
    if (hasControlLetters(raw(column))) return `${column} must not hold control letters.`;
  for (const column of ['common', 'botanical', 'note', 'never'] as const)
    if (LIKE_A_FORMULA.test(raw(column)))
      return `${column} must not begin like a formula; got "${cell(column).slice(0, 30)}".`;
  let wrong: string | null = null;
  const number = (column: PlantColumn): number | undefined => {
    const text = cell(column).replace(',', '.').replace('−', '-');
    if (text === '') return undefined;
    const value = Number(text);
    if (Number.isNaN(value))
      wrong ??= `${column} must be a number; got "${cell(column).slice(0, 30)}".`;
    return value;
  };
  const range = (least: PlantColumn, most: PlantColumn): readonly [number, number] | undefined => {
    const [low, high] = [number(least), number(most)];
    return low === undefined && high === undefined
      ? undefined
      : [low ?? high! * 0.8, high ?? low! * 1.2];
  };
  const colour = (column: PlantColumn) => {
    if (cell(column) === '') return undefined;
    const found = fromHex(cell(column));
    if (!found)
      wrong ??= `${column} must be a colour like #aabbcc; got "${cell(column).slice(0, 30)}".`;
    return found ?? undefined;
  };
  const [from, to] = [number('flower_from_week'), number('flower_to_week')];
  const told = {
    common,
    botanical: cell('botanical') || undefined,
    heightCm: range('height_least_cm', 'height_most_cm'),
    spreadCm: range('spread_least_cm', 'spread_most_cm'),
    trailCm: range('trail_least_cm', 'trail_most_cm'),
    hours: range('sun_least_h', 'sun_most_h'),
    thirst: cell('water').toLowerCase() || undefined,
    lowestC: number('lowest_c'),
    weeksToFill: number('weeks_to_fill'),
    leafColour: colour('leaf_colour'),
    flowerColour: colour('flower_colour'),
    flowerWeeks: from !== undefined && to !== undefined ? [from, to] : undefined,
    size: cell('size') || undefined,
    price: number('price'),
  };
  const owned = number('owned');
  const favourite = cell('favourite').toLowerCase();
  if (!['', 'yes', 'no'].includes(favourite))
    wrong ??= `favourite must be yes or no; got "${favourite.slice(0, 30)}".`;
  if (wrong) return wrong;
  const stand = {
    ...(owned !== undefined ? { owned } : {}),
    ...(favourite !== '' ? { favourite: favourite === 'yes' } : {}),
    ...(cell('never') !== '' ? { never: cell('never') } : {}),
    ...(cell('note') !== '' ? { note: cell('note') } : {}),
  };
  const parsed = parseWith<OwnKind>(ownKindSchema, {
    id: 'a',
    likeId: 'a',
    told: Object.fromEntries(Object.entries(told).filter(([, value]) => value !== undefined)),
    ...stand,
  });
  return parsed.ok ? { told: parsed.value.told, stand } : faultText(parsed.faults[0]!);
}

/**
 * An id from a name that nothing else has.
 * @param tried how far each name has been counted: a file of many alike would count from one each time
 */
export function freeId(
  name: string,
  taken: ReadonlySet<string>,
  tried: Map<string, number> = new Map(),
): string {
  const base =
    folded(name)
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 60) || 'plant';
  for (let i = tried.get(base) ?? 1; ; i += 1) {
    const id = i === 1 ? base : `${base}-${i}`;
    if (taken.has(id)) continue;
    tried.set(base, i + 1);
    return id;
  }
}

/** Kinds as comma-separated text, safe to open in a spreadsheet. */
export function toPlantsCsv(kinds: readonly PlantKind[], library: Library): string {
  return `${Papa.unparse({ fields: [...PLANT_COLUMNS], data: kinds.map((kind) => rowOf(kind, library.ownOf(kind.id))) }, { newline: '\n' })}\n`;
}

function rowOf(kind: PlantKind, own: OwnKind | null): (string | number)[] {
  const {
    heightCm: h,
    spreadCm: s,
    trailCm: t,
    light: { hours },
    bloom,
    sold,
  } = kind;
  const cells: Record<PlantColumn, string | number> = {
    common: formulaSafe(kind.common),
    botanical: formulaSafe(kind.botanical),
    height_least_cm: h[0],
    height_most_cm: h[1],
    spread_least_cm: s[0],
    spread_most_cm: s[1],
    trail_least_cm: t?.[0] ?? '',
    trail_most_cm: t?.[1] ?? '',
    sun_least_h: hours[0],
    sun_most_h: hours[1],
    water: kind.thirst,
    lowest_c: kind.lowestC,
    weeks_to_fill: kind.weeksToFill,
    leaf_colour: toHex(kind.foliage.main),
    flower_colour: bloom ? toHex(bloom.main) : '',
    flower_from_week: bloom?.weeks[0] ?? '',
    flower_to_week: bloom?.weeks[1] ?? '',
    size: sold[0]!.size,
    price: sold[0]!.price,
    owned: own?.owned ?? '',
    favourite: own?.favourite ? 'yes' : '',
    never: formulaSafe(own?.never ?? ''),
    note: formulaSafe(own?.note ?? ''),
  };
  return PLANT_COLUMNS.map((column) => cells[column]);
}
