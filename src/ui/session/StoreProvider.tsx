'use client';

import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import { useLiveQuery } from 'dexie-react-hooks';
import type { Settings } from '@/core/files/plantingFile';
import { RillbankDb } from '@/data/db';
import { Store, USUAL_SETTINGS } from '@/data/store';
import { rillbankHalt } from '@/demo/rillbankHalt';

const StoreContext = createContext<Store | null>(null);

/** Opens the browser's database once the page runs, and fills it with the demo set on a first demo start. */
export function StoreProvider({ demo, children }: { readonly demo: boolean; readonly children: ReactNode }) {
  const [store, setStore] = useState<Store | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  useEffect(() => {
    const opened = new Store(new RillbankDb());
    const start = async () => {
      if (demo && (await opened.isEmpty())) {
        const { spots, plantings } = rillbankHalt();
        await opened.addAll(spots, plantings);
        await opened.setSettings({});
      }
      setStore(opened);
    };
    start().catch((error: unknown) => setTrouble(error instanceof Error ? error.message : String(error)));
  }, [demo]);
  if (trouble) return <p role="alert" className="m-6 bg-paper p-4 text-[15px]">The browser would not open its storage, so nothing can be kept here: {trouble}</p>;
  return <StoreContext.Provider value={store}>{children}</StoreContext.Provider>;
}

/** @returns `null` until the database is open */
export function useStore(): Store | null {
  return useContext(StoreContext);
}

/** A live reading of the store: again after every change, in this tab or another. `undefined` while it loads. */
export function useLive<T>(query: (store: Store) => Promise<T>, dependencies: readonly unknown[] = []): T | undefined {
  const store = useStore();
  return useLiveQuery(() => (store ? query(store) : undefined), [store, ...dependencies]);
}

export function useSettings(): Settings {
  return useLive((store) => store.settings()) ?? USUAL_SETTINGS;
}
