/**
 * Where this device keeps which containers the round began with last time: a hint for reading, nothing that could be missed.
 * An id a line, so that nothing but its length is to be checked.
 */
const KEY = 'rillbank-round-from';
const MANY = 12;
const LONGEST_ID = 120;

/** Ids of the containers the round began with last time; none where that is not known. */
export function firstWalked(): readonly string[] {
  try {
    const ids = (window.localStorage.getItem(KEY) ?? '').split('\n');
    return ids.filter((id) => id !== '' && id.length <= LONGEST_ID).slice(0, MANY);
  } catch {
    return [];
  }
}

export function keepFirstWalked(ids: readonly string[]): void {
  try {
    window.localStorage.setItem(KEY, ids.slice(0, MANY).join('\n'));
  } catch {
    // Storage that is full or refused costs a moment at the next visit, no more.
  }
}
