'use client';

import { useEffect, useMemo, useState } from 'react';
import { dayIn, localTime, type Day } from '@/core/calendar/day';
import type { AwayPot } from '@/core/care/away';
import type { Warning } from '@/core/care/warnings';
import type { DripZone } from '@/core/care/drip';
import type { DayWeather } from '@/core/climate/weather';
import type { Care } from '@/core/care/careOf';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { runJob } from '@/workers/runJob';
import { useClock } from './useClock';
import { useLive } from './StoreProvider';
import type { Planted } from './usePlanted';

export interface Cared {
  readonly today: Day;
  readonly hour: number;
  readonly byId: ReadonlyMap<string, Care>;
  readonly away: readonly AwayPot[];
  readonly warnings: readonly Warning[];
  readonly sky: DayWeather | null;
  readonly drips: readonly DripZone[];
}

/** Where the day is read: the first spot's zone, since one person walks one yard. */
export function zoneOf(its: readonly PlantingInSpot[]): string {
  return its[0]?.spot.site.timeZone ?? 'Europe/London';
}

/**
 * What every planting asks today, reckoned beside the page from plan, log and weather.
 * @param away days of an absence, to be looked at too
 * @returns `undefined` while it is reckoned for the first time
 */
export function useCare(
  planted: Planted | undefined,
  away?: { readonly from: Day; readonly to: Day },
): Cared | undefined {
  const clock = useClock();
  const [found, setFound] = useState<Cared | undefined>(undefined);
  const spots = planted?.spots;
  const records = useLive(
    async (s) =>
      Object.fromEntries(
        await Promise.all((spots ?? []).map(async ({ id }) => [id, await s.weather(id)] as const)),
      ),
    [spots],
  );
  const zone = zoneOf(planted?.its ?? []);
  // By the quarter of an hour: water does not change by the minute.
  const at = localTime(zone, Math.floor(clock.now() / 900_000) * 900_000);
  const asked = useMemo(
    () =>
      planted &&
      records && {
        its: planted.its,
        log: planted.log,
        records,
        today: dayIn(zone, Date.parse(at)),
        hour: Number(at.slice(11, 13)) + Number(at.slice(14, 16)) / 60,
      },
    [planted, records, zone, at],
  );
  const from = away?.from;
  const to = away?.to;
  useEffect(() => {
    if (!asked) return;
    const giveUp = new AbortController();
    void runJob(
      'care',
      { ...asked, ...(from && to ? { away: { from, to } } : {}) },
      { signal: giveUp.signal },
    )
      .then(({ care, away: absence, ...rest }) =>
        setFound({
          today: asked.today,
          hour: asked.hour,
          byId: new Map(care.map((one) => [one.plantingId, one])),
          away: absence,
          ...rest,
        }),
      )
      .catch(() => undefined);
    return () => giveUp.abort();
  }, [asked, from, to]);
  return found;
}
