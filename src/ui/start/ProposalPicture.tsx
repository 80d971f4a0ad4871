'use client';

import { useMemo } from 'react';
import { read } from '@/core/checks/reading';
import { extentOf, USUAL_PITCH_RAD } from '@/core/seeing/framing';
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
}

/** A planting as a small elevation standing on the picture's lower edge. */
export function ProposalPicture({ it, widthPx, heightPx, weeks, pxPerCm }: ProposalPictureProps) {
  const reading = useMemo(() => read(it), [it]);
  const extent = useMemo(() => extentOf(reading), [reading]);
  const subject = useMemo(() => subjectOf(it), [it]);
  const scale = pxPerCm ?? Math.min(widthPx / (extent.leftCm + extent.rightCm), heightPx / (extent.aboveCm + extent.belowCm));
  const lens = { azimuthRad: 0, pitchRad: it.spot.view === 'from below' ? USUAL_PITCH_RAD.fromBelow : USUAL_PITCH_RAD.standing, pxPerCm: scale, originX: widthPx / 2, originY: heightPx - extent.belowCm * scale };
  return <PlantingPicture still subject={subject} weeks={weeks} lens={lens} widthPx={widthPx} heightPx={heightPx} label={`${it.planting.name}, ${weeks} weeks after planting`} />;
}
