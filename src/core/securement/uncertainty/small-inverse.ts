/** A pivot below this is none. */
const NOTHING = 1e-11;

/**
 * Writes the inverse of a small matrix, row after row. Doubts ask for some ten thousand of them, six or eight rows
 * each, and a library's matrices cost more to make than these take.
 * Source: Gauss–Jordan elimination with partial pivoting.
 * @param matrix row after row; it is gone afterwards
 * @returns false where it has no inverse
 */
export function invertSmall(size: number, matrix: Float64Array, inverse: Float64Array): boolean {
  inverse.fill(0);
  for (let i = 0; i < size; i++) inverse[i * size + i] = 1;
  for (let k = 0; k < size; k++) {
    let best = k;
    for (let i = k + 1; i < size; i++)
      if (Math.abs(matrix[i * size + k]!) > Math.abs(matrix[best * size + k]!)) best = i;
    const pivot = matrix[best * size + k]!;
    if (Math.abs(pivot) < NOTHING) return false;
    if (best !== k) {
      swap(matrix, size, best, k);
      swap(inverse, size, best, k);
    }
    const at = k * size;
    for (let j = 0; j < size; j++) {
      matrix[at + j] = matrix[at + j]! / pivot;
      inverse[at + j] = inverse[at + j]! / pivot;
    }
    for (let row = 0; row < size * size; row += size) {
      const f = row === at ? 0 : matrix[row + k]!;
      if (f === 0) continue;
      for (let j = k; j < size; j++) matrix[row + j] = matrix[row + j]! - f * matrix[at + j]!;
      for (let j = 0; j < size; j++) inverse[row + j] = inverse[row + j]! - f * inverse[at + j]!;
    }
  }
  return true;
}

function swap(matrix: Float64Array, size: number, a: number, b: number): void {
  for (let i = a * size, k = b * size; i < (a + 1) * size; i++, k++) {
    const v = matrix[i]!;
    matrix[i] = matrix[k]!;
    matrix[k] = v;
  }
}
