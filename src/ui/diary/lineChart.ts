import type { EChartsCoreOption } from 'echarts/core';
import { daysBetween, type Day } from '@/core/calendar/day';
import type { Mark, SeasonLine } from '@/core/diary/seasonLine';
import { CM_PER_INCH } from '@/core/units/units';
import type { ChartInk } from '@/ui/controls/useChart';
import { dayText } from '@/words/life';

const SIDES = { left: 46, right: 46 } as const;
const SEEN: Partial<Readonly<Record<Mark['did'], readonly [name: string, symbol: string]>>> = {
  'in flower': ['in flower', 'circle'],
  'gone over': ['gone over', 'emptyCircle'],
  'looks bad': ['looks bad', 'triangle'],
  died: ['died', 'diamond'],
  photographed: ['photograph', 'rect'],
  trimmed: ['trimmed', 'pin'],
};

/** The chart of a season: heights expected and measured, flowers and what was seen, weather below; all on one line of time. */
export function lineChart(
  { days, heightCm, flower, maxC, rainMm, marks }: SeasonLine,
  { inches, today }: { readonly inches: boolean; readonly today: Day },
): (ink: ChartInk) => EChartsCoreOption {
  const per = inches ? CM_PER_INCH : 1;
  const round = (value: number) => Math.round((value / per) * 10) / 10;
  const names = days.map(dayText);
  const weeks = days.length;
  const now = Math.floor(daysBetween(days[0]!, today) / 7);
  const atWeek = (did: Mark['did'], y: (mark: Mark) => number | null) =>
    marks
      .filter((mark) => mark.did === did && mark.week >= 0 && mark.week < weeks)
      .flatMap((mark) => {
        const value = y(mark);
        return value === null ? [] : [[mark.week, value]];
      });
  return ({ colour, text }) => {
    const points = (
      name: string,
      data: readonly (readonly number[])[],
      symbol: string,
      grid: number,
    ) => ({
      name,
      type: 'line' as const,
      data,
      symbol,
      symbolSize: 10,
      showAllSymbol: true,
      lineStyle: { width: 0 },
      itemStyle: { color: colour('act'), borderColor: colour('act'), borderWidth: 2 },
      xAxisIndex: grid,
      yAxisIndex: grid,
    });
    const seen = Object.entries(SEEN).flatMap(([did, [name, symbol]]) => {
      const data = atWeek(did as Mark['did'], () => 50);
      return data.length > 0 ? [points(name, data, symbol, 1)] : [];
    });
    const measured = atWeek('measured', ({ heightCm: cm }) => (cm === null ? null : round(cm)));
    const axis = (gridIndex: number, name: string, more: object = {}) => ({
      type: 'value' as const,
      gridIndex,
      min: 0,
      splitNumber: 2,
      nameGap: 6,
      nameTextStyle: { ...text, align: 'left' as const },
      axisLabel: { ...text, formatter: `{value} ${name}` },
      splitLine: { lineStyle: { color: colour('rule'), width: 0.8 } },
      ...more,
    });
    return {
      grid: [
        { ...SIDES, top: 26, height: 108 },
        { ...SIDES, top: 156, height: 44 },
        { ...SIDES, top: 232, height: 56 },
      ],
      legend: {
        type: 'scroll' as const,
        top: 0,
        left: 36,
        itemWidth: 18,
        itemHeight: 8,
        textStyle: text,
        data: [
          'height expected',
          ...(measured.length > 0 ? ['measured'] : []),
          ...seen.map(({ name }) => name),
        ],
      },
      tooltip: {
        trigger: 'axis',
        backgroundColor: colour('paper'),
        borderColor: colour('rule2'),
        textStyle: text,
      },
      xAxis: [0, 1, 2].map((gridIndex) => ({
        type: 'category' as const,
        gridIndex,
        data: names,
        boundaryGap: false,
        axisTick: { show: false },
        axisLine: { lineStyle: { color: colour('tick'), width: 1.2 } },
        axisLabel: {
          ...text,
          show: gridIndex === 2,
          interval: Math.max(2, Math.floor(weeks / 6)),
          hideOverlap: true,
        },
      })),
      yAxis: [
        axis(0, inches ? 'in' : 'cm'),
        axis(1, '%', { name: 'flowers', max: 100, interval: 100 }),
        axis(2, '°', { name: 'warmest of the day, and rain', min: 'dataMin', scale: true }),
        axis(2, 'mm', { position: 'right', splitLine: { show: false } }),
      ],
      series: [
        {
          name: 'lower',
          type: 'line' as const,
          stack: 'band',
          symbol: 'none',
          data: heightCm.map(([low]) => round(low)),
          lineStyle: { width: 0 },
          tooltip: { show: false },
          silent: true,
        },
        {
          name: 'height expected',
          type: 'line' as const,
          stack: 'band',
          symbol: 'none',
          data: heightCm.map(([low, high]) => round(high - low)),
          lineStyle: { width: 0 },
          areaStyle: { color: colour('rule2'), opacity: 0.55 },
          itemStyle: { color: colour('rule2') },
          tooltip: { show: false },
        },
        points('measured', measured, 'circle', 0),
        {
          name: 'flowers expected',
          type: 'line' as const,
          xAxisIndex: 1,
          yAxisIndex: 1,
          symbol: 'none',
          data: flower.map((share) => Math.round(share * 100)),
          lineStyle: { color: colour('ink'), width: 1.4 },
          areaStyle: { color: colour('rule'), opacity: 0.6 },
          itemStyle: { color: colour('ink') },
        },
        ...seen,
        {
          name: 'warmest of the day, mean',
          type: 'line' as const,
          xAxisIndex: 2,
          yAxisIndex: 2,
          symbol: 'none',
          data: maxC.map((value, week) => (week <= now ? Math.round(value * 10) / 10 : null)),
          lineStyle: { color: colour('ink'), width: 1.6 },
          itemStyle: { color: colour('ink') },
        },
        {
          name: 'rain',
          type: 'bar' as const,
          xAxisIndex: 2,
          yAxisIndex: 3,
          data: rainMm.map((value, week) => (week <= now ? Math.round(value) : null)),
          barWidth: '45%',
          itemStyle: { color: colour('water'), opacity: 0.55 },
        },
      ],
    };
  };
}
