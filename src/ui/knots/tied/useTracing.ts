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
import { fitted, shaped, withHeld, withoutLast } from '@/core/knot/trace/hand';
import { laidDown } from '@/core/knot/trace/laid';
import type { TraceForm } from '@/server/knots-tied';

/** Side of the sheet that is drawn on, in its own units. */
export const SHEET = 100;
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
  const hold = useCallback((at: PathPoint): void => setDrawing((d) => withHeld(d, at)), []);
  const back = useCallback((): void => setDrawing(withoutLast), []);
  const clear = useCallback((): void => setDrawing(NOTHING), []);
  const layDown = useCallback((form: TraceForm, shipped: ShippedForm): void => {
    const body = bodyOfFrame(shipped, shipped.frames[0]!);
    setDrawing(fitted(laidDown(body, form.tips ?? []), SHEET));
  }, []);
  const read = useMemo(() => (drawing.lines.length > 0 ? readDrawing(drawing) : null), [drawing]);
  return { drawing, read, add, turn, hold, back, clear, layDown };
}
