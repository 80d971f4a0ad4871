'use client';

import { useLayoutEffect, useRef } from 'react';
import { showStill } from '@/ui/session/stillPictures';

/** A picture that is there already. */
export function StillPicture({
  bitmap,
  widthPx,
  heightPx,
  label,
}: {
  /** `null`: its room is kept. */
  readonly bitmap: ImageBitmap | null;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly label: string;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useLayoutEffect(() => {
    if (canvas.current && bitmap) showStill(canvas.current, bitmap);
  }, [bitmap]);
  return (
    <canvas
      ref={canvas}
      role="img"
      aria-label={label}
      style={{ width: widthPx, height: heightPx, display: 'block' }}
    />
  );
}
