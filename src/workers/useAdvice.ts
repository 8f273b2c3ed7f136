'use client';
import { startTransition, useEffect, useRef, useState } from 'react';
import type { KnotId } from '@/core/knot/knots';
import type { Plan } from '@/core/securement/plan';
import type { GearFacts } from '@/core/securement/locker-word';
import type { Change } from '@/core/securement/advice/one-change';
import { type AdviceAnswer, type AdviceRequest, PROTOCOL } from './protocol';

/**
 * Longer than between two keys of somebody who types: what is searched for a plan that changes again takes a processor from who
 * types.
 */
const PAUSE_MS = 350;

/** What changes are asked for. */
interface Asked {
  readonly plan: Plan;
  readonly gear: GearFacts | null;
  readonly tied: readonly KnotId[] | null;
}

/**
 * Helpful changes to a plan that ask for no knots but those given (null: any), computed in a worker after a pause in typing.
 * An answer is of what was asked, whatever has been typed since; answers to older questions are dropped.
 */
export function useAdvice(
  plan: Plan,
  gear: GearFacts | null,
  tied: readonly KnotId[] | null,
): { readonly changes: readonly Change[]; readonly fresh: boolean } {
  const worker = useRef<Worker | null>(null);
  const asked = useRef<{ readonly id: number; readonly of: Asked | null }>({ id: 0, of: null });
  const [answer, setAnswer] = useState<{ of: Asked | null; changes: readonly Change[] }>({
    of: null,
    changes: [],
  });
  useEffect(() => {
    const made = new Worker(new URL('./advice.worker.ts', import.meta.url), { type: 'module' });
    made.onmessage = (event: MessageEvent<AdviceAnswer>) => {
      const { protocol, id, changes } = event.data;
      if (protocol !== PROTOCOL || id !== asked.current.id) return;
      const { of } = asked.current;
      startTransition(() => setAnswer({ of, changes }));
    };
    worker.current = made;
    return () => made.terminate();
  }, []);
  useEffect(() => {
    const timer = setTimeout(() => {
      asked.current = { id: asked.current.id + 1, of: { plan, gear, tied } };
      worker.current?.postMessage({
        protocol: PROTOCOL,
        id: asked.current.id,
        plan,
        gear: gear && [...gear],
        tied,
      } satisfies AdviceRequest);
    }, PAUSE_MS);
    return () => clearTimeout(timer);
  }, [plan, gear, tied]);
  const { of } = answer;
  return {
    changes: answer.changes,
    fresh: of?.plan === plan && of.gear === gear && of.tied === tied,
  };
}
