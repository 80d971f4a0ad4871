'use client';

import { useMemo } from 'react';
import type { Container } from '@/core/containers/container';
import { visibleHeightCm, wallOf } from '@/core/containers/container';
import { halfFrontCm, isHung } from '@/core/containers/shape';
import { freely } from '@/core/growth/conditions';
import type { Subject } from '@/core/seeing/subject';
import { PlantingPicture } from '@/ui/controls/PlantingPicture';

/** An empty container as the drawing worker wants it. */
function emptySubject(container: Container): Subject {
  return {
    container,
    hung: isHung(container.shape),
    plantedWeek: 20,
    conditions: freely(6),
    plants: [],
  };
}

/** Room an empty container takes when drawn, cm. */
export function containerExtent(container: Container): {
  readonly halfCm: number;
  readonly heightCm: number;
} {
  const chains =
    container.shape.kind === 'basket' || container.shape.kind === 'cone'
      ? halfFrontCm(container.shape) * 2.5
      : 0;
  return {
    halfCm: halfFrontCm(container.shape) + wallOf(container) + 3,
    heightCm: visibleHeightCm(container) + chains + 3,
  };
}

interface PictureProps {
  readonly container: Container;
  readonly pxPerCm: number;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly pitchRad?: number;
  /** Height of what it stands on above the picture's lower edge, px. */
  readonly footPx?: number;
}

/** An empty container, standing or hanging, drawn to scale. */
export function ContainerPicture({
  container,
  pxPerCm,
  widthPx,
  heightPx,
  pitchRad = 0.2,
  footPx = 6,
}: PictureProps) {
  const subject = useMemo(() => emptySubject(container), [container]);
  return (
    <PlantingPicture
      still
      subject={subject}
      weeks={0}
      lens={{ azimuthRad: 0, pitchRad, pxPerCm, originX: widthPx / 2, originY: heightPx - footPx }}
      widthPx={widthPx}
      heightPx={heightPx}
      label={`${container.name}, empty`}
    />
  );
}
