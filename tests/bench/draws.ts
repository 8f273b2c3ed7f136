import { once } from 'node:events';
import { availableParallelism } from 'node:os';
import { Worker } from 'node:worker_threads';
import { drawing, type Drawn } from '@/core/securement/uncertainty/draws';
import { DOUBTS } from '@/core/securement/uncertainty/vocabulary';
import { type DirectionSure, summary } from '@/core/securement/uncertainty/summary';
import { type Direction, DIRECTIONS } from '@/core/securement/vocabulary';
import type { Plan } from '@/core/securement/plan';
import { benchPlans } from './hold';
import { print } from './report';

const DRAWS = 100_000;
/** As many draws make what runs them quick. */
const WARMING = 5000;

/** What draws of a plan say toward some directions. */
export function drawn(
  plan: Plan,
  draws: number,
  toward: readonly Direction[],
): readonly DirectionSure[] {
  const steps = drawing(plan, { seed: 1, draws, open: DOUBTS, toward });
  let step = steps.next();
  while (!step.done) step = steps.next();
  return summary(step.value as Drawn, DOUBTS);
}

/** Draws of what is not sure, in as many threads as the page has workers: one for each processor, at most one a direction. */
export async function benchDraws(): Promise<void> {
  const hands = Math.min(DIRECTIONS.length, availableParallelism());
  const threads = Array.from(
    { length: hands },
    () => new Worker(new URL('./draws-thread.mjs', import.meta.url)),
  );
  const all = (plan: Plan, draws: number): Promise<unknown> =>
    Promise.all(
      threads.map((thread, h) => {
        thread.postMessage({ plan, draws, toward: DIRECTIONS.filter((_, i) => i % hands === h) });
        return once(thread, 'message');
      }),
    );
  for (const plan of benchPlans()) {
    await all(plan, WARMING);
    const began = performance.now();
    await all(plan, DRAWS);
    print(
      `${DRAWS.toLocaleString('en')} draws in four directions, ${plan.units.length} units, ${plan.lines.length} lines, ${hands} workers`,
      `${Math.round(performance.now() - began)} ms`,
    );
  }
  await Promise.all(threads.map((t) => t.terminate()));
}
