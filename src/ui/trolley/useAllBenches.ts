'use client';

import { useEffect, useMemo, useState } from 'react';
import type { Day } from '@/core/calendar/day';
import { marketOf } from '@/core/plants/market';
import { priceIn } from '@/core/plants/prices';
import { STOPS } from '@/core/shopping/stops';
import { askStop, type AskedStop } from '@/ui/session/askStop';
import { useSettings } from '@/ui/session/StoreProvider';

export interface StopBenches extends AskedStop {
  readonly id: string;
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
    void Promise.all(
      STOPS.map(async ({ id }) => {
        const asked = await askStop(id, day, giveUp.signal);
        return asked && { id, ...asked };
      }),
    ).then((stops) => {
      if (!giveUp.signal.aborted) setAnswer({ day, stops: stops.filter((one) => one !== null) });
    });
    return () => giveUp.abort();
  }, [day]);
  const market = marketOf(useSettings());
  return useMemo(
    () =>
      answer?.day === day
        ? answer.stops.map(({ lines, ...stop }) => ({
            ...stop,
            lines: lines.map((line) => ({ ...line, price: priceIn(market, line.price) })),
          }))
        : undefined,
    [answer, day, market],
  );
}
