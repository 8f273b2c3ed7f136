'use client';
import { memo } from 'react';
import styled from 'styled-components';
import type { Plan } from '@/core/securement/plan';
import type { LineFacts } from '@/core/securement/rule-input';
import { unitName } from '@/core/securement/load/describe';
import { type Placed, placeUnits } from '@/core/securement/load/placed';
import type { LineShape } from '@/core/securement/route/shape';
import type { Point } from '@/core/securement/leg';
import { widthOfText, withRoom } from '../diagrams/names';

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
/** Readable over ropes: with a rim of what it lies on. */
const Named = styled.text`
  paint-order: stroke;
  stroke: var(--cargo);
`;
const PX = 100;

/** The way of a line as it is drawn, from its first end to its last; empty where nobody knows it. */
function routeOf({ pulls }: LineShape, { deck }: Plan): Point[] {
  const end = (id: string | null): Point[] => {
    const found = deck.anchors.find((a) => a.id === id);
    return found ? [{ x: -found.fromFrontM, y: found.fromCentreM, z: found.heightM }] : [];
  };
  const [first, last] = [pulls[0], pulls.at(-1)];
  if (!first || !last || pulls.some((p) => p.leg.at === null)) return [];
  return [
    ...(first.towardId === null ? end(first.leg.anchorId) : []),
    ...pulls.map((p) => p.leg.at!),
    ...(last !== first && last.towardId === null ? end(last.leg.anchorId) : []),
  ];
}

const UNIT_SIZE = 11.5;
const ANCHOR_SIZE = 12.5;

interface UnitLabel {
  readonly id: string;
  /** What it is called, and under it what it stands on. */
  readonly lines: readonly string[];
  readonly x: number;
  readonly y: number;
}

/** Names of several units where they lie, as far as there is room; what carries another is named there. */
function unitLabels(
  load: readonly Placed[],
  at: (p: Placed) => readonly [number, number],
  size: number,
): UnitLabel[] {
  if (load.length < 2) return [];
  const carrying = new Set(
    load.flatMap(({ unit: { on } }) => (on.kind === 'unit' ? on.unitId : [])),
  );
  const labels = load
    .filter(({ unit }) => !carrying.has(unit.id))
    .map((placed): UnitLabel => {
      const { unit } = placed;
      const { on } = unit;
      const under = on.kind === 'unit' ? load.find((p) => p.unit.id === on.unitId) : undefined;
      const lines = [unitName(unit), ...(under ? [`on ${unitName(under.unit)}`] : [])];
      const [x, y] = at(placed);
      return { id: unit.id, lines, x, y };
    });
  const room = withRoom(
    labels.map(({ x, y, lines }) => ({
      x,
      y,
      width: Math.max(...lines.map((line) => widthOfText(line, size))),
      height: 1.15 * lines.length * size,
    })),
  );
  return labels.filter((_, i) => room[i]);
}

function UnitName({ label: { x, y, lines }, size }: { label: UnitLabel; size: number }) {
  return (
    <Named textAnchor="middle" fontSize={size} strokeWidth={0.3 * size}>
      {lines.map((line, i) => (
        <tspan key={i} x={x} y={y + (0.35 + 1.15 * (i - (lines.length - 1) / 2)) * size}>
          {line}
        </tspan>
      ))}
    </Named>
  );
}

/** Plan of deck, load, anchors and lines to scale, forward up. It reads; moving things comes with the drawn stage. */
export const DeckSketch = memo(function DeckSketch({
  plan,
  lines,
}: {
  plan: Plan;
  lines: readonly LineFacts[];
}) {
  const { deck } = plan;
  const load = placeUnits(plan.units).toSorted((a, b) => a.baseM - b.baseM);
  const [w, l] = [deck.widthM * PX, deck.lengthM * PX];
  const px = (x: number): number => -x * PX;
  const py = (y: number): number => w / 2 - y * PX;
  const scale = Math.max(l / 260, w / 330);
  const pad = 34 * scale;
  // Names of anchors stand outside the deck.
  const padX = Math.max(34, ...deck.anchors.map((a) => 18 + 8 * a.id.length)) * scale;
  const named = withRoom(
    deck.anchors.map((a) => {
      const width = widthOfText(a.id, ANCHOR_SIZE * scale);
      const out = 12 * scale + width / 2;
      return {
        x: py(a.fromCentreM) + (a.fromCentreM >= 0 ? -out : out),
        y: px(-a.fromFrontM),
        width,
        height: 0.9 * ANCHOR_SIZE * scale,
      };
    }),
  );
  return (
    <Frame>
      <svg
        viewBox={`${-padX} ${-pad} ${w + 2 * padX} ${l + 1.4 * pad}`}
        role="img"
        aria-label={`Plan of the deck from above, forward up: ${plan.units.map(unitName).join(', ')} and ${lines.length} lines`}
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
        {load.map(({ unit, outline }) => (
          <polygon
            key={unit.id}
            points={outline.map((p) => `${py(p.y)},${px(p.x)}`).join(' ')}
            fill="var(--cargo)"
            stroke="var(--cargo-ink)"
            strokeWidth={2 * scale}
          />
        ))}
        {lines.map(({ line, shape, capacity }) => {
          const known = capacity.wll.value !== null;
          const rope = line.elements.some((e) => e.kind === 'rope');
          const route = routeOf(shape, plan);
          if (route.length < 2) return null;
          const d = `M${route.map((p) => `${py(p.y)} ${px(p.x)}`).join(' L')}`;
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
        {unitLabels(load, (p) => [py(p.middle.y), px(p.middle.x)], UNIT_SIZE * scale).map(
          (label) => (
            <UnitName key={label.id} label={label} size={UNIT_SIZE * scale} />
          ),
        )}
        {deck.anchors.map((a, i) => (
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
            {named[i] ? (
              <text
                x={py(a.fromCentreM) + (a.fromCentreM >= 0 ? -12 : 12) * scale}
                y={px(-a.fromFrontM) + 4 * scale}
                textAnchor={a.fromCentreM >= 0 ? 'end' : 'start'}
                fontSize={ANCHOR_SIZE * scale}
              >
                {a.id}
              </text>
            ) : null}
          </g>
        ))}
      </svg>
    </Frame>
  );
});
