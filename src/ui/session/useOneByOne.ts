import { useEffect, useState } from 'react';
import { restLeft } from './scrolling';

/** Works of a list are done together for so long, ms: less than a frame. */
const SLICE_MS = 8;

/**
 * Works through a list a little at a time, one item a task where an item takes longer than a slice, so that the page goes on in
 * between; not at all while it scrolls. A new list is begun from its start.
 * @returns the last list that was done, with what came of each item; `null` before the first
 */
export function useOneByOne<T, R>(
  items: readonly T[],
  work: (item: T) => R,
): { readonly of: readonly T[]; readonly results: readonly R[] } | null {
  const [done, setDone] = useState<{
    readonly of: readonly T[];
    readonly results: readonly R[];
  } | null>(null);
  useEffect(() => {
    const results: R[] = [];
    const next = (): void => {
      const left = restLeft();
      if (left > 0) {
        timer = setTimeout(next, left);
        return;
      }
      const from = performance.now();
      while (results.length < items.length) {
        results.push(work(items[results.length]!));
        if (performance.now() - from >= SLICE_MS) break;
      }
      if (results.length < items.length) timer = setTimeout(next);
      else setDone({ of: items, results });
    };
    let timer = setTimeout(next);
    return () => clearTimeout(timer);
  }, [items, work]);
  return done;
}
