import type { HoldProblem } from '../hold/problem';
import type { Motion } from '../hold/programme';
import { Optimiser } from '../hold/simplex';
import { DrawnBasis } from './drawn-basis';
import { type Draw, DrawnProgramme } from './drawn-programme';

/** A draw in which everything is as it is said. */
export const asSaid = (lines: number): Draw => ({
  friction: 1,
  frictionStep: -1,
  mass: 1,
  least: new Float64Array(lines).fill(1),
  most: new Float64Array(lines).fill(1),
  alongM: 0,
  upM: 0,
});

/** No more bases are tried for a draw before the programme is solved. */
const MOST_TRIED = 12;

/**
 * The programme of one motion for many draws of what is not sure. A draw is answered by a basis that was the best of an earlier
 * one and still is (feasible, and nothing would improve it), which is exact; where none is, the programme is solved.
 */
export class ParametricHold {
  private readonly lp: DrawnProgramme;
  private readonly bases: DrawnBasis[] = [];
  /** How many draws were answered by the programme itself. */
  solved = 0;

  constructor(
    readonly problem: HoldProblem,
    readonly motion: Motion,
  ) {
    this.lp = new DrawnProgramme(problem, motion);
  }

  /** Largest acceleration that is held in a draw, g; null: nothing balances. What answered the draw before is tried first. */
  heldG(draw: Draw): number | null {
    this.lp.write(draw);
    const { bases } = this;
    for (let i = 0; i < Math.min(bases.length, MOST_TRIED); i++) {
      const held = bases[i]!.heldG();
      if (held === null) continue;
      if (i > 0) bases.unshift(...bases.splice(i, 1));
      return held;
    }
    return this.solve();
  }

  private solve(): number | null {
    this.solved += 1;
    const optimiser = new Optimiser(this.lp.programme());
    const solution = optimiser.maximum();
    if (solution.status !== 'optimal') return null;
    this.bases.unshift(new DrawnBasis(this.lp, optimiser.stand()));
    if (this.bases.length > 4 * MOST_TRIED) this.bases.pop();
    return solution.value;
  }
}
