/**
 * Jones and Alexander polynomials of torus knots against their closed formulas (Jones 1987; Burau, Alexander: from memory):
 * V = t^((p−1)(q−1)/2) · (1 − t^(p+1) − t^(q+1) + t^(p+q)) / (1 − t²), right-handed;
 * Δ = (t^pq − 1)(t − 1) / ((t^p − 1)(t^q − 1)).
 * And the moves that do not change a knot (Reidemeister, Markov) on random braids.
 */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { alexander } from '@/core/knot/topology/alexander';
import { jones, jonesInA } from '@/core/knot/topology/jones';
import { inverted, laurent, laurentText, multiply } from '@/core/knot/topology/laurent';
import { nameOf, PRIME_POLYNOMIALS } from '@/core/knot/topology/names';
import { closedBraid } from '../support/braids';

const TORUS = [
  [2, 3],
  [2, 5],
  [2, 7],
  [2, 9],
  [2, 11],
  [3, 4],
  [3, 5],
  [3, 7],
  [3, 8],
  [4, 5],
  [4, 7],
  [5, 6],
] as const;
const torus = (p: number, q: number) =>
  closedBraid(
    p,
    Array.from({ length: q }, () => Array.from({ length: p - 1 }, (_, i) => i + 1)).flat(),
  );
/** Coefficients from the lowest power, the last one positive: Alexander polynomials have no sign and no place. */
const settled = (list: readonly number[]): number[] => {
  const [from, to] = [list.findIndex((c) => c !== 0), list.findLastIndex((c) => c !== 0)];
  const sign = list[to]! < 0 ? -1 : 1;
  return list.slice(from, to + 1).map((c) => c * sign + 0);
};
/** Polynomial product of coefficient lists. */
const times = (a: readonly number[], b: readonly number[]): number[] => {
  const out = new Array<number>(a.length + b.length - 1).fill(0);
  a.forEach((x, i) =>
    b.forEach((y, j) => {
      out[i + j] = out[i + j]! + x * y;
    }),
  );
  return out;
};
const minusOne = (n: number): number[] => [-1, ...new Array<number>(n - 1).fill(0), 1];

describe('torus knots', () => {
  it.each(TORUS)('T(%d, %d): Jones', (p, q) => {
    const v = jones(torus(p, q));
    // Multiplied out, so that nothing here divides.
    const left = multiply(v, laurent({ 0: 1, 2: -1 }));
    const half = ((p - 1) * (q - 1)) / 2;
    const right = new Map<number, number>();
    for (const [e, c] of [
      [0, 1],
      [p + 1, -1],
      [q + 1, -1],
      [p + q, 1],
    ] as const)
      right.set(half + e, (right.get(half + e) ?? 0) + c);
    expect(laurentText(left)).toBe(laurentText(new Map([...right].filter(([, c]) => c !== 0))));
  });
  it.each(TORUS)('T(%d, %d): Alexander', (p, q) => {
    const delta = settled(alexander(torus(p, q))!);
    expect(settled(times(delta, times(minusOne(p), minusOne(q))))).toEqual(
      settled(times(minusOne(p * q), minusOne(1))),
    );
  });
  it('the other hand has the inverted polynomial', () => {
    const mirror = closedBraid(3, Array.from({ length: 4 }, () => [-1, -2]).flat());
    expect(laurentText(jones(mirror))).toBe(laurentText(inverted(jones(torus(3, 4)))));
  });
});

describe('the table of names', () => {
  it.each(Object.entries(PRIME_POLYNOMIALS))(
    '%s: V(1) = 1, V at a cube root of 1 = 1, determinant odd (Jones, from memory)',
    (name, v) => {
      expect([...v.values()].reduce((a, b) => a + b, 0)).toBe(1);
      const root = [0, 0];
      for (const [e, c] of v) {
        root[0]! += c * Math.cos((2 * Math.PI * e) / 3);
        root[1]! += c * Math.sin((2 * Math.PI * e) / 3);
      }
      expect(root[0]).toBeCloseTo(1, 9);
      expect(root[1]).toBeCloseTo(0, 9);
      const determinant = Math.abs(
        [...v].reduce((sum, [e, c]) => sum + c * (e % 2 === 0 ? 1 : -1), 0),
      );
      expect(determinant).toBe(
        { '3₁': 3, '4₁': 5, '5₁': 5, '5₂': 7, '6₁': 9, '6₂': 11, '6₃': 13, '7₁': 7, '8₂₀': 9 }[
          name
        ],
      );
    },
  );
  it.each([
    ['3₁', 2, [1, 1, 1]],
    ['4₁', 3, [1, -2, 1, -2]],
    ['5₁', 2, [1, 1, 1, 1, 1]],
    ['5₂', 3, [1, 1, 1, 2, -1, 2]],
    ['6₂', 3, [-1, 2, -1, 2, 2, 2]],
    ['6₃', 3, [-1, -1, 2, -1, 2, 2]],
    ['8₂₀', 3, [1, 1, 1, -2, -1, -1, -1, -2]],
  ] as const)('%s by its braid in the tables', (name, strands, word) => {
    expect(nameOf(jones(closedBraid(strands, word)))).toBe(name);
  });
});

describe('moves that do not change what is tied', () => {
  const braid = fc.integer({ min: 2, max: 4 }).chain((n) =>
    fc.record({
      n: fc.constant(n),
      word: fc.array(
        fc.integer({ min: 1, max: n - 1 }).chain((g) => fc.constantFrom(g, -g)),
        { minLength: 2, maxLength: 9 },
      ),
      at: fc.nat(9),
      g: fc.integer({ min: 1, max: n - 1 }).chain((g) => fc.constantFrom(g, -g)),
    }),
  );
  const text = (n: number, word: readonly number[]): string =>
    laurentText(jonesInA(closedBraid(n, word)), 'A');
  const same = (
    change: (b: { n: number; word: number[]; at: number; g: number }) => {
      n: number;
      word: number[];
    },
  ): void =>
    fc.assert(
      fc.property(braid, (b) => {
        const other = change(b);
        return text(b.n, b.word) === text(other.n, other.word);
      }),
      { numRuns: 120 },
    );
  it('two strands laid over each other and back (second move)', () =>
    same(({ n, word, at, g }) => ({ n, word: word.toSpliced(at % (word.length + 1), 0, g, -g) })));
  it('a strand slid past a crossing (third move)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(1, -1, 2, -2), { maxLength: 7 }),
        fc.constantFrom(1, -1),
        (rest, s) => text(3, [...rest, s, 2 * s, s]) === text(3, [...rest, 2 * s, s, 2 * s]),
      ),
      { numRuns: 120 },
    );
  });
  it('a braid begun elsewhere (conjugation)', () =>
    same(({ n, word, at }) => ({
      n,
      word: [...word.slice(at % word.length), ...word.slice(0, at % word.length)],
    })));
  it('one strand more that only turns once (first move, stabilisation)', () => {
    same(({ n, word }) => ({ n: n + 1, word: [...word, n] }));
    same(({ n, word }) => ({ n: n + 1, word: [...word, -n] }));
  });
  it('but a crossing turned over does: of a trefoil it leaves the unknot', () => {
    expect(text(2, [1, 1, -1])).toBe('1');
    expect(text(2, [1, 1, 1])).not.toBe('1');
  });
});
