import type { Body } from './body';
import { FRAME_STATES } from './frames';
import { settled, Tightening } from './tighten';

/**
 * All frames from loose to drawn up, each let settle so that nothing overlaps.
 * `drawn` is the part of the whole shortening done: lengths at the states lie evenly between loose and tight.
 */
export function framesOf(loose: Body, tight: Body): Body[] {
  const whole = new Tightening(loose, 0.15);
  const [long, short] = [whole.length, new Tightening(tight, 0.15).length];
  const bodies = [loose];
  for (const state of FRAME_STATES.slice(1, -1)) {
    const want = long - state * (long - short);
    // The pull eases off toward the wanted length, so that the frame is not caught under full tension.
    while (whole.length > want && whole.iterations < 4000)
      whole.advance(whole.length - want < 0.5 ? 0.05 : 0.15);
    bodies.push(settled(whole.body));
  }
  bodies.push(settled(tight));
  return bodies;
}
