'use client';

import dynamic from 'next/dynamic';
import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import type { Settings } from '@/core/files/plantingFile';
import type { Store } from '@/data/store';
import type { Trouble } from '@/data/trouble';
import { USUAL_SETTINGS } from '@/data/usualSettings';

const StoreTrouble = dynamic(() => import('./StoreTrouble').then((m) => m.StoreTrouble), {
  ssr: false,
});

const StoreContext = createContext<Store | null>(null);

/** Opens the browser's database once the page runs, and fills it with the demo set on a first demo start. */
export function StoreProvider({ children }: { readonly children: ReactNode }) {
  const [store, setStore] = useState<Store | null>(null);
  const [trouble, setTrouble] = useState<Trouble | null>(null);
  useEffect(() => {
    let stop = () => {};
    const start = async () => {
      // Storage is loaded beside the page, not before it.
      const opened = await (await import('@/data/openStore')).openStore(setTrouble);
      if (!('store' in opened)) return setTrouble(opened);
      stop = opened.store.onTrouble(setTrouble);
      if (opened.trouble) setTrouble(opened.trouble);
      if (isDemo() && (await opened.store.whole.isEmpty())) await firstDemo(opened.store);
      setStore(opened.store);
    };
    start().catch((error: unknown) => setTrouble({ kind: 'other', told: String(error) }));
    return () => stop();
  }, []);
  useHeldWhileWriting(store);
  return (
    <StoreContext.Provider value={store}>
      {trouble && <StoreTrouble trouble={trouble} store={store} onRead={() => setTrouble(null)} />}
      {children}
    </StoreContext.Provider>
  );
}

/** Was Rillbank started to be tried? Told by a cookie: the pages are the same. */
const isDemo = (): boolean => /(?:^|; )rillbank-demo=1/.test(document.cookie);

async function firstDemo(store: Store): Promise<void> {
  await store.whole.addAll((await import('@/demo/rillbankHalt')).rillbankHalt());
  await store.settings.set({});
}

/** Leaving is held with the browser's own word while something is on its way to the database. */
function useHeldWhileWriting(store: Store | null): void {
  useEffect(() => {
    if (!store) return;
    const hold = (event: BeforeUnloadEvent) => {
      if (store.isWriting) event.preventDefault();
    };
    // What was not kept has been told by the store; nobody need hear of it twice.
    const told = (event: PromiseRejectionEvent) => {
      if (event.reason instanceof Error && event.reason.name === 'NotKept') event.preventDefault();
    };
    window.addEventListener('beforeunload', hold);
    window.addEventListener('unhandledrejection', told);
    return () => {
      window.removeEventListener('beforeunload', hold);
      window.removeEventListener('unhandledrejection', told);
    };
  }, [store]);
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
  useEffect(
    () => store?.watch(query, setAnswer, () => store.tell({ kind: 'closed' })),
    // The query is a new function at every render; what it reads is told by the dependencies.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [store, ...dependencies],
  );
  return answer;
}

export function useSettings(): Settings {
  return useLive((store) => store.settings.get()) ?? USUAL_SETTINGS;
}
