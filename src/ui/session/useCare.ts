'use client';

import { useEffect, useMemo, useState } from 'react';
import { dayIn, localTime, type Day } from '@/core/calendar/day';
import type { AwayPot } from '@/core/care/away';
import type { SeasonWater } from '@/core/care/season';
import type { Warning } from '@/core/care/warnings';
import type { DripZone } from '@/core/care/drip';
import type { DayWeather } from '@/core/climate/weather';
import type { Care } from '@/core/care/careOf';
import { walkingOrder } from '@/core/care/round';
import type { PlantingInSpot } from '@/core/plantings/planting';
import type { Stand } from '@/workers/messages';
import { runJob } from '@/workers/runJob';
import { useClock } from './useClock';
import { useLive } from './StoreProvider';
import type { Planted } from './usePlanted';

export interface Cared {
  readonly today: Day;
  readonly hour: number;
  readonly byId: ReadonlyMap<string, Care>;
  readonly away: readonly AwayPot[];
  readonly season: readonly SeasonWater[];
  readonly warnings: readonly Warning[];
  /** The day's weather by spot. */
  readonly skies: ReadonlyMap<string, DayWeather>;
  readonly drips: readonly DripZone[];
  /** Has everything been looked at, or only the first of it? */
  readonly isWhole: boolean;
}

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
        (await s.spots()).map(async ({ id }) => [id, await s.weather(id)] as const),
      ),
    ),
  );
  const zone = zoneOf(planted?.its ?? []);
  // By the quarter of an hour: water does not change by the minute.
  const at = localTime(zone, Math.floor(clock.now() / 900_000) * 900_000);
  const asked = useMemo(
    () =>
      planted &&
      records && {
        ...standsOf(planted, dayIn(zone, Date.parse(at))),
        log: planted.log,
        records,
        today: dayIn(zone, Date.parse(at)),
        hour: Number(at.slice(11, 13)) + Number(at.slice(14, 16)) / 60,
      },
    [planted, records, zone, at],
  );
  const isPart = planted?.isPart ?? false;
  const { isSeasonAsked = false } = more;
  const from = more.away?.from;
  const to = more.away?.to;
  useEffect(() => {
    if (!asked) return;
    const giveUp = new AbortController();
    const { today, hour, stands, place, ...ask } = asked;
    const inOrder = <T extends { readonly plantingId: string }>(list: readonly T[]): readonly T[] =>
      [...list].sort((a, b) => place.get(a.plantingId)! - place.get(b.plantingId)!);
    const here = new Set(stands.map(({ planting }) => planting.id));
    void runJob(
      'care',
      { ...ask, stands, today, hour, isSeasonAsked, ...(from && to ? { away: { from, to } } : {}) },
      {
        signal: giveUp.signal,
        // What was known of the others is shown until they are looked at anew.
        onProgress: ({ care, skies }) =>
          setFound((before) => ({
            ...(before ?? NOTHING_YET),
            today,
            hour,
            skies,
            isWhole: false,
            byId: new Map([
              ...[...(before?.byId ?? [])].filter(([id]) => here.has(id)),
              ...care.map((one) => [one.plantingId, one] as const),
            ]),
          })),
      },
    )
      .then(({ care, away, season, ...rest }) =>
        setFound({
          today,
          hour,
          isWhole: !isPart,
          byId: new Map(care.map((one) => [one.plantingId, one])),
          away: inOrder(away),
          season: inOrder(season),
          ...rest,
        }),
      )
      .catch(() => undefined);
    return () => giveUp.abort();
  }, [asked, isPart, from, to, isSeasonAsked]);
  return found;
}

const NOTHING_YET = { away: [], season: [], warnings: [], drips: [] } as const;

/** What stands, as it is to be looked at: what something was just told of first, then in walking order; and its place in that order. */
function standsOf(
  { its, log }: Planted,
  today: Day,
): { readonly stands: readonly Stand[]; readonly place: ReadonlyMap<string, number> } {
  const ids = its.map(({ planting }) => planting.id);
  const latest = log[log.length - 1]?.of.plantingId;
  const place = new Map(walkingOrder(ids, log, today).map((id, i) => [id, i]));
  const rank = ({ planting: { id } }: PlantingInSpot) => (id === latest ? -1 : place.get(id)!);
  const stands = [...its]
    .sort((a, b) => rank(a) - rank(b))
    .map(({ planting, spot, house, weeksBefore }) => ({ planting, spot, house, weeksBefore }));
  return { stands, place };
}
