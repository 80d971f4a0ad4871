import type { Entry } from './entry';

/** Ids of the plantings that an entry tells of. */
export function toldOf({ of }: Entry): readonly string[] {
  const { plantingId, plantingIds = [] } = of;
  return plantingId === undefined ? plantingIds : [plantingId, ...plantingIds];
}

/**
 * Plantings that something was told of between two readings of one log.
 * @returns `null` when the log lost entries meanwhile: then nothing follows from the new ones alone
 */
export function toldSince(
  before: readonly Entry[],
  now: readonly Entry[],
): ReadonlySet<string> | null {
  const known = new Set(before.map(({ id }) => id));
  const news = now.filter(({ id }) => !known.has(id));
  if (now.length - news.length < before.length) return null;
  return new Set(news.flatMap(toldOf));
}
