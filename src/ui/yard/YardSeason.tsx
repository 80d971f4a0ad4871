'use client';

import { useEffect, useState } from 'react';
import type { YardSeason as Season } from '@/core/checks/yardSeason';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { L_PER_US_GALLON, weekAfter } from '@/core/units/units';
import { seasonChart } from './seasonChart';
import { useChart } from '@/ui/controls/useChart';
import { useSettings } from '@/ui/session/StoreProvider';
import { dateText } from '@/words/format';
import { runJob } from '@/workers/runJob';

/** The season of the whole yard on one line of time: what there is to look at, what it drinks, and the minutes it asks for. */
export default function YardSeason({ its }: { readonly its: readonly PlantingInSpot[] }) {
  const [season, setSeason] = useState<Season | null>(null);
  useEffect(() => {
    const giveUp = new AbortController();
    runJob('yardSeason', { its }, { signal: giveUp.signal })
      .then(setSeason)
      .catch(() => undefined);
    return () => giveUp.abort();
  }, [its]);
  // The room it will take is kept.
  return (
    <section aria-label="The season here" className="mt-3 min-h-[292px] bg-paper px-4 py-3">
      <h2 className="flex flex-wrap items-baseline gap-x-3 text-lead font-semibold">
        The season
        <span className="text-small font-normal text-ink2">
          all containers together, in usual weather
        </span>
      </h2>
      {season && <Chart season={season} />}
    </section>
  );
}

function Chart({ season }: { readonly season: Season }) {
  const settings = useSettings();
  const inches = settings.length === 'in';
  const percent = (values: readonly number[]) => values.map((value) => Math.round(value * 100));
  const figures = {
    weeks: season.standing.map((_, week) => dateText(weekAfter(season.fromWeek, week))),
    hidden: percent(season.hidden),
    interest: percent(season.interest),
    thirst: season.thirstL.map(
      (litres) => Math.round((inches ? litres / L_PER_US_GALLON : litres) * 10) / 10,
    ),
    minutes: season.minutes.map(Math.round),
    waterUnit: inches ? 'gal' : 'L',
  };
  const box = useChart(
    (ink) => seasonChart(figures, ink),
    JSON.stringify([figures, settings.theme]),
  );
  return (
    <div
      ref={box}
      className="h-[250px] w-full"
      role="img"
      aria-label={`Water a day: ${figures.thirst.map((value, week) => `${figures.weeks[week]} ${value} ${figures.waterUnit}`).join(', ')}. Care a week: ${figures.minutes.map((value, week) => `${figures.weeks[week]} ${value} minutes`).join(', ')}`}
    />
  );
}
