import { LuDecomposition, Matrix } from 'ml-matrix';

/** Newton's method is done when what is left is this part of the weight, and content with more where it gets no nearer. */
const DONE = 1e-10;
const NEAR = 1e-7;
const MOST_ROUNDS = 40;
/** In the first rounds contacts open and slip: so many may be so many times worse before it is better. */
const WORSE = { rounds: 8, times: 20 } as const;
const LEAST_PART = 1 / 32;
/** A round that leaves more than this asks for the stiffness as it is now. */
const SLOW = 0.1;

/** What is to be brought to nothing. */
export interface Residual {
  readonly size: number;
  /** Writes what is left at a movement, and how it changes. @returns how large it is, N */
  at(by: Float64Array): number;
  /** What was left at the last movement, N and N·m. */
  readonly rest: Float64Array;
  /** −∂rest/∂movement at a movement, by rows. It takes twice as long as what is left, and is wanted much less often. */
  stiffness(by: Float64Array): Float64Array;
}

interface Solver {
  readonly lu: LuDecomposition;
  /** What it was made for: of another length of step it says nothing. */
  readonly key: number;
}

/**
 * Newton's method for forces with kinks. What solved last is tried first: most of the time it solves the next step too.
 * Source: Newton's method with step halving.
 */
export class Newton {
  private solver: Solver | null = null;

  constructor(private readonly weightN: number) {}

  /**
   * Finds the movement at which nothing is left, beginning with `by`, which it becomes.
   * @param key what the stiffness depends on beside the state
   * @returns whether it was found; the residual was asked last there
   */
  find(residual: Residual, by: Float64Array, key: number): boolean {
    let size = residual.at(by);
    let slow = false;
    for (let round = 0; size > DONE * this.weightN; round++) {
      const fresh = slow || this.solver?.key !== key;
      if (fresh) this.solver = this.solverFor(residual, by, key);
      if (this.solver === null) return false;
      const next = this.nearer(residual, by, size, fresh ? round : null);
      if (round === MOST_ROUNDS || (next === null && fresh)) return size < NEAR * this.weightN;
      slow = next === null || next > SLOW * size;
      size = next ?? residual.at(by);
    }
    return true;
  }

  private solverFor(residual: Residual, by: Float64Array, key: number): Solver | null {
    const { size } = residual;
    const stiffness = residual.stiffness(by);
    const matrix = Matrix.zeros(size, size);
    for (let i = 0; i < size; i++)
      for (let j = 0; j < size; j++) matrix.set(i, j, stiffness[i * size + j]!);
    const lu = new LuDecomposition(matrix);
    return lu.isSingular() ? null : { lu, key };
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
    const change = this.solver!.lu.solve(Matrix.columnVector(residual.rest)).getColumn(0);
    const trial = new Float64Array(by.length);
    for (let part = 1; part >= LEAST_PART; part /= 2) {
      for (let i = 0; i < by.length; i++) trial[i] = by[i]! + part * change[i]!;
      const next = residual.at(trial);
      if (next < size || (round !== null && round < WORSE.rounds && next < WORSE.times * size)) {
        by.set(trial);
        return next;
      }
      if (round === null) break;
    }
    return null;
  }
}
