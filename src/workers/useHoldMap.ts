'use client';
import { startTransition, useEffect, useRef, useState } from 'react';
import type { Plan } from '@/core/securement/plan';
import type { HoldMap } from '@/core/securement/hold/map';
import { type HoldAnswer, type HoldRequest, PROTOCOL } from './protocol';

/** The hold map of a plan from a worker, in step with typing: the newest plan is asked for, answers to older ones are dropped. */
export function useHoldMap(plan: Plan): { readonly map: HoldMap | null; readonly fresh: boolean } {
  const worker = useRef<Worker | null>(null);
  const asked = useRef<{ readonly id: number; readonly plan: Plan | null }>({ id: 0, plan: null });
  const [answer, setAnswer] = useState<{
    readonly plan: Plan | null;
    readonly map: HoldMap | null;
  }>({ plan: null, map: null });
  useEffect(() => {
    const made = new Worker(new URL('./hold.worker.ts', import.meta.url), { type: 'module' });
    made.onmessage = ({ data }: MessageEvent<HoldAnswer>) => {
      if (data.protocol !== PROTOCOL || data.id !== asked.current.id) return;
      const { plan: of } = asked.current;
      startTransition(() => setAnswer({ plan: of, map: data.map }));
    };
    worker.current = made;
    return () => made.terminate();
  }, []);
  useEffect(() => {
    asked.current = { id: asked.current.id + 1, plan };
    worker.current?.postMessage({
      protocol: PROTOCOL,
      id: asked.current.id,
      plan,
    } satisfies HoldRequest);
  }, [plan]);
  return { map: answer.map, fresh: answer.plan === plan };
}
