'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Plan } from '@/core/securement/plan';
import type { Doubt } from '@/core/securement/uncertainty/vocabulary';
import type { DirectionSure } from '@/core/securement/uncertainty/summary';
import { type Direction, DIRECTIONS } from '@/core/securement/vocabulary';
import { PROTOCOL, type SureAnswer, type SureRequest } from './protocol';

/** As many draws as say something to a third of a per cent. */
export const SURE_DRAWS = 100_000;
/** The same plan says the same each time. */
const SEED = 1;

export interface Sure {
  /** What part of the draws is done; null: nothing is being drawn. */
  readonly progress: number | null;
  readonly sure: readonly DirectionSure[] | null;
  readonly refused: boolean;
  readonly begin: (open: readonly Doubt[]) => void;
  readonly stop: () => void;
}

/** The directions, dealt out to as many workers as there are processors for: each draws the same. */
function dealt(): Direction[][] {
  const hands = Math.min(DIRECTIONS.length, Math.max(1, navigator.hardwareConcurrency || 1));
  return Array.from({ length: hands }, (_, h) => DIRECTIONS.filter((_d, i) => i % hands === h));
}

/** What several workers have said so far, as one. */
function together(said: readonly (SureAnswer | null)[]): Omit<Sure, 'begin' | 'stop'> {
  const all = said.filter((s) => s !== null);
  const done = all.length < said.length ? 0 : Math.min(...all.map((s) => s.done));
  const ready = all.length === said.length && all.every((s) => s.sure !== null);
  return {
    progress: done / SURE_DRAWS,
    refused: all.some((s) => s.refused),
    sure: ready
      ? all
          .flatMap((s) => s.sure!)
          .toSorted((a, b) => DIRECTIONS.indexOf(a.direction) - DIRECTIONS.indexOf(b.direction))
      : null,
  };
}

/** How sure a plan is, drawn in workers when it is asked for; another plan forgets it. */
export function useSure(plan: Plan): Sure {
  const workers = useRef<readonly Worker[]>([]);
  const [progress, setProgress] = useState<number | null>(null);
  const [found, setFound] = useState<Pick<SureAnswer, 'sure' | 'refused'>>({
    sure: null,
    refused: false,
  });
  const stop = useCallback((): void => {
    for (const w of workers.current) w.terminate();
    workers.current = [];
    setProgress(null);
  }, []);
  useEffect(() => {
    setFound({ sure: null, refused: false });
    return stop;
  }, [plan, stop]);
  const begin = useCallback(
    (open: readonly Doubt[]): void => {
      stop();
      setProgress(0);
      const hands = dealt();
      const said: (SureAnswer | null)[] = hands.map(() => null);
      workers.current = hands.map((toward, h) => {
        const made = new Worker(new URL('./sure.worker.ts', import.meta.url), { type: 'module' });
        made.onmessage = ({ data }: MessageEvent<SureAnswer>) => {
          if (data.protocol !== PROTOCOL) return;
          said[h] = data;
          const { progress: part, sure, refused } = together(said);
          setProgress(part);
          if (sure === null && !refused) return;
          setFound({ sure, refused });
          stop();
        };
        const wanted = { seed: SEED, draws: SURE_DRAWS, open, toward };
        made.postMessage({ protocol: PROTOCOL, plan, wanted } satisfies SureRequest);
        return made;
      });
    },
    [plan, stop],
  );
  return { progress, ...found, begin, stop };
}
