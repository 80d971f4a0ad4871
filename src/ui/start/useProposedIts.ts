'use client';

import { useMemo } from 'react';
import type { House } from '@/core/plantings/house';
import type { PlantingInSpot } from '@/core/plantings/planting';
import type { Proposal } from '@/core/search/proposal';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { asTheyWouldStand } from './asItWouldStand';
import { briefFrom, type GoodReading } from './useProposals';

/** What is proposed, as it would stand. */
export function useProposedIts(
  proposals: readonly Proposal[],
  reading: GoodReading,
  plantedWeek: number,
  house: House,
): readonly PlantingInSpot[] {
  const { kindOf } = useLibrary();
  return useMemo(
    () =>
      asTheyWouldStand(proposals, () => briefFrom(reading, plantedWeek, house), kindOf, [
        reading,
        plantedWeek,
        house,
        kindOf,
      ]),
    [proposals, reading, plantedWeek, kindOf, house],
  );
}
