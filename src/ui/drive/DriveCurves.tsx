'use client';
import type { EChartsCoreOption } from 'echarts/core';
import { type CSSProperties, useCallback, useMemo } from 'react';
import styled from 'styled-components';
import type { DriveFrame, DriveRun } from '@/core/securement/drive/run';
import type { Plan } from '@/core/securement/plan';
import { UNITS } from '@/core/units';
import { useUnits } from '../frame/MemberContext';
import { Chart, CHART_TEXT, type ChartColours } from '../kit/Chart';
import { marksAt, shareOf, topOf } from './marks';

/** Strokes that tell lines apart without colour. */
const DASHES = ['solid', 'dashed', 'dotted'] as const;

/** Axes end where the drive ends, which is no round figure. */
const rounded = (value: number): string => String(Number(value.toFixed(2)));

const axis = (name: string, c: ChartColours) => ({
  type: 'value' as const,
  name,
  nameTextStyle: { color: c.ink, ...CHART_TEXT },
  axisLine: { lineStyle: { color: c.ink } },
  axisLabel: { color: c.ink, ...CHART_TEXT, formatter: rounded },
});

/** Room beside the curves for the figures of their axes, px. */
const ASIDE_PX = { left: 44, right: 50, top: 30, bottom: 40 } as const;

const Curves = styled.div`
  position: relative;
`;
/**
 * Where the drive is looked at. It is no part of the chart, which would draw every curve anew for each picture of a drive that is
 * played.
 */
const Here = styled.div`
  position: absolute;
  top: ${ASIDE_PX.top}px;
  bottom: ${ASIDE_PX.bottom}px;
  left: calc(${ASIDE_PX.left - 1}px + (100% - ${ASIDE_PX.left + ASIDE_PX.right}px) * var(--at));
  border-left: 2px solid var(--signal);
  pointer-events: none;
`;
/** Numbers of lines where their curves are. */
const Mark = styled.span`
  position: absolute;
  bottom: max(9px, var(--up));
  right: 4px;
  transform: translateY(50%);
  padding: 1px 4px;
  font: 700 12px/1.1 var(--font-figure);
  white-space: nowrap;
  background: var(--canvas);
  border: 1px solid var(--ink);
  &[data-early] {
    right: auto;
    left: 4px;
  }
`;

/** What each line bears of what it may carry, and how far the load has gone, over the drive; and where it is looked at. */
export function DriveCurves({
  run,
  lines,
  slow,
  at,
}: {
  run: DriveRun;
  /** Lines of the plan in the order they are numbered in. */
  lines: Plan['lines'];
  /** Over the push, in g; else over time. */
  slow: boolean;
  at: DriveFrame;
}) {
  const { size } = useUnits();
  const x = useCallback(
    (f: DriveFrame): number => (slow ? Math.hypot(f.push.forwardG, f.push.leftG) : f.atS),
    [slow],
  );
  const most = useMemo(() => Math.max(...run.frames.map(x)), [run, x]);
  const top = useMemo(() => topOf(run), [run]);
  const gone = most > 0 ? x(at) / most : 0;
  const option = useCallback(
    (c: ChartColours): EChartsCoreOption => {
      const moved = run.frames.map((f) => [x(f), f.movedM / UNITS[size].si]);
      return {
        textStyle: { ...CHART_TEXT, color: c.ink },
        grid: ASIDE_PX,
        xAxis: {
          ...axis(slow ? 'push, g' : 'time, s', c),
          min: 0,
          max: most,
          nameLocation: 'middle',
          nameGap: 26,
          splitLine: { show: false },
        },
        yAxis: [
          {
            ...axis('line, % of WLL', c),
            min: 0,
            max: 100 * top,
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
          },
          ...run.lines.map((line, i) => ({
            name: lines.find(({ id }) => id === line.id)?.name ?? line.id,
            type: 'line',
            showSymbol: false,
            data: run.frames.map((f) => {
              const share = shareOf(run, f, i);
              return [x(f), share === null ? null : 100 * share];
            }),
            lineStyle: { color: c.ink, type: DASHES[i % DASHES.length], width: 1.8 },
            itemStyle: { color: c.ink },
          })),
        ],
      };
    },
    [run, lines, slow, size, x, most, top],
  );
  return (
    <Curves>
      <Chart
        label="What each line bears of its working load limit, and how far the load has moved"
        option={option}
        height={230}
      />
      <Here aria-hidden style={{ '--at': gone } as CSSProperties}>
        {marksAt(run, at, top).map((mark) => (
          <Mark
            key={mark.lineIds.join()}
            data-early={gone < 0.5 ? '' : undefined}
            style={{ '--up': `${100 * mark.at}%` } as CSSProperties}
          >
            {lines.flatMap(({ id }, i) => (mark.lineIds.includes(id) ? [i + 1] : [])).join(' · ')}
          </Mark>
        ))}
      </Here>
    </Curves>
  );
}
