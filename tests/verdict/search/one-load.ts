import type { Plan } from '@/core/securement/plan';

/** A plan of one unit as the oracle looks at it: its load, and which boards that touches. */
export function oneLoad(plan: Plan) {
  const load = plan.units[0]!;
  const board = (d: 'forward' | 'rearward' | 'left' | 'right') => ({
    ...plan.deck.boards[d],
    touching: load.against.includes(d),
  });
  return {
    load,
    boards: {
      forward: board('forward'),
      rearward: board('rearward'),
      left: board('left'),
      right: board('right'),
    },
  };
}
