'use client';

import { useLayoutEffect, useRef } from 'react';
import { useSeen } from './useSeen';
import { showStill } from '@/ui/session/stillPictures';
import { useDrawing } from '@/ui/session/useDrawing';
import type { Subject } from '@/core/seeing/subject';
import type { Scenery } from '@/core/seeing/scenery';
import type { Lens } from '@/core/seeing/lens';

interface PictureProps {
  readonly subject: Subject;
  readonly weeks: number;
  readonly lens: Lens;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly holesCm?: readonly number[] | null;
  readonly scenery?: Scenery | null;
  /** Empty where what stands round it says what it is. */
  readonly label: string;
  readonly className?: string;
  /** A picture that rarely changes: no coarse drawing in between. */
  readonly still?: boolean;
  /** Painted only while it is in the window. */
  readonly whenSeen?: boolean;
  /** Shown until its own is made: as it was last seen. */
  readonly before?: ImageBitmap | null;
  /** Told once, when something is in sight. */
  readonly onShown?: () => void;
}

/** A planting drawn on a canvas by the drawing worker. */
export function PlantingPicture({
  subject,
  weeks,
  lens,
  widthPx,
  heightPx,
  holesCm = null,
  scenery = null,
  label,
  className,
  still = false,
  whenSeen = false,
  before = null,
  onShown,
}: PictureProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const seen = useSeen(canvas, whenSeen);
  const isAlike =
    before !== null && Math.abs(before.width / before.height - widthPx / heightPx) < 0.01;
  useLayoutEffect(() => {
    if (isAlike && canvas.current && !canvas.current.dataset.painted)
      showStill(canvas.current, before);
  }, [before, isAlike]);
  useDrawing(
    canvas,
    seen && widthPx > 0 ? { subject, weeks, lens, widthPx, heightPx, holesCm, scenery } : null,
    { still, ...(onShown ? { onShown } : {}) },
  );
  return (
    <canvas
      ref={canvas}
      {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
      className={className}
      style={{ width: widthPx, height: heightPx, display: 'block' }}
    />
  );
}
