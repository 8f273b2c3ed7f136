'use client';
import type { EChartsCoreOption } from 'echarts/core';
import { useMemo } from 'react';
import styled from 'styled-components';
import { Chart, CHART_TEXT, type ChartColours } from '../kit/Chart';

interface Bar {
  readonly name: string;
  /** Parts of the bar, in the order of the legend. */
  readonly parts: readonly number[];
}

const BAR_PX = 34;
const LONGEST_NAME = 30;
const short = (name: string): string =>
  name.length > LONGEST_NAME ? `${name.slice(0, LONGEST_NAME - 1)}…` : name;

/** Bars across, the longest at the top; what came loose in the signal colour, the rest pale. */
const option =
  (bars: readonly Bar[], names: readonly string[]) =>
  (c: ChartColours): EChartsCoreOption => ({
    textStyle: { ...CHART_TEXT, color: c.ink },
    grid: { left: 8, right: 24, top: 4, bottom: 4, containLabel: true },
    tooltip: { trigger: 'axis', axisPointer: { type: 'shadow' } },
    xAxis: {
      type: 'value',
      minInterval: 1,
      axisLabel: { color: c.faint },
      splitLine: { lineStyle: { color: c.line } },
    },
    yAxis: {
      type: 'category',
      inverse: true,
      data: bars.map((b) => short(b.name)),
      axisLabel: { color: c.ink, ...CHART_TEXT },
      axisTick: { show: false },
      axisLine: { lineStyle: { color: c.ink } },
    },
    series: names.map((name, i) => ({
      name,
      type: 'bar',
      stack: 'all',
      barMaxWidth: 18,
      data: bars.map((b) => b.parts[i] ?? 0),
      itemStyle: { color: i === 0 ? c.signal : c.line, borderColor: c.ink, borderWidth: 1 },
    })),
  });

const Legend = styled.p`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  font-size: 13px;
  & > span::before {
    content: '';
    display: inline-block;
    width: 14px;
    height: 12px;
    margin-right: 6px;
    vertical-align: -1px;
    border: 1px solid var(--ink);
    background: var(--line);
  }
  & > span:first-child::before {
    background: var(--signal);
  }
`;

/** Bars with their legend; the figures stand beside them as a table. */
export function Bars({
  label,
  bars,
  names,
}: {
  label: string;
  bars: readonly Bar[];
  names: readonly string[];
}) {
  const drawn = useMemo(() => option(bars, names), [bars, names]);
  return (
    <div>
      <Legend>
        {names.map((name) => (
          <span key={name}>{name}</span>
        ))}
      </Legend>
      <Chart label={label} option={drawn} height={Math.max(280, bars.length * BAR_PX + 40)} />
    </div>
  );
}
