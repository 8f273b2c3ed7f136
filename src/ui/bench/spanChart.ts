import type { EChartsCoreOption } from 'echarts/core';
import type { SpanFigures } from '@/core/bench/span';
import { UNITS, type UnitChoice } from '@/core/units';
import { CHART_TEXT, type ChartColours } from '../kit/Chart';

export function curveOption(
  figures: SpanFigures,
  c: ChartColours,
  units: UnitChoice,
): EChartsCoreOption {
  const [length, force] = [UNITS[units.length].si, UNITS[units.force].si];
  const axis = {
    axisLabel: { color: c.faint, ...CHART_TEXT },
    axisLine: { show: true, lineStyle: { color: c.ink, width: 1.5 } },
    splitLine: { lineStyle: { color: c.line, opacity: 0.5 } },
    nameTextStyle: { color: c.ink, fontWeight: 700, ...CHART_TEXT },
  } as const;
  const wll = figures.wll.value;
  const top = Math.max(figures.ends.greatestN.value! * 1.25, (wll ?? 0) * 1.3);
  return {
    textStyle: CHART_TEXT,
    grid: { left: 54, right: 26, top: 34, bottom: 46 },
    xAxis: {
      type: 'value',
      name: `sag at the load, ${units.length}`,
      nameLocation: 'middle',
      nameGap: 28,
      ...axis,
    },
    yAxis: {
      type: 'value',
      max: Number((top / force).toPrecision(2)),
      name: `tension, ${units.force}`,
      ...axis,
    },
    series: [
      {
        type: 'line',
        data: figures.curve
          .filter((p) => p.tensionN <= top)
          .map((p) => [p.sagM / length, p.tensionN / force]),
        symbol: 'none',
        lineStyle: { color: c.ink, width: 2.6 },
        ...(wll === null
          ? {}
          : {
              markLine: {
                silent: true,
                symbol: 'none',
                lineStyle: { color: c.signal, width: 2.2, type: 'solid' },
                label: {
                  formatter: 'WLL',
                  color: c.signal,
                  position: 'insideEndTop',
                  ...CHART_TEXT,
                  fontWeight: 700,
                },
                data: [{ yAxis: wll / force }],
              },
            }),
      },
      {
        type: 'line',
        data: [[figures.sagM / length, figures.ends.greatestN.value! / force]],
        symbol: 'circle',
        symbolSize: 13,
        itemStyle: { color: c.ink },
      },
    ],
  };
}
