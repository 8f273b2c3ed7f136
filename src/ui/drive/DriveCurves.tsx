'use client';
import type { EChartsCoreOption } from 'echarts/core';
import { useCallback } from 'react';
import type { DriveFrame, DriveRun } from '@/core/securement/drive/run';
import { UNITS } from '@/core/units';
import { useUnits } from '../frame/MemberContext';
import { Chart, CHART_TEXT, type ChartColours } from '../kit/Chart';

/** Strokes that tell lines apart without colour. */
const DASHES = ['solid', 'dashed', 'dotted'] as const;

const axis = (name: string, c: ChartColours) => ({
  type: 'value' as const,
  name,
  nameTextStyle: { color: c.ink, ...CHART_TEXT },
  axisLine: { lineStyle: { color: c.ink } },
  axisLabel: { color: c.ink, ...CHART_TEXT },
});

/** What each line bears of what it may carry, and how far the load has gone, over the drive; and where it is looked at. */
export function DriveCurves({
  run,
  names,
  slow,
  at,
}: {
  run: DriveRun;
  names: ReadonlyMap<string, string>;
  /** Over the push, in g; else over time. */
  slow: boolean;
  at: DriveFrame;
}) {
  const { size } = useUnits();
  const option = useCallback(
    (c: ChartColours): EChartsCoreOption => {
      const x = (f: DriveFrame): number =>
        slow ? Math.hypot(f.push.forwardG, f.push.leftG) : f.atS;
      const here = {
        symbol: 'none',
        silent: true,
        lineStyle: { color: c.signal, type: 'solid', width: 2 },
        label: { show: false },
        data: [{ xAxis: x(at) }],
      };
      const moved = run.frames.map((f) => [x(f), f.movedM / UNITS[size].si]);
      return {
        textStyle: { ...CHART_TEXT, color: c.ink },
        grid: { left: 44, right: 50, top: 30, bottom: 40 },
        xAxis: {
          ...axis(slow ? 'push, g' : 'time, s', c),
          nameLocation: 'middle',
          nameGap: 26,
          splitLine: { show: false },
        },
        yAxis: [
          {
            ...axis('line, % of WLL', c),
            splitLine: { lineStyle: { color: c.line } },
            nameTextStyle: { align: 'left', color: c.ink, ...CHART_TEXT },
          },
          {
            ...axis(`moved, ${size}`, c),
            splitLine: { show: false },
            nameTextStyle: { align: 'right', color: c.ink, ...CHART_TEXT },
          },
        ],
        series: [
          {
            name: 'moved',
            type: 'line',
            yAxisIndex: 1,
            showSymbol: false,
            data: moved,
            lineStyle: { color: c.faint, width: 7, opacity: 0.45 },
            itemStyle: { color: c.faint },
            markLine: here,
          },
          ...run.lines.map((line, i) => ({
            name: names.get(line.id) ?? line.id,
            type: 'line',
            showSymbol: false,
            data: run.frames.map((f) => {
              const T = f.tensionN[i];
              return [x(f), T === null || T === undefined ? null : (100 * T) / line.wllN];
            }),
            lineStyle: { color: c.ink, type: DASHES[i % DASHES.length], width: 1.8 },
            itemStyle: { color: c.ink },
          })),
        ],
      };
    },
    [run, names, slow, at, size],
  );
  return (
    <Chart
      label="What each line bears of its working load limit, and how far the load has moved"
      option={option}
      height={230}
    />
  );
}
