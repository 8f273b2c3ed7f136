import loadHighs from 'highs';
import type { LinearProgramme } from '@/core/securement/hold/linear-programme';

/** A general solver for linear programmes, fed with text. */
export interface Solver {
  /** Largest value, or null when nothing is feasible. */
  maximum(lp: {
    readonly cost: readonly number[];
    readonly rows: readonly { readonly values: readonly number[]; readonly equals: number }[];
    readonly upper: readonly number[];
  }): number | null;
}

const term = (value: number, j: number): string =>
  `${value < 0 ? '-' : '+'} ${Math.abs(value)} x${j}`;
const sum = (values: readonly number[]): string =>
  values
    .map((v, j) => (v === 0 ? '' : term(v, j)))
    .filter((t) => t !== '')
    .join(' ');

export async function loadSolver(): Promise<Solver> {
  const highs = await loadHighs();
  return {
    maximum({ cost, rows, upper }) {
      const text = [
        'Maximize',
        ` obj: ${sum(cost)}`,
        'Subject To',
        ...rows.map((r, i) => ` r${i}: ${sum(r.values) || '0 x0'} = ${r.equals}`),
        'Bounds',
        ...upper.map((u, j) => (Number.isFinite(u) ? ` 0 <= x${j} <= ${u}` : ` x${j} >= 0`)),
        'End',
      ].join('\n');
      const solved = highs.solve(text);
      if (solved.Status === 'Infeasible') return null;
      if (solved.Status !== 'Optimal') throw new Error(`the solver says ${solved.Status}`);
      return solved.ObjectiveValue;
    },
  };
}

/** The product's programme as the general solver takes it. */
export const asRows = (lp: LinearProgramme) => ({
  cost: [...lp.cost],
  upper: [...lp.upper],
  rows: Array.from({ length: lp.rows }, (_, i) => ({
    values: Array.from({ length: lp.columns }, (__, j) => lp.matrix[j * lp.rows + i]!),
    equals: lp.right[i]!,
  })),
});
