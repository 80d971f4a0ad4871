'use client';

import { useMemo } from 'react';
import type { House } from '@/core/plantings/house';
import type { PlantingInSpot } from '@/core/plantings/planting';
import type { Proposal } from '@/core/search/proposal';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { asItWouldStand } from './asItWouldStand';
import type { StartReading } from './startForm';
import { briefFrom } from './useProposals';

/** What is proposed, as it would stand; nothing while the sheet does not read. */
export function useProposedIts(
  proposals: readonly Proposal[],
  reading: StartReading,
  plantedWeek: number,
  house: House,
): readonly PlantingInSpot[] {
  const { kindOf } = useLibrary();
  return useMemo(() => {
    if (!reading.ok) return [];
    const brief = briefFrom(reading, plantedWeek, house);
    return proposals.map((proposal, at) => asItWouldStand(proposal, brief, at, kindOf));
  }, [proposals, reading, plantedWeek, kindOf, house]);
}
