import { useEffect, useRef, useState } from 'react';
import type { CountedSeen } from '@/core/checks/reading';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { runJob } from '@/workers/runJob';

/** Rest after the last change before leaves are counted, ms: the hand may not be done yet, and drawings come first. */
const REST_MS = 1500;
export const NOT_COUNTED: CountedSeen = new Map();

/**
 * What is seen of each plant, counted on the drawing in the worker once a planting rests, week after week, with the planting it was counted
 * of. While another one is under the hand nothing is counted: drawings need the processor.
 */
export function useCountedSeen(
  it: PlantingInSpot | null,
): { readonly of: PlantingInSpot; readonly seen: CountedSeen } | null {
  const [found, setFound] = useState<{
    readonly of: PlantingInSpot;
    readonly seen: CountedSeen;
  } | null>(null);
  const counted = useRef<PlantingInSpot | null>(null);
  useEffect(() => {
    if (!it || counted.current === it || it.plants.length < 2 || typeof Worker === 'undefined')
      return;
    const giveUp = new AbortController();
    const timer = setTimeout(() => {
      runJob('seen', { it }, { signal: giveUp.signal })
        .then((rows) => {
          counted.current = it;
          setFound({ of: it, seen: new Map(rows) });
        })
        .catch(() => undefined);
    }, REST_MS);
    return () => {
      clearTimeout(timer);
      giveUp.abort();
    };
  }, [it]);
  return found;
}
