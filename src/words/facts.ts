import type { Library } from '@/core/plants/library';

/** "tallestCm" → "tallest, cm" */
export function factName(name: string): string {
  const spaced = name
    .replace(/([A-Z])/g, ' $1')
    .toLowerCase()
    .trim();
  return spaced.replace(/ (cm|kg|hours|weeks)$/, ', $1');
}

/** A fact of a check as it is shown in its working. */
export function factValue(value: unknown, kindOf: Library['kindOf']): string {
  if (typeof value === 'number') return Number.isInteger(value) ? String(value) : value.toFixed(2);
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (Array.isArray(value))
    return value.length === 0 ? 'none' : value.map((one) => factValue(one, kindOf)).join(', ');
  if (value === null) return 'none';
  if (typeof value === 'object')
    return Object.values(value as object)
      .map((one) => factValue(one, kindOf))
      .join(', ');
  return kindOf(String(value))?.common ?? String(value);
}
