'use client';

import { useEffect, useRef } from 'react';
import type { EChartsType } from 'echarts/core';
import { tokens } from '../../theme';

/** The library, loaded when the first chart is seen. */
async function library() {
  const [core, { BarChart }, { GridComponent, TooltipComponent }, { SVGRenderer }] = await Promise.all([
    import('echarts/core'),
    import('echarts/charts'),
    import('echarts/components'),
    import('echarts/renderers'),
  ]);
  core.use([BarChart, GridComponent, TooltipComponent, SVGRenderer]);
  return core.init;
}

/** Bars: upright over time, or across by name. Each has its table beside it, so the drawing itself is only named. */
export function Chart({
  label,
  names,
  values,
  write,
  across = false,
}: {
  label: string;
  names: readonly string[];
  values: readonly number[];
  write: (value: number) => string;
  across?: boolean;
}) {
  const place = useRef<HTMLDivElement>(null);
  const told = JSON.stringify([names, values]);
  const height = across ? Math.max(90, names.length * 30 + 10) : 200;
  useEffect(() => {
    const element = place.current;
    if (!element) return;
    let chart: EChartsType | undefined;
    let gone = false;
    const watch = new ResizeObserver(() => chart?.resize());
    void library().then((init) => {
      if (gone) return;
      chart = init(element, null, { renderer: 'svg' });
      const [at, of] = JSON.parse(told) as [string[], number[]];
      const category = {
        type: 'category' as const,
        data: at,
        axisTick: { show: false },
        axisLine: { lineStyle: { color: tokens.soft } },
        axisLabel: { color: tokens.ink, width: across ? 150 : undefined, overflow: 'truncate' as const },
        inverse: across,
      };
      const value = {
        type: 'value' as const,
        axisLabel: across ? { show: false } : { color: tokens.ink, formatter: (amount: number) => write(amount) },
        // Room for what is written at the end of a bar.
        max: across ? (most: { max: number }) => most.max * 1.35 || 1 : undefined,
        splitLine: { show: !across, lineStyle: { color: tokens.line } },
      };
      chart.setOption({
        animation: false,
        textStyle: { fontFamily: getComputedStyle(element).fontFamily },
        grid: { left: 8, right: 8, top: 10, bottom: 8, outerBoundsMode: 'same', outerBoundsContain: 'axisLabel' },
        tooltip: {
          trigger: 'item',
          formatter: ({ name, value: amount }: { name: string; value: number }) =>
            `${name.replace(/[<>&]/g, '')}: ${write(amount)}`,
        },
        xAxis: across ? value : category,
        yAxis: across ? category : value,
        series: [
          {
            type: 'bar',
            data: of,
            barMaxWidth: 26,
            itemStyle: { color: tokens.verdigris },
            label: {
              show: across,
              position: 'right',
              color: tokens.ink,
              formatter: ({ value: amount }: { value: number }) => write(amount),
            },
          },
        ],
      });
      watch.observe(element);
    });
    return () => {
      gone = true;
      watch.disconnect();
      chart?.dispose();
    };
  }, [told, across, write]);
  return <div ref={place} role="img" aria-label={label} style={{ height }} />;
}
