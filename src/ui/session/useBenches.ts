'use client';

import { useEffect, useMemo, useState } from 'react';
import { marketOf } from '@/core/plants/market';
import { priceIn } from '@/core/plants/prices';
import type { BenchLine } from '@/core/shopping/stops';
import { askStop, type AskedStop } from './askStop';
import { useSettings } from './StoreProvider';
import { useToday } from './useClock';

/** What a stop has on its benches today. */
export interface Benches {
  readonly stop: string | null;
  /** `undefined` while asking, `null` when it does not answer. */
  readonly lines: readonly BenchLine[] | null | undefined;
  /** When they were seen last, where the stop cannot be reached now. */
  readonly knownSince: Date | null;
  readonly linesOf: (kindId: string) => readonly BenchLine[];
  /** Kinds of which at least one is there. */
  readonly there: ReadonlySet<string>;
}

/** Today's benches of a stop of the simulated garden centres; nothing is asked while no stop is chosen. */
export function useBenches(stop: string | null): Benches {
  const [answer, setAnswer] = useState<{
    readonly stop: string;
    readonly asked: AskedStop | null;
  }>();
  const today = useToday();
  useEffect(() => {
    if (!stop) return;
    const giveUp = new AbortController();
    void askStop(stop, today, giveUp.signal).then(
      (asked) => giveUp.signal.aborted || setAnswer({ stop, asked }),
    );
    return () => giveUp.abort();
  }, [stop, today]);
  const asked = stop && answer?.stop === stop ? answer.asked : undefined;
  const market = marketOf(useSettings());
  return useMemo(() => {
    // The stops are asked nothing about the gardener: they tell European prices.
    const lines =
      asked?.lines.map((line) => ({ ...line, price: priceIn(market, line.price) })) ??
      (asked === null ? null : undefined);
    const byKind = new Map<string, BenchLine[]>();
    for (const line of lines ?? [])
      byKind.set(line.kindId, [...(byKind.get(line.kindId) ?? []), line]);
    return {
      stop,
      lines,
      knownSince: asked?.knownSince ?? null,
      linesOf: (kindId) => byKind.get(kindId) ?? [],
      there: new Set((lines ?? []).filter(({ count }) => count > 0).map(({ kindId }) => kindId)),
    };
  }, [stop, asked, market]);
}
