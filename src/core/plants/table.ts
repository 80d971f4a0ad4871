import Papa from 'papaparse';
import type { PlantKind } from './kind';

/** Every fact of every kind, one row a kind, as comma-separated text: what a change to a species or a helper does shows in each row it touches. */
export function plantTable(kinds: readonly PlantKind[]): string {
  const rows = kinds.map((kind) => Object.fromEntries(factsOf(kind, '')));
  const columns = [...new Set(rows.flatMap((row) => Object.keys(row)))];
  const data = [...rows].sort((a, b) => String(a.id).localeCompare(String(b.id), 'en'));
  return `${Papa.unparse({ fields: columns, data: data.map((row) => columns.map((column) => row[column] ?? '')) }, { newline: '\n' })}\n`;
}

/** Facts by dotted name; lists of plain values in one cell. */
function factsOf(value: unknown, name: string): (readonly [string, string])[] {
  if (Array.isArray(value))
    return [
      [name, value.map((one) => (isPlain(one) ? String(one) : JSON.stringify(one))).join(' ')],
    ];
  if (isPlain(value)) return [[name, value === null ? '' : String(value)]];
  return Object.entries(value as object).flatMap(([key, one]) =>
    factsOf(one, name ? `${name}.${key}` : key),
  );
}

const isPlain = (value: unknown): boolean => typeof value !== 'object' || value === null;
