import { fromHex } from '../colour/oklch';
import type { OwnKind, Told } from '../plants/own';
import { ownKindSchema } from '../plants/ownSchema';
import { hasControlLetters } from '../records/letters';
import { parseWith } from './parse';
import { PLANT_COLUMNS, type PlantColumn, type PlantMapping } from './plantColumns';
import { faultText } from './plantsReading';
import { fromFormulaSafe } from './text';

/** A text that a spreadsheet would run. One with our own mark before it has been made safe. */
const LIKE_A_FORMULA = /^\s*[=@＝＠]|^\s*[+\-＋－]\s*[a-z(]/i;

interface Row {
  readonly line: number;
  readonly cell: (column: PlantColumn) => string;
  /** The same as it stands in the file. */
  readonly raw: (column: PlantColumn) => string;
}

/** The cells of a line by the columns they stand for. @param line as a spreadsheet counts them */
export function rowOf(cells: readonly string[], line: number, mapping: PlantMapping): Row {
  const raw = (column: PlantColumn) => {
    const at = mapping[column];
    return at == null ? '' : (cells[at] ?? '');
  };
  return { line, raw, cell: (column) => fromFormulaSafe(raw(column).trim()) };
}

/** What a row tells of its plant, and how it stands with the gardener. */
export interface RowRead {
  readonly told: Told;
  readonly stand: Partial<Pick<OwnKind, 'owned' | 'favourite' | 'never' | 'note'>>;
}

/** The words of a row as values, or what is wrong with it. */
export function readRow({ cell, raw }: Row): RowRead | string {
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
