'use client';

import { useMemo, useSyncExternalStore } from 'react';
import { heldClock, type Clock } from '@/core/calendar/clock';
import { dayIn, type Day } from '@/core/calendar/day';
import { useSettings } from './StoreProvider';

const MINUTE_MS = 60_000;

/** Tells when the minute has changed. */
function everyMinute(tell: () => void): () => void {
  const timer = setInterval(tell, MINUTE_MS);
  return () => clearInterval(timer);
}
const minute = () => Math.floor(Date.now() / MINUTE_MS);

/** The clock of the house: the machine's, or one that is held, as on the demo set's own day. */
export function useClock(): Clock & { readonly isHeld: boolean } {
  const { heldAt } = useSettings();
  // A page left open over midnight shows the new day.
  const now = useSyncExternalStore(everyMinute, minute, () => 0);
  return useMemo(
    () =>
      heldAt
        ? { ...heldClock(heldAt), isHeld: true }
        : { now: () => Math.max(Date.now(), now * MINUTE_MS), isHeld: false },
    [heldAt, now],
  );
}

/** Today by the clock of the house, as calendars show it where this device is. */
export function useToday(): Day {
  const clock = useClock();
  return dayIn(Intl.DateTimeFormat().resolvedOptions().timeZone, clock.now());
}
