import { useEffect, useState } from 'react';

/**
 * Works through a list one item a task, so that the page goes on in between: for work of some tens of milliseconds an item. A new list
 * is begun from its start.
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
      if (results.length < items.length) results.push(work(items[results.length]!));
      if (results.length < items.length) timer = setTimeout(next);
      else setDone({ of: items, results });
    };
    let timer = setTimeout(next);
    return () => clearTimeout(timer);
  }, [items, work]);
  return done;
}
