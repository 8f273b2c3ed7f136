'use client';
import type { EChartsCoreOption, EChartsType } from 'echarts/core';
import { useEffect, useRef } from 'react';
import styled from 'styled-components';

const Box = styled.div<{ $height: number }>`
  width: 100%;
  min-height: 280px;
  height: ${({ $height }) => $height}px;
  &:not([data-drawn]) > * {
    visibility: hidden;
  }
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

/** Lets the page have a turn. */
const turn = (): Promise<void> => new Promise((done) => setTimeout(done));

/** The charting library, fetched when the first chart is shown, and made ready piece by piece: a key may be pressed meanwhile. */
async function library(): Promise<(element: HTMLElement) => EChartsType> {
  const charting = await import('./charting/core');
  await turn();
  const { PARTS } = await import('./charting/parts');
  for (const part of PARTS) {
    await turn();
    charting.use(part);
  }
  await turn();
  return (element) => charting.init(element, null, { renderer: 'svg' });
}

const listed = (part: unknown): readonly unknown[] => [part ?? []].flat();

/** Ever more of a chart, short of the whole. */
function* piecesOf(option: EChartsCoreOption): Generator<EChartsCoreOption> {
  const { series, yAxis, ...frame } = option;
  yield { ...frame, yAxis: listed(yAxis).slice(0, 1) };
  yield { ...frame, yAxis };
  yield { ...frame, yAxis, series: listed(series).slice(0, 1) };
}

const draw = (chart: EChartsType, option: EChartsCoreOption): void =>
  chart.setOption({ animation: false, ...option }, { replaceMerge: ['series'] });

/** A chart drawn for the first time, which is by far the slowest: piece by piece too. @returns null when it is gone by then */
async function firstDrawn(
  element: HTMLElement,
  option: () => EChartsCoreOption,
  gone: AbortSignal,
): Promise<EChartsType | null> {
  const init = await library();
  if (gone.aborted) return null;
  const chart = init(element);
  gone.addEventListener('abort', () => chart.dispose());
  for (const piece of piecesOf(option())) {
    draw(chart, piece);
    await turn();
    if (gone.aborted) return null;
  }
  draw(chart, option());
  return chart;
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
    if (chart.current) draw(chart.current, option(coloursOf(place.current!)));
  }, [option]);
  useEffect(() => {
    const element = place.current!;
    const now = (): EChartsCoreOption => latest.current(coloursOf(element));
    const gone = new AbortController();
    const sized = new ResizeObserver(() => chart.current?.resize());
    const themed = new MutationObserver(() => draw(chart.current!, now()));
    void firstDrawn(element, now, gone.signal).then((drawn) => {
      if (drawn === null) return;
      chart.current = drawn;
      element.dataset['drawn'] = '';
      sized.observe(element);
      themed.observe(document.documentElement, {
        attributes: true,
        attributeFilter: ['data-theme'],
      });
    });
    return () => {
      gone.abort();
      sized.disconnect();
      themed.disconnect();
      chart.current = null;
    };
  }, []);
  return <Box ref={place} role="img" aria-label={label} $height={height} />;
}
