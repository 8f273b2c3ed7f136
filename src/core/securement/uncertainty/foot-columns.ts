import type { HoldProblem } from '../hold/problem';
import { facetsOf } from '../hold/programme';

/** The columns of a foot in a programme: where they begin, how many facets, and the distance from one facet to the next. */
export interface FootColumns {
  readonly first: number;
  readonly facets: number;
  readonly step: number;
  /** Of the facets' directions, from that of the first. */
  readonly cosines: Float64Array;
  readonly sines: Float64Array;
}

/** How the columns of feet lie in a programme: body after body, facet after facet, foot after foot. */
export function footColumnsOf(problem: HoldProblem): FootColumns[] {
  const most = facetsOf(problem);
  let used = 0;
  return problem.bodies.flatMap((body) => {
    const facets = body.friction > 0 ? most : 1;
    const step = body.feet.length;
    const first = used;
    used += facets * step;
    const directions = Float64Array.from({ length: facets }, (_, k) => (2 * Math.PI * k) / facets);
    const [cosines, sines] = [directions.map(Math.cos), directions.map(Math.sin)];
    return body.feet.map((_, i) => ({ first: first + i, facets, step, cosines, sines }));
  });
}
