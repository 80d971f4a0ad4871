import { useRef, type TouchEvent } from 'react';

/** A finger that went so far to the side, and less up or down, has swiped, px. */
const SWIPE_PX = 56;

/** What tells that a drawing was swiped to the side; nothing where that means nothing. */
export function useSwipe(onSwipe: (() => void) | null) {
  const from = useRef<{ readonly x: number; readonly y: number } | null>(null);
  if (!onSwipe) return {};
  return {
    onTouchStart: ({ touches }: TouchEvent) => {
      const one = touches[0];
      // Two fingers zoom the page.
      from.current = one && touches.length === 1 ? { x: one.clientX, y: one.clientY } : null;
    },
    onTouchEnd: ({ changedTouches }: TouchEvent) => {
      const one = changedTouches[0];
      const begun = from.current;
      from.current = null;
      if (!begun || !one) return;
      const across = Math.abs(one.clientX - begun.x);
      if (across >= SWIPE_PX && across > Math.abs(one.clientY - begun.y)) onSwipe();
    },
  };
}
