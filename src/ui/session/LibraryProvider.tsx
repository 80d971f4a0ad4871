'use client';

import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import type { PlantKind } from '@/core/plants/kind';
import { libraryOf, type Library } from '@/core/plants/library';
import { marketOf } from '@/core/plants/market';
import { setKinds } from '@/workers/runJob';
import { useLive } from './StoreProvider';
import { useSeenHere } from './useSeenHere';

interface Held extends Library {
  /** Has the book arrived? Until then there are no kinds. */
  readonly ready: boolean;
}

const EMPTY: Held = { ...libraryOf([], [], 'european'), ready: false };

export const LibraryContext = createContext<Held>(EMPTY);

/** Fetches the book beside the page, not before it, and lays the gardener's own records over it. */
export function LibraryProvider({ children }: { readonly children: ReactNode }) {
  const [book, setBook] = useState<readonly PlantKind[] | null>(null);
  const own = useLive((store) => store.ownKinds());
  useEffect(() => {
    let here = true;
    void import('@/core/plants/book/index').then(({ BOOK }) => here && setBook(BOOK));
    return () => {
      here = false;
    };
  }, []);
  const market = useLive(async (store) => marketOf(await store.settings()));
  const here = useSeenHere(book, own, market);
  useEffect(() => {
    if (own && market && here) setKinds({ own, market, here });
  }, [own, market, here]);
  const library = useMemo(
    () =>
      book && own && market && here
        ? { ...libraryOf(book, own, market, here), ready: true }
        : EMPTY,
    [book, own, market, here],
  );
  return <LibraryContext.Provider value={library}>{children}</LibraryContext.Provider>;
}

/** All kinds there are: none until the book has arrived. */
export function useLibrary(): Held {
  return useContext(LibraryContext);
}
