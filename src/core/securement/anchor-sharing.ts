import { type Leg, pullOf } from './leg';

/** A line's pull on the anchors it names. */
export interface AnchorPulls {
  readonly legs: readonly Leg[];
  /** Anchors it is on, with repeats; those that no leg leads to are pulled in a direction nobody knows. */
  readonly anchorIds: readonly string[];
}

/**
 * How many times one line's tension an anchor bears when several lines pull on it: the largest vector sum of unit
 * tensions over any subset of the lines there (a subset, because a line may be slack), and the whole tension of every
 * line whose direction is not known. At least 1.
 */
export function anchorSharing(lines: readonly AnchorPulls[]): Map<string, number> {
  const pulls = new Map<string, { readonly vectors: [number, number, number][]; loose: number }>();
  const at = (id: string) => {
    const found = pulls.get(id) ?? { vectors: [], loose: 0 };
    pulls.set(id, found);
    return found;
  };
  for (const { legs, anchorIds } of lines) {
    const led = legs.flatMap((l) => (l.anchorId === null ? [] : [l]));
    for (const l of led) {
      const v = pullOf(l);
      at(l.anchorId!).vectors.push([v.x, v.y, v.z]);
    }
    const rest = [...anchorIds];
    for (const l of led) {
      const i = rest.indexOf(l.anchorId!);
      if (i >= 0) rest.splice(i, 1);
    }
    for (const id of rest) at(id).loose += 1;
  }
  return new Map(
    [...pulls].map(([id, { vectors, loose }]) => [
      id,
      Math.max(1, (vectors.length > 0 ? largestSubsetSum(vectors) : 0) + loose),
    ]),
  );
}

/** Beyond this many lines on one anchor the arithmetic sum is taken: never less than the vector sum. */
const SUBSET_LIMIT = 12;

function largestSubsetSum(vectors: readonly [number, number, number][]): number {
  if (vectors.length > SUBSET_LIMIT) return vectors.length;
  let largest = 1;
  for (let mask = 1; mask < 1 << vectors.length; mask++) {
    const sum = [0, 0, 0];
    vectors.forEach((v, i) => {
      if (mask & (1 << i))
        v.forEach((c, k) => {
          sum[k]! += c;
        });
    });
    largest = Math.max(largest, Math.hypot(...sum));
  }
  return largest;
}
