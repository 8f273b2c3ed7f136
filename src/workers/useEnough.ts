'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { KnotId } from '@/core/knot/knots';
import type { EnoughResult } from '@/core/securement/enough/result';
import type { EnoughProgress } from '@/core/securement/enough/search';
import type { EnoughWishes } from '@/core/securement/enough/vocabulary';
import type { GearFacts } from '@/core/securement/locker-word';
import type { Plan } from '@/core/securement/plan';
import { type EnoughAnswer, type EnoughRequest, PROTOCOL } from './protocol';

/** What is looked through. */
export interface EnoughAsk {
  readonly plan: Plan;
  readonly locker: GearFacts;
  readonly wishes: Omit<EnoughWishes, 'mayTie'>;
  readonly tied: readonly KnotId[] | null;
}

/** The cheapest that is enough, looked for in a worker when it is asked for. `stop`: what is found so far is told. */
export function useEnough() {
  const worker = useRef<Worker | null>(null);
  const [progress, setProgress] = useState<EnoughProgress | null>(null);
  const [searching, setSearching] = useState(false);
  const [result, setResult] = useState<EnoughResult | null>(null);
  const end = useCallback((): void => {
    worker.current?.terminate();
    worker.current = null;
    setSearching(false);
    setProgress(null);
  }, []);
  useEffect(() => end, [end]);
  const forget = useCallback((): void => {
    end();
    setResult(null);
  }, [end]);
  const begin = useCallback(
    ({ plan, locker, wishes, tied }: EnoughAsk): void => {
      forget();
      setSearching(true);
      const made = new Worker(new URL('./enough.worker.ts', import.meta.url), { type: 'module' });
      made.onmessage = ({ data }: MessageEvent<EnoughAnswer>) => {
        if (data.protocol !== PROTOCOL || worker.current !== made) return;
        if (data.progress) setProgress(data.progress);
        if (!data.result) return;
        setResult(data.result);
        end();
      };
      worker.current = made;
      made.postMessage({
        protocol: PROTOCOL,
        kind: 'start',
        plan,
        locker: [...locker],
        wishes,
        tied,
      } satisfies EnoughRequest);
    },
    [forget, end],
  );
  const stop = useCallback((): void => {
    worker.current?.postMessage({ protocol: PROTOCOL, kind: 'stop' } satisfies EnoughRequest);
  }, []);
  return { progress, searching, result, begin, stop, forget };
}
