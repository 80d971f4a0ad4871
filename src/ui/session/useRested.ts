import { startTransition, useEffect, useState } from 'react';

/** Rest after the last change before it is passed on, ms: longer than the gap between two moves of a hand. */
const REST_MS = 140;

/**
 * A value that stays as it was while it keeps changing, and follows once it rests: for what is too slow to follow a hand. What is drawn
 * of it then may be put aside for the hand's next move.
 */
export function useRested<T>(value: T): T {
  const [rested, setRested] = useState(value);
  useEffect(() => {
    if (rested === value) return;
    const timer = setTimeout(() => startTransition(() => setRested(() => value)), REST_MS);
    return () => clearTimeout(timer);
  }, [value, rested]);
  return rested;
}
