import { useCallback, useEffect, useRef, useState } from 'react';

/** How long somebody takes to walk past, ms, and how far off square they begin and end, degrees. */
const WALK_MS = 6500;
const FROM_DEG = 62;

/**
 * Walks past the planting: the view turns as it does for somebody who goes by along the front, slow while far, quick while near.
 * Where motion is not wanted, `onStill` is called instead. A press while walking stops it.
 */
export function useWalkPast(
  turn: (deg: number) => void,
  onStill: () => void,
): { readonly walking: boolean; readonly start: () => void } {
  const [walking, setWalking] = useState(false);
  const frame = useRef(0);
  const stop = useCallback(() => {
    cancelAnimationFrame(frame.current);
    frame.current = 0;
    setWalking(false);
    turn(0);
  }, [turn]);
  useEffect(() => () => cancelAnimationFrame(frame.current), []);
  const start = useCallback(() => {
    if (frame.current !== 0) return stop();
    if (window.matchMedia('(prefers-reduced-motion: reduce)').matches) return onStill();
    setWalking(true);
    const began = performance.now();
    const end = Math.tan((FROM_DEG * Math.PI) / 180);
    const step = (now: number) => {
      const share = (now - began) / WALK_MS;
      if (share >= 1) return stop();
      turn((Math.atan(end * (2 * share - 1)) * 180) / Math.PI);
      frame.current = requestAnimationFrame(step);
    };
    frame.current = requestAnimationFrame(step);
  }, [stop, turn, onStill]);
  return { walking, start };
}
