import { type Assignment, assignmentOf, type CutProblem } from './problem';

/** Pieces out of `left` (indices, longest first) that fill `room` best, not over it. */
function bestFill(problem: CutProblem, left: readonly number[], room: number): number[] {
  // reached[r]: position in `left` of the last piece of a set that sums to r, plus one; 0: not reached.
  const reached = new Int32Array(room + 1);
  reached[0] = -1;
  left.forEach((p, k) => {
    const length = problem.piece[p]!;
    for (let r = room; r >= length; r--)
      if (reached[r] === 0 && reached[r - length] !== 0 && reached[r - length]! <= k)
        reached[r] = k + 1;
  });
  let r = room;
  while (reached[r] === 0) r -= 1;
  const picked: number[] = [];
  while (r > 0) {
    const p = left[reached[r]! - 1]!;
    picked.push(p);
    r -= problem.piece[p]!;
  }
  return picked;
}

/**
 * Cuts hank after hank, each filled as well as it can be, or (where `spare` says so) with a rest worth keeping.
 * Good, not proven: the search begins with it. `without`: so many of the longest pieces are not cut at all.
 */
export function pack(
  problem: CutProblem,
  order: readonly number[],
  spare: (hank: number) => boolean,
  without = 0,
): Assignment {
  const from = new Int32Array(problem.piece.length).fill(-1);
  let left = Array.from(problem.piece, (_, i) => i).slice(without);
  for (const h of order) {
    if (left.length === 0) break;
    const room = problem.capacity[h]! - (spare(h) ? problem.keep : 0);
    if (room <= 0) continue;
    const picked = new Set(bestFill(problem, left, room));
    for (const p of picked) from[p] = h;
    left = left.filter((p) => !picked.has(p));
  }
  return assignmentOf(problem, from);
}

/** The same numbers every time: 32-bit xorshift, so that a plan can be made again. */
export function* sameRandoms(): Generator<number, never> {
  let state = 0x2f6e2b1;
  for (;;) {
    state ^= state << 13;
    state ^= state >>> 17;
    state ^= state << 5;
    yield (state >>> 0) / 0x100000000;
  }
}

/** An order of hanks: cheap before dear, and among those of one price as the randoms fall. */
export function shuffledOrder(problem: CutProblem, random: () => number): number[] {
  const keys = Array.from(problem.capacity, () => random());
  return Array.from(problem.capacity, (_, h) => h).sort(
    (a, b) => problem.price[a]! - problem.price[b]! || keys[a]! - keys[b]!,
  );
}
