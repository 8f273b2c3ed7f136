import { LuDecomposition, Matrix } from 'ml-matrix';
import { describe, expect, it } from 'vitest';
import { chanceOf } from '../chance';
import { SmallSystem } from './small-system';

const write = (system: SmallSystem, matrix: Matrix): void =>
  void system.matrix.set(matrix.to1DArray());

// Source: the LU decomposition of the library ml-matrix.
describe('a small system', () => {
  it('is solved as a library solves it, with rows that touch few others too', () => {
    const chance = chanceOf(5);
    for (const size of [1, 2, 6, 12, 37])
      for (let n = 0; n < 20; n++) {
        const matrix = Matrix.zeros(size, size);
        for (let i = 0; i < size; i++)
          for (let j = 0; j < size; j++)
            if (n % 2 === 0 || i === j || chance() < 0.2) matrix.set(i, j, chance() - 0.5);
        const side = Float64Array.from({ length: size }, () => chance() - 0.5);
        const row = Math.floor(chance() * size);
        const unit = Matrix.zeros(size, 1);
        unit.set(row, 0, 1);
        const system = new SmallSystem(size);
        write(system, matrix);
        const lu = new LuDecomposition(matrix);
        if (lu.isSingular()) continue;
        expect(system.factor()).toBe(true);
        const x = new Float64Array(size);
        system.solve(side, x);
        const y = new Float64Array(size);
        system.rowOfInverse(row, y);
        const expectedX = lu.solve(Matrix.columnVector(side)).getColumn(0);
        const expectedY = new LuDecomposition(matrix.transpose()).solve(unit).getColumn(0);
        const close = (a: number, b: number): void =>
          expect(Math.abs(a - b)).toBeLessThan(1e-7 * (1 + Math.abs(b)));
        x.forEach((v, i) => close(v, expectedX[i]!));
        y.forEach((v, i) => close(v, expectedY[i]!));
      }
  });
  it('says that it has no solution where two rows say the same', () => {
    const system = new SmallSystem(2);
    write(
      system,
      new Matrix([
        [1, 2],
        [2, 4],
      ]),
    );
    expect(system.factor()).toBe(false);
  });
});
