'use client';

import { format } from 'date-fns';
import { useEffect, useMemo, useState } from 'react';
import { marketOf } from '@/core/plants/market';
import { priceIn } from '@/core/plants/prices';
import type { BenchLine } from '@/core/shopping/stops';
import { useSettings } from './StoreProvider';

/** What a stop has on its benches today. */
export interface Benches {
  readonly stop: string | null;
  /** `undefined` while asking, `null` when it does not answer. */
  readonly lines: readonly BenchLine[] | null | undefined;
  readonly linesOf: (kindId: string) => readonly BenchLine[];
  /** Kinds of which at least one is there. */
  readonly there: ReadonlySet<string>;
}

/** Today's benches of a stop of the simulated garden centres; nothing is asked while no stop is chosen. */
export function useBenches(stop: string | null): Benches {
  const [answer, setAnswer] = useState<{
    readonly stop: string;
    readonly lines: readonly BenchLine[] | null;
  }>();
  useEffect(() => {
    if (!stop) return;
    const giveUp = new AbortController();
    fetch(`/api/garden-centre?stop=${stop}&day=${format(new Date(), 'yyyy-MM-dd')}`, {
      signal: giveUp.signal,
    })
      .then(async (response) =>
        setAnswer({
          stop,
          lines: response.ok
            ? (await import('./benchSchema')).benchSchema.parse(await response.json()).stock
            : null,
        }),
      )
      .catch((error: Error) => error.name !== 'AbortError' && setAnswer({ stop, lines: null }));
    return () => giveUp.abort();
  }, [stop]);
  const told = stop && answer?.stop === stop ? answer.lines : undefined;
  const market = marketOf(useSettings());
  return useMemo(() => {
    // The stops are asked nothing about the gardener: they tell European prices.
    const lines = told?.map((line) => ({ ...line, price: priceIn(market, line.price) })) ?? told;
    const byKind = new Map<string, BenchLine[]>();
    for (const line of lines ?? [])
      byKind.set(line.kindId, [...(byKind.get(line.kindId) ?? []), line]);
    return {
      stop,
      lines,
      linesOf: (kindId) => byKind.get(kindId) ?? [],
      there: new Set((lines ?? []).filter(({ count }) => count > 0).map(({ kindId }) => kindId)),
    };
  }, [stop, told, market]);
}
