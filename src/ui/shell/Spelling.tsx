'use client';

import { usePathname } from 'next/navigation';
import { Fragment, useEffect, useState, useSyncExternalStore, type ReactNode } from 'react';
import { marketOf } from '@/core/plants/market';
import type { Store } from '@/data/store';
import { useLive, useStore } from '@/ui/session/StoreProvider';
import { isSpelledAmerican, keepSpelledAmerican } from './spelledLast';
import { spellAs } from '@/ui/spelling/spelling';

const NO_NAMES: readonly string[] = [];
const NEVER_TOLD = () => () => undefined;

/** Spells the page for the market that was chosen: everything is written anew when that changes. */
export function Spelling({ children }: { readonly children: ReactNode }) {
  const settings = useLive((store) => store.settings.get());
  // Until the settings are read, as at the last visit: a page that is written twice is read twice.
  const wasAmerican = useSyncExternalStore(NEVER_TOLD, isSpelledAmerican, () => false);
  const isAmerican = settings ? marketOf(settings) === 'american' : wasAmerican;
  const names = useNames(isAmerican);
  const kept = spellAs(isAmerican, names);
  useEffect(() => {
    document.documentElement.lang = isAmerican ? 'en-US' : 'en-GB';
  }, [isAmerican]);
  useEffect(() => {
    if (settings) keepSpelledAmerican(isAmerican);
  }, [settings, isAmerican]);
  return (
    <Fragment key={isAmerican ? ['american', ...kept].join('\n') : 'british'}>{children}</Fragment>
  );
}

/** What the gardener gave a name, as of when the room was opened: read only where the page is spelled otherwise than it is written. */
function useNames(isWanted: boolean): readonly string[] {
  const store = useStore();
  const room = usePathname();
  const [names, setNames] = useState(NO_NAMES);
  useEffect(() => {
    let here = true;
    if (store && isWanted)
      void namesIn(store).then(
        (found) => here && setNames(found),
        // Without them the page is spelled all the same; that reading failed is told elsewhere.
        () => {},
      );
    return () => {
      here = false;
    };
  }, [store, isWanted, room]);
  return names;
}

async function namesIn(store: Store): Promise<readonly string[]> {
  const [plantings, spots, groups, shelf, kinds] = await Promise.all([
    store.plantings.names(),
    store.spots.all(),
    store.groups.all(),
    store.shelf.all(),
    store.kinds.all(),
  ]);
  const named = [...plantings, ...spots, ...groups, ...shelf.map(({ container }) => container)];
  return [...named.map(({ name }) => name), ...kinds.flatMap(({ told }) => told.common ?? [])];
}
