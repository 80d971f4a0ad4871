'use client';

import { useMemo } from 'react';
import { read } from '@/core/checks/reading';
import { spotWeather } from '@/core/care/spotWeather';
import { dayIn } from '@/core/calendar/day';
import { seasonLine } from '@/core/diary/seasonLine';
import type { Entry } from '@/core/log/entry';
import { byPlanting, lifeOf } from '@/core/log/life';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { useChart } from '@/ui/controls/useChart';
import { useClock } from '@/ui/session/useClock';
import { useLive, useSettings } from '@/ui/session/StoreProvider';
import { lineText } from '@/words/diary';
import { countText } from '@/words/format';
import { minorText } from '@/words/making';
import { lineChart } from './lineChart';

/** A container's season on one line of time: what was expected as a band, what was seen as marks, the weather of those days under it. */
export default function SeasonLine({
  it,
  log,
}: {
  readonly it: PlantingInSpot;
  readonly log: readonly Entry[];
}) {
  const settings = useSettings();
  const clock = useClock();
  const records = useLive((store) => store.spots.weather(it.spot.id), [it.spot.id]);
  const today = dayIn(it.spot.site.timeZone, clock.now());
  const line = useMemo(() => {
    const held = byPlanting(log).get(it.planting.id) ?? [];
    const { plantedOn } = lifeOf(held);
    if (plantedOn === null || records === undefined) return null;
    const weather = spotWeather(it.spot, records, today);
    return seasonLine(read(it), held, { plantedOn, weatherOn: weather.on });
  }, [it, log, records, today]);
  const inches = settings.length === 'in';
  const option = useMemo(() => line && lineChart(line, { inches, today }), [line, inches, today]);
  const box = useChart(
    (ink) => option?.(ink) ?? {},
    JSON.stringify([line, inches, settings.theme]),
  );
  return (
    <div className="mt-1 bg-paper px-4 py-3">
      {line && (
        <p className="text-small text-ink2">
          {countText(line.watered, 'watering')}, {countText(line.fed, 'feed')}
          {line.spentMinor > 0 && `, ${minorText(line.spentMinor, settings)} spent`}
        </p>
      )}
      <div
        ref={box}
        className="h-[320px] w-full"
        role="img"
        aria-label={line ? lineText(line, settings) : 'Reckoning the season'}
      />
    </div>
  );
}
