'use client';

import { useEffect, useRef, type RefObject } from 'react';
import type { PaintRequest } from '@/workers/messages';
import { CAN_HIRE } from '@/workers/canHire';
import { runJob } from '@/workers/runJob';
import { heldPicture, holdPicture, pictureKey, restingDensity } from './stillPictures';

/** Rest after the last change before the full drawing is asked for, ms. */
const REST_MS = 180;
/** Pixels of a picture that moves against those of one at rest: the eye does not see the difference while it follows. */
const MOVING_DENSITY = 0.75;

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
      show(element, held);
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
        density: detail === 'flat' && !still ? density * MOVING_DENSITY : density,
      };
      if (!CAN_HIRE.drawers) {
        (await import('@/drawing/paintHere')).paintHere(element, message);
        return inSight();
      }
      const bitmap = await runJob(
        'paint',
        message,
        detail === 'full' ? { signal: giveUp.signal } : {},
      );
      if (still) {
        show(element, bitmap);
        if (detail === 'full') holdPicture(key, bitmap);
        else bitmap.close();
      } else {
        element.width = bitmap.width;
        element.height = bitmap.height;
        element.getContext('bitmaprenderer')?.transferFromImageBitmap(bitmap);
      }
      element.dataset.painted = detail;
      inSight();
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
    if (!still || !now.painted) void coarse();
    const rest = setTimeout(
      () => void paint('full').catch(() => undefined),
      now.painted ? REST_MS : 0,
    );
    return () => {
      clearTimeout(rest);
      giveUp.abort();
    };
    // The key holds everything that is drawn.
  }, [canvas, key, still]);
}

function show(element: HTMLCanvasElement, bitmap: ImageBitmap): void {
  element.width = bitmap.width;
  element.height = bitmap.height;
  element.getContext('2d')?.drawImage(bitmap, 0, 0);
  element.dataset.painted = 'full';
}
