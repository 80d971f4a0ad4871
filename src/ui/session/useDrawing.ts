'use client';

import { useEffect, useRef, type RefObject } from 'react';
import { subjectKey } from '@/core/seeing/subject';
import type { PaintRequest } from '@/workers/messages';
import { runJob } from '@/workers/runJob';

/** Rest after the last change before the full drawing is asked for, ms. */
const REST_MS = 180;
/** Pixels of a picture that moves against those of one at rest: the eye does not see the difference while it follows. */
const MOVING_DENSITY = 0.75;

/**
 * Keeps a canvas painted: coarse at once while things move, full after a short rest. Painting happens in a worker; where the browser
 * has no OffscreenCanvas it happens here. A drawing that was overtaken is dropped, never shown late.
 */
export function useDrawing(canvas: RefObject<HTMLCanvasElement | null>, request: Omit<PaintRequest, 'detail' | 'density'> | null, options: { readonly still?: boolean } = {}): void {
  const latest = useRef(request);
  const state = useRef({ busy: false, again: false, painted: false });
  const still = options.still ?? false;
  const key = request ? JSON.stringify({ ...request, subject: subjectKey(request.subject) }) : '';

  useEffect(() => {
    latest.current = request;
  });

  useEffect(() => {
    const element = canvas.current;
    if (!element || !latest.current) return;
    const giveUp = new AbortController();
    const now = state.current;
    const held = still ? shown.get(key) : undefined;
    if (held) {
      show(element, held);
      now.painted = true;
      return;
    }
    const paint = async (detail: 'flat' | 'full') => {
      const asked = latest.current;
      if (!asked) return;
      const density = Math.min(2, window.devicePixelRatio || 1);
      const message: PaintRequest = { ...asked, detail, density: detail === 'flat' && !still ? density * MOVING_DENSITY : density };
      if (typeof OffscreenCanvas === 'undefined') return (await import('@/drawing/paintHere')).paintHere(element, message);
      const bitmap = await runJob('paint', message, detail === 'full' ? { signal: giveUp.signal } : {});
      if (still) {
        show(element, bitmap);
        if (detail === 'full') hold(key, bitmap);
        else bitmap.close();
      } else {
        element.width = bitmap.width;
        element.height = bitmap.height;
        element.getContext('bitmaprenderer')?.transferFromImageBitmap(bitmap);
      }
      element.dataset.painted = detail;
      now.painted = true;
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
    const rest = setTimeout(() => void paint('full').catch(() => undefined), now.painted ? REST_MS : 0);
    return () => {
      clearTimeout(rest);
      giveUp.abort();
    };
    // The key holds everything that is drawn.
  }, [canvas, key, still]);
}

/** Still pictures that were painted in full, kept so that a room that is entered again shows them at once; the oldest are let go. */
const shown = new Map<string, ImageBitmap>();
const MOST_SHOWN = 48;

function hold(key: string, bitmap: ImageBitmap): void {
  shown.get(key)?.close();
  shown.delete(key);
  shown.set(key, bitmap);
  if (shown.size <= MOST_SHOWN) return;
  const [oldest, old] = shown.entries().next().value!;
  old.close();
  shown.delete(oldest);
}

function show(element: HTMLCanvasElement, bitmap: ImageBitmap): void {
  element.width = bitmap.width;
  element.height = bitmap.height;
  element.getContext('2d')?.drawImage(bitmap, 0, 0);
  element.dataset.painted = 'full';
}
