'use client';

import { useMemo } from 'react';
import type { Entry } from '@/core/log/entry';
import { byPlanting, lifeOf, type Life } from '@/core/log/life';
import { asItStands, chainOf, weeksBeforeOf } from '@/core/log/story';
import { inSpot, type Planting, type PlantingInSpot } from '@/core/plantings/planting';
import type { Library } from '@/core/plants/library';
import type { House } from '@/core/plantings/house';
import type { Spot } from '@/core/spots/spot';
import { useLibrary } from './LibraryProvider';
import { useLive } from './StoreProvider';

/** Every planting at its spot, judged by this house: the one place where plans, book and preferences are joined for several. */
export interface Planted {
  readonly spots: readonly Spot[];
  /** Each as it really stands, from the day it was planted; ideas as they are meant. */
  readonly its: readonly PlantingInSpot[];
  readonly lifeOf: (plantingId: string) => Life;
  readonly log: readonly Entry[];
}

/** @returns `undefined` while it loads */
export function usePlanted(): Planted | undefined {
  const { ready, kindOf } = useLibrary();
  const plan = useLive(async (s) => ({
    spots: await s.spots(),
    plantings: await s.plantings(),
    house: (await s.settings()).house,
  }));
  const entries = useLive((s) => s.entries());
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
