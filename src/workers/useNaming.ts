'use client';
import { useEffect, useRef, useState } from 'react';
import type { Sketch } from '@/core/knot/trace/sketch';
import { PROTOCOL, type TraceAnswer, type TraceRequest } from './protocol';

/** What a tracing is called, from a worker: the newest is asked for, answers to older ones are dropped. Null: nothing is traced, or it is being looked at. */
export function useNaming(
  sketch: Sketch | null,
  wanted: string | null,
): Pick<TraceAnswer, 'naming' | 'against'> | null {
  const worker = useRef<Worker | null>(null);
  const asked = useRef(0);
  const [answer, setAnswer] = useState<TraceAnswer | null>(null);
  useEffect(() => {
    const made = new Worker(new URL('./trace.worker.ts', import.meta.url), { type: 'module' });
    made.onmessage = ({ data }: MessageEvent<TraceAnswer>) => {
      if (data.protocol === PROTOCOL) setAnswer(data);
    };
    worker.current = made;
    return () => made.terminate();
  }, []);
  useEffect(() => {
    asked.current += 1;
    setAnswer(null);
    if (sketch)
      worker.current?.postMessage({
        protocol: PROTOCOL,
        id: asked.current,
        sketch,
        wanted,
      } satisfies TraceRequest);
  }, [sketch, wanted]);
  return answer?.id === asked.current ? answer : null;
}
