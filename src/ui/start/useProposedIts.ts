'use client';

import { useMemo } from 'react';
import type { Settings } from '@/core/files/plantingFile';
import { plantingOf } from '@/core/plantings/brief';
import { inSpot, type PlantingInSpot } from '@/core/plantings/planting';
import type { Proposal } from '@/core/search/proposal';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { briefFrom, type GoodReading } from './useProposals';

/** What is proposed, as it would stand. */
export function useProposedIts(
  proposals: readonly Proposal[],
  reading: GoodReading,
  plantedWeek: number,
  { house }: Pick<Settings, 'house'>,
): readonly PlantingInSpot[] {
  const { kindOf } = useLibrary();
  return useMemo(
    () =>
      proposals.map((proposal, i) =>
        inSpot(
          plantingOf(proposal, briefFrom(reading, plantedWeek, house), {
            id: `proposal-${i}`,
            name: `Proposal ${i + 1}`,
          }),
          reading.spot,
          kindOf,
          house,
        ),
      ),
    [proposals, reading, plantedWeek, kindOf, house],
  );
}
