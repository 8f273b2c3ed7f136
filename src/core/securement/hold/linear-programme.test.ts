import { describe, expect, it } from 'vitest';
import { balances, byRowOf, columnsOf, type LinearProgramme } from './linear-programme';

/** x + 2y = 4, y + goal = 3, y ≤ 2; the goal has a 0 in the first row. */
const lp: LinearProgramme = {
  rows: 2,
  columns: 3,
  matrix: Float64Array.of(1, 0, 2, 1, 0, 1),
  right: Float64Array.of(4, 3),
  upper: Float64Array.of(Infinity, 2, 50),
  cost: Float64Array.of(0, 0, 1),
  slack: [-1, -1],
  goal: 2,
  joining: [],
};

describe('a solution', () => {
  it('is even when its rows come out and its bounds are kept', () => {
    expect(balances(lp, [4, 0, 3])).toBe(true);
    expect(balances(lp, [0, 2, 1])).toBe(true);
  });
  it('is not when a row is off, a bound passed, or a force pulls where it may only push', () => {
    expect(balances(lp, [4, 0, 3.0001])).toBe(false);
    expect(balances(lp, [-2, 3, 0])).toBe(false);
    expect(balances(lp, [6, -1, 4])).toBe(false);
  });
});

describe('columns without their zeros', () => {
  const columns = columnsOf(lp);
  it('keep every row of the goal, which is written anew', () => {
    expect([...columns.start]).toEqual([0, 1, 3, 5]);
    expect([...columns.row]).toEqual([0, 0, 1, 0, 1]);
    expect([...columns.entry]).toEqual([1, 2, 1, 0, 1]);
  });
  it('turn into rows, the goal left out', () => {
    const { start, column, entry } = byRowOf(columns, lp);
    expect([...start]).toEqual([0, 2, 3]);
    expect([...column]).toEqual([0, 1, 1]);
    expect([...entry]).toEqual([1, 2, 1]);
  });
});
