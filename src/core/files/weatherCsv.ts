import Papa from 'papaparse';
import { finished, type Work } from '../work/steps';
import type { DayWeather } from '../climate/weather';

/** What a column of a weather file may hold. */
export const WEATHER_FIELDS = ['date', 'min', 'max', 'rain', 'wind', 'sun'] as const;
export type WeatherField = (typeof WEATHER_FIELDS)[number];

export const DATE_ORDERS = ['year first', 'day first', 'month first'] as const;
export type DateOrder = (typeof DATE_ORDERS)[number];

/** Units a column may be in, by field; the first is what is kept. */
export const WEATHER_UNITS = {
  date: [''],
  min: ['°C', '°F'],
  max: ['°C', '°F'],
  rain: ['mm', 'in'],
  wind: ['m/s', 'km/h', 'mph', 'kn'],
  sun: ['MJ/m²', 'W/m²'],
} as const satisfies Readonly<Record<WeatherField, readonly string[]>>;
export type WeatherUnit = (typeof WEATHER_UNITS)[WeatherField][number];

/** What a person has answered about a file that could not be read without asking. */
export interface CsvAnswers {
  readonly columns?: Readonly<Partial<Record<WeatherField, number>>>;
  readonly units?: Readonly<Partial<Record<WeatherField, WeatherUnit>>>;
  readonly dateOrder?: DateOrder;
}

/** One thing wrong, with the line it stands in, counted from 1. */
export interface LineFault {
  readonly line: number;
  readonly message: string;
}

/** Something to be asked before the file can be read. */
export type CsvQuestion =
  | { readonly about: 'column'; readonly field: WeatherField; readonly header: readonly string[] }
  | {
      readonly about: 'unit';
      readonly field: WeatherField;
      readonly choices: readonly WeatherUnit[];
      readonly sample: readonly string[];
    }
  | {
      readonly about: 'date order';
      readonly choices: readonly DateOrder[];
      readonly sample: readonly string[];
    };

export type CsvReading =
  | {
      readonly kind: 'read';
      readonly days: readonly DayWeather[];
      readonly units: Readonly<Partial<Record<WeatherField, WeatherUnit>>>;
      readonly gaps: readonly {
        readonly after: string;
        readonly line: number;
        readonly days: number;
      }[];
    }
  | { readonly kind: 'asks'; readonly questions: readonly CsvQuestion[] }
  | { readonly kind: 'faulty'; readonly faults: readonly LineFault[]; readonly more: number };

/** Most lines read: three centuries of days. */
export const MOST_LINES = 110_000;
/** Lines read between two looks at whether it is still wanted. */
const LINES_A_STEP = 500;
/** Faults listed; the rest are counted. */
const LISTED = 20;

/** Names by which columns are known, in the languages people's stations speak; compared without case, accents or marks. */
const NAMES: Readonly<Record<WeatherField, RegExp>> = {
  date: /^(date|day|datum|fecha|data|time|yyyymmdd|obsdate|dt)/,
  min: /^(t?min|mintemp|temperaturemin|low|tn|tempmin|minimum|lowest|airtempmin)/,
  max: /^(t?max|maxtemp|temperaturemax|high|tx|tempmax|maximum|highest|airtempmax)/,
  rain: /^(rain|precip|prcp|pcp|rr|rainfall|niederschlag|pluie|lluvia|ppt)/,
  wind: /^(wind|ws|ff|windspeed|vent|viento)/,
  sun: /^(sun|solar|radiation|globalrad|rs|srad|radiacion)/,
};

const UNIT_MARKS: readonly (readonly [RegExp, WeatherUnit])[] = [
  [/°\s*c|\bdeg\s*c|celsius|\(c\)|\[c\]|_c$/i, '°C'],
  [/°\s*f|\bdeg\s*f|fahrenheit|\(f\)|\[f\]|_f$/i, '°F'],
  [/\bmm\b|_mm/i, 'mm'],
  [/\binch(es)?\b|\(in\)|\[in\]|_in$/i, 'in'],
  [/km\/?h|kph|kmh/i, 'km/h'],
  [/\bmph\b/i, 'mph'],
  [/\bkn\b|knots?|\bkt\b/i, 'kn'],
  [/m\/s|\bms-1\b|mps/i, 'm/s'],
  [/mj/i, 'MJ/m²'],
  [/w\/?m/i, 'W/m²'],
];

/** Turns a number into the unit that is kept. */
function convert(value: number, unit: WeatherUnit): number {
  switch (unit) {
    case '°F':
      return (value - 32) / 1.8;
    case 'in':
      return value * 25.4;
    case 'km/h':
      return value / 3.6;
    case 'mph':
      return value * 0.44704;
    case 'kn':
      return value * 0.514444;
    case 'W/m²':
      return value * 0.0864;
    default:
      return value;
  }
}

/** Limits of what weather is, in kept units. */
const LIMITS: Readonly<Record<Exclude<WeatherField, 'date'>, readonly [number, number, string]>> = {
  min: [-90, 60, '°C'],
  max: [-90, 60, '°C'],
  rain: [0, 2000, 'mm'],
  wind: [0, 110, 'm/s'],
  sun: [0, 50, 'MJ/m²'],
};

/**
 * Reads a plain CSV of daily weather: date, lowest, highest, rain; wind and sun if there are. Columns and units are recognised by their
 * names; what cannot be told is asked, never guessed. All of it is right, or nothing is taken.
 */
export function readWeatherCsv(text: string, answers: CsvAnswers = {}): CsvReading {
  return finished(readingWeatherCsv(text, answers));
}

/** The same, some lines at a time. */
export function* readingWeatherCsv(text: string, answers: CsvAnswers = {}): Work<CsvReading> {
  const faulty = (line: number, message: string): CsvReading => ({
    kind: 'faulty',
    faults: [{ line, message }],
    more: 0,
  });
  const plain = text.replace(/^\uFEFF/, '');
  if (plain.trim() === '') return faulty(1, 'The file is empty.');
  if (plain.includes('\u0000')) return faulty(1, 'The file is not text.');
  const parsed = Papa.parse<string[]>(plain, {
    skipEmptyLines: 'greedy',
    delimitersToGuess: [',', ';', '\t', '|'],
  });
  const rows = parsed.data;
  const header = (rows[0] ?? []).map((cell) => cell.trim());
  if (rows.length < 2) return faulty(1, 'The file has a heading and no days below it.');
  if (rows.length - 1 > MOST_LINES)
    return faulty(
      MOST_LINES + 2,
      `The file must hold at most ${MOST_LINES} days; it has ${rows.length - 1}. Nothing was taken in.`,
    );
  if (header.every((cell) => /^[-\d./\s]*$/.test(cell)))
    return faulty(
      1,
      `The first line must name the columns, as in "date,min,max,rain"; it reads "${header.join(',').slice(0, 60)}".`,
    );
  const columns = columnsOf(header, answers.columns);
  const missing = (['date', 'min', 'max', 'rain'] as const).filter(
    (field) => columns[field] === undefined,
  );
  if (missing.length > 0)
    return {
      kind: 'asks',
      questions: missing.map((field) => ({ about: 'column', field, header })),
    };
  const questions: CsvQuestion[] = [];
  const order =
    answers.dateOrder ?? dateOrderOf(rows.slice(1).map((row) => row[columns.date!] ?? ''));
  if (order === null)
    questions.push({
      about: 'date order',
      choices: ['day first', 'month first'],
      sample: rows.slice(1, 4).map((row) => row[columns.date!] ?? ''),
    });
  const units: Partial<Record<WeatherField, WeatherUnit>> = {};
  for (const field of WEATHER_FIELDS) {
    const at = columns[field];
    if (at === undefined || field === 'date') continue;
    const cells = rows.slice(1).map((row) => (row[at] ?? '').trim());
    const unit = answers.units?.[field] ?? unitOf(field, header[at]!, cells);
    if (unit === null)
      questions.push({
        about: 'unit',
        field,
        choices: WEATHER_UNITS[field],
        sample: cells.slice(0, 3),
      });
    else units[field] = unit;
  }
  if (questions.length > 0) return { kind: 'asks', questions };
  return yield* readRows(rows, columns as Columns, units, order!);
}

type Columns = {
  readonly date: number;
  readonly min: number;
  readonly max: number;
  readonly rain: number;
  readonly wind?: number;
  readonly sun?: number;
};

function columnsOf(
  header: readonly string[],
  told: CsvAnswers['columns'],
): Partial<Record<WeatherField, number>> {
  const plain = header.map((cell) =>
    cell
      .normalize('NFD')
      .toLowerCase()
      .replace(/[\u0300-\u036f]/g, '')
      .replace(/[^a-z]/g, ''),
  );
  const columns: Partial<Record<WeatherField, number>> = {};
  for (const field of WEATHER_FIELDS) {
    const at = told?.[field] ?? plain.findIndex((name) => NAMES[field].test(name));
    if (at >= 0) columns[field] = at;
  }
  return columns;
}

/** Unit of a column from its name or its cells; temperatures that could be nothing else are told apart by their size. `null`: must be asked. */
function unitOf(
  field: Exclude<WeatherField, 'date'>,
  name: string,
  cells: readonly string[],
): WeatherUnit | null {
  const allowed: readonly string[] = WEATHER_UNITS[field];
  const marked = (text: string) =>
    UNIT_MARKS.find(([mark, unit]) => allowed.includes(unit) && mark.test(text))?.[1];
  const named = marked(name) ?? marked(cells.find((cell) => /[a-z°]/i.test(cell)) ?? '');
  if (named) return named;
  const values = cells
    .map(numberOf)
    .filter((value): value is number => value !== null)
    .sort((a, b) => a - b);
  const middle = values[Math.floor(values.length / 2)] ?? 0;
  // A middling highest above 45 is no place's in °C, a middling one below 32 few places' in °F: between them somebody must say.
  if (field === 'min' || field === 'max')
    return middle > (field === 'max' ? 45 : 38) ? '°F' : middle < 32 ? '°C' : null;
  if (field === 'rain')
    return values.some((value) => value > 15)
      ? 'mm'
      : values.every((value) => value === 0)
        ? 'mm'
        : null;
  return null;
}

function numberOf(cell: string): number | null {
  const match = /^\s*([-+−]?\d+(?:[.,]\d+)?|[-+−]?[.,]\d+)\s*(?:°?\s*[a-z/²]*\d?)?\s*$/i.exec(cell);
  return match ? Number(match[1]!.replace(',', '.').replace('−', '-')) : null;
}

/** Order of the parts of dates, from the whole file: a part above 12 tells. `null` when every date could be read both ways. */
function dateOrderOf(cells: readonly string[]): DateOrder | null {
  let [day, month] = [false, false];
  for (const cell of cells) {
    if (/^\s*\d{4}[-/.]?\d/.test(cell)) return 'year first';
    const parts = /^\s*(\d{1,2})[-/. ](\d{1,2})[-/. ]\d{4}/.exec(cell);
    if (!parts) continue;
    if (Number(parts[1]) > 12) day = true;
    if (Number(parts[2]) > 12) month = true;
  }
  if (day) return 'day first';
  if (month) return 'month first';
  const yearLast = cells.some((cell) => /^\s*\d{1,2}[-/. ]\d{1,2}[-/. ]\d{4}/.test(cell));
  return !yearLast && cells.some((cell) => /\d/.test(cell)) ? 'year first' : null;
}

function dateOf(cell: string, order: DateOrder): string | null {
  const parts =
    order === 'year first'
      ? /^\s*(\d{4})[-/.]?(\d{1,2})[-/.]?(\d{1,2})(?:[T\s].*)?$/.exec(cell)
      : /^\s*(\d{1,2})[-/. ](\d{1,2})[-/. ](\d{4})(?:[T\s].*)?$/.exec(cell);
  if (!parts) return null;
  const [a, b, c] = [Number(parts[1]), Number(parts[2]), Number(parts[3])];
  const [year, month, day] =
    order === 'year first' ? [a, b, c] : order === 'day first' ? [c, b, a] : [c, a, b];
  const date = new Date(Date.UTC(year, month - 1, day));
  return date.getUTCMonth() === month - 1 && date.getUTCDate() === day && year > 1700 && year < 2200
    ? date.toISOString().slice(0, 10)
    : null;
}

function* readRows(
  rows: readonly string[][],
  columns: Columns,
  units: Readonly<Partial<Record<WeatherField, WeatherUnit>>>,
  order: DateOrder,
): Work<CsvReading> {
  const faults: LineFault[] = [];
  let more = 0;
  const fault = (line: number, message: string) =>
    faults.length < LISTED ? void faults.push({ line, message }) : void (more += 1);
  const seen = new Map<string, number>();
  const days: (DayWeather & { readonly line: number })[] = [];
  for (let i = 1; i < rows.length; i += 1) {
    if (i % LINES_A_STEP === 0) yield;
    const row = rows[i]!;
    const line = i + 1;
    const date = dateOf(row[columns.date] ?? '', order);
    if (!date) {
      fault(line, `Date must be a day, ${order}; got "${(row[columns.date] ?? '').slice(0, 30)}".`);
      continue;
    }
    const before = seen.get(date);
    if (before !== undefined) {
      fault(line, `${date} stands here again; it stood in line ${before}.`);
      continue;
    }
    seen.set(date, line);
    const values: Partial<Record<WeatherField, number>> = {};
    let right = true;
    for (const field of ['min', 'max', 'rain', 'wind', 'sun'] as const) {
      const at = columns[field];
      if (at === undefined) continue;
      const cell = (row[at] ?? '').trim();
      if (cell === '' && (field === 'wind' || field === 'sun')) continue;
      const value = numberOf(cell);
      const [least, most, unit] = LIMITS[field];
      const own = UNIT_MARKS.find(
        ([mark, u]) =>
          /[a-z°]/i.test(cell) &&
          (WEATHER_UNITS[field] as readonly string[]).includes(u) &&
          mark.test(cell),
      )?.[1];
      const kept = value === null ? null : convert(value, units[field]!);
      if (kept === null)
        fault(line, `${TITLES[field]} must be a number; got "${cell.slice(0, 30)}".`);
      else if (own && own !== units[field])
        fault(
          line,
          `${TITLES[field]} is in ${units[field]} in this file; here it says "${cell.slice(0, 30)}".`,
        );
      else if (kept < least || kept > most)
        fault(
          line,
          `${TITLES[field]} must be ${least}–${most} ${unit}; got ${cell}${units[field] === unit ? '' : ` ${units[field]}`}.`,
        );
      else {
        values[field] = Math.round(kept * 100) / 100;
        continue;
      }
      right = false;
    }
    if (!right) continue;
    if (values.min! > values.max! + 0.05) {
      fault(line, `The lowest (${values.min} °C) is above the highest (${values.max} °C).`);
      continue;
    }
    days.push({
      date,
      minC: values.min!,
      maxC: values.max!,
      rainMm: values.rain!,
      windMs: values.wind ?? null,
      radiationMJ: values.sun ?? null,
      line,
    });
  }
  if (faults.length > 0) return { kind: 'faulty', faults, more };
  days.sort((a, b) => (a.date < b.date ? -1 : 1));
  const gaps = days.flatMap((day, i) => {
    const before = days[i - 1];
    const missing = before
      ? Math.round((Date.parse(day.date) - Date.parse(before.date)) / 86_400_000) - 1
      : 0;
    return missing > 0 ? [{ after: before!.date, line: before!.line, days: missing }] : [];
  });
  return { kind: 'read', days: days.map(({ line: _, ...day }) => day), units, gaps };
}

const TITLES: Readonly<Record<Exclude<WeatherField, 'date'>, string>> = {
  min: 'Lowest',
  max: 'Highest',
  rain: 'Rain',
  wind: 'Wind',
  sun: 'Sun',
};
