'use client';

import { memo, useMemo } from 'react';
import { foreseenSeason } from '@/core/checks/foreseen';
import type { Reading } from '@/core/checks/reading';
import { seasonCare } from '@/core/checks/seasonCare';
import { L_PER_US_GALLON, weekAfter } from '@/core/units/units';
import { useChart } from '@/ui/controls/useChart';
import { countText, dateText, type Units } from '@/words/format';
import { inSentence, type Keyed } from '@/words/names';

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
  const thirst = care.map(
    ({ thirstL }) => Math.round((inches ? thirstL / L_PER_US_GALLON : thirstL) * 100) / 100,
  );
  const minutes = care.map((week) => Math.round(week.minutes));
  const waterUnit = inches ? 'gal' : 'L';
  const { plantedWeek } = reading.planting;
  const weeks = season.bareMix.map((_, week) => dateText(weekAfter(plantedWeek, week)));
  const percent = (values: readonly number[]) => values.map((value) => Math.round(value * 100));
  const hidden = percent(season.bareMix.map((bare) => 1 - bare));
  const interest = percent(season.interest);
  const thirstName = `thirst, ${waterUnit} a day`;
  const box = useChart(
    ({ colour, text }) => {
      const line = (name: string, data: readonly number[], type: 'solid' | 'dashed') => ({
        name,
        type: 'line' as const,
        data,
        symbol: 'none',
        lineStyle: { color: colour('ink'), width: 1.8, type },
        itemStyle: { color: colour('ink') },
      });
      return {
        grid: [
          { left: 44, right: 44, top: 26, height: 92 },
          { left: 44, right: 44, top: 158, height: 64 },
        ],
        legend: [
          {
            top: 0,
            left: 36,
            itemWidth: 22,
            itemHeight: 8,
            textStyle: text,
            data: [
              { name: 'to look at', icon: 'path://M0 4h22v2H0z' },
              { name: 'mix hidden', icon: 'path://M0 4h5v2H0zM8 4h5v2H8zM16 4h5v2h-5z' },
            ],
          },
          {
            top: 134,
            left: 36,
            itemWidth: 22,
            itemHeight: 8,
            textStyle: text,
            data: [
              { name: thirstName, icon: 'path://M0 4h22v2H0z' },
              { name: 'minutes of care a week', icon: 'path://M2 0h7v9H2zM13 3h7v6h-7z' },
            ],
          },
        ],
        tooltip: {
          trigger: 'axis',
          backgroundColor: colour('paper'),
          borderColor: colour('rule2'),
          textStyle: text,
        },
        xAxis: [0, 1].map((gridIndex) => ({
          type: 'category' as const,
          gridIndex,
          data: weeks,
          boundaryGap: gridIndex === 1,
          axisTick: { show: false },
          axisLine: { lineStyle: { color: colour('tick'), width: 1.5 } },
          axisLabel: {
            ...text,
            show: gridIndex === 1,
            interval: Math.max(2, Math.floor(weeks.length / 6)),
          },
        })),
        yAxis: [
          {
            type: 'value' as const,
            gridIndex: 0,
            min: 0,
            max: 100,
            interval: 50,
            axisLabel: { ...text, formatter: '{value} %' },
            splitLine: { lineStyle: { color: colour('rule'), width: 0.8 } },
          },
          {
            type: 'value' as const,
            gridIndex: 1,
            min: 0,
            splitNumber: 2,
            axisLabel: { ...text, formatter: `{value} ${waterUnit}` },
            splitLine: { lineStyle: { color: colour('rule'), width: 0.8 } },
          },
          {
            type: 'value' as const,
            gridIndex: 1,
            min: 0,
            splitNumber: 2,
            position: 'right' as const,
            axisLabel: { ...text, formatter: '{value} min' },
            splitLine: { show: false },
          },
        ],
        series: [
          line('to look at', interest, 'solid'),
          line('mix hidden', hidden, 'dashed'),
          {
            name: 'minutes of care a week',
            type: 'bar' as const,
            xAxisIndex: 1,
            yAxisIndex: 2,
            data: minutes,
            barWidth: '55%',
            itemStyle: { color: colour('rule'), borderColor: colour('rule2'), borderWidth: 0.8 },
          },
          {
            ...line(thirstName, thirst, 'solid'),
            xAxisIndex: 1,
            yAxisIndex: 1,
            lineStyle: { color: colour('water'), width: 2 },
            itemStyle: { color: colour('water') },
          },
        ],
      };
    },
    JSON.stringify([hidden, interest, thirst, minutes, plantedWeek, units, theme]),
  );
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
        aria-label={`Of the mix hidden: ${hidden.map((value, week) => `week ${week} ${value} %`).join(', ')}. Water a day: ${thirst.map((value, week) => `week ${week} ${value} ${waterUnit}`).join(', ')}. Care a week: ${minutes.map((value, week) => `week ${week} ${value} minutes`).join(', ')}`}
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
