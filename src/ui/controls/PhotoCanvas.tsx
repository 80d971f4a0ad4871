'use client';

import { useEffect, useRef, type MouseEvent, type ReactNode } from 'react';
import type { Rgb } from '@/core/colour/oklch';

/** Half the side of the square whose middle colour is taken, px: a single pixel is noise. */
const REACH_PX = 2;

/** A photograph as pixels, pressed to take a colour from it. */
export function PhotoCanvas({
  photo,
  widestPx,
  label,
  onPick,
  onPixels,
  children,
}: {
  readonly photo: ImageBitmap;
  readonly widestPx: number;
  readonly label: string;
  /** Is told the mean colour about the press, sRGB 0–1. */
  readonly onPick: (colour: Rgb) => void;
  /** Is told of its pixels once they are there. */
  readonly onPixels?: (pixels: ImageData) => void;
  /** What lies over it. */
  readonly children?: ReactNode;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const told = useRef(onPixels);
  useEffect(() => {
    told.current = onPixels;
  });
  useEffect(() => {
    const context = canvas.current?.getContext('2d', { willReadFrequently: true });
    if (!context) return;
    const scale = Math.min(1, widestPx / photo.width);
    context.canvas.width = Math.max(1, Math.round(photo.width * scale));
    context.canvas.height = Math.max(1, Math.round(photo.height * scale));
    context.drawImage(photo, 0, 0, context.canvas.width, context.canvas.height);
    told.current?.(context.getImageData(0, 0, context.canvas.width, context.canvas.height));
  }, [photo, widestPx]);
  const pick = (event: MouseEvent<HTMLCanvasElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const [x, y] = [
      ((event.clientX - box.left) / box.width) * event.currentTarget.width,
      ((event.clientY - box.top) / box.height) * event.currentTarget.height,
    ];
    const { data } = event.currentTarget
      .getContext('2d')!
      .getImageData(
        Math.max(0, Math.round(x) - REACH_PX),
        Math.max(0, Math.round(y) - REACH_PX),
        REACH_PX * 2 + 1,
        REACH_PX * 2 + 1,
      );
    const sum = [0, 0, 0];
    for (let i = 0; i < data.length; i += 4) for (let k = 0; k < 3; k += 1) sum[k]! += data[i + k]!;
    onPick(sum.map((v) => v / (data.length / 4) / 255) as unknown as Rgb);
  };
  return (
    <div className="relative">
      <canvas
        ref={canvas}
        data-photo
        aria-label={label}
        role="img"
        className="block w-full cursor-crosshair"
        onClick={pick}
      />
      {children}
    </div>
  );
}
