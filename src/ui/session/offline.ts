import { useSyncExternalStore } from 'react';
import type { Store } from '@/data/store';
import { askUnkeptAgain } from './askService';

/** How far Rillbank is kept on this device, so that it opens without a network. */
export type Offline =
  /** It could not be fetched whole, or this browser, or this address, cannot keep it: only a secure address can. */
  | 'cannot'
  | 'not yet'
  | 'kept'
  /** Kept; a newer version is there as well, and waits to be taken. */
  | 'newer waits'
  /** The newer version answers from now on; this window still shows the one before. */
  | 'renewed';

/** After the room that was opened has come to rest, ms: keeping is never what is waited for. */
const REST_MS = 4000;
/** A newer version is looked for when the window is looked at again after so long, ms. */
const LOOK_AGAIN_MS = 60 * 60 * 1000;

let now: Offline = 'not yet';
let waiting: ServiceWorker | null = null;
const listeners = new Set<() => void>();

function tell(next: Offline): void {
  now = next;
  listeners.forEach((hear) => hear());
}

const listen = (hear: () => void) => {
  listeners.add(hear);
  return () => void listeners.delete(hear);
};

export const useOffline = (): Offline =>
  useSyncExternalStore(
    listen,
    () => now,
    () => 'not yet',
  );

let begun = false;
/** Lets the service worker keep this version, once the page has come to rest. In development nothing is kept. */
export function keepOffline(): void {
  if (begun) return;
  begun = true;
  if (!process.env.BUILT || !('serviceWorker' in navigator)) return tell('cannot');
  // Kept at an earlier visit: this page came from there.
  if (navigator.serviceWorker.controller) tell('kept');
  setTimeout(() => void register().catch(() => tell('cannot')), REST_MS);
}

async function register(): Promise<void> {
  const { serviceWorker } = navigator;
  let isControlled = serviceWorker.controller !== null;
  serviceWorker.addEventListener('controllerchange', () => {
    // The first one takes nobody's place.
    if (!isControlled) {
      isControlled = true;
      return void askUnkeptAgain();
    }
    // Whoever asked for it reloads; elsewhere something may be half typed.
    if (isTaking) window.location.reload();
    else tell('renewed');
  });
  const here = await serviceWorker.register('/sw.js', { updateViaCache: 'none' });
  const look = () => {
    if (now === 'renewed') return;
    if (here.waiting && here.active) {
      waiting = here.waiting;
      tell('newer waits');
    } else if (here.active) tell('kept');
  };
  const follow = (worker: ServiceWorker | null) =>
    worker?.addEventListener('statechange', () => {
      // Not all of it could be fetched: nothing was kept.
      if (worker.state === 'redundant' && !here.active) tell('cannot');
      else look();
    });
  follow(here.installing);
  here.addEventListener('updatefound', () => follow(here.installing));
  look();
  let lookedAt = performance.now();
  document.addEventListener('visibilitychange', () => {
    if (document.hidden || performance.now() - lookedAt < LOOK_AGAIN_MS) return;
    lookedAt = performance.now();
    // Without a network there is nothing newer.
    void here.update().catch(() => undefined);
  });
}

let isTaking = false;
/** Takes the newer version and opens this window with it, once everything has been written. */
export async function takeNewer(store: Store | null): Promise<void> {
  while (store?.isWriting) await new Promise((resolve) => setTimeout(resolve, 20));
  if (now === 'renewed' || !waiting) return window.location.reload();
  isTaking = true;
  waiting.postMessage('take over');
}
