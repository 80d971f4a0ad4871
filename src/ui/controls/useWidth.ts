'use client';

import { useCallback, useRef, useState, type RefCallback } from 'react';

/** The width of an element, px, kept up with its size; 0 before it is known. The element may come later or be replaced. */
export function useWidth<T extends HTMLElement>(): readonly [RefCallback<T>, number] {
  const [width, setWidth] = useState(0);
  const observer = useRef<ResizeObserver | null>(null);
  const ref = useCallback((element: T | null) => {
    observer.current?.disconnect();
    if (!element) return;
    // At once, before anything is painted; the observer tells a frame later.
    const { paddingLeft, paddingRight } = getComputedStyle(element);
    const inside =
      element.clientWidth - (parseFloat(paddingLeft) || 0) - (parseFloat(paddingRight) || 0);
    setWidth(Math.max(0, Math.round(inside)));
    observer.current = new ResizeObserver(([entry]) =>
      setWidth(Math.round(entry!.contentRect.width)),
    );
    observer.current.observe(element);
  }, []);
  return [ref, width];
}
