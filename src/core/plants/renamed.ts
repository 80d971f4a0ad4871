import type { KindId } from './kind';

/** Kinds that once had an id like a trade name or another plant's, by that id: records and files from then go on. */
export const RENAMED: ReadonlyMap<KindId, KindId> = new Map([
  ['salvia-coral-nymph', 'salvia-coral-scarlet'],
  ['fire-sticks', 'pencil-tree-red'],
  ['crassula-campfire', 'crassula-flame'],
  ['princess-flower-trailing', 'spanish-shawl'],
  ['million-bells-yellow', 'calibrachoa-yellow'],
  ['million-bells-coral', 'calibrachoa-coral'],
  ['million-bells-violet', 'calibrachoa-violet'],
  ['million-bells-white', 'calibrachoa-white'],
  ['million-bells-plum', 'calibrachoa-plum'],
  ['million-bells-apricot', 'calibrachoa-apricot'],
  ['million-bells-rose', 'calibrachoa-rose'],
]);

/**
 * A value as read from a file or a record, with every kind under the id it has now.
 * @returns the very same value when it names none that was renamed
 */
export function withKindsNow<T>(value: T): T {
  return renamed(value) as T;
}

/** Kinds that a file still names as they were called, with what they are called now. */
export function renamedIn(text: string): readonly (readonly [was: KindId, is: KindId])[] {
  return [...RENAMED].filter(([was]) => text.includes(`"${was}"`));
}

function renamed(value: unknown): unknown {
  if (typeof value === 'string') return RENAMED.get(value) ?? value;
  if (Array.isArray(value)) {
    const list = value.map(renamed);
    return list.some((one, i) => one !== value[i]) ? list : value;
  }
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).map(([key, one]) => [key, renamed(one)] as const);
  return entries.some(([key, one]) => one !== (value as Record<string, unknown>)[key])
    ? Object.fromEntries(entries)
    : value;
}
