'use client';

import { useEffect, useRef } from 'react';
import type { PlantKind } from '@/core/plants/kind';
import { printOf } from '@/core/plants/print';
import { heldDrawing, holdDrawing } from '@/ui/session/heldDrawings';
import { keepPicture, keptPicture } from '@/ui/session/keptPictures';
import { restingDensity, showStill } from '@/ui/session/stillPictures';
import { CAN_HIRE } from '@/workers/canHire';
import { runJob } from '@/workers/runJob';
import { belowCm, drawnHeightPx, grownSubject, grownWeeks } from './grown';

/** Time a row has to be in sight before it is drawn: rows flung past are not, ms. */
const SETTLED_MS = 60;

interface DrawnProps {
  readonly kind: PlantKind;
  readonly pxPerCm: number;
  readonly widthPx: number;
}

/**
 * A kind full grown in its pot, small and as tall as it is at this scale: painted by the drawing
 * worker once it has been in sight for a moment, held while the page is open, and kept between visits.
 */
export function KindDrawn({ kind, pxPerCm, widthPx }: DrawnProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const under = belowCm(kind);
  const heightPx = drawnHeightPx(kind, pxPerCm);
  useEffect(() => {
    const element = canvas.current;
    if (!element) return;
    const density = restingDensity();
    const key = [kind.id, printOf(kind), pxPerCm, widthPx, heightPx, under, density].join(' ');
    const held = heldDrawing(key);
    if (held) {
      showStill(element, held);
      return;
    }
    const giveUp = new AbortController();
    const paint = async () => {
      const kept = await keptPicture(key);
      if (giveUp.signal.aborted) return;
      const request = {
        subject: grownSubject(kind),
        weeks: grownWeeks(kind),
        lens: {
          azimuthRad: 0.15,
          pitchRad: 0.16,
          pxPerCm,
          originX: widthPx / 2,
          originY: heightPx - under * pxPerCm,
        },
        widthPx,
        heightPx,
        holesCm: null,
        detail: 'full',
        density,
      } as const;
      if (!kept && !CAN_HIRE.drawers) {
        (await import('@/drawing/paintHere')).paintHere(element, request);
        return;
      }
      const bitmap = kept ?? (await runJob('paint', request, { signal: giveUp.signal }));
      holdDrawing(key, bitmap);
      if (giveUp.signal.aborted) return;
      showStill(element, bitmap);
      if (!kept) void keepPicture(key, element);
    };
    const timer = setTimeout(() => void paint().catch(() => undefined), SETTLED_MS);
    return () => {
      clearTimeout(timer);
      giveUp.abort();
    };
  }, [kind, pxPerCm, widthPx, heightPx, under]);
  return (
    <canvas
      ref={canvas}
      aria-hidden
      style={{ width: widthPx, height: heightPx, display: 'block' }}
    />
  );
}
