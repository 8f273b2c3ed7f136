'use client';
import { useDrag } from '@use-gesture/react';
import { useRef, useState } from 'react';
import styled from 'styled-components';
import type { PathPoint } from '@/core/knot/path/notation';
import type { DrawnLine } from '@/core/knot/trace/drawn';
import { SHEET, type Tool, type Tracing } from './useTracing';

const Paper = styled.div`
  position: relative;
  width: 100%;
  max-width: min(100%, calc(100vh - 250px));
  min-width: min(100%, 320px);
  margin: 0 auto;
  aspect-ratio: 1;
  background: var(--sheet);
  border: var(--w-rule) solid var(--ink);
  touch-action: none;
  & > svg {
    display: block;
    width: 100%;
    height: 100%;
  }
`;
const Turner = styled.button`
  position: absolute;
  left: var(--left);
  top: var(--top);
  width: 44px;
  height: 44px;
  margin: -22px 0 0 -22px;
  border: 0;
  border-radius: 50%;
  background: none;
  cursor: pointer;
  &::after {
    content: '';
    position: absolute;
    inset: 7px;
    border-radius: 50%;
    border: 1.5px dotted var(--ink);
  }
  &[data-pointed]::after {
    inset: 4px;
    border: 4px solid var(--signal);
  }
  &:hover::after {
    inset: 3px;
    border-style: solid;
  }
`;
const Empty = styled.p`
  position: absolute;
  inset: auto 0 46% 0;
  text-align: center;
  color: var(--ink-2);
  padding: 0 12%;
  pointer-events: none;
`;

const ROPE = 2.6;
/** How far over a crossing the upper strand is drawn again, in pieces of its line. */
const OVER = 2;

const pathOf = (points: readonly PathPoint[]): string =>
  points.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x.toFixed(2)} ${(-p.y).toFixed(2)}`).join('');

/** Whether a line is another rope than the first: drawn in the other colour. */
const isSecond = (lines: readonly DrawnLine[], line: number): boolean =>
  lines.findIndex((l) => l.kind === 'rope') < line && lines[line]!.kind === 'rope';

/** A stretch of a line: rope with its outline, a thing in steel. */
function Stroke({ kind, points, second = false }: DrawnLine & { readonly second?: boolean }) {
  const d = pathOf(points);
  const thing = kind !== 'rope';
  const rope = second ? '--rope-2' : '--rope';
  const width = kind === 'ring' ? 2 : thing ? 6 : ROPE;
  return (
    <g fill="none" strokeLinejoin="round">
      <path d={d} stroke={`var(${thing ? '--steel' : rope}-ink)`} strokeWidth={width} />
      <path d={d} stroke={`var(${thing ? '--steel' : rope})`} strokeWidth={width - 0.7} />
    </g>
  );
}

/** Which strand lies over, drawn again over the crossing. */
function Overs({ tracing: { drawing, read } }: { tracing: Tracing }) {
  return read?.crossings.map(({ key, over }) => {
    const line = drawing.lines[over.line]!;
    const from = Math.max(0, over.piece - OVER);
    const points = line.points.slice(from, over.piece + OVER + 2);
    return points.length > 1 && line.kind !== 'pole' && line.kind !== 'cleat' ? (
      <Stroke
        key={key}
        kind={line.kind}
        points={points}
        second={isSecond(drawing.lines, over.line)}
      />
    ) : null;
  });
}

/** A post, which lies over rope along its whole length where it does: only the part at the crossing is drawn again. */
function ThingOvers({ tracing: { drawing, read } }: { tracing: Tracing }) {
  return read?.crossings.map(({ key, over, at }) => {
    const { kind, points } = drawing.lines[over.line]!;
    if (kind !== 'pole' && kind !== 'cleat') return null;
    const [a, b] = [points[0]!, points.at(-1)!];
    const long = Math.hypot(b.x - a.x, b.y - a.y) || 1;
    const [ux, uy] = [(2.4 * (b.x - a.x)) / long, (2.4 * (b.y - a.y)) / long];
    return (
      <Stroke
        key={key}
        kind={kind}
        points={[
          { x: at.x - ux, y: at.y - uy },
          { x: at.x + ux, y: at.y + uy },
        ]}
      />
    );
  });
}

/** What is traced: things beneath, ropes over them, and at each crossing the upper strand again. */
function Traced({ tracing }: { tracing: Tracing }) {
  const { lines, held } = tracing.drawing;
  return (
    <>
      {lines.map((l, i) => (l.kind === 'rope' ? null : <Stroke key={i} {...l} />))}
      {lines.map((l, i) =>
        l.kind === 'rope' ? <Stroke key={i} {...l} second={isSecond(lines, i)} /> : null,
      )}
      <Overs tracing={tracing} />
      <ThingOvers tracing={tracing} />
      {lines.map((l, i) =>
        l.kind === 'rope' ? (
          <circle key={i} cx={l.points[0]!.x} cy={-l.points[0]!.y} r={1.9} fill="var(--ink)" />
        ) : null,
      )}
      {held.map(({ line, point }) => {
        const { x, y } = lines[line]!.points[point]!;
        return (
          <g key={`${line}.${point}`} stroke="var(--signal)" strokeWidth={0.9} fill="none">
            <rect x={x - 3} y={-y - 3} width={6} height={6} />
            <path d={`M${x - 3} ${-y - 3}l6 6m0 -6l-6 6`} />
          </g>
        );
      })}
    </>
  );
}

/** The sheet a knot is traced on: a drag draws with the tool in hand, a tap on a crossing turns it over. */
export function TraceSheet({
  tracing,
  tool,
  pointed,
  words,
}: {
  tracing: Tracing;
  tool: Tool;
  /** Crossings that are pointed at, by number. */
  pointed: readonly number[];
  /** What to do on an empty sheet. */
  words: string;
}) {
  const sheet = useRef<SVGSVGElement>(null);
  const [going, setGoing] = useState<readonly PathPoint[]>([]);
  const placeOf = ([x, y]: readonly [number, number]): PathPoint => {
    const box = sheet.current!.getBoundingClientRect();
    return { x: ((x - box.left) / box.width) * SHEET, y: -((y - box.top) / box.height) * SHEET };
  };
  const bind = useDrag(
    ({ xy, first, last, tap }) => {
      const at = placeOf(xy);
      if (tool === 'holds') {
        if (tap) tracing.hold(at);
        return;
      }
      const points = first ? [at] : [...going, at];
      setGoing(last ? [] : points);
      if (last && !tap) tracing.add(tool, points);
    },
    { filterTaps: true, pointer: { touch: false } },
  );
  const { read, drawing } = tracing;
  return (
    <Paper>
      <svg
        ref={sheet}
        {...bind()}
        viewBox={`0 0 ${SHEET} ${SHEET}`}
        role="img"
        aria-label={`Tracing: ${drawing.lines.length} lines, ${read?.crossings.length ?? 0} crossings`}
      >
        <Traced tracing={tracing} />
        {going.length > 1 ? (
          <path
            d={pathOf(tool === 'rope' ? going : [going[0]!, going.at(-1)!])}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={1}
            strokeDasharray="2 1.4"
          />
        ) : null}
      </svg>
      {drawing.lines.length === 0 ? <Empty>{words}</Empty> : null}
      {read?.crossings.map(({ key, at }, i) => (
        <Turner
          key={key}
          type="button"
          {...(pointed.includes(i) ? { 'data-pointed': true } : {})}
          aria-label={`Crossing ${i + 1}: turn it over`}
          style={{ '--left': `${(at.x / SHEET) * 100}%`, '--top': `${(-at.y / SHEET) * 100}%` }}
          onClick={() => tracing.turn(key)}
        />
      ))}
    </Paper>
  );
}
