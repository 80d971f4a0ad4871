'use client';

import { useMemo } from 'react';
import { extentOfPlanting, USUAL_PITCH_RAD, type Extent } from '@/core/seeing/framing';
import type { Lens } from '@/core/seeing/lens';
import { subjectOf } from '@/core/seeing/subject';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { PlantingPicture } from '@/ui/controls/PlantingPicture';

interface ProposalPictureProps {
  readonly it: PlantingInSpot;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly weeks: number;
  /** Fixed scale, when several pictures must share one; fitted when left out. */
  readonly pxPerCm?: number;
  /** Painted only while it is in the window. */
  readonly whenSeen?: boolean;
}

/** Straight on, from where its spot is usually looked at, the picture's lower edge just under it. */
export function smallLens(
  { spot }: PlantingInSpot,
  { belowCm }: Extent,
  pxPerCm: number,
  widthPx: number,
  heightPx: number,
): Lens {
  return {
    azimuthRad: 0,
    pitchRad: spot.view === 'from below' ? USUAL_PITCH_RAD.fromBelow : USUAL_PITCH_RAD.standing,
    pxPerCm,
    originX: widthPx / 2,
    originY: heightPx - belowCm * pxPerCm,
  };
}

/** A planting as a small elevation standing on the picture's lower edge. */
export function ProposalPicture({
  it,
  widthPx,
  heightPx,
  weeks,
  pxPerCm,
  whenSeen = false,
}: ProposalPictureProps) {
  const extent = extentOfPlanting(it);
  const subject = useMemo(() => subjectOf(it), [it]);
  const scale =
    pxPerCm ??
    Math.min(
      widthPx / (extent.leftCm + extent.rightCm),
      heightPx / (extent.aboveCm + extent.belowCm),
    );
  const lens = smallLens(it, extent, scale, widthPx, heightPx);
  return (
    <PlantingPicture
      still
      whenSeen={whenSeen}
      subject={subject}
      weeks={weeks}
      lens={lens}
      widthPx={widthPx}
      heightPx={heightPx}
      label={`${it.planting.name}, ${weeks} weeks after planting`}
    />
  );
}
