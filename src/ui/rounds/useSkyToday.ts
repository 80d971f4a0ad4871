'use client';

import { useMemo } from 'react';
import type { Day } from '@/core/calendar/day';
import { spotWeather } from '@/core/care/spotWeather';
import type { DayWeather } from '@/core/climate/weather';
import { useLive } from '@/ui/session/StoreProvider';
import type { Planted } from '@/ui/session/usePlanted';

/** The weather of a day where the yard lies, as care reckons with it. */
export function useSkyToday({ its }: Planted, today: Day): DayWeather | null {
  const spot = its[0]?.spot;
  const records = useLive(async (s) => (spot ? s.weather(spot.id) : []), [spot]);
  return useMemo(
    () => (spot && records ? spotWeather(spot, records, today).on(today) : null),
    [spot, records, today],
  );
}
