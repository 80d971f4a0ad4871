'use client';

import { useEffect, useState, type RefObject } from 'react';

/** How far outside the window something counts as about to be seen, px. */
const SOON_PX = 500;

/** Is an element in the window, or about to be? Where the browser cannot tell, it is. */
export function useSeen(element: RefObject<Element | null>, asked: boolean): boolean {
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    if (!asked || !element.current || typeof IntersectionObserver === 'undefined') return;
    const observer = new IntersectionObserver(([entry]) => setSeen(entry?.isIntersecting ?? true), {
      rootMargin: `${SOON_PX}px`,
    });
    observer.observe(element.current);
    return () => observer.disconnect();
  }, [element, asked]);
  return seen || !asked || typeof IntersectionObserver === 'undefined';
}
