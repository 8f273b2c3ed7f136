import { type Body, copyOf } from './body';
import { FRAME_STATES } from './frames';
import { drawnUp, settled, Tightening } from './tighten';

/** A state passed on the way: the whole length of rope then, and where every node was. */
interface Passed {
  readonly length: number;
  readonly at: Float64Array;
}

/** A state is remembered whenever the rope got shorter by this part of its length: the frames are picked from them. */
const REMEMBER = 0.004;

/**
 * Draws a form up, and all frames from loose to drawn up, each let settle so that nothing overlaps.
 * `drawn` is the part of the whole shortening done: lengths at the states lie evenly between loose and tight.
 */
export function framesOf(loose: Body, light = false): Body[] {
  const long = new Tightening(loose, 0).length;
  const passed: Passed[] = [{ length: long, at: loose.at.slice() }];
  const tight = drawnUp(loose, light, (body, length) => {
    if (length <= passed.at(-1)!.length - REMEMBER * long)
      passed.push({ length, at: body.at.slice() });
  });
  const short = new Tightening(tight, 0).length;
  const between = FRAME_STATES.slice(1, -1).map((state) => {
    const want = long - state * (long - short);
    const nearest = passed.reduce((a, b) =>
      Math.abs(b.length - want) < Math.abs(a.length - want) ? b : a,
    );
    const body = copyOf(tight);
    body.at.set(nearest.at);
    return settled(body);
  });
  return [loose, ...between, settled(tight)];
}
