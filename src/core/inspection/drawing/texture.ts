import { braidedTexture } from './braided';
import { laidTexture } from './laid';
import { middleAt, radiusAt, type Shape, shape, type Stretch } from './stretch';

/** Distance of drawn points along a rope's outline, diameters. */
const STEP_D = 0.1;
/** Width of the outline. */
const LINE_D = 0.035;
/** How far the whipping of an end reaches. */
const WHIPPED_D = 0.7;

/** The outline of a stretch as a face. */
function outline(stretch: Stretch, more = 0): number[] {
  const over: number[] = [];
  const under: number[] = [];
  for (let i = 0; i <= Math.round(stretch.lengthD / STEP_D); i++) {
    const x = i * STEP_D;
    const [y, r] = [middleAt(stretch, x), radiusAt(stretch, x) + more];
    over.push(x, y - r);
    under.unshift(x, y + r);
  }
  return [...over, ...under];
}

function whipping(): Shape[] {
  const turns = Array.from({ length: 7 }, (_, i) => {
    const x = 0.06 + (i * WHIPPED_D) / 7;
    return [x, -0.5, x + 0.03, 0, x, 0.5];
  });
  return [
    shape('dark', 'face', [[-0.02, -0.5, WHIPPED_D, -0.52, WHIPPED_D, 0.52, -0.02, 0.5]]),
    shape('grey', 0.03, turns),
  ];
}

/** A stretch as shapes, lowest first: the rope as it is made, then what is to be seen on it. */
export function drawnStretch(stretch: Stretch): Shape[] {
  const made = stretch.lay === 'three-strand' ? laidTexture(stretch) : braidedTexture(stretch);
  return [
    // Strands that are laid have an outline of their own, with a notch wherever one goes behind.
    ...(stretch.lay === 'three-strand'
      ? []
      : [
          shape('line', 'face', [outline(stretch, LINE_D)]),
          shape('rope', 'face', [outline(stretch)]),
        ]),
    ...made,
    ...(stretch.begins === 'end' ? whipping() : []),
    ...stretch.marks,
  ];
}
