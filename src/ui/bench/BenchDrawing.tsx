'use client';
import styled from 'styled-components';
import { memo, type PointerEvent as ReactPointerEvent, useMemo, useRef } from 'react';
import { RopeStroke } from '../diagrams/RopeStroke';
import { angleOf, type DrawnBody, type DrawnRig, drawRig, type Point } from './drawing';
import { CANVAS } from './lanes';
import { type StrandWord, strandWords } from './strandWords';
import { type Bench, MOST_HAND_N } from './useBench';
import { useMember } from '../frame/MemberContext';
import { Svg, HandSpot } from './BenchDrawing.styles';
import { Ground, Body } from './BenchBodies';

const Force = styled.text`
  font-size: 14px;
  font-weight: 680;
  font-variant-numeric: tabular-nums;
`;
const BodyName = styled.text`
  font-size: 12px;
  font-weight: 560;
  font-stretch: 80%;
  paint-order: stroke;
  stroke: var(--canvas);
  stroke-width: 4px;
`;

/** A gloved hand on the rope, drawn along the way it pulls. */
function Glove({ rig }: { rig: DrawnRig }) {
  const turn = (Math.atan2(-rig.way.x, rig.way.y) * 180) / Math.PI;
  return (
    <g
      transform={`translate(${rig.hand.x.toFixed(1)},${rig.hand.y.toFixed(1)}) rotate(${turn.toFixed(1)}) translate(0,-10)`}
    >
      <path
        d="M-19 66v-28c-5-4-7-9-7-16 0-5 2-9 6-12l0-3c0-5 4-8 9-8h20c6 0 11 4 12 10l3 17c1 9-3 15-8 19v21z"
        fill="var(--skin)"
        stroke="var(--ink)"
        strokeWidth={2.2}
        strokeLinejoin="round"
      />
      <path
        d="M-20 10h30M-22 19h31M-20 28h28M-15 37h20M10 5c6 3 9 10 8 19l-3 11"
        stroke="var(--ink)"
        strokeWidth={1.8}
        fill="none"
      />
      <path d="M-19 58h35v12h-35z" fill="var(--ink)" />
    </g>
  );
}

/** A lock at the loop: two wraps of the tail round the short strands, and what is left hanging. */
function TiedLock({ rig }: { rig: DrawnRig }) {
  const { x, y } = rig.leaves;
  return (
    <>
      {[16, 32].map((dy) => (
        <RopeStroke
          key={dy}
          d={`M${x - 34} ${y + dy + 4}C${x - 20} ${y + dy + 12} ${x - 4} ${y + dy} ${x + 8} ${y + dy - 4}`}
          w={rig.ropePx}
        />
      ))}
      <RopeStroke
        d={`M${x + 6} ${y + 30}C${x + 40} ${y + 40} ${x + 44} ${y + 90} ${x + 30} ${y + 130}`}
        w={rig.ropePx}
      />
    </>
  );
}

const StrandFigure = memo(function StrandFigure({ figure, name, most, x, y }: StrandWord & Point) {
  const wide = Math.max(figure.length * 8.2 + 12, 46);
  return (
    <g transform={`translate(${x.toFixed(1)},${y.toFixed(1)})`}>
      <rect
        x={-wide / 2}
        y={-11}
        width={wide}
        height={22}
        fill="var(--sheet)"
        stroke={most ? 'var(--ink)' : 'var(--edge)'}
        strokeWidth={most ? 2 : 1}
      />
      <Force y={5} textAnchor="middle">
        {figure}
      </Force>
      {name ? (
        <BodyName y={25} textAnchor="middle">
          {name}
        </BodyName>
      ) : null}
    </g>
  );
});

/** Distances of the hand from where the rope leaves that stand for nothing and for the end of the scale, in the drawing's pixels. */
const DRAG = { none: 70, full: 300 } as const;

const EIGHTH = Math.PI / 4;

/** Turns dragging into a pull and a direction: an eighth of a turn at a time, so that a straight pull stays straight. */
function useDrag(bench: Bench, rig: DrawnRig) {
  const dragging = useRef(false);
  const frame = useRef(0);
  const moved = (event: ReactPointerEvent<SVGSVGElement>): void => {
    if (!dragging.current) return;
    const matrix = event.currentTarget.getScreenCTM();
    if (!matrix) return;
    const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    const to = { x: p.x - rig.leaves.x, y: p.y - rig.leaves.y };
    const force = ((Math.hypot(to.x, to.y) - DRAG.none) / (DRAG.full - DRAG.none)) * MOST_HAND_N;
    const angle = Math.round(angleOf(to) / EIGHTH) * EIGHTH;
    cancelAnimationFrame(frame.current);
    frame.current = requestAnimationFrame(() =>
      bench.pull(Math.min(MOST_HAND_N, Math.round(force / 10) * 10), Math.min(Math.PI, angle)),
    );
  };
  return {
    onPointerDown: (event: ReactPointerEvent<SVGSVGElement>): void => {
      if (!(event.target as Element).closest('[data-hand]')) return;
      dragging.current = true;
      event.currentTarget.setPointerCapture(event.pointerId);
      event.preventDefault();
    },
    onPointerMove: moved,
    onPointerUp: (): void => {
      dragging.current = false;
    },
    onPointerCancel: (): void => {
      dragging.current = false;
    },
  };
}

/** Hand, rope, turns and anchor as they are; what every strand bears written on it. The hand is dragged to pull. */
export function BenchDrawing({ bench }: { bench: Bench }) {
  const { units } = useMember();
  const { doc, figures, tied } = bench;
  const { system } = doc;
  const reach = Math.min(1, system.handForceN / MOST_HAND_N);
  const wll = figures.capacity.wll.value;
  // In steps: the loop comes down while it is pulled, but not a hair at a time.
  const taut =
    Math.round(8 * Math.min(1, (figures.tension.hauled.value ?? 0) / Math.max(1, wll ?? 5000))) / 8;
  const rig = useMemo(
    () => drawRig(figures.rigging, system, reach, taut),
    [figures.rigging, system, reach, taut],
  );
  const words = strandWords(bench, units);
  const drag = useDrag(bench, rig);
  const knotTied = tied && system.kind === 'truckers';
  const hand = rig.strands.findIndex(
    (s) => s.strand === 0 && figures.rigging.ropes[s.rope]!.from === 'hand',
  );
  const shown = rig.strands.filter((_, i) => !(knotTied && i === hand));
  const inFront = (b: DrawnBody): boolean => b.knotted;
  return (
    <Svg
      viewBox={`0 0 ${CANVAS.width} ${CANVAS.height}`}
      role="img"
      aria-label={words.say}
      data-pull-stage
      {...drag}
    >
      <Ground />
      {shown.map((s) => (
        <RopeStroke key={`b${s.rope}/${s.strand}`} d={s.back} w={rig.ropePx} />
      ))}
      {rig.bodies.map((b) => (inFront(b) ? null : <Body key={b.id} body={b} w={rig.ropePx} />))}
      {rig.bodies.map((b) => (inFront(b) ? <Body key={b.id} body={b} w={rig.ropePx} /> : null))}
      {shown.map((s) => (
        <RopeStroke key={`f${s.rope}/${s.strand}`} d={s.front} w={rig.ropePx} />
      ))}
      {rig.ends.map((e, i) => (
        <g key={`e${i}`}>
          {[-6, 5].map((dy) => (
            <RopeStroke
              key={dy}
              d={`M${e.x - 9} ${e.y + dy + 2}L${e.x + 9} ${e.y + dy - 2}`}
              w={rig.ropePx * 0.9}
            />
          ))}
        </g>
      ))}
      {knotTied ? (
        <TiedLock rig={rig} />
      ) : (
        <HandSpot data-hand>
          <circle cx={rig.hand.x} cy={rig.hand.y} r={44} fill="transparent" />
          <Glove rig={rig} />
        </HandSpot>
      )}
      {shown.map((s) => {
        const word = words.of(s.rope, s.strand);
        return word ? <StrandFigure key={`w${s.rope}/${s.strand}`} {...word} {...s.label} /> : null;
      })}
    </Svg>
  );
}
