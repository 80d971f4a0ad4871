'use client';

import { useEffect } from 'react';

/** Keeps the screen from going dark while a room is open, where the browser can. */
export function useAwake(): void {
  useEffect(() => {
    if (!('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let isGone = false;
    const hold = () => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock
        .request('screen')
        .then((held) => {
          if (isGone) void held.release();
          else lock = held;
        })
        // A low battery may refuse it: then the screen goes dark as it always did.
        .catch(() => undefined);
    };
    hold();
    // The browser lets go of it when the page is hidden.
    document.addEventListener('visibilitychange', hold);
    return () => {
      isGone = true;
      document.removeEventListener('visibilitychange', hold);
      void lock?.release();
    };
  }, []);
}
