'use client';

import { useEffect, useMemo, useState } from 'react';
import type { Day } from '@/core/calendar/day';
import { marketOf } from '@/core/plants/market';
import { priceIn } from '@/core/plants/prices';
import { STOPS, type BenchLine } from '@/core/shopping/stops';
import { useSettings } from '@/ui/session/StoreProvider';

export interface StopBenches {
  readonly id: string;
  readonly lines: readonly BenchLine[];
}

/**
 * What every stop has on a day, in the gardener's money. One that does not answer is left out.
 * @returns `undefined` while they are asked
 */
export function useAllBenches(day: Day): readonly StopBenches[] | undefined {
  const [answer, setAnswer] = useState<{
    readonly day: Day;
    readonly stops: readonly StopBenches[];
  }>();
  useEffect(() => {
    const giveUp = new AbortController();
    void Promise.all(STOPS.map(({ id }) => ask(id, day, giveUp.signal))).then((stops) => {
      if (!giveUp.signal.aborted) setAnswer({ day, stops: stops.filter((one) => one !== null) });
    });
    return () => giveUp.abort();
  }, [day]);
  const market = marketOf(useSettings());
  return useMemo(
    () =>
      answer?.day === day
        ? answer.stops.map(({ id, lines }) => ({
            id,
            lines: lines.map((line) => ({ ...line, price: priceIn(market, line.price) })),
          }))
        : undefined,
    [answer, day, market],
  );
}

async function ask(id: string, day: Day, signal: AbortSignal): Promise<StopBenches | null> {
  try {
    const response = await fetch(`/api/garden-centre?stop=${id}&day=${day}`, { signal });
    if (!response.ok) return null;
    const { benchSchema } = await import('@/ui/session/benchSchema');
    return { id, lines: benchSchema.parse(await response.json()).stock };
  } catch {
    return null;
  }
}
