import type * as z from 'zod';
import { readJson } from '@/core/files/door';
import { parseWith, type Parsed } from '@/core/files/parse';

/** Units of every answer: centimetres, and figures without a currency. */
export const UNITS = { length: 'cm', currency: '' } as const;

/** What a verb answers: JSON to write, or why it cannot. */
export type Answer =
  | { readonly kind: 'done'; readonly output: unknown }
  /** A file, written as it is. */
  | { readonly kind: 'file'; readonly write: () => Promise<Uint8Array> }
  /** Understood, but not possible: exit code 1. */
  | { readonly kind: 'not possible'; readonly message: string }
  /** Bad input: exit code 2. */
  | { readonly kind: 'bad input'; readonly message: string };

export const bad = (message: string): Answer => ({ kind: 'bad input', message });
export const faultLine = (parsed: Extract<Parsed<unknown>, { ok: false }>): Answer =>
  bad(
    parsed.faults
      .slice(0, 1)
      .map(({ field, message }) => (field ? `${field}: ${message}` : message))
      .join(''),
  );

/**
 * Reads a question whose every field must be one that is known: a slip of the pen is told, not passed over.
 * @param besides fields that are read elsewhere
 */
export function readQuestion<T>(
  schema: z.ZodType<T>,
  value: unknown,
  besides: readonly string[] = [],
): Parsed<T> {
  const parsed = parseWith(schema, value);
  if (!parsed.ok) return parsed;
  const unknown = unknownFields(value, parsed.value).filter((field) => !besides.includes(field));
  if (unknown.length === 0) return parsed;
  return {
    ok: false,
    faults: [
      {
        field: unknown[0]!,
        message: `There is no field “${unknown[0]}” in this question.`,
      },
    ],
  };
}

/** Fields of what was given that did not come through the parse, at any depth. */
function unknownFields(given: unknown, kept: unknown, at = ''): readonly string[] {
  if (Array.isArray(given) && Array.isArray(kept))
    return given.flatMap((one, i) => unknownFields(one, kept[i], `${at}[${i}]`));
  if (!isFields(given) || !isFields(kept)) return [];
  return Object.entries(given).flatMap(([key, value]) => {
    const field = at ? `${at}.${key}` : key;
    if (key in kept) return unknownFields(value, kept[key], field);
    return value === undefined ? [] : [field];
  });
}

function isFields(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** The input as one JSON object; nothing at all is an empty one. */
export function json(
  text: string,
):
  | { readonly ok: true; readonly value: Record<string, unknown> }
  | { readonly ok: false; readonly answer: Answer } {
  if (text.trim() === '') return { ok: true, value: {} };
  const read = readJson(text);
  if (!read.ok) return { ok: false, answer: faultLine(read) };
  return isFields(read.value)
    ? { ok: true, value: { ...read.value } }
    : { ok: false, answer: bad('The input must hold one JSON object.') };
}

export function round(value: number): number {
  return Math.round(value * 1000) / 1000;
}
