import * as z from 'zod/mini';

/**
 * What the Diary told last when it was looked at, as plain text: it stands at once at the next visit, before the database and the book
 * are read. A hint kept by this device; nothing that could be missed. What checks it comes beside the page, not before it.
 */
const KEY = 'rillbank-diary-sight';
/** So many entries are kept: a window full. */
export const MOST_TOLD = 16;

const text = z.string().check(z.maxLength(600));
const day = z.string().check(
  z.regex(/^\d{4}-\d\d-\d\d$/),
  z.refine((value) => !Number.isNaN(Date.parse(value))),
);
const sightSchema = z
  .array(z.object({ id: text, day, text, where: text }))
  .check(z.maxLength(MOST_TOLD));

/** An entry as it was told. */
export type ToldEntry = Readonly<z.infer<typeof sightSchema>>[number];

/** @returns none where nothing is known */
export function diarySight(): readonly ToldEntry[] {
  try {
    const kept = window.localStorage.getItem(KEY);
    return kept === null ? [] : (sightSchema.safeParse(JSON.parse(kept)).data ?? []);
  } catch {
    return [];
  }
}

/** Keeps the newest for the next visit; none: what was kept is forgotten. */
export function keepDiarySight(told: readonly ToldEntry[]): void {
  try {
    if (told.length === 0) window.localStorage.removeItem(KEY);
    else window.localStorage.setItem(KEY, JSON.stringify(told.slice(0, MOST_TOLD)));
  } catch {
    // Storage that is full or refused costs a moment at the next visit, no more.
  }
}
