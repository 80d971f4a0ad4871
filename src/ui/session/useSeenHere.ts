'use client';

import { useEffect, useState } from 'react';
import type { Here, KindId, PlantKind } from '@/core/plants/kind';
import { libraryOf } from '@/core/plants/library';
import type { House } from '@/core/plantings/house';
import type { Market } from '@/core/plants/market';
import type { OwnKind } from '@/core/plants/own';
import { useLive, useStore } from './StoreProvider';
import { plantedOf } from './planted';

/** Always the same: what is known of kinds does not change when nothing was told. */
export const NOTHING_SEEN: ReadonlyMap<KindId, Here> = new Map();

/** What of the settings bears on it. */
interface Ways {
  readonly house: House;
  readonly seenAside: readonly KindId[];
}

const isSame = (a: ReadonlyMap<KindId, Here> | undefined, b: ReadonlyMap<KindId, Here>): boolean =>
  a !== undefined && JSON.stringify([...a]) === JSON.stringify([...b]);

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
  const store = useStore();
  const told = useLive((s) => s.log.teaching());
  // As text: other settings change nothing of it.
  const ways = useLive(async (s) => {
    const { house, seenAside = [] } = await s.settings.get();
    return JSON.stringify({ house, seenAside });
  });
  useEffect(() => {
    if (!store || told === undefined || !ways || !book || !own || !market) return;
    let isOn = true;
    const learn = async () => {
      if (told === '') return NOTHING_SEEN;
      const { learntHere } = await import('@/core/learning/here');
      const { house, seenAside } = JSON.parse(ways) as Ways;
      const { records, ...taught } = await store.log.taught();
      const plan = { ...taught, house };
      // By the book's own figures: what was learnt must not teach itself.
      const { its, log } = plantedOf(plan, libraryOf(book, own, market).kindOf);
      const found = new Map(learntHere(its, log, records));
      for (const kindId of seenAside) found.delete(kindId);
      return found.size === 0 ? NOTHING_SEEN : found;
    };
    learn()
      // What cannot be worked out must not keep the book away.
      .catch(() => NOTHING_SEEN)
      .then((found) => isOn && setHere((before) => (isSame(before, found) ? before : found)));
    return () => {
      isOn = false;
    };
  }, [store, told, ways, book, own, market]);
  // Nothing told is known at once.
  return here ?? (told === '' ? NOTHING_SEEN : undefined);
}
