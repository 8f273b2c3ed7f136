'use client';
import styled from 'styled-components';
import type { SpanFigures, SpanInput } from '@/core/bench/span';
import { formatQuantity, type UnitChoice } from '@/core/units';
import { RopeStroke } from '../diagrams/RopeStroke';
import { wordValue } from '@/wording/figures';

const Svg = styled.svg`
  display: block;
  width: 100%;
  height: auto;
  & text {
    font-family: var(--font-figure);
    fill: var(--ink);
    font-size: 14px;
    font-weight: 660;
  }
  & .load {
    font-size: 13px;
    font-stretch: 80%;
  }
  & .l {
    font-size: 12px;
    font-weight: 560;
    font-stretch: 84%;
    fill: var(--ink-2);
  }
`;

const [LEFT, RIGHT, TOP] = [70, 570, 70];
/** A sag of a hundredth must be seen at all: heights are drawn so much larger, and the picture says so. */
const heights = (deepest: number, spanM: number): number =>
  Math.max(1, Math.min(6, (0.32 * spanM) / Math.max(deepest, 1e-6)));

/** The span as it hangs: ends, both parts of the line, the load, the sag; tensions on the parts. */
export function SpanPicture({
  input,
  figures,
  units,
}: {
  input: SpanInput;
  figures: SpanFigures;
  units: UnitChoice;
}) {
  const { spanM, riseM, atM } = input;
  const scale = (RIGHT - LEFT) / spanM;
  const deepest = Math.max(figures.sagM - Math.min(0, riseM), figures.sagM, Math.abs(riseM));
  const times = heights(deepest, spanM);
  const lift = Math.max(0, riseM) * scale * times;
  const y0 = TOP + Math.min(lift, 190);
  const y1 = y0 - riseM * scale * times;
  const x = LEFT + atM * scale;
  const chord = y0 + (y1 - y0) * (atM / spanM);
  const y = chord + figures.sagM * scale * times;
  const bottom = Math.max(y + 92, y0 + 60, y1 + 60);
  const pull = (n: number | null): string => wordValue(n, 'N', units, 'demand');
  return (
    <Svg
      viewBox={`0 0 640 ${bottom + 26}`}
      role="img"
      aria-label={`Line over ${wordValue(spanM, 'm', units)} with ${formatQuantity(input.loadN, 'force', units)} on it, ${wordValue(figures.sagM, 'm', units)} deep`}
    >
      {[
        [LEFT, y0],
        [RIGHT, y1],
      ].map(([px, py]) => (
        <g key={px}>
          <path d={`M${px} ${py! - 34}V${bottom}`} stroke="var(--cargo-ink)" strokeWidth={13} />
          <path d={`M${px} ${py! - 34}V${bottom}`} stroke="var(--cargo)" strokeWidth={9} />
        </g>
      ))}
      <path d={`M30 ${bottom}H610`} stroke="var(--ink)" strokeWidth={2.2} />
      <path
        d={`M${LEFT} ${y0}L${RIGHT} ${y1}`}
        stroke="var(--edge)"
        strokeWidth={1.3}
        strokeDasharray="3 5"
      />
      <RopeStroke d={`M${LEFT} ${y0}L${x} ${y}L${RIGHT} ${y1}`} w={7} />
      <path d={`M${x} ${y}v26`} stroke="var(--steel-ink)" strokeWidth={3} />
      <rect
        x={x - 26}
        y={y + 26}
        width={52}
        height={34}
        fill="var(--cargo)"
        stroke="var(--cargo-ink)"
        strokeWidth={2}
      />
      <text x={x} y={y + 48} textAnchor="middle" className="load">
        {formatQuantity(input.loadN, 'force', units)}
      </text>
      <path
        d={`M${x + 40} ${chord}V${y}M${x + 35} ${chord}h10M${x + 35} ${y}h10`}
        stroke="var(--ink)"
        strokeWidth={1.4}
      />
      <text x={x + 40} y={chord - 9} textAnchor="middle">
        {wordValue(figures.sagM, 'm', units)}
      </text>
      <text
        x={(LEFT + x) / 2}
        y={(y0 + y) / 2 + 26}
        textAnchor="middle"
        paintOrder="stroke"
        stroke="var(--canvas)"
        strokeWidth={5}
      >
        {pull(figures.ends.firstN.value)}
      </text>
      <text
        x={(RIGHT + x) / 2}
        y={(y1 + y) / 2 + 26}
        textAnchor="middle"
        paintOrder="stroke"
        stroke="var(--canvas)"
        strokeWidth={5}
      >
        {pull(figures.ends.secondN.value)}
      </text>
      <text className="l" x={320} y={bottom + 18} textAnchor="middle">
        {wordValue(spanM, 'm', units)}
        {times > 1.05 ? `; heights drawn ${times.toFixed(1)} times as large` : ''}
      </text>
    </Svg>
  );
}
