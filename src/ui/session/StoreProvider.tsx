'use client';

import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import type { Settings } from '@/core/files/plantingFile';
import type { Store } from '@/data/store';
import { USUAL_SETTINGS } from '@/data/usualSettings';

const StoreContext = createContext<Store | null>(null);

/** Opens the browser's database once the page runs, and fills it with the demo set on a first demo start. */
export function StoreProvider({
  demo,
  children,
}: {
  readonly demo: boolean;
  readonly children: ReactNode;
}) {
  const [store, setStore] = useState<Store | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  useEffect(() => {
    const start = async () => {
      // Storage is loaded beside the page, not before it.
      const opened = (await import('@/data/store')).openStore();
      if (demo && (await opened.isEmpty())) {
        const demoSet = (await import('@/demo/rillbankHalt')).rillbankHalt();
        await opened.addAll(demoSet);
        await opened.setSettings({});
      }
      setStore(opened);
    };
    start().catch((error: unknown) =>
      setTrouble(error instanceof Error ? error.message : String(error)),
    );
  }, [demo]);
  if (trouble)
    return (
      <p role="alert" className="m-6 bg-paper p-4 text-[15px]">
        The browser would not open its storage, so nothing can be kept here: {trouble}
      </p>
    );
  return <StoreContext.Provider value={store}>{children}</StoreContext.Provider>;
}

/** @returns `null` until the database is open */
export function useStore(): Store | null {
  return useContext(StoreContext);
}

/** A live reading of the store: again after every change, in this tab or another. `undefined` while it first loads. */
export function useLive<T>(
  query: (store: Store) => Promise<T>,
  dependencies: readonly unknown[] = [],
): T | undefined {
  const store = useStore();
  const [answer, setAnswer] = useState<T>();
  const [trouble, setTrouble] = useState<unknown>(null);
  useEffect(
    () => store?.watch(query, setAnswer, setTrouble),
    // The query is a new function at every render; what it reads is told by the dependencies.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [store, ...dependencies],
  );
  if (trouble) throw trouble;
  return answer;
}

export function useSettings(): Settings {
  return useLive((store) => store.settings()) ?? USUAL_SETTINGS;
}
