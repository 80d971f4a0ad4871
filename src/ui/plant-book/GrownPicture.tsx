'use client';

import { useMemo } from 'react';
import { mixHeightCm, type Container } from '@/core/containers/container';
import { usualContainer } from '@/core/containers/usual';
import type { PlantKind } from '@/core/plants/kind';
import { freely } from '@/core/growth/conditions';
import { seedOf } from '@/core/random/hash';
import { weekAfter } from '@/core/units/units';
import { PlantingPicture } from '@/ui/controls/PlantingPicture';

const NURSERY_POT = usualContainer(
  'nursery pot',
  { kind: 'round', topCm: 15, baseCm: 11, depthCm: 15 },
  'terracotta',
);

/** Weeks after planting by which a kind is full grown. */
export const grownWeeks = (kind: PlantKind): number =>
  Math.max(14, Math.round(kind.weeksToFill * 1.2));

/** Room below the foot of the pot that trails need, cm. */
export const belowCm = (kind: PlantKind, container: Container = NURSERY_POT): number =>
  kind.trailCm ? Math.max(3, kind.trailCm[1] + 2 - mixHeightCm(container)) : 3;

interface GrownProps {
  readonly kind: PlantKind;
  readonly container?: Container;
  readonly weeks?: number;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly pxPerCm: number;
  /** Room under the foot of the pot, cm: shared when several stand on one line. */
  readonly below?: number;
}

/** One plant in a pot, so many weeks after planting. */
export function GrownPicture({
  kind,
  container = NURSERY_POT,
  weeks = grownWeeks(kind),
  widthPx,
  heightPx,
  pxPerCm,
  below = belowCm(kind, container),
}: GrownProps) {
  const subject = useMemo(() => {
    const planted = kind.bloom && !kind.bloom.continuous ? weekAfter(kind.bloom.weeks[0], -14) : 20;
    return {
      container,
      hung: kind.trailCm !== null,
      plantedWeek: planted,
      conditions: freely((kind.light.hours[0] + kind.light.hours[1]) / 2),
      plants: [
        {
          kind,
          xCm: 0,
          zCm: kind.trailCm ? 4 : 0,
          seed: seedOf(kind.id),
          size: kind.sold[0]!.size,
        },
      ],
    };
  }, [kind, container]);
  return (
    <PlantingPicture
      still
      subject={subject}
      weeks={weeks}
      widthPx={widthPx}
      heightPx={heightPx}
      lens={{
        azimuthRad: 0.15,
        pitchRad: 0.16,
        pxPerCm,
        originX: widthPx / 2,
        originY: heightPx - below * pxPerCm,
      }}
      label={`${kind.common} ${weeks} weeks after planting`}
    />
  );
}
