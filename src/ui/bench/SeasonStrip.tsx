'use client';

import { useMemo } from 'react';
import { foreseenSeason } from '@/core/checks/foreseen';
import type { Reading } from '@/core/checks/reading';
import { weekAfter } from '@/core/units/units';
import { useChart } from '@/ui/controls/useChart';
import { countText, dateText } from '@/words/format';
import { inSentence, type Keyed } from '@/words/names';

interface SeasonStripProps {
  readonly reading: Reading;
  readonly keys: readonly Keyed[];
  readonly theme: string;
}

/** The season foreseen: what there is to look at and how much of the mix is hidden, week by week; and who overtakes whom, with the week to cut. */
export default function SeasonStrip({ reading, keys, theme }: SeasonStripProps) {
  const season = useMemo(() => foreseenSeason(reading), [reading]);
  const { plantedWeek } = reading.planting;
  const weeks = season.bareMix.map((_, week) => dateText(weekAfter(plantedWeek, week)));
  const percent = (values: readonly number[]) => values.map((value) => Math.round(value * 100));
  const hidden = percent(season.bareMix.map((bare) => 1 - bare));
  const interest = percent(season.interest);
  const box = useChart(({ colour, text }) => {
    const line = (name: string, data: readonly number[], type: 'solid' | 'dashed') => ({ name, type: 'line' as const, data, symbol: 'none', lineStyle: { color: colour('ink'), width: 1.8, type }, itemStyle: { color: colour('ink') } });
    return {
      grid: { left: 44, right: 10, top: 28, bottom: 22 },
      legend: { top: 0, left: 36, itemWidth: 22, itemHeight: 8, textStyle: text, data: [{ name: 'to look at', icon: 'path://M0 4h22v2H0z' }, { name: 'mix hidden', icon: 'path://M0 4h5v2H0zM8 4h5v2H8zM16 4h5v2h-5z' }] },
      tooltip: { trigger: 'axis', valueFormatter: (value: unknown) => `${Number(value)} %`, backgroundColor: colour('paper'), borderColor: colour('rule2'), textStyle: text },
      xAxis: { type: 'category', data: weeks, boundaryGap: false, axisTick: { show: false }, axisLine: { lineStyle: { color: colour('tick'), width: 1.5 } }, axisLabel: { ...text, interval: Math.max(2, Math.floor(weeks.length / 6)) } },
      yAxis: { type: 'value', min: 0, max: 100, interval: 50, axisLabel: { ...text, formatter: '{value} %' }, splitLine: { lineStyle: { color: colour('rule'), width: 0.8 } } },
      series: [line('to look at', interest, 'solid'), line('mix hidden', hidden, 'dashed')],
    };
  }, JSON.stringify([hidden, interest, plantedWeek, theme]));
  const name = (place: string) => {
    const kind = reading.plants.find(({ id }) => id === place)?.kind;
    const letter = keys.find((key) => key.kind.id === kind?.id)?.letter;
    return kind ? `${inSentence(kind.common)}${letter ? ` (${letter})` : ''}` : '';
  };
  const told = [...new Set(season.overtakings.map(({ by, of, calendarWeek, cutBy }) => `${name(by)} overtops ${name(of)} about ${dateText(calendarWeek)}: cut it by ${dateText(weekAfter(plantedWeek, cutBy))}`))];
  return (
    <section aria-label="The season" className="mt-3 bg-paper px-4 py-3">
      <h2 className="flex flex-wrap items-baseline gap-x-3 text-[15px] font-semibold">The season <span className="text-[13px] font-normal text-ink2">{season.fullWeek === null ? 'the mix never quite disappears' : season.fullWeek === 0 ? 'full from the start' : `full in about ${countText(season.fullWeek, 'week')}`}</span></h2>
      <div ref={box} className="h-[150px] w-full" role="img" aria-label={`Of the mix hidden: ${hidden.map((value, week) => `week ${week} ${value} %`).join(', ')}`} />
      {told.length > 0 && <ul className="text-[12.5px] leading-4">{told.slice(0, 4).map((line) => <li key={line} className="py-0.5 first-letter:uppercase">{line}.</li>)}</ul>}
    </section>
  );
}
