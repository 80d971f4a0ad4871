'use client';

import { useEffect, useMemo, useState } from 'react';
import type { Life } from '@/core/log/life';
import { USUAL_HOUSE } from '@/core/plantings/house';
import type { Store } from '@/data/store';
import { useLibrary } from './LibraryProvider';
import { itsOf, livesFrom, plantedOf, type Planted } from './planted';
import { useLive, useStore } from './StoreProvider';

export type { Planted };

/** So many are read before the rest: a strip full of them. */
const FEW = 12;

/**
 * Everything, and before it is read, the few that are wanted first: a long record lets one begin at once.
 * @param first ids of those wanted first, in order
 * @param isBegun have the few been looked at? Only then is the rest read: it would hold them up
 * @returns `undefined` while nothing is read
 */
export function usePlantedSoon(first: readonly string[], isBegun: boolean): Planted | undefined {
  const { early } = useLibrary();
  const [few, setFew] = useState<Awaited<ReturnType<typeof fewOf>>>();
  const store = useStore();
  useEffect(() => {
    let isOn = true;
    if (store)
      void fewOf(store, first)
        // What stands in the way is told when everything is read.
        .catch(() => NONE)
        .then((found) => isOn && setFew(found));
    return () => {
      isOn = false;
    };
  }, [store, first]);
  const isNone = few?.plantings.length === 0;
  const part = useMemo(
    () => (few && early && !isNone ? { ...plantedOf(few, early.kindOf), isPart: true } : undefined),
    [few, early, isNone],
  );
  const whole = usePlanted(isBegun || isNone);
  return whole ?? part;
}

const fewOf = async (store: Store, first: readonly string[]) => ({
  ...(await store.plantings.fewStanding(first, FEW)),
  house: (await store.settings.get()).house,
});

const NONE = { spots: [], plantings: [], entries: [], house: USUAL_HOUSE };

/**
 * @param isWanted is it to be read now?
 * @returns `undefined` while it loads
 */
export function usePlanted(isWanted = true): Planted | undefined {
  const { ready, kindOf } = useLibrary();
  const plan = useLive(
    async (s) =>
      isWanted
        ? {
            spots: await s.spots.all(),
            plantings: await s.plantings.all(),
            house: (await s.settings.get()).house,
          }
        : undefined,
    [isWanted],
  );
  const entries = useLive(async (s) => (isWanted ? s.log.entries() : undefined), [isWanted]);
  const lifeOf = useMemo(() => livesFrom(entries ?? []), [entries]);
  // Most entries change nothing of what stands: drawings and judgements stay what they are.
  const standing = plan?.plantings.map(({ id }) => standsBy(lifeOf(id))).join('|');
  const isRead = entries !== undefined;
  const its = useMemo(
    () => (plan && isRead && ready ? itsOf(plan, lifeOf, kindOf) : undefined),
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [plan, isRead, standing, ready, kindOf],
  );
  return useMemo(
    () => its && plan && { spots: plan.spots, its, lifeOf, log: entries ?? [] },
    [its, plan, lifeOf, entries],
  );
}

/** What of a life changes how a planting stands. */
const standsBy = ({ plantedOn, gone }: Life): string => `${plantedOn} ${[...gone.keys()].join()}`;
