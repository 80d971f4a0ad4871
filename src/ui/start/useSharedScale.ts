'use client';

import { useMemo } from 'react';
import { extentOfPlanting } from '@/core/seeing/framing';
import type { PlantingInSpot } from '@/core/plantings/planting';

/** One scale, px per cm, at which all of these plantings fit their pictures. */
export function useSharedScale(
  its: readonly PlantingInSpot[],
  widthPx: number,
  heightPx: number,
): number {
  return useMemo(() => {
    const extents = its.map(extentOfPlanting);
    const wide = Math.max(1, ...extents.map((e) => e.leftCm + e.rightCm));
    const tall = Math.max(1, ...extents.map((e) => e.aboveCm + e.belowCm));
    return Math.min(widthPx / wide, heightPx / tall);
  }, [its, widthPx, heightPx]);
}
