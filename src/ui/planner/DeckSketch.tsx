'use client';
import { memo } from 'react';
import styled from 'styled-components';
import type { Plan } from '@/core/securement/plan';
import type { LineFacts } from '@/core/securement/rule-input';
import { cargoBox } from '@/core/securement/leg';

const Frame = styled.figure`
  display: block;
  & svg {
    display: block;
    width: 100%;
    max-height: 270px;
  }
  & text {
    font-family: var(--font-figure);
    font-weight: 600;
    fill: var(--ink);
  }
`;
const PX = 100;

/** Plan of deck, load, anchors and lines to scale, forward up. It reads; moving things comes with the drawn stage. */
export const DeckSketch = memo(function DeckSketch({
  plan,
  lines,
}: {
  plan: Plan;
  lines: readonly LineFacts[];
}) {
  const { deck, cargo } = plan;
  const [w, l] = [deck.widthM * PX, deck.lengthM * PX];
  const px = (x: number): number => -x * PX;
  const py = (y: number): number => w / 2 - y * PX;
  const box = cargoBox(cargo);
  const scale = Math.max(l / 260, w / 330);
  const pad = 34 * scale;
  // Names of anchors stand outside the deck.
  const padX = Math.max(34, ...deck.anchors.map((a) => 18 + 8 * a.id.length)) * scale;
  return (
    <Frame>
      <svg
        viewBox={`${-padX} ${-pad} ${w + 2 * padX} ${l + 1.4 * pad}`}
        role="img"
        aria-label={`Plan of the deck from above, forward up: ${cargo.name || 'load'} and ${lines.length} lines`}
      >
        <text
          x={w / 2}
          y={-12 * scale}
          textAnchor="middle"
          fontSize={12 * scale}
          letterSpacing=".14em"
        >
          FORWARD
        </text>
        <rect
          x={0}
          y={0}
          width={w}
          height={l}
          fill="var(--deck)"
          stroke="var(--ink)"
          strokeWidth={1.6 * scale}
        />
        {Array.from({ length: 7 }, (_, i) => (
          <path
            key={i}
            d={`M${(w * (i + 1)) / 8} 0V${l}`}
            stroke="var(--deck-groove)"
            strokeWidth={scale}
          />
        ))}
        <rect
          x={py(box.left)}
          y={px(box.front)}
          width={cargo.widthM * PX}
          height={cargo.lengthM * PX}
          fill="var(--cargo)"
          stroke="var(--cargo-ink)"
          strokeWidth={2 * scale}
        />
        {lines.map(({ line, shape, capacity }) => {
          const known = capacity.wll.value !== null;
          const rope = line.elements.some((e) => e.kind === 'rope');
          const points = shape.legs.flatMap((leg) => {
            const anchor = deck.anchors.find((a) => a.id === leg.anchorId);
            return leg.at && anchor
              ? [
                  {
                    a: `${py(anchor.fromCentreM)} ${px(-anchor.fromFrontM)}`,
                    p: `${py(leg.at.y)} ${px(leg.at.x)}`,
                  },
                ]
              : [];
          });
          if (points.length === 0) return null;
          const d = `M${points[0]!.a} L${points.map((q) => q.p).join(' L')}${points[1] ? ` L${points[1].a}` : ''}`;
          return known ? (
            <g key={line.id} fill="none">
              <path
                d={d}
                stroke={rope ? 'var(--rope-ink)' : 'var(--steel-ink)'}
                strokeWidth={7 * scale}
              />
              <path
                d={d}
                stroke={rope ? 'var(--rope)' : 'var(--steel-lit)'}
                strokeWidth={4.5 * scale}
              />
            </g>
          ) : (
            <path
              key={line.id}
              d={d}
              fill="none"
              stroke="var(--ink)"
              strokeWidth={2.2 * scale}
              strokeDasharray={`${7 * scale} ${4 * scale}`}
            />
          );
        })}
        {deck.anchors.map((a) => (
          <g key={a.id}>
            <circle
              cx={py(a.fromCentreM)}
              cy={px(-a.fromFrontM)}
              r={6.5 * scale}
              fill="var(--canvas)"
              stroke={a.rating.state === 'rated' ? 'var(--steel)' : 'var(--ink)'}
              strokeWidth={(a.rating.state === 'rated' ? 4 : 2) * scale}
              strokeDasharray={a.rating.state === 'rated' ? undefined : `${4 * scale} ${3 * scale}`}
            />
            <text
              x={py(a.fromCentreM) + (a.fromCentreM >= 0 ? -12 : 12) * scale}
              y={px(-a.fromFrontM) + 4 * scale}
              textAnchor={a.fromCentreM >= 0 ? 'end' : 'start'}
              fontSize={12.5 * scale}
            >
              {a.id}
            </text>
          </g>
        ))}
      </svg>
    </Frame>
  );
});
