'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { dayIn, localTime, type Day } from '@/core/calendar/day';
import type { PlantingInSpot } from '@/core/plantings/planting';
import {
  onlyTold,
  partly,
  wholly,
  type Answered,
  type Cared,
  type CareQuestion,
} from './reckonCare';
import { useClock } from './useClock';
import { useLive } from './StoreProvider';
import type { Planted } from './planted';

export type { Cared };

/** Where the day is read: the first spot's zone, since one person walks one yard. */
export function zoneOf(its: readonly PlantingInSpot[]): string {
  return its[0]?.spot.site.timeZone ?? 'Europe/London';
}

/**
 * What every planting asks today, reckoned beside the page from plan, log and weather.
 * @param more days of an absence to be looked at too, or the water of the season
 * @returns `undefined` while it is reckoned for the first time
 */
export function useCare(
  planted: Planted | undefined,
  more: {
    readonly away?: { readonly from: Day; readonly to: Day };
    readonly isSeasonAsked?: boolean;
  } = {},
): Cared | undefined {
  const clock = useClock();
  const [found, setFound] = useState<Cared | undefined>(undefined);
  const records = useLive(async (s) =>
    Object.fromEntries(
      await Promise.all(
        (await s.spots.all()).map(async ({ id }) => [id, await s.spots.weather(id)] as const),
      ),
    ),
  );
  const zone = zoneOf(planted?.its ?? []);
  // By the quarter of an hour: water does not change by the minute.
  const at = localTime(zone, Math.floor(clock.now() / 900_000) * 900_000);
  const today = dayIn(zone, Date.parse(at));
  const hour = Number(at.slice(11, 13)) + Number(at.slice(14, 16)) / 60;
  const { isSeasonAsked = false } = more;
  const from = more.away?.from;
  const to = more.away?.to;
  const away = useMemo(() => (from && to ? { from, to } : undefined), [from, to]);
  const question = useMemo(
    (): CareQuestion | null =>
      planted && records
        ? {
            its: planted.its,
            log: planted.log,
            isPart: planted.isPart ?? false,
            records,
            today,
            hour,
            isSeasonAsked,
            ...(away ? { away } : {}),
          }
        : null,
    [planted, records, today, hour, isSeasonAsked, away],
  );
  const latest = useRef<Answered | null>(null);
  useEffect(() => {
    if (!question) return;
    const giveUp = new AbortController();
    const { signal } = giveUp;
    const keep = (cared: Cared) => {
      latest.current = { question, cared };
      setFound(cared);
    };
    void (async () => {
      const before = latest.current;
      const told = onlyTold(before, question);
      // What was just told of is seen to first, by itself; warnings and drip lines, which it may change, follow at rest.
      if (before && told) {
        keep(await partly(question, told, before.cared, signal));
        await rest(signal);
      }
      keep(await wholly(question, signal, setFound));
    })().catch(() => undefined);
    return () => giveUp.abort();
  }, [question]);
  return found;
}

/** After the last answer it is so long until all is looked at again, ms: a thumb that answers every second is not held up. */
const REST_MS = 1500;

/** @throws an `AbortError` when something else is asked meanwhile */
const rest = (signal: AbortSignal): Promise<void> =>
  new Promise((resolve, reject) => {
    const timer = setTimeout(resolve, REST_MS);
    signal.addEventListener('abort', () => {
      clearTimeout(timer);
      reject(new DOMException('Something else is asked.', 'AbortError'));
    });
  });
