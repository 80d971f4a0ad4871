import { folded } from '../plants/folded';

/**
 * An id from a name that nothing else has.
 * @param tried how far each name has been counted: a file of many alike would count from one each time
 */
export function freeId(
  name: string,
  taken: ReadonlySet<string>,
  tried: Map<string, number> = new Map(),
): string {
  const base =
    folded(name)
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 60) || 'plant';
  for (let i = tried.get(base) ?? 1; ; i += 1) {
    const id = i === 1 ? base : `${base}-${i}`;
    if (taken.has(id)) continue;
    tried.set(base, i + 1);
    return id;
  }
}
