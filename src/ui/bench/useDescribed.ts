import { useEffect, useMemo, useState } from 'react';
import type { Opinion } from '@/core/checks/opinion';
import type { Reading } from '@/core/checks/reading';
import type { Units } from '@/words/format';
import type { Keyed } from '@/words/names';

type Describe = typeof import('@/words/describe').describePlanting;

/** The planting in words. The sentences come beside the page; until then its name. */
export function useDescribed({
  reading,
  keys,
  opinion,
  weeks,
  units,
}: {
  readonly reading: Reading;
  readonly keys: readonly Keyed[];
  readonly opinion: Opinion;
  readonly weeks: number;
  readonly units: Units;
}): string {
  const [describe, setDescribe] = useState<Describe | null>(null);
  useEffect(
    () =>
      void import('@/words/describe').then((words) => setDescribe(() => words.describePlanting)),
    [],
  );
  return useMemo(
    () => describe?.(reading, keys, opinion, weeks, units) ?? reading.planting.name,
    [describe, reading, keys, opinion, weeks, units],
  );
}
