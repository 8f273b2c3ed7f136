'use client';
import { memo } from 'react';
import styled from 'styled-components';
import { formatIn, UNITS, type UnitId } from '@/core/units';
import { useMember } from '../frame/MemberContext';
import { handUnit } from './strandWords';
import { type Bench, MOST_HAND_N } from './useBench';

const Svg = styled.svg`
  display: block;
  width: 100%;
  height: 100%;
  & text {
    font-family: var(--font-figure);
    fill: var(--ink);
    font-size: 12px;
    font-stretch: 84%;
    font-weight: 540;
  }
  & .n {
    font-size: 14px;
    font-weight: 660;
    font-stretch: 100%;
    font-variant-numeric: tabular-nums;
  }
  & .b {
    font-weight: 720;
  }
  & text.limit {
    fill: var(--signal);
  }
  & .halo {
    paint-order: stroke;
    stroke: var(--sheet);
    stroke-width: 5px;
  }
  & text.plate {
    font-weight: 700;
    fill: var(--on-plate);
  }
`;

const HEIGHT = 640;
const FOOT = 612;
const HEAD = 40;
const HAND_X = 46;
const LINE_X = 120;

/** The next round figure up, so that scales end on something readable. */
function roundUp(value: number): number {
  const power = 10 ** Math.floor(Math.log10(value));
  return ([1, 1.5, 2, 3, 4, 5, 6, 8, 10].find((s) => s * power >= value * 0.999) ?? 10) * power;
}

const digits = (value: number): string => String(Number(value.toPrecision(3)));

const Scale = memo(function Scale({
  x,
  top,
  unit,
  mostN,
  left,
}: {
  x: number;
  top: number;
  unit: UnitId;
  mostN: number;
  left: boolean;
}) {
  const most = mostN / UNITS[unit].si;
  const ticks = Array.from({ length: 11 }, (_, i) => i / 10);
  return (
    <g>
      <path d={`M${x} ${top}V${FOOT}`} stroke="var(--ink)" strokeWidth={2} />
      {ticks.map((t) => {
        const y = FOOT - t * (FOOT - top);
        const long = t === 0 || t === 0.5 || t === 1;
        return (
          <g key={t}>
            <path d={`M${x} ${y}h${-(long ? 9 : 5)}`} stroke="var(--ink)" strokeWidth={1.5} />
            {long ? (
              <text
                x={left ? x - 13 : x + 8}
                y={y + 4}
                textAnchor={left ? 'end' : 'start'}
                opacity={left || t !== 0.5 ? 1 : 0}
              >
                {digits(t * most)}
              </text>
            ) : null}
          </g>
        );
      })}
    </g>
  );
});

/** Keeps the labels of the line scale apart: pushed down where they would touch, lowest first kept inside. */
export function spread(wanted: readonly number[], gap: number, lowest: number): number[] {
  const order = wanted.map((y, i) => ({ y, i })).sort((a, b) => a.y - b.y);
  for (let k = 1; k < order.length; k++) order[k]!.y = Math.max(order[k]!.y, order[k - 1]!.y + gap);
  let limit = lowest;
  for (let k = order.length - 1; k >= 0; k--) {
    order[k]!.y = Math.min(order[k]!.y, limit);
    limit = order[k]!.y - gap;
  }
  const out = [...wanted];
  order.forEach(({ y, i }) => {
    out[i] = y;
  });
  return out;
}

/** Hand pull against line tension: counted, hauling with its band of friction, kept, and the working load limit. */
export function Gauge({ bench }: { bench: Bench }) {
  const { units } = useMember();
  const { figures, doc } = bench;
  const H = doc.system.handForceN;
  const [hauled, kept, wll] = [
    figures.tension.hauled.value ?? 0,
    figures.tension.kept.value,
    figures.capacity.wll.value,
  ];
  const lineUnit = units.force;
  const mostLine =
    roundUp((Math.max(figures.band.most, 0.2) * MOST_HAND_N) / UNITS[lineUnit].si) *
    UNITS[lineUnit].si;
  const mostHand = roundUp(MOST_HAND_N / UNITS[handUnit(units)].si) * UNITS[handUnit(units)].si;
  // Both scales alike where there is room, so that the slope of a line is its ratio.
  const handTop = FOOT - (FOOT - HEAD) * Math.max(0.34, Math.min(1, mostHand / mostLine));
  const yHand = FOOT - (Math.min(H, mostHand) / mostHand) * (FOOT - handTop);
  const y = (n: number): number => FOOT - Math.max(0, Math.min(1, n / mostLine)) * (FOOT - HEAD);
  const say = (n: number): string => formatIn(n, lineUnit, 'capacity').number;
  const marks = [
    { id: 'counted', n: figures.counted * H, word: 'counted', bold: false },
    { id: 'hauling', n: hauled, word: 'hauling', bold: false },
    ...(kept === null ? [] : [{ id: 'kept', n: kept, word: 'kept', bold: true }]),
    ...(wll !== null && wll <= mostLine ? [{ id: 'wll', n: wll, word: 'WLL', bold: true }] : []),
  ];
  const labels = spread(
    marks.map((m) => y(m.n)),
    30,
    FOOT - 8,
  );
  const stroke = {
    counted: { w: 2, dash: '2 4' },
    hauling: { w: 2.2, dash: undefined },
    kept: { w: 5, dash: undefined },
  } as const;
  return (
    <Svg
      viewBox={`0 0 206 ${HEIGHT}`}
      role="img"
      aria-label={`Gauge: ${formatIn(H, handUnit(units)).number} ${handUnit(units)} at the hand; ${marks.map((m) => `${m.word} ${say(m.n)} ${lineUnit}`).join(', ')}`}
    >
      <text x={HAND_X} y={handTop - 14} textAnchor="middle" className="b">
        hand, {handUnit(units)}
      </text>
      <text x={LINE_X} y={16} textAnchor="middle" className="b">
        line, {lineUnit}
      </text>
      <Scale x={HAND_X} top={handTop} unit={handUnit(units)} mostN={mostHand} left />
      <Scale x={LINE_X} top={HEAD} unit={lineUnit} mostN={mostLine} left={false} />
      <rect
        x={LINE_X - 5}
        y={y(figures.band.most * H)}
        width={10}
        height={Math.max(1, y(figures.band.least * H) - y(figures.band.most * H))}
        fill="var(--edge)"
        opacity={0.45}
      />
      {wll !== null && wll <= mostLine ? (
        <path d={`M${LINE_X - 14} ${y(wll)}h84`} stroke="var(--signal)" strokeWidth={2.4} />
      ) : null}
      {wll !== null && wll > mostLine ? (
        <text x={LINE_X + 10} y={HEAD - 6} className="b limit">
          WLL {say(wll)} ↑
        </text>
      ) : null}
      {figures.afterHour ? (
        <rect
          x={LINE_X}
          y={y(figures.afterHour.mostN)}
          width={9}
          height={y(figures.afterHour.leastN) - y(figures.afterHour.mostN)}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={1.5}
          strokeDasharray="3 2.5"
        />
      ) : null}
      {marks
        .filter((m) => m.id !== 'wll')
        .map((m) => {
          const style = stroke[m.id as keyof typeof stroke];
          return (
            <g key={m.id}>
              <path
                d={`M${HAND_X} ${yHand}L${LINE_X} ${y(m.n)}`}
                stroke="var(--ink)"
                strokeWidth={style.w}
                strokeDasharray={style.dash}
              />
              <circle
                cx={LINE_X}
                cy={y(m.n)}
                r={m.id === 'kept' ? 6 : 4}
                fill={m.id === 'counted' ? 'var(--canvas)' : 'var(--ink)'}
                stroke="var(--ink)"
                strokeWidth={2}
              />
            </g>
          );
        })}
      {marks.map((m, i) => (
        <g key={m.id} transform={`translate(${LINE_X + 16},${labels[i]!})`}>
          <text y={0} className={m.id === 'wll' ? 'n limit halo' : 'n'}>
            {say(m.n)}
          </text>
          <text y={13} className={`${m.bold ? 'b' : ''} ${m.id === 'wll' ? 'limit' : ''}`}>
            {m.word}
          </text>
        </g>
      ))}
      <g>
        <path d={`M${HAND_X - 30} ${yHand - 11}h22l9 11-9 11h-22z`} fill="var(--plate)" />
        <text x={HAND_X - 17} y={yHand + 4.5} textAnchor="middle" className="plate">
          {digits(Number((H / UNITS[handUnit(units)].si).toPrecision(3)))}
        </text>
      </g>
    </Svg>
  );
}
