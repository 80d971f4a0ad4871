'use client';

import { usePathname } from 'next/navigation';
import { useEffect, useEffectEvent } from 'react';
import { useClock } from '@/ui/session/useClock';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { CAN_HIRE } from '@/workers/canHire';

/** So long after the book is there the room is shown and its workers are there, ms. */
const SETTLED_MS = 2500;

let isRehearsed = false;

/** Has the search run through once, beside the page, before somebody waits for it. */
export default function Rehearsal() {
  const { ready } = useLibrary();
  const clock = useClock();
  const room = usePathname();
  const isWanted = ready && room !== '/start';
  const rehearse = useEffectEvent(async (signal: AbortSignal) => {
    const run = await import('@/ui/start/rehearse');
    await run.rehearse(clock, signal);
    isRehearsed = true;
  });
  useEffect(() => {
    if (!isWanted || isRehearsed || !CAN_HIRE.thinkers) return;
    const giveUp = new AbortController();
    // What fails here fails nobody.
    const timer = setTimeout(() => void rehearse(giveUp.signal).catch(() => undefined), SETTLED_MS);
    return () => {
      clearTimeout(timer);
      giveUp.abort();
    };
  }, [isWanted]);
  return null;
}
