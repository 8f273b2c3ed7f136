'use client';
import type { EChartsCoreOption, EChartsType } from 'echarts/core';
import { useEffect, useRef } from 'react';
import styled from 'styled-components';

const Box = styled.div<{ $height: number }>`
  width: 100%;
  min-height: 280px;
  height: ${({ $height }) => $height}px;
`;

/** The page's colours as plain values, for a library that draws by itself. */
export interface ChartColours {
  readonly ink: string;
  readonly faint: string;
  readonly line: string;
  readonly signal: string;
  readonly canvas: string;
}

function coloursOf(element: Element): ChartColours {
  const style = getComputedStyle(element);
  const of = (name: string): string => style.getPropertyValue(name).trim();
  return {
    ink: of('--ink'),
    faint: of('--ink-2'),
    line: of('--line'),
    signal: of('--signal'),
    canvas: of('--canvas'),
  };
}

/** The charting library, fetched when the first chart is shown. */
async function library(): Promise<{ init: (element: HTMLElement) => EChartsType }> {
  const [core, charts, components, renderers] = await Promise.all([
    import('echarts/core'),
    import('echarts/charts'),
    import('echarts/components'),
    import('echarts/renderers'),
  ]);
  core.use([
    charts.LineChart,
    charts.BarChart,
    components.GridComponent,
    components.TooltipComponent,
    components.MarkLineComponent,
    renderers.SVGRenderer,
  ]);
  return { init: (element) => core.init(element, null, { renderer: 'svg' }) };
}

/** Text of a chart in the program's own face. */
export const CHART_TEXT = {
  fontFamily: 'Archivo Variable, system-ui, sans-serif',
  fontSize: 13,
} as const;

/** A chart. What it shows must stand beside it as figures too: `label` says what it is of. Redrawn when the theme changes. */
export function Chart({
  label,
  option,
  height = 340,
}: {
  label: string;
  option: (colours: ChartColours) => EChartsCoreOption;
  height?: number;
}) {
  const place = useRef<HTMLDivElement>(null);
  const chart = useRef<EChartsType | null>(null);
  const latest = useRef(option);
  useEffect(() => {
    latest.current = option;
    if (chart.current && place.current)
      chart.current.setOption(
        { animation: false, ...option(coloursOf(place.current)) },
        { replaceMerge: ['series'] },
      );
  }, [option]);
  useEffect(() => {
    const element = place.current!;
    let gone = false;
    const draw = (): void =>
      chart.current?.setOption(
        { animation: false, ...latest.current(coloursOf(element)) },
        { replaceMerge: ['series'] },
      );
    const sized = new ResizeObserver(() => chart.current?.resize());
    const themed = new MutationObserver(draw);
    void library().then(({ init }) => {
      if (gone) return;
      chart.current = init(element);
      draw();
      sized.observe(element);
      themed.observe(document.documentElement, {
        attributes: true,
        attributeFilter: ['data-theme'],
      });
    });
    return () => {
      gone = true;
      sized.disconnect();
      themed.disconnect();
      chart.current?.dispose();
      chart.current = null;
    };
  }, []);
  return <Box ref={place} role="img" aria-label={label} $height={height} />;
}
