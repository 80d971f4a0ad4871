import * as z from 'zod';

/** Where this device keeps which containers came first on the last round that was shown: a hint for reading, nothing that could be missed. */
const KEY = 'rillbank-walked-first';
const MANY = 12;

const idsSchema = z.array(z.string().max(120)).max(MANY);

/** Ids of the containers that the last round began with; none where nothing is known. */
export function walkedFirst(): readonly string[] {
  try {
    const read = idsSchema.safeParse(JSON.parse(window.localStorage.getItem(KEY) ?? '[]'));
    return read.success ? read.data : [];
  } catch {
    return [];
  }
}

export function keepWalkedFirst(ids: readonly string[]): void {
  try {
    window.localStorage.setItem(KEY, JSON.stringify(ids.slice(0, MANY)));
  } catch {
    // Storage that is full or refused costs a moment at the next round, no more.
  }
}
