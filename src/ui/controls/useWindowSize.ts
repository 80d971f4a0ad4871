'use client';

import { useSyncExternalStore } from 'react';

const NONE = '0 0';
const listen = (tell: () => void) => {
  window.addEventListener('resize', tell);
  return () => window.removeEventListener('resize', tell);
};

/** Size of the window, px, kept up with it; 0 on the server. */
export function useWindowSize(): { readonly width: number; readonly height: number } {
  const told = useSyncExternalStore(
    listen,
    () => `${window.innerWidth} ${window.innerHeight}`,
    () => NONE,
  );
  const [width, height] = told.split(' ').map(Number) as [number, number];
  return { width, height };
}
