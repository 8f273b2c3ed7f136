'use client';
import { useCallback, useMemo, useState } from 'react';
import type { PathPoint } from '@/core/knot/path/notation';
import { bodyOfFrame, type ShippedForm } from '@/core/knot/shape/frames';
import {
  type Drawing,
  type DrawnLine,
  readDrawing,
  type ReadDrawing,
} from '@/core/knot/trace/drawn';
import { laidDown } from '@/core/knot/trace/laid';
import type { TraceForm } from '@/server/knots-tied';

/** Side of the sheet that is drawn on, in its own units. */
export const SHEET = 100;
/** Traced points closer than this are one. */
const APART = 1.2;
/** A loop that holds something is tapped this near to its rope. */
const NEAR = 4;

const NOTHING: Drawing = { lines: [], turned: [], held: [] };

export type Tool = DrawnLine['kind'] | 'holds';

export interface Tracing {
  readonly drawing: Drawing;
  readonly read: ReadDrawing | null;
  readonly add: (kind: DrawnLine['kind'], points: readonly PathPoint[]) => void;
  readonly turn: (key: string) => void;
  readonly hold: (at: PathPoint) => void;
  readonly back: () => void;
  readonly clear: () => void;
  readonly layDown: (form: TraceForm, shipped: ShippedForm) => void;
}

/** Without the trembling of a hand: points apart from each other, each moved to the middle of its neighbours. */
function calm(points: readonly PathPoint[]): PathPoint[] {
  const apart = points.reduce<PathPoint[]>((kept, p) => {
    const last = kept.at(-1);
    return last && Math.hypot(p.x - last.x, p.y - last.y) < APART ? kept : [...kept, p];
  }, []);
  return apart.map((p, i) => {
    const [a, b] = [apart[i - 1], apart[i + 1]];
    return a && b ? { x: (a.x + 2 * p.x + b.x) / 4, y: (a.y + 2 * p.y + b.y) / 4 } : p;
  });
}

const RING_POINTS = 36;

/** What a drag means for what is no rope: a straight line, or a circle round where it began. */
function shaped(kind: DrawnLine['kind'], points: readonly PathPoint[]): readonly PathPoint[] {
  const [from, to] = [points[0]!, points.at(-1)!];
  if (kind === 'rope') return calm(points);
  if (kind !== 'ring') return [from, to];
  const radius = Math.hypot(to.x - from.x, to.y - from.y);
  return Array.from({ length: RING_POINTS + 1 }, (_, i) => {
    const turn = ((i % RING_POINTS) + 0.37) * ((2 * Math.PI) / RING_POINTS);
    return { x: from.x + radius * Math.cos(turn), y: from.y + radius * Math.sin(turn) };
  });
}

/** The drawing made to fill the sheet. */
function fitted(drawing: Drawing): Drawing {
  const all = drawing.lines.flatMap((l) => l.points);
  const [left, right] = [Math.min(...all.map((p) => p.x)), Math.max(...all.map((p) => p.x))];
  const [low, high] = [Math.min(...all.map((p) => p.y)), Math.max(...all.map((p) => p.y))];
  const scale = (0.88 * SHEET) / Math.max(right - left, high - low);
  const move = (p: PathPoint): PathPoint => ({
    x: SHEET / 2 + scale * (p.x - (left + right) / 2),
    y: -SHEET / 2 + scale * (p.y - (low + high) / 2),
  });
  return { ...drawing, lines: drawing.lines.map((l) => ({ ...l, points: l.points.map(move) })) };
}

/** The point of a rope nearest to a place, or null where none is near. */
function nearest(lines: readonly DrawnLine[], at: PathPoint): Drawing['held'][number] | null {
  const all = lines.flatMap((l, line) =>
    l.kind === 'rope'
      ? l.points.map((p, point) => ({ line, point, far: Math.hypot(p.x - at.x, p.y - at.y) }))
      : [],
  );
  const best = all.reduce<(typeof all)[number] | null>(
    (a, b) => (a && a.far <= b.far ? a : b),
    null,
  );
  return best && best.far <= NEAR ? { line: best.line, point: best.point } : null;
}

/** What is traced so far, and everything a finger does to it. Points have y up; the sheet's y runs down from 0 to −SHEET. */
export function useTracing(): Tracing {
  const [drawing, setDrawing] = useState(NOTHING);
  const add = useCallback((kind: DrawnLine['kind'], points: readonly PathPoint[]): void => {
    const line = { kind, points: shaped(kind, points) };
    if (line.points.length > 1) setDrawing((d) => ({ ...d, lines: [...d.lines, line] }));
  }, []);
  const turn = useCallback(
    (key: string): void =>
      setDrawing((d) => ({
        ...d,
        turned: d.turned.includes(key) ? d.turned.filter((k) => k !== key) : [...d.turned, key],
      })),
    [],
  );
  const hold = useCallback(
    (at: PathPoint): void =>
      setDrawing((d) => {
        const there = d.held.find(({ line, point }) => {
          const p = d.lines[line]!.points[point]!;
          return Math.hypot(p.x - at.x, p.y - at.y) <= NEAR;
        });
        if (there) return { ...d, held: d.held.filter((h) => h !== there) };
        const place = nearest(d.lines, at);
        return place ? { ...d, held: [...d.held, place] } : d;
      }),
    [],
  );
  const back = useCallback(
    (): void =>
      setDrawing((d) => {
        const gone = d.lines.length - 1;
        return {
          lines: d.lines.slice(0, -1),
          turned: d.turned.filter((k) => !k.split('|').some((p) => p.startsWith(`${gone}.`))),
          held: d.held.filter((h) => h.line !== gone),
        };
      }),
    [],
  );
  const clear = useCallback((): void => setDrawing(NOTHING), []);
  const layDown = useCallback((form: TraceForm, shipped: ShippedForm): void => {
    const body = bodyOfFrame(shipped, shipped.frames[0]!);
    setDrawing(fitted(laidDown(body, form.tips ?? [])));
  }, []);
  const read = useMemo(() => (drawing.lines.length > 0 ? readDrawing(drawing) : null), [drawing]);
  return { drawing, read, add, turn, hold, back, clear, layDown };
}
