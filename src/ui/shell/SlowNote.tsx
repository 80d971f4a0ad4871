'use client';

import { useState, useSyncExternalStore } from 'react';
import { Button } from '@/ui/controls/Button';
import { CAN_HIRE } from '@/workers/canHire';

const never = () => () => undefined;

/** Said once where a browser has no workers, or none that can draw: everything still works, more slowly. */
export function SlowNote() {
  const slow = useSyncExternalStore(
    never,
    () => !CAN_HIRE.thinkers || !CAN_HIRE.drawers,
    () => false,
  );
  const [read, setRead] = useState(false);
  if (!slow || read) return null;
  return (
    <p
      role="status"
      className="flex flex-wrap items-center gap-x-4 gap-y-1 bg-paper px-4 py-2 wide:px-6"
    >
      This browser cannot think and draw beside the page. Everything works, and comes more slowly.
      <Button look="plain" onClick={() => setRead(true)}>
        I have read it
      </Button>
    </p>
  );
}
