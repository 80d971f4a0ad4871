import type { Place } from './places';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { backdropOf } from '@/core/seeing/scenery';
import { hangsFree, type Spot } from '@/core/spots/spot';

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
