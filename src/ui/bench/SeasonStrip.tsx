'use client';

import { memo, useMemo } from 'react';
import { foreseenSeason } from '@/core/checks/foreseen';
import type { Reading } from '@/core/checks/reading';
import { seasonCare } from '@/core/checks/seasonCare';
import { L_PER_US_GALLON, weekAfter } from '@/core/units/units';
import { useChart } from '@/ui/controls/useChart';
import { countText, dateText, type Units } from '@/words/format';
import { inSentence, type Keyed } from '@/words/names';
import { seasonChart } from './seasonChart';

interface SeasonStripProps {
  readonly reading: Reading;
  readonly keys: readonly Keyed[];
  readonly theme: string;
  readonly units: Pick<Units, 'length'>;
}

/** The season foreseen: what there is to look at and how much of the mix is hidden, week by week; and who overtakes whom, with the week to cut. */
const SeasonStrip = memo(function SeasonStrip({ reading, keys, theme, units }: SeasonStripProps) {
  const season = useMemo(() => foreseenSeason(reading), [reading]);
  const care = useMemo(() => seasonCare(reading), [reading]);
  const inches = units.length === 'in';
  const { plantedWeek } = reading.planting;
  const percent = (values: readonly number[]) => values.map((value) => Math.round(value * 100));
  const figures = {
    weeks: season.bareMix.map((_, week) => dateText(weekAfter(plantedWeek, week))),
    hidden: percent(season.bareMix.map((bare) => 1 - bare)),
    interest: percent(season.interest),
    thirst: care.map(
      ({ thirstL }) => Math.round((inches ? thirstL / L_PER_US_GALLON : thirstL) * 100) / 100,
    ),
    minutes: care.map((week) => Math.round(week.minutes)),
    waterUnit: inches ? 'gal' : 'L',
  };
  const box = useChart((ink) => seasonChart(figures, ink), JSON.stringify([figures, theme]));
  const name = (place: string) => {
    const kind = reading.plants.find(({ id }) => id === place)?.kind;
    const letter = keys.find((key) => key.kind.id === kind?.id)?.letter;
    return kind ? `${inSentence(kind.common)}${letter ? ` (${letter})` : ''}` : '';
  };
  const told = [
    ...new Set(
      season.overtakings.map(
        ({ by, of, calendarWeek, cutBy }) =>
          `${name(by)} overtops ${name(of)} about ${dateText(calendarWeek)}: cut it by ${dateText(weekAfter(plantedWeek, cutBy))}`,
      ),
    ),
  ];
  return (
    <section aria-label="The season" className="mt-3 bg-paper px-4 py-3">
      <h2 className="flex flex-wrap items-baseline gap-x-3 text-lead font-semibold">
        The season{' '}
        <span className="text-small font-normal text-ink2">
          {season.fullWeek === null
            ? 'the mix never quite disappears'
            : season.fullWeek === 0
              ? 'full from the start'
              : `full in about ${countText(season.fullWeek, 'week')}`}
        </span>
      </h2>
      <div
        ref={box}
        className="h-[250px] w-full"
        role="img"
        aria-label={`Of the mix hidden: ${figures.hidden.map((value, week) => `week ${week} ${value} %`).join(', ')}. Water a day: ${figures.thirst.map((value, week) => `week ${week} ${value} ${figures.waterUnit}`).join(', ')}. Care a week: ${figures.minutes.map((value, week) => `week ${week} ${value} minutes`).join(', ')}`}
      />
      {told.length > 0 && (
        <ul className="text-note leading-4">
          {told.slice(0, 4).map((line) => (
            <li key={line} className="py-0.5 first-letter:uppercase">
              {line}.
            </li>
          ))}
        </ul>
      )}
    </section>
  );
});

export default SeasonStrip;
