import type { PlanarCode, PlanarCrossing } from '@/core/knot/topology/planar-code';

/**
 * The closure of a braid as planar code, made from the word alone: nothing is drawn.
 * @param word generators from 1; positive where the left strand goes over to the right (a right-handed crossing).
 */
export function closedBraid(strands: number, word: readonly number[]): PlanarCode {
  const at = Array.from({ length: strands }, (_, i) => i);
  let next = strands;
  const crossings = word.map((g): PlanarCrossing => {
    const i = Math.abs(g) - 1;
    const [left, right] = [at[i]!, at[i + 1]!];
    const [outLeft, outRight] = [next, next + 1];
    next += 2;
    [at[i], at[i + 1]] = [outLeft, outRight];
    return {
      edges: g > 0 ? [right, outRight, outLeft, left] : [left, right, outRight, outLeft],
      sign: g > 0 ? 1 : -1,
      components: [0, 0],
    };
  });
  // The top of every strand is its bottom.
  const name = (e: number): number => {
    const top = at.indexOf(e);
    return top < 0 ? e : top;
  };
  const renamed = crossings.map((c): PlanarCrossing => ({
    ...c,
    edges: [name(c.edges[0]), name(c.edges[1]), name(c.edges[2]), name(c.edges[3])],
  }));
  const freeLoops = at.filter((e, i) => e === i).length;
  return {
    crossings: renamed,
    components: cycles(strands, word),
    freeLoops,
    writhe: word.reduce((sum, g) => sum + Math.sign(g), 0),
  };
}

/** How many closed curves a braid closes to. */
function cycles(strands: number, word: readonly number[]): number {
  const order = Array.from({ length: strands }, (_, i) => i);
  for (const g of word) {
    const i = Math.abs(g) - 1;
    [order[i], order[i + 1]] = [order[i + 1]!, order[i]!];
  }
  const seen = new Set<number>();
  let count = 0;
  for (let i = 0; i < strands; i++) {
    if (seen.has(i)) continue;
    count += 1;
    for (let k = i; !seen.has(k); k = order[k]!) seen.add(k);
  }
  return count;
}
