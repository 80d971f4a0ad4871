import Papa from 'papaparse';
import { fromHex, toHex } from '../colour/oklch';
import { MATERIAL_IDS, type MaterialId } from '../containers/materials';
import { SHAPE_KINDS, shapeSchema } from '../containers/schema';
import { usualContainer } from '../containers/usual';
import { shelfItemSchema } from '../shelf/schema';
import type { ShelfItem } from '../shelf/shelf';
import { hasControlLetters } from '../records/letters';
import { parseWith } from './parse';
import { formulaSafe, fromFormulaSafe } from './text';

/** Columns of a shelf file, in order. Lengths in cm, volumes in litres, weights in kg; what a shape does not have stays empty. */
const SHELF_COLUMNS = [
  'name',
  'count',
  'kept',
  'shape',
  'material',
  'top_cm',
  'base_cm',
  'depth_cm',
  'length_cm',
  'width_cm',
  'base_length_cm',
  'base_width_cm',
  'projection_cm',
  'slot_width_cm',
  'slot_height_cm',
  'profile',
  'tiers',
  'outline',
  'shares',
  'wall_cm',
  'liner_cm',
  'feet_cm',
  'reservoir_l',
  'poured_l',
  'weighed_kg',
  'drain_holes',
  'headspace_cm',
  'mix',
  'frostproof',
  'colour',
] as const;
type Column = (typeof SHELF_COLUMNS)[number];

/** Shape fields that are one number each, by column. */
const NUMBERS: Readonly<Partial<Record<Column, string>>> = {
  top_cm: 'topCm',
  base_cm: 'baseCm',
  depth_cm: 'depthCm',
  length_cm: 'lengthCm',
  width_cm: 'widthCm',
  base_length_cm: 'baseLengthCm',
  base_width_cm: 'baseWidthCm',
  projection_cm: 'projectionCm',
  slot_width_cm: 'slotWidthCm',
  slot_height_cm: 'slotHeightCm',
};
const CONTAINER_NUMBERS: Readonly<Partial<Record<Column, string>>> = {
  wall_cm: 'wallCm',
  liner_cm: 'linerCm',
  feet_cm: 'feetCm',
  reservoir_l: 'reservoirL',
  poured_l: 'pouredL',
  weighed_kg: 'weighedKg',
  drain_holes: 'drainHoles',
  headspace_cm: 'headspaceCm',
};

/** Most containers in one file. */
const MOST_CONTAINERS = 2000;
/** Faults listed; the rest are counted. */
const LISTED = 20;

/** The shelf as comma-separated text with a header. */
export function toShelfCsv(items: readonly ShelfItem[]): string {
  return `${Papa.unparse({ fields: [...SHELF_COLUMNS], data: items.map(rowOf) }, { newline: '\n' })}\n`;
}

function rowOf({ container, count, kept }: ShelfItem): (string | number)[] {
  const shape = container.shape as Readonly<Record<string, unknown>>;
  const cells: Partial<Record<Column, string | number>> = {
    name: formulaSafe(container.name),
    count,
    kept: formulaSafe(kept),
    shape: container.shape.kind,
    material: container.material,
    mix: container.mix,
    colour: toHex(container.colour),
    frostproof: container.frostProof === null ? '' : container.frostProof ? 'yes' : 'no',
  };
  for (const [column, field] of Object.entries(NUMBERS))
    if (typeof shape[field] === 'number') cells[column as Column] = shape[field];
  for (const [column, field] of Object.entries(CONTAINER_NUMBERS))
    cells[column as Column] =
      ((container as Readonly<Record<string, unknown>>)[field] as number | undefined) ?? '';
  if (container.shape.kind === 'urn')
    cells.profile = container.shape.profile
      .map(({ heightCm, widthCm }) => `${heightCm}:${widthCm}`)
      .join(' ');
  if (container.shape.kind === 'tiered')
    cells.tiers = container.shape.tiers
      .map(({ topCm, baseCm, depthCm }) => `${topCm}/${baseCm}/${depthCm}`)
      .join(' ');
  if (container.shape.kind === 'outline') {
    cells.outline = container.shape.points.map(([x, z]) => `${x}:${z}`).join(' ');
    cells.shares = container.shape.shares.join(' ');
  }
  return SHELF_COLUMNS.map((column) => cells[column] ?? '');
}

type ShelfReading =
  | { readonly kind: 'read'; readonly items: readonly ShelfItem[] }
  | {
      readonly kind: 'faulty';
      readonly faults: readonly { readonly line: number; readonly message: string }[];
      readonly more: number;
    };

/**
 * Reads a shelf file. Nothing is taken unless every line is right; faults are told with their lines, counted from 1.
 * @param newId a fresh id for each container
 */
export function parseShelfCsv(text: string, newId: () => string): ShelfReading {
  const faults: { line: number; message: string }[] = [];
  const items: ShelfItem[] = [];
  const result = () =>
    faults.length > 0
      ? {
          kind: 'faulty' as const,
          faults: faults.slice(0, LISTED),
          more: Math.max(0, faults.length - LISTED),
        }
      : { kind: 'read' as const, items };
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    skipEmptyLines: 'greedy',
  });
  const broken = errors.find(({ code }) => code !== 'UndetectableDelimiter');
  if (broken)
    faults.push({
      line: (broken.row ?? 0) + 1,
      message:
        'This line cannot be read: a quotation mark is missing, or one too many stands in it.',
    });
  const [header, ...rows] = data;
  if (!header || rows.length === 0) {
    faults.push({ line: 1, message: 'The file must hold a header and a container or more.' });
    return result();
  }
  const columns = header.map((cell) =>
    cell
      .trim()
      .toLowerCase()
      .replace(/[\s-]+/g, '_'),
  );
  columns.forEach((column, i) => {
    if (column !== '' && !(SHELF_COLUMNS as readonly string[]).includes(column))
      faults.push({
        line: 1,
        message: `There is no column "${header[i]!.trim()}". Columns are ${SHELF_COLUMNS.join(', ')}.`,
      });
    else if (column !== '' && columns.indexOf(column) !== i)
      faults.push({ line: 1, message: `The column "${column}" stands there twice.` });
  });
  for (const needed of ['name', 'shape', 'material'] as const)
    if (!columns.includes(needed))
      faults.push({ line: 1, message: `The column "${needed}" is missing.` });
  if (rows.length > MOST_CONTAINERS)
    faults.push({
      line: MOST_CONTAINERS + 2,
      message: `At most ${MOST_CONTAINERS} containers are read from one file; got ${rows.length}.`,
    });
  if (faults.length > 0) return result();
  rows.forEach((row, i) => {
    const cell = (column: Column) => fromFormulaSafe((row[columns.indexOf(column)] ?? '').trim());
    if (row.some(hasControlLetters)) {
      faults.push({ line: i + 2, message: 'A line must not hold control letters.' });
      return;
    }
    const read = itemOf(cell, newId());
    if (typeof read === 'string') faults.push({ line: i + 2, message: read });
    else items.push(read);
  });
  return result();
}

/** One line as a shelf item, or what is wrong with it. */
function itemOf(cell: (column: Column) => string, id: string): ShelfItem | string {
  const number = (column: Column): number | string => {
    const text = cell(column).replace(',', '.');
    const value = Number(text);
    return text !== '' && Number.isFinite(value)
      ? value
      : `${column} must be a number; got "${cell(column)}".`;
  };
  const kind = cell('shape');
  if (!(SHAPE_KINDS as readonly string[]).includes(kind))
    return `shape must be one of ${SHAPE_KINDS.join(', ')}; got "${kind}".`;
  const material = cell('material');
  if (!(MATERIAL_IDS as readonly string[]).includes(material))
    return `material must be one of ${MATERIAL_IDS.join(', ')}; got "${material}".`;
  const raw: Record<string, unknown> = { kind };
  for (const [column, field] of Object.entries(NUMBERS) as [Column, string][]) {
    if (cell(column) === '') continue;
    const value = number(column);
    if (typeof value === 'string') return value;
    raw[field] = value;
  }
  const lists = (column: Column, mark: string) =>
    cell(column)
      .split(/\s+/)
      .filter(Boolean)
      .map((group) => group.split(mark).map(Number));
  if (kind === 'urn')
    raw.profile = lists('profile', ':').map(([heightCm, widthCm]) => ({ heightCm, widthCm }));
  if (kind === 'tiered')
    raw.tiers = lists('tiers', '/').map(([topCm, baseCm, depthCm]) => ({ topCm, baseCm, depthCm }));
  if (kind === 'outline') {
    raw.points = lists('outline', ':');
    raw.shares = lists('shares', ' ').map(([share]) => share);
  }
  // A box or a square whose base is not told narrows no more than usual.
  if (kind === 'box' || kind === 'saddle') {
    if (typeof raw.lengthCm === 'number') raw.baseLengthCm ??= raw.lengthCm;
    if (typeof raw.widthCm === 'number') raw.baseWidthCm ??= raw.widthCm;
  }
  const shape = parseWith(shapeSchema, raw);
  if (!shape.ok) return `${shape.faults[0]!.field}: ${shape.faults[0]!.message}`;
  const told: Record<string, unknown> = {};
  for (const [column, field] of Object.entries(CONTAINER_NUMBERS) as [Column, string][]) {
    if (cell(column) === '') continue;
    const value = number(column);
    if (typeof value === 'string') return value;
    told[field] = value;
  }
  if (told.pouredL !== undefined) told.volumeFrom = 'poured';
  if (cell('mix') !== '') told.mix = cell('mix');
  if (cell('frostproof') !== '') {
    if (!/^(yes|no)$/i.test(cell('frostproof')))
      return `frostproof must be yes, no or empty; got "${cell('frostproof')}".`;
    told.frostProof = cell('frostproof').toLowerCase() === 'yes';
  }
  if (cell('colour') !== '') {
    const colour = fromHex(cell('colour'));
    if (!colour) return `colour must be written like #a0522d; got "${cell('colour')}".`;
    told.colour = colour;
  }
  const count = cell('count') === '' ? 1 : number('count');
  if (typeof count === 'string') return count;
  const item = parseWith(shelfItemSchema, {
    id,
    count,
    kept: cell('kept'),
    demo: false,
    container: {
      ...usualContainer(cell('name') || ' ', shape.value, material as MaterialId),
      ...told,
    },
  });
  return item.ok
    ? item.value
    : `${item.faults[0]!.field.replace(/^container\./, '')}: ${item.faults[0]!.message}`;
}
