import type { PlantKind } from './kind';

/**
 * Records as columns: one list of values for each fact, named by its path. A column in which
 * values recur tells each once and then, record by record, which it is (−1: the record has no such
 * fact). Like values lie together, so that the book travels in two thirds of the bytes.
 */
export interface Packed {
  readonly count: number;
  readonly columns: Readonly<Record<string, Column>>;
}

type Value = unknown;
type Column = { readonly each: readonly Value[] } | Recurring;
interface Recurring {
  readonly values: readonly Value[];
  readonly at: readonly number[];
}

/** A column tells values apart from records when there are at most this many of them a record. */
const RECURS = 0.6;

export function pack(kinds: readonly PlantKind[]): Packed {
  const rows = kinds.map((kind) => new Map(factsOf(kind, '')));
  const names = [...new Set(rows.flatMap((row) => [...row.keys()]))];
  return {
    count: kinds.length,
    columns: Object.fromEntries(names.map((name) => [name, columnOf(rows, name)])),
  };
}

function columnOf(rows: readonly ReadonlyMap<string, Value>[], name: string): Column {
  const values: Value[] = [];
  const known = new Map<string, number>();
  const at = rows.map((row) => {
    if (!row.has(name)) return -1;
    const value = row.get(name);
    const text = JSON.stringify(value);
    const found = known.get(text);
    if (found !== undefined) return found;
    known.set(text, values.length);
    values.push(value);
    return values.length - 1;
  });
  const whole = rows.every((row) => row.has(name));
  if (whole && values.length > rows.length * RECURS)
    return { each: rows.map((row) => row.get(name)) };
  return { values, at };
}

/** Facts by dotted path; lists are values. */
function factsOf(value: Value, path: string): (readonly [string, Value])[] {
  if (Array.isArray(value) || typeof value !== 'object' || value === null) return [[path, value]];
  return Object.entries(value).flatMap(([key, one]) => factsOf(one, path ? `${path}.${key}` : key));
}

/** The records again. Lists that recur are one and the same list in all of them. */
export function unpack({ count, columns }: Packed): readonly PlantKind[] {
  const records: Record<string, Value>[] = Array.from({ length: count }, () => ({}));
  for (const [path, column] of Object.entries(columns)) {
    const keys = path.split('.');
    records.forEach((record, i) => {
      if ('each' in column) put(record, keys, column.each[i]);
      else if ((column.at[i] ?? -1) >= 0) put(record, keys, column.values[column.at[i] ?? -1]);
    });
  }
  // A test holds that they are the book's.
  return records as unknown as readonly PlantKind[];
}

function put(record: Record<string, Value>, keys: readonly string[], value: Value): void {
  let into = record;
  keys.forEach((key, depth) => {
    if (depth === keys.length - 1) into[key] = value;
    else into = (into[key] ??= {}) as Record<string, Value>;
  });
}
