'use client';

import type { MeanSun } from '@/core/spots/reckoning';
import { useChart } from '@/ui/controls/useChart';
import { SHORT_MONTHS } from '@/words/months';

interface SunHoursProps {
  readonly months: readonly MeanSun[];
  /** Heat-weighted hours, month by month. */
  readonly heat: readonly number[];
  readonly theme: string;
}

/** Hours of sun a day, month by month: morning, afternoon and dappled stacked, with the heat they carry as a line. */
export default function SunHours({ months, heat, theme }: SunHoursProps) {
  const box = useChart(
    ({ colour, text }) => {
      const bar = (name: string, values: readonly number[], fill: string, dashed = false) => ({
        name,
        type: 'bar' as const,
        stack: 'sun',
        barCategoryGap: '28%',
        data: values.map((v) => Math.round(v * 10) / 10),
        itemStyle: {
          color: fill,
          borderColor: colour('ink'),
          borderWidth: 1,
          ...(dashed ? { borderType: 'dashed' as const } : {}),
        },
      });
      return {
        grid: { left: 30, right: 8, top: 28, bottom: 22 },
        legend: {
          top: 0,
          left: 26,
          itemWidth: 12,
          itemHeight: 10,
          textStyle: text,
          itemStyle: { borderWidth: 1, borderType: 'inherit' },
          data: [
            { name: 'before noon', icon: 'rect' },
            { name: 'after noon', icon: 'rect' },
            { name: 'dappled', icon: 'rect' },
            { name: 'as heat', icon: 'path://M0 4h14v2H0z' },
          ],
        },
        tooltip: {
          trigger: 'axis',
          axisPointer: { type: 'shadow' },
          valueFormatter: (value: unknown) => `${Number(value).toFixed(1)} h`,
          backgroundColor: colour('paper'),
          borderColor: colour('rule2'),
          textStyle: text,
        },
        xAxis: {
          type: 'category',
          data: SHORT_MONTHS,
          axisTick: { show: false },
          axisLine: { lineStyle: { color: colour('tick'), width: 1.5 } },
          axisLabel: text,
        },
        yAxis: {
          type: 'value',
          minInterval: 2,
          axisLabel: { ...text, formatter: '{value} h' },
          splitLine: { lineStyle: { color: colour('rule'), width: 0.8 } },
        },
        series: [
          bar(
            'before noon',
            months.map((m) => m.directAmH),
            colour('strip'),
          ),
          bar(
            'after noon',
            months.map((m) => m.directPmH),
            colour('ink2'),
          ),
          bar(
            'dappled',
            months.map((m) => m.dappledH),
            'transparent',
            true,
          ),
          {
            name: 'as heat',
            type: 'line',
            data: heat.map((v) => Math.round(v * 10) / 10),
            symbol: 'none',
            lineStyle: { color: colour('ink'), width: 1.6, type: 'dotted' },
            itemStyle: { color: colour('ink') },
          },
        ],
      };
    },
    JSON.stringify([months, heat, theme]),
  );
  return (
    <div
      ref={box}
      className="h-[190px] w-full"
      role="img"
      aria-label={`Hours of direct sun a day: ${months.map((m, i) => `${SHORT_MONTHS[i]} ${m.directH.toFixed(1)}`).join(', ')}`}
    />
  );
}
