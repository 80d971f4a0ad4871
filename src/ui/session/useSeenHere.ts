'use client';

import { useEffect, useState } from 'react';
import type { Here, KindId, PlantKind } from '@/core/plants/kind';
import { libraryOf } from '@/core/plants/library';
import type { Market } from '@/core/plants/market';
import type { OwnKind } from '@/core/plants/own';
import { useLive } from './StoreProvider';
import { plantedOf } from './usePlanted';

const NOTHING: ReadonlyMap<KindId, Here> = new Map();

/**
 * What was seen of kinds in this garden, but for what was set aside. Worked out only where something was told.
 * @returns `undefined` until it is known for the first time: nothing is judged twice
 */
export function useSeenHere(
  book: readonly PlantKind[] | null,
  own: readonly OwnKind[] | undefined,
  market: Market | undefined,
): ReadonlyMap<KindId, Here> | undefined {
  const [here, setHere] = useState<ReadonlyMap<KindId, Here>>();
  const told = useLive(async (store) => {
    const { house, seenAside = [] } = await store.settings();
    const taught = await store.taught();
    // As text: most entries teach nothing, and nothing is worked out anew for them.
    return taught.entries.length === 0 ? '' : JSON.stringify({ ...taught, house, seenAside });
  });
  useEffect(() => {
    if (told === undefined || !book || !own || !market) return;
    let isOn = true;
    const learn = async () => {
      if (told === '') return NOTHING;
      const { learntHere } = await import('@/core/learning/here');
      const { seenAside, ...plan } = JSON.parse(told) as Parameters<typeof plantedOf>[0] & {
        readonly seenAside: readonly KindId[];
      };
      // By the book's own figures: what was learnt must not teach itself.
      const { its, log } = plantedOf(plan, libraryOf(book, own, market).kindOf);
      const found = new Map(learntHere(its, log));
      for (const kindId of seenAside) found.delete(kindId);
      return found.size === 0 ? NOTHING : found;
    };
    learn()
      // What cannot be worked out must not keep the book away.
      .catch(() => NOTHING)
      .then((found) => isOn && setHere(found));
    return () => {
      isOn = false;
    };
  }, [told, book, own, market]);
  // Nothing told is known at once.
  return here ?? (told === '' ? NOTHING : undefined);
}
