import type { PlantingInSpot } from '@/core/plantings/planting';
import { backdropOf } from '@/core/seeing/scenery';
import { hangsFree, type Spot } from '@/core/spots/spot';

/** What containers of a spot stand on or hang from. */
export const PLACES = ['canopy', 'bracket', 'sill', 'rail', 'ledge', 'roofed', 'ground'] as const;

/** A spot as a place, plainly: plain data, so that it can be kept between visits. */
export interface Place {
  readonly kind: (typeof PLACES)[number];
  /** Colours told to lie behind, as CSS, the wall first; none where nothing was told. */
  readonly behind: readonly string[];
  /** What it stands on or hangs above, cm over the ground. */
  readonly dropCm: number;
}

export function placeOf(spot: Spot, { planting }: PlantingInSpot): Place {
  return {
    kind: kindOf(spot),
    behind: backdropOf(spot, planting.plantedWeek).map(
      ([lightness, chroma, hue]) => `oklch(${lightness} ${chroma} ${hue})`,
    ),
    dropCm: spot.dropCm,
  };
}

function kindOf(spot: Spot): Place['kind'] {
  const { exposure, view, underCover } = spot;
  if (exposure === 'sill') return 'sill';
  if (exposure === 'balcony') return 'rail';
  if (hangsFree(spot) && (exposure === 'hanging' || view === 'from below'))
    return underCover ? 'canopy' : 'bracket';
  if (spot.dropCm > 0) return 'ledge';
  return underCover ? 'roofed' : 'ground';
}
