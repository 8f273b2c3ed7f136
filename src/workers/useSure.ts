'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Plan } from '@/core/securement/plan';
import type { Doubt } from '@/core/securement/uncertainty/vocabulary';
import type { DirectionSure } from '@/core/securement/uncertainty/summary';
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

/** How sure a plan is, drawn in a worker when it is asked for; another plan forgets it. */
export function useSure(plan: Plan): Sure {
  const worker = useRef<Worker | null>(null);
  const [progress, setProgress] = useState<number | null>(null);
  const [found, setFound] = useState<Pick<SureAnswer, 'sure' | 'refused'>>({
    sure: null,
    refused: false,
  });
  const stop = useCallback((): void => {
    worker.current?.terminate();
    worker.current = null;
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
      const made = new Worker(new URL('./sure.worker.ts', import.meta.url), { type: 'module' });
      made.onmessage = ({ data }: MessageEvent<SureAnswer>) => {
        if (data.protocol !== PROTOCOL) return;
        setProgress(data.done / SURE_DRAWS);
        if (data.sure === null && !data.refused) return;
        setFound(data);
        stop();
      };
      worker.current = made;
      const wanted = { seed: SEED, draws: SURE_DRAWS, open };
      made.postMessage({ protocol: PROTOCOL, plan, wanted } satisfies SureRequest);
    },
    [plan, stop],
  );
  return { progress, ...found, begin, stop };
}
