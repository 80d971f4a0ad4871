import { useEffect, useRef, type RefObject } from 'react';
import { BarChart, LineChart } from 'echarts/charts';
import { GridComponent, LegendComponent, TooltipComponent } from 'echarts/components';
import { init, use as withParts, type ECharts, type EChartsCoreOption } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { spelledDeep } from '@/ui/spelling/spelling';

withParts([BarChart, LineChart, GridComponent, TooltipComponent, LegendComponent, SVGRenderer]);

/** Colours and type of the interface, for a chart. */
export interface ChartInk {
  readonly colour: (name: string) => string;
  readonly text: { readonly color: string; readonly fontFamily: string; readonly fontSize: number };
}

/**
 * A chart kept in a box and drawn anew when what it shows or the theme changes.
 * @param key changes with everything that is shown
 */
export function useChart(
  optionOf: (ink: ChartInk) => EChartsCoreOption,
  key: string,
): RefObject<HTMLDivElement | null> {
  const box = useRef<HTMLDivElement>(null);
  const chart = useRef<ECharts | null>(null);
  const latest = useRef(optionOf);
  useEffect(() => {
    latest.current = optionOf;
  });
  useEffect(() => {
    const made = init(box.current!, undefined, { renderer: 'svg' });
    chart.current = made;
    const watch = new ResizeObserver(() => made.resize());
    watch.observe(box.current!);
    return () => {
      watch.disconnect();
      made.dispose();
      chart.current = null;
    };
  }, []);
  useEffect(() => {
    const style = getComputedStyle(document.documentElement);
    const colour = (name: string) => style.getPropertyValue(`--${name}`).trim();
    const text = {
      color: colour('ink'),
      fontFamily: style.getPropertyValue('--font-sans'),
      fontSize: 12,
    };
    chart.current?.setOption(
      { animation: false, textStyle: text, ...spelledDeep(latest.current({ colour, text })) },
      { notMerge: true },
    );
  }, [key]);
  return box;
}
