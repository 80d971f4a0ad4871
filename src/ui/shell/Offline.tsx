'use client';

import { useEffect } from 'react';
import { keepOffline, takeNewer, useOffline } from '@/ui/session/offline';
import { say } from '@/ui/session/say';
import { useStore } from '@/ui/session/StoreProvider';

/** Keeps Rillbank on this device, and says when a newer one is there. */
export default function Offline() {
  const offline = useOffline();
  const store = useStore();
  useEffect(keepOffline, []);
  useEffect(() => {
    const go = () => void takeNewer(store);
    if (offline === 'newer waits')
      say('A newer Rillbank is ready.', { label: 'Take it', go }, { stays: true });
    if (offline === 'renewed')
      say(
        'Rillbank was renewed in another window.',
        { label: 'Open it here', go },
        { stays: true },
      );
  }, [offline, store]);
  return null;
}
