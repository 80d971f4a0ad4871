'use client';

import { useState } from 'react';

/**
 * A value that stands still while a hand is on what it is worked out from: a drawing may not change
 * its scale under a drag, or the pointer would be read in another scale than it was pressed in.
 */
export function useFrozen<T>(value: T, frozen: boolean): T {
  const [kept, setKept] = useState(value);
  if (!frozen && !Object.is(kept, value)) setKept(value);
  return frozen ? kept : value;
}
