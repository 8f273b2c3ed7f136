import { describe, expect, it } from 'vitest';
import { reachOf } from './reach';

/** By hand: every choice of so many distinct places, the best sum. */
function most(
  each: readonly number[],
  places: readonly number[],
  from: number,
  count: number,
): number {
  if (count === 0) return 0;
  let best = -Infinity;
  for (let i = from; i < each.length; i++) {
    const rest = (taken: readonly number[], at: number, left: number): number => {
      if (left === 0) return 0;
      let value = -Infinity;
      for (let k = at; k < each.length; k++)
        if (!taken.includes(places[k]!))
          value = Math.max(value, each[k]! + rest([...taken, places[k]!], k + 1, left - 1));
      return value;
    };
    best = Math.max(best, each[i]! + rest([places[i]!], i + 1, count - 1));
  }
  return best;
}

describe('how far so many more choices reach', () => {
  const each = [3, -1, 4, 1, 5, -9, 2, 6];
  const places = [0, 1, 0, 2, 1, 3, 2, 0];
  it('is the best sum over distinct places, from every place in the list on', () => {
    const reach = reachOf(Float64Array.from(each), Int32Array.from(places), 4);
    for (let from = 0; from <= each.length; from++)
      for (let count = 0; count <= 4; count++)
        expect(reach[from * 5 + count], `${count} from ${from}`).toBe(
          most(each, places, from, count),
        );
  });
});
