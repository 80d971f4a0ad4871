'use client';

import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import type { PlantKind } from '@/core/plants/kind';
import { libraryOf, type Library } from '@/core/plants/library';
import { marketOf } from '@/core/plants/market';
import { beReady, setKinds } from '@/workers/runJob';
import { useLive } from './StoreProvider';
import { NOTHING_SEEN, useSeenHere } from './useSeenHere';

interface Held extends Library {
  /** Has the book arrived? Until then there are no kinds. */
  readonly ready: boolean;
  /** The book with one's own records before what was seen here is known; for whoever looks again when it is. */
  readonly early: Library | null;
}

const EMPTY: Held = { ...libraryOf([], [], 'european'), ready: false, early: null };

/** So long after the book is there, a room has shown what it shows first, ms. */
const SETTLED_MS = 2000;

export const LibraryContext = createContext<Held>(EMPTY);

/** Fetches the book beside the page, not before it, and lays the gardener's own records over it. */
export function LibraryProvider({ children }: { readonly children: ReactNode }) {
  const [book, setBook] = useState<readonly PlantKind[] | null>(null);
  const own = useLive((store) => store.kinds.all());
  useEffect(() => {
    let here = true;
    void import('@/core/plants/book/index').then(({ BOOK }) => here && setBook(BOOK));
    return () => {
      here = false;
    };
  }, []);
  const market = useLive(async (store) => marketOf(await store.settings.get()));
  const here = useSeenHere(book, own, market);
  const seen = here ?? NOTHING_SEEN;
  useEffect(() => {
    if (own && market) setKinds({ own, market, here: seen });
  }, [own, market, seen]);
  const isKnown = book !== null && here !== undefined;
  useEffect(() => {
    if (!isKnown) return;
    const timer = setTimeout(beReady, SETTLED_MS);
    return () => clearTimeout(timer);
  }, [isKnown]);
  const early = useMemo(
    () => (book && own && market ? libraryOf(book, own, market) : null),
    [book, own, market],
  );
  const library = useMemo(
    () =>
      book && own && market && here
        ? { ...libraryOf(book, own, market, here), ready: true, early }
        : { ...EMPTY, early },
    [book, own, market, here, early],
  );
  return <LibraryContext.Provider value={library}>{children}</LibraryContext.Provider>;
}

/** All kinds there are: none until the book has arrived. */
export function useLibrary(): Held {
  return useContext(LibraryContext);
}
