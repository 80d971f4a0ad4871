'use client';

import { useEffect, useState, type RefObject } from 'react';

/** How far outside the window something counts as about to be seen, px. */
const SOON_PX = 500;

type Tell = (isSeen: boolean) => void;

/** One observer for all of one distance: each of its own asks the browser for the whole page's measures again, in every frame. */
const observers = new Map<
  number,
  { readonly observer: IntersectionObserver; readonly told: Map<Element, Tell> }
>();

function observerFor(aroundPx: number) {
  let found = observers.get(aroundPx);
  if (!found) {
    const told = new Map<Element, Tell>();
    const observer = new IntersectionObserver(
      (entries) =>
        entries.forEach(({ target, isIntersecting }) => told.get(target)?.(isIntersecting)),
      { rootMargin: `${aroundPx}px` },
    );
    observers.set(aroundPx, (found = { observer, told }));
  }
  return found;
}

function watch(element: Element, aroundPx: number, tell: Tell): () => void {
  const { observer, told } = observerFor(aroundPx);
  told.set(element, tell);
  observer.observe(element);
  return () => {
    told.delete(element);
    observer.unobserve(element);
  };
}

/**
 * Is an element in the window, or about to be? Where the browser cannot tell, it is.
 * @param aroundPx how far outside the window it counts
 */
export function useSeen(
  element: RefObject<Element | null>,
  asked: boolean,
  aroundPx = SOON_PX,
): boolean {
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    if (!asked || !element.current || typeof IntersectionObserver === 'undefined') return;
    return watch(element.current, aroundPx, setSeen);
  }, [element, asked, aroundPx]);
  return seen || !asked || typeof IntersectionObserver === 'undefined';
}
