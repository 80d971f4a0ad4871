'use client';

import { useEffect, useEffectEvent } from 'react';

/** Prints what is on the page as soon as it is there, and tells when that is over. */
export function usePrinting(onDone: () => void): void {
  const done = useEffectEvent(onDone);
  useEffect(() => {
    const after = () => done();
    window.addEventListener('afterprint', after);
    window.print();
    return () => window.removeEventListener('afterprint', after);
  }, []);
}
