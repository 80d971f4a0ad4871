import * as z from 'zod/mini';

/** Where this device keeps which containers the round began with last time: a hint for reading, nothing that could be missed. */
const KEY = 'rillbank-walked-first';
const MANY = 12;

const idsSchema = z.array(z.string().check(z.maxLength(120))).check(z.maxLength(MANY));

/** Ids of the containers the round began with last time; none where that is not known. */
export function firstWalked(): readonly string[] {
  try {
    const read = idsSchema.safeParse(JSON.parse(window.localStorage.getItem(KEY) ?? 'null'));
    return read.success ? read.data : [];
  } catch {
    return [];
  }
}

export function keepFirstWalked(ids: readonly string[]): void {
  try {
    window.localStorage.setItem(KEY, JSON.stringify(ids.slice(0, MANY)));
  } catch {
    // Storage that is full or refused costs a moment at the next visit, no more.
  }
}
