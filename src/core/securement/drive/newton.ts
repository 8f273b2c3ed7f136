import { SmallSystem } from '../small-system';

/** Newton's method is done when what is left is this part of the weight, and content with more where it gets no nearer. */
const DONE = 1e-8;
const NEAR = 1e-7;
const MOST_ROUNDS = 40;
/** In the first rounds contacts open and slip: so many may be so many times worse before it is better. */
const WORSE = { rounds: 8, times: 20 } as const;
const LEAST_PART = 1 / 32;
/** A round that leaves more than this asks for the stiffness as it is now. */
const SLOW = 0.1;

/** What is to be brought to nothing. */
export interface Residual {
  /** Writes what is left at a movement, and how it changes. @returns how large it is, N */
  at(by: Float64Array): number;
  /** What was left at the last movement, N and N·m. */
  readonly rest: Float64Array;
  /** Writes −∂rest/∂movement at a movement, by rows. It takes twice as long as what is left, and is wanted much less often. */
  stiffness(by: Float64Array, into: Float64Array): void;
}

/**
 * Newton's method for forces with kinks. What solved last is tried first: most of the time it solves the next step too.
 * Source: Newton's method with step halving.
 */
export class Newton {
  private readonly solver: SmallSystem;
  /** What the solver was made for: of another length of step it says nothing; null: it is of no use. */
  private key: number | null = null;
  private readonly change: Float64Array;
  private readonly trial: Float64Array;

  /** @param size how many freedoms there are */
  constructor(
    size: number,
    private readonly weightN: number,
  ) {
    this.solver = new SmallSystem(size);
    this.change = new Float64Array(size);
    this.trial = new Float64Array(size);
  }

  /**
   * Finds the movement at which nothing is left, beginning with `by`, which it becomes.
   * @param key what the stiffness depends on beside the state
   * @returns whether it was found; the residual was asked last there
   */
  find(residual: Residual, by: Float64Array, key: number): boolean {
    let size = residual.at(by);
    let slow = false;
    for (let round = 0; size > DONE * this.weightN; round++) {
      const fresh = slow || this.key !== key;
      if (fresh && !this.makeSolver(residual, by, key)) return false;
      const next = this.nearer(residual, by, size, fresh ? round : null);
      slow = next === null || next > SLOW * size;
      size = next ?? residual.at(by);
      if (round === MOST_ROUNDS || (next === null && fresh)) return size < NEAR * this.weightN;
    }
    return true;
  }

  private makeSolver(residual: Residual, by: Float64Array, key: number): boolean {
    residual.stiffness(by, this.solver.matrix);
    const regular = this.solver.factor();
    this.key = regular ? key : null;
    return regular;
  }

  /**
   * Goes on from a movement as far as it helps. `round`: which round of a stiffness that is of here and now; null: it is of
   * earlier, and only its whole way is tried. @returns how much is left, N; null: no way helps, and nothing was moved
   */
  private nearer(
    residual: Residual,
    by: Float64Array,
    size: number,
    round: number | null,
  ): number | null {
    const { change, trial } = this;
    this.solver.solve(residual.rest, change);
    for (let part = 1; part >= LEAST_PART; part /= 2) {
      for (let i = 0; i < by.length; i++) trial[i] = by[i]! + part * change[i]!;
      const next = residual.at(trial);
      if (next < size || (round !== null && round < WORSE.rounds && next < WORSE.times * size)) {
        for (let i = 0; i < by.length; i++) by[i] = trial[i]!;
        return next;
      }
      if (round === null) break;
    }
    return null;
  }
}
