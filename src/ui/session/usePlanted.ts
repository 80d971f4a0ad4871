'use client';

import { useMemo } from 'react';
import { inSpot, type Planting, type PlantingInSpot } from '@/core/plantings/planting';
import type { Library } from '@/core/plants/library';
import type { House } from '@/core/plantings/house';
import type { Spot } from '@/core/spots/spot';
import { useLibrary } from './LibraryProvider';
import { useLive } from './StoreProvider';

/** Every planting at its spot, judged by this house: the one place where plans, book and preferences are joined for several. */
export interface Planted {
  readonly spots: readonly Spot[];
  readonly its: readonly PlantingInSpot[];
}

/** @returns `undefined` while it loads */
export function usePlanted(): Planted | undefined {
  const { ready, kindOf } = useLibrary();
  const loaded = useLive(async (s) => ({
    spots: await s.spots(),
    plantings: await s.plantings(),
    house: (await s.settings()).house,
  }));
  return useMemo(
    () => (loaded && ready ? plantedOf(loaded, kindOf) : undefined),
    [loaded, ready, kindOf],
  );
}

/** Plantings whose spot can be read, at their spots. */
export function plantedOf(
  {
    spots,
    plantings,
    house,
  }: {
    readonly spots: readonly Spot[];
    readonly plantings: readonly Planting[];
    readonly house: House;
  },
  kindOf: Library['kindOf'],
): Planted {
  const byId = new Map(spots.map((spot) => [spot.id, spot]));
  const its = plantings.flatMap((planting) => {
    const spot = byId.get(planting.spotId);
    return spot ? [inSpot(planting, spot, kindOf, house)] : [];
  });
  return { spots, its };
}
