'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { CutJob } from '@/core/cutting/problem';
import { type CutAnswer, type CutRequest, PROTOCOL } from './protocol';

/** A search for a cutting plan in a worker, with the best plan so far. Answers to older jobs are dropped. */
export function useCuts() {
  const worker = useRef<Worker | null>(null);
  const asked = useRef(0);
  const [answer, setAnswer] = useState<CutAnswer | null>(null);
  const [searching, setSearching] = useState(false);
  useEffect(
    () => () => {
      worker.current?.terminate();
      worker.current = null;
    },
    [],
  );
  const send = (request: CutRequest): void => {
    if (!worker.current) {
      worker.current = new Worker(new URL('./cuts.worker.ts', import.meta.url), { type: 'module' });
      worker.current.onmessage = ({ data }: MessageEvent<CutAnswer>) => {
        if (data.protocol !== PROTOCOL || data.id !== asked.current) return;
        setAnswer(data);
        setSearching(!data.done);
      };
    }
    worker.current.postMessage(request);
  };
  const start = useCallback((job: CutJob): void => {
    asked.current += 1;
    setAnswer(null);
    setSearching(true);
    send({ protocol: PROTOCOL, kind: 'start', id: asked.current, job });
  }, []);
  const stop = useCallback(
    (): void => send({ protocol: PROTOCOL, kind: 'stop', id: asked.current }),
    [],
  );
  const forget = useCallback((): void => {
    asked.current += 1;
    setAnswer(null);
    setSearching(false);
  }, []);
  return { answer, searching, start, stop, forget };
}
