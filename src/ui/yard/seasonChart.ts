import type { EChartsCoreOption } from 'echarts/core';
import type { ChartInk } from '@/ui/controls/useChart';

/** The season week by week, in the reader's units. */
export interface SeasonFigures {
  /** Names of the weeks. */
  readonly weeks: readonly string[];
  /** Per cent of the mix that is hidden, and of what could be worth looking at. */
  readonly hidden: readonly number[];
  readonly interest: readonly number[];
  /** Water a day, in `waterUnit`; minutes of care a week. */
  readonly thirst: readonly number[];
  readonly minutes: readonly number[];
  readonly waterUnit: string;
}

const SIDES = { left: 44, right: 44 } as const;
const LEGEND = { left: 36, itemWidth: 22, itemHeight: 8 } as const;
const SOLID = 'path://M0 4h22v2H0z';
const DASHED = 'path://M0 4h5v2H0zM8 4h5v2H8zM16 4h5v2h-5z';
const BARS = 'path://M2 0h7v9H2zM13 3h7v6h-7z';
const MINUTES = 'minutes of care a week';

/** Two charts under each other with one time: what there is to see above, what it asks for below. */
export function seasonChart(figures: SeasonFigures, { colour, text }: ChartInk): EChartsCoreOption {
  const { weeks, hidden, interest, thirst, minutes, waterUnit } = figures;
  const thirstName = `thirst, ${waterUnit} a day`;
  const line = (name: string, data: readonly number[], type: 'solid' | 'dashed') => ({
    name,
    type: 'line' as const,
    data,
    symbol: 'none',
    lineStyle: { color: colour('ink'), width: 1.8, type },
    itemStyle: { color: colour('ink') },
  });
  const splitLine = { lineStyle: { color: colour('rule'), width: 0.8 } };
  const amounts = (unit: string) => ({
    type: 'value' as const,
    gridIndex: 1,
    min: 0,
    splitNumber: 2,
    axisLabel: { ...text, formatter: `{value} ${unit}` },
  });
  return {
    grid: [
      { ...SIDES, top: 26, height: 92 },
      { ...SIDES, top: 158, height: 64 },
    ],
    legend: [
      {
        ...LEGEND,
        top: 0,
        textStyle: text,
        data: [
          { name: 'to look at', icon: SOLID },
          { name: 'mix hidden', icon: DASHED },
        ],
      },
      {
        ...LEGEND,
        top: 134,
        textStyle: text,
        data: [
          { name: thirstName, icon: SOLID },
          { name: MINUTES, icon: BARS },
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
        axisLabel: { ...text, formatter: '{value}%' },
        splitLine,
      },
      { ...amounts(waterUnit), splitLine },
      { ...amounts('min'), position: 'right' as const, splitLine: { show: false } },
    ],
    series: [
      line('to look at', interest, 'solid'),
      line('mix hidden', hidden, 'dashed'),
      {
        name: MINUTES,
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
}
