import { findingEnough } from '@/core/securement/enough/result';
import { largeDeck } from '../support/enough-decks';
import { print } from './report';

/** As long as it is looked through. */
const PATIENCE_MS = 3000;
const MASSES_KG = [200, 500, 800, 1500, 2200];

/** The cheapest that is enough on a deck of twenty rings with six ropes, as the page's worker looks for it. */
export function benchEnough(): void {
  for (const ruleSet of ['us-light', 'eu-road'] as const)
    for (const massKg of MASSES_KG) {
      const { plan, locker, wishes } = largeDeck(massKg, ruleSet);
      const began = performance.now();
      const taken = (): number => performance.now() - began;
      const search = findingEnough(plan, locker, wishes);
      let step = search.next(false);
      while (!step.done) step = search.next(taken() > PATIENCE_MS);
      const { found, open, choices, judged } = step.value;
      const cost = (c: { lines: number; ropeDm: number }): string =>
        `${c.lines} lines, ${(c.ropeDm / 10).toFixed(1)} m`;
      print(
        `cheapest that is enough, 20 rings, 6 ropes, ${massKg} kg, ${ruleSet} (in a worker)`,
        `${Math.round(taken())} ms, ${choices} lines to choose from, ${judged} judged: ${found ? cost(found.cost) : 'nothing'}${open ? `; not ruled out ${cost(open)}` : ', proven'}`,
      );
    }
}
