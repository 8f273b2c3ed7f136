'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Body } from '@/core/knot/shape/body';
import { between, bodyOfFrame, type ShippedForm } from '@/core/knot/shape/frames';
import { type DrawingAnswer, type DrawingRequest, PROTOCOL } from './protocol';

export interface DrawnUp {
  /** What to draw now. */
  readonly body: Body;
  /** Where the slider stands. */
  readonly wanted: number;
  /** Whether the rope is still moving. */
  readonly moving: boolean;
  readonly draw: (wanted: number) => void;
}

/** The shipped frame at a state, mixed from its two neighbours. */
export function shippedAt(form: ShippedForm, drawn: number): Body {
  const next = Math.max(
    1,
    form.frames.findIndex((f) => f.drawn >= drawn),
  );
  const [a, b] = [form.frames[next - 1]!, form.frames[next]!];
  const part = Math.max(0, Math.min(1, (drawn - a.drawn) / (b.drawn - a.drawn)));
  return between(bodyOfFrame(form, a), bodyOfFrame(form, b), part);
}

const stillWanted = (): boolean => window.matchMedia('(prefers-reduced-motion: reduce)').matches;

/**
 * A form drawn up and let go by a slider, with the physics in a worker. Who wants no motion, or has no workers, gets the
 * shipped states without anything moving between them; so does a form that is drawn up lightly only.
 */
export function useDrawingUp(form: ShippedForm): DrawnUp {
  const worker = useRef<Worker | null>(null);
  const [wanted, setWanted] = useState(0);
  const [body, setBody] = useState<Body>(() => shippedAt(form, 0));
  const [moving, setMoving] = useState(false);
  const latest = useRef(0);
  useEffect(
    () => () => {
      worker.current?.terminate();
      worker.current = null;
    },
    [form],
  );

  const start = useCallback((): Worker => {
    const made = new Worker(new URL('./drawing.worker.ts', import.meta.url), { type: 'module' });
    made.onmessage = ({ data }: MessageEvent<DrawingAnswer>) => {
      if (data.protocol !== PROTOCOL) return;
      setBody({
        at: data.at,
        strands: data.strands,
        free: new Uint8Array(data.at.length / 3),
        fixtures: form.fixtures,
        lifts: [],
        sides: [],
        held: [],
      });
      // At rest for an earlier wish is not at rest.
      setMoving(!data.rest || data.wanted !== latest.current);
    };
    made.postMessage({ protocol: PROTOCOL, kind: 'form', form } satisfies DrawingRequest);
    return made;
  }, [form]);

  const draw = useCallback(
    (next: number): void => {
      setWanted(next);
      latest.current = next;
      if (form.light || stillWanted() || typeof Worker === 'undefined') {
        setBody(shippedAt(form, next));
        return;
      }
      setMoving(true);
      worker.current ??= start();
      worker.current.postMessage({
        protocol: PROTOCOL,
        kind: 'toward',
        drawn: next,
      } satisfies DrawingRequest);
    },
    [form, start],
  );
  return { body, wanted, moving, draw };
}
