import type { Chance } from '../../chance';
import { PITCH_D } from './laid';
import type { Lay } from './lay';
import { RADIUS_D } from './stretch';

/** Where damage is drawn, and with which chance. `xD`: its middle, diameters along the stretch. */
export interface Spot {
  readonly chance: Chance;
  readonly lay: Lay;
  readonly xD: number;
}

const FULL = 2 * Math.PI;

/** Evenly by chance from `least` to `most`. */
export const between = (chance: Chance, least: number, most: number): number =>
  least + chance() * (most - least);

/** How strands lie on the face of a rope, as an angle down to the right. */
export const strandAngleRad = (lay: Lay): number =>
  lay === 'three-strand' ? Math.atan((FULL * 0.54 * RADIUS_D) / PITCH_D) : 0.5;

/** A fibre that stands off: begins at a point, goes out at an angle and bends over. */
export function fibre(x: number, y: number, angleRad: number, length: number, bend = 0.8) {
  const points = [x, y];
  let angle = angleRad;
  for (let k = 0; k < 3; k++) {
    x += (length / 3) * Math.cos(angle);
    y += (length / 3) * Math.sin(angle);
    angle += bend / 3;
    points.push(x, y);
  }
  return points;
}

/** Fibres that stand off round a rope between two places. `edges`: how many of ten stand off the outline, not the face. */
export function fuzz(
  chance: Chance,
  [from, to]: readonly [number, number],
  count: number,
  length: number,
  edges = 6,
): number[][] {
  return Array.from({ length: count }, () => {
    // More in the middle than at the ends: wear fades out.
    const x = from + ((to - from) * (chance() + chance())) / 2;
    const [onEdge, up] = [chance() * 10 < edges, chance() < 0.5];
    const y = onEdge ? (up ? -1 : 1) * RADIUS_D * 0.97 : between(chance, -0.4, 0.4);
    const out = onEdge ? (up ? -1 : 1) * between(chance, 0.5, 1.6) : between(chance, -0.9, 0.9);
    const angle = onEdge && chance() < 0.5 ? Math.sign(out) * Math.PI - out : out;
    return fibre(x, y, angle, length * between(chance, 0.5, 1.2), between(chance, -1.2, 1.2));
  });
}

/** A lens from tip to tip: a slit, or an opening between strands. */
export function lens(x: number, y: number, angleRad: number, half: number, wide: number): number[] {
  const [c, s] = [Math.cos(angleRad), Math.sin(angleRad)];
  const side = (sign: number): number[][] =>
    Array.from({ length: 7 }, (_, k) => {
      const t = (k - 3) / 3;
      const [along, across] = [half * t, sign * wide * (1 - t * t)];
      return [x + c * along - s * across, y + s * along + c * across];
    });
  return [...side(1), ...side(-1).toReversed()].flat();
}

/** An uneven spot. */
export function blotch(
  chance: Chance,
  x: number,
  y: number,
  wide: number,
  high: number,
  points = 14,
): number[] {
  return Array.from({ length: points }, (_, k) => {
    const turn = (FULL * k) / points;
    const r = between(chance, 0.78, 1.12);
    return [x + wide * r * Math.cos(turn), y + high * r * Math.sin(turn)];
  }).flat();
}

/** Grains: small spots by chance within a box. */
export function grains(
  chance: Chance,
  count: number,
  [x0, x1, y0, y1]: readonly [number, number, number, number],
  size: number,
): number[][] {
  return Array.from({ length: count }, () =>
    blotch(
      chance,
      between(chance, x0, x1),
      between(chance, y0, y1),
      size * between(chance, 0.5, 1.3),
      size * between(chance, 0.5, 1.3),
      6,
    ),
  );
}
