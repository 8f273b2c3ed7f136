import type { PlanarCode } from './planar-code';

/** A prime small enough that products of two remainders are exact in a double. */
const PRIME = 67_108_859;
const mod = (n: number): number => ((n % PRIME) + PRIME) % PRIME;

function power(base: number, exponent: number): number {
  let [result, b, e] = [1, mod(base), exponent];
  while (e > 0) {
    if (e % 2 === 1) result = mod(result * b);
    b = mod(b * b);
    e = Math.floor(e / 2);
  }
  return result;
}
const inverse = (n: number): number => power(n, PRIME - 2);

/** Determinant modulo the prime, by elimination. */
function determinant(matrix: readonly (readonly number[])[]): number {
  const m = matrix.map((row) => row.map(mod));
  let det = 1;
  for (let i = 0; i < m.length; i++) {
    const pivot = m.findIndex((row, r) => r >= i && row[i] !== 0);
    if (pivot < 0) return 0;
    if (pivot !== i) {
      [m[i], m[pivot]] = [m[pivot]!, m[i]!];
      det = mod(-det);
    }
    const row = m[i]!;
    det = mod(det * row[i]!);
    const scale = inverse(row[i]!);
    for (let r = i + 1; r < m.length; r++) {
      const factor = mod(m[r]![i]! * scale);
      if (factor !== 0)
        for (let c = i; c < m.length; c++) m[r]![c] = mod(m[r]![c]! - factor * row[c]!);
    }
  }
  return det;
}

/** Which arc (unbroken over-passing stretch) each edge belongs to. */
function arcs(code: PlanarCode): number[] {
  const parent = new Map<number, number>();
  const find = (e: number): number => {
    const p = parent.get(e) ?? e;
    return p === e ? e : find(p);
  };
  for (const x of code.crossings) parent.set(find(x.edges[1]), find(x.edges[3]));
  const names = [...new Set(code.crossings.flatMap((x) => x.edges).map(find))];
  const edges = Math.max(-1, ...code.crossings.flatMap((x) => x.edges)) + 1;
  return Array.from({ length: edges }, (_, e) => names.indexOf(find(e)));
}

/** Coefficients of the polynomial through (x, y) for x = 1, 2, …, modulo the prime (Newton's divided differences). */
function interpolate(values: readonly number[]): number[] {
  const differences = [...values];
  for (let k = 1; k < values.length; k++)
    for (let i = values.length - 1; i >= k; i--) {
      differences[i] = mod((differences[i]! - differences[i - 1]!) * inverse(k));
    }
  let result = [0];
  for (let k = values.length - 1; k >= 0; k--) {
    const next = new Array<number>(result.length + 1).fill(0);
    result.forEach((c, i) => {
      next[i + 1] = mod(next[i + 1]! + c);
      next[i] = mod(next[i]! - c * (k + 1));
    });
    next[0] = mod(next[0]! + differences[k]!);
    result = next;
  }
  return result;
}

/** The relation of a crossing at a value of t: (1 − t)·over + t·one − other (Wirtinger, Fox). */
function relation(
  x: PlanarCode['crossings'][number],
  arcOf: readonly number[],
  size: number,
  t: number,
): number[] {
  const row = new Array<number>(size).fill(0);
  const add = (edge: number, value: number): void => {
    row[arcOf[edge]!] = (row[arcOf[edge]!] ?? 0) + value;
  };
  const [underIn, right, underOut] = x.edges;
  add(right, 1 - t);
  add(underIn, x.sign > 0 ? t : -1);
  add(underOut, x.sign > 0 ? -1 : t);
  return row;
}

/**
 * Alexander polynomial of a knot: coefficients from the lowest power on, first and last not zero, the last positive;
 * [1] for the unknot. Coefficients beyond ±33 million would be wrong; knots in rope stay in the tens.
 * Source: Fox calculus on the Wirtinger presentation, from memory.
 */
export function alexander(code: PlanarCode): number[] {
  const n = code.crossings.length;
  if (n === 0) return [1];
  const arcOf = arcs(code);
  const minor = (t: number): number =>
    determinant(code.crossings.slice(1).map((x) => relation(x, arcOf, n, t).slice(1)));
  const values = Array.from({ length: n + 1 }, (_, i) => minor(i + 1));
  const signed = interpolate(values).map((c) => (c > PRIME / 2 ? c - PRIME : c));
  const first = signed.findIndex((c) => c !== 0);
  const last = signed.findLastIndex((c) => c !== 0);
  if (first < 0) return [0];
  const trimmed = signed.slice(first, last + 1);
  return trimmed.at(-1)! < 0 ? trimmed.map((c) => -c) : trimmed;
}
