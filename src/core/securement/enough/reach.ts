import type { Cut } from './bounds';
import type { Choice } from './choices';

/** Nothing can be reached yet. */
const nothing = (n: number): Float64Array => new Float64Array(n).fill(-Infinity);

/**
 * The most that so many more choices from one place in the list on can add to a cut, each at a place of its own:
 * `[from * (most + 1) + count]`, −∞ where there are not so many.
 */
export function reachOf(each: Float64Array, places: Int32Array, most: number): Float64Array {
  const n = each.length;
  const width = most + 1;
  const reach = nothing((n + 1) * width);
  const best = new Map<number, number>();
  // The best places so far, best first.
  const top: number[] = [];
  reach[n * width] = 0;
  for (let i = n - 1; i >= 0; i--) {
    const place = places[i]!;
    const before = best.get(place) ?? -Infinity;
    if (each[i]! > before) {
      best.set(place, each[i]!);
      const old = top.indexOf(place);
      if (old >= 0) top.splice(old, 1);
      let at = top.length;
      while (at > 0 && best.get(top[at - 1]!)! < each[i]!) at -= 1;
      if (at < most) top.splice(at, 0, place);
      if (top.length > most) top.pop();
    }
    let sum = 0;
    reach[i * width] = 0;
    for (let k = 1; k <= most && k <= top.length; k++) {
      sum += best.get(top[k - 1]!)!;
      reach[i * width + k] = sum;
    }
  }
  return reach;
}

/** A cut as a search asks it. */
export interface Reached {
  readonly cut: Cut;
  readonly reach: Float64Array;
}

/** Places as numbers. */
export function placesOf(choices: readonly Choice[]): Int32Array {
  const known = new Map<string, number>();
  return Int32Array.from(choices, ({ place }) => {
    const at = known.get(place) ?? known.size;
    known.set(place, at);
    return at;
  });
}
