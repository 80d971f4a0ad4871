'use client';

import { useEffect, useMemo, useState } from 'react';
import type { Entry } from '@/core/log/entry';
import { byPlanting, lifeOf, type Life } from '@/core/log/life';
import { asItStands, chainOf, weeksBeforeOf } from '@/core/log/story';
import { inSpot, type Planting, type PlantingInSpot } from '@/core/plantings/planting';
import type { Library } from '@/core/plants/library';
import { USUAL_HOUSE, type House } from '@/core/plantings/house';
import type { Spot } from '@/core/spots/spot';
import type { Store } from '@/data/store';
import { useLibrary } from './LibraryProvider';
import { useLive, useStore } from './StoreProvider';

/** Every planting at its spot, judged by this house: the one place where plans, book and preferences are joined for several. */
export interface Planted {
  readonly spots: readonly Spot[];
  /** Each as it really stands, from the day it was planted; ideas as they are meant. */
  readonly its: readonly PlantingInSpot[];
  readonly lifeOf: (plantingId: string) => Life;
  readonly log: readonly Entry[];
  /** Are these only the first of them, while the rest is read? */
  readonly isPart?: boolean;
}

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
  ...(await store.fewStanding(first, FEW)),
  house: (await store.settings()).house,
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
            spots: await s.spots(),
            plantings: await s.plantings(),
            house: (await s.settings()).house,
          }
        : undefined,
    [isWanted],
  );
  const entries = useLive(async (s) => (isWanted ? s.entries() : undefined), [isWanted]);
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

function livesFrom(entries: readonly Entry[]): (plantingId: string) => Life {
  const held = byPlanting(entries);
  const lives = new Map<string, Life>();
  return (id) => {
    const known = lives.get(id) ?? lifeOf(held.get(id) ?? []);
    lives.set(id, known);
    return known;
  };
}

interface Plan {
  readonly spots: readonly Spot[];
  readonly plantings: readonly Planting[];
  readonly house: House;
}

function itsOf(
  { spots, plantings, house }: Plan,
  lifeFor: (plantingId: string) => Life,
  kindOf: Library['kindOf'],
): readonly PlantingInSpot[] {
  const byId = new Map(spots.map((spot) => [spot.id, spot]));
  const byPlantingId = new Map(plantings.map((planting) => [planting.id, planting]));
  return plantings.flatMap((planting) => {
    const spot = byId.get(planting.spotId);
    if (!spot) return [];
    const life = lifeFor(planting.id);
    const before = planting.follows
      ? weeksBeforeOf(
          planting,
          life.plantedOn,
          chainOf(planting, (id) => byPlantingId.get(id)).map((one) => ({
            planting: one,
            life: lifeFor(one.id),
          })),
        )
      : undefined;
    return [inSpot(asItStands(planting, life), spot, kindOf, house, before)];
  });
}

/** Plantings whose spot can be read, at their spots. */
export function plantedOf(
  { entries, ...plan }: Plan & { readonly entries: readonly Entry[] },
  kindOf: Library['kindOf'],
): Planted {
  const lifeFor = livesFrom(entries);
  return {
    spots: plan.spots,
    its: itsOf(plan, lifeFor, kindOf),
    lifeOf: lifeFor,
    log: entries,
  };
}
