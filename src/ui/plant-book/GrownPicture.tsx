'use client';

import { useMemo } from 'react';
import type { Container } from '@/core/containers/container';
import type { PlantKind } from '@/core/plants/kind';
import { PlantingPicture } from '@/ui/controls/PlantingPicture';
import { belowCm, grownSubject, grownWeeks } from './grown';

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
  container,
  weeks = grownWeeks(kind),
  widthPx,
  heightPx,
  pxPerCm,
  below = belowCm(kind, container),
}: GrownProps) {
  const subject = useMemo(() => grownSubject(kind, container), [kind, container]);
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
