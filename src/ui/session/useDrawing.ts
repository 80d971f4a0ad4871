'use client';

import { useEffect, useLayoutEffect, useRef, type RefObject } from 'react';
import type { PaintRequest } from '@/workers/messages';
import { CAN_HIRE } from '@/workers/canHire';
import { runJob } from '@/workers/runJob';
import { keepPicture, keptPicture } from './keptPictures';
import { whenStill, whileStill } from './scrolling';
import {
  heldPicture,
  holdPicture,
  keptKey,
  pictureKey,
  restingDensity,
  showStill,
} from './stillPictures';

/** Rest after the last change before the full drawing is asked for, ms. */
const REST_MS = 180;
/** Pixels of a picture that moves against those of one at rest: the eye does not see the difference while it follows. */
const MOVING_DENSITY = 0.75;
/** A picture that moves has no more pixels than this, however large it is: painting them is what a hand waits for. */
const MOVING_PIXELS = 100_000;

function movingDensity({ widthPx, heightPx }: Pick<PaintRequest, 'widthPx' | 'heightPx'>): number {
  return Math.min(
    restingDensity() * MOVING_DENSITY,
    Math.sqrt(MOVING_PIXELS / Math.max(1, widthPx * heightPx)),
  );
}

/**
 * Keeps a canvas painted: coarse at once while things move, full after a short rest. Painting happens in a worker; where the browser
 * has no OffscreenCanvas it happens here. A drawing that was overtaken is dropped, never shown late.
 * @param options `onShown` is told once, when the first picture is in sight
 */
export function useDrawing(
  canvas: RefObject<HTMLCanvasElement | null>,
  request: Omit<PaintRequest, 'detail' | 'density'> | null,
  options: { readonly still?: boolean; readonly onShown?: () => void } = {},
): void {
  const latest = useRef(request);
  const told = useRef(options.onShown);
  const state = useRef({ busy: false, again: false, painted: false });
  const still = options.still ?? false;
  const key = request ? pictureKey(request) : '';

  useEffect(() => {
    latest.current = request;
    told.current = options.onShown;
  });

  // Before the browser paints: what is known is never blank for a frame.
  useLayoutEffect(() => {
    const held = still ? heldPicture(key) : undefined;
    if (canvas.current && held) showStill(canvas.current, held);
  }, [canvas, key, still]);

  useEffect(() => {
    const element = canvas.current;
    if (!element || !latest.current) return;
    const giveUp = new AbortController();
    const now = state.current;
    const inSight = () => {
      if (!now.painted) told.current?.();
      now.painted = true;
    };
    const held = still ? heldPicture(key) : undefined;
    if (held) {
      inSight();
      return;
    }
    const paint = async (detail: 'flat' | 'full') => {
      const asked = latest.current;
      if (!asked) return;
      const density = restingDensity();
      const message: PaintRequest = {
        ...asked,
        detail,
        density: detail === 'flat' && !still ? movingDensity(asked) : density,
      };
      if (!CAN_HIRE.drawers) {
        (await import('@/drawing/paintHere')).paintHere(element, message);
        return inSight();
      }
      const ask = (signal?: AbortSignal) => runJob('paint', message, signal ? { signal } : {});
      const signal = detail === 'full' ? giveUp.signal : undefined;
      const bitmap = await (still && signal ? whileStill(ask, signal) : ask(signal));
      if (still) {
        showStill(element, bitmap, detail);
        if (detail === 'full') {
          holdPicture(key, bitmap);
          void keepPicture(keptKey(key), element);
        } else bitmap.close();
      } else {
        element.width = bitmap.width;
        element.height = bitmap.height;
        element.getContext('bitmaprenderer')?.transferFromImageBitmap(bitmap);
      }
      element.dataset.painted = detail;
      inSight();
    };
    /** Pictures at rest may be there from an earlier visit. @returns is it shown? */
    const showKept = async (): Promise<boolean> => {
      const kept = await keptPicture(keptKey(key));
      if (!kept) return false;
      holdPicture(key, kept);
      if (giveUp.signal.aborted) return true;
      showStill(element, kept);
      inSight();
      return true;
    };
    const coarse = async () => {
      if (now.busy) {
        now.again = true;
        return;
      }
      now.busy = true;
      do {
        now.again = false;
        await paint('flat').catch(() => undefined);
      } while (now.again);
      now.busy = false;
    };
    let rest: ReturnType<typeof setTimeout> | undefined;
    const begin = () => {
      if (!still || !now.painted) void coarse();
      rest = setTimeout(() => void paint('full').catch(() => undefined), now.painted ? REST_MS : 0);
    };
    if (!still) begin();
    else
      void showKept()
        // What cannot be looked up is painted.
        .catch(() => false)
        .then((isShown) => isShown || whenStill().then(() => giveUp.signal.aborted || begin()));
    return () => {
      clearTimeout(rest);
      giveUp.abort();
    };
    // The key holds everything that is drawn.
  }, [canvas, key, still]);
}
