'use client';

import { useEffect } from 'react';

/** Prints what is on the page as soon as it is there, and tells when that is over. */
export function usePrinting(onDone: () => void): void {
  useEffect(() => {
    window.addEventListener('afterprint', onDone);
    window.print();
    return () => window.removeEventListener('afterprint', onDone);
  }, [onDone]);
}
