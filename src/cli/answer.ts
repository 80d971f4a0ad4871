import type { Parsed } from '@/core/files/parse';

/** What a verb answers: JSON to write, or why it cannot. */
export type Answer =
  | { readonly kind: 'done'; readonly output: unknown }
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

/** The input as one JSON object; nothing at all is an empty one. */
export function json(
  text: string,
):
  | { readonly ok: true; readonly value: Record<string, unknown> }
  | { readonly ok: false; readonly answer: Answer } {
  if (text.trim() === '') return { ok: true, value: {} };
  try {
    const value: unknown = JSON.parse(text);
    if (typeof value === 'object' && value !== null && !Array.isArray(value))
      return { ok: true, value: value as Record<string, unknown> };
    return { ok: false, answer: bad('The input must hold one JSON object.') };
  } catch (error) {
    return { ok: false, answer: bad(`The input is not JSON: ${(error as Error).message}`) };
  }
}

export function round(value: number): number {
  return Math.round(value * 1000) / 1000;
}
