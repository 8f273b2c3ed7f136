import { type Body, distance, lengthOf } from './body';
import { closest, findContacts, noContacts, radiiOf } from './contacts';
import { depthIn } from './fixtures';

/** The deepest overlap of rope with rope or fixture, in diameters of the thinner rope. */
export function worstOverlap(body: Body): number {
  const radii = radiiOf(body);
  const contacts = noContacts();
  findContacts(body, contacts);
  const near = { s: 0, t: 0, far: 0 };
  let worst = 0;
  for (let n = 0; n < contacts.count; n++) {
    const [i, j] = [contacts.pairs[2 * n]!, contacts.pairs[2 * n + 1]!];
    closest(body.at, i, j, near);
    worst = Math.max(
      worst,
      (radii[i]! + radii[j]! - near.far) / (2 * Math.min(radii[i]!, radii[j]!)),
    );
  }
  for (const fixture of body.fixtures) {
    for (let i = 0; i < radii.length; i++) {
      if (body.free[i])
        worst = Math.max(
          worst,
          depthIn(fixture, body.at[3 * i]!, body.at[3 * i + 1]!, body.at[3 * i + 2]!, radii[i]!) /
            (2 * radii[i]!),
        );
    }
  }
  return worst;
}

/** The sharpest turn from one step to the next along any rope, in radians: a zigzag shows here. */
export function sharpestTurnRad(body: Body): number {
  let worst = 0;
  const { at } = body;
  for (const s of body.strands) {
    for (let i = s.first + 1; i < s.first + s.count - 1; i++) {
      const a = [0, 1, 2].map((k) => at[3 * i + k]! - at[3 * (i - 1) + k]!);
      const b = [0, 1, 2].map((k) => at[3 * (i + 1) + k]! - at[3 * i + k]!);
      const dot = a[0]! * b[0]! + a[1]! * b[1]! + a[2]! * b[2]!;
      worst = Math.max(
        worst,
        Math.acos(
          Math.max(-1, Math.min(1, dot / (distance(at, i - 1, i) * distance(at, i, i + 1)))),
        ),
      );
    }
  }
  return worst;
}

/** Deviation from straight, in diameters, beyond which rope counts as inside the knot. */
const STRAIGHT_WITHIN = 0.35;

/** Unit direction of a strand's straight end, and how many nodes it stays straight; `step` −1: from its other end. */
function straightEnd(
  body: Body,
  strand: number,
  step: 1 | -1,
): { readonly nodes: number; readonly along: (node: number) => number } {
  const s = body.strands[strand]!;
  const { at } = body;
  const a = step === 1 ? s.first : s.first + s.count - 1;
  const b = a + 2 * step;
  const u = [0, 1, 2].map((k) => at[3 * b + k]! - at[3 * a + k]!);
  const size = Math.hypot(...u);
  const from = (node: number): number[] => [0, 1, 2].map((k) => at[3 * node + k]! - at[3 * a + k]!);
  const along = (node: number): number =>
    from(node).reduce((sum, d, k) => sum + d * u[k]!, 0) / size;
  for (let n = 0; n < s.count; n++) {
    const node = a + n * step;
    const aside = Math.sqrt(
      Math.max(0, from(node).reduce((sum, d) => sum + d * d, 0) - along(node) ** 2),
    );
    if (aside > STRAIGHT_WITHIN * s.diameter) return { nodes: n, along };
  }
  return { nodes: s.count, along };
}

/**
 * Length of rope inside the knot, in diameters of that rope: from where it leaves straight line after one end to where
 * it is straight again before the other.
 */
export function ropeInside(body: Body, strand: number): number {
  const s = body.strands[strand]!;
  const [head, tail] = [straightEnd(body, strand, 1).nodes, straightEnd(body, strand, -1).nodes];
  const step = lengthOf(body, s) / (s.count - 1);
  return Math.max(0, (s.count - 1 - head - tail) * step) / s.diameter;
}

/**
 * How far the knot reaches beyond where the standing part (the strand's first end) enters it, along that part, in
 * diameters: for a loop, to the far side of its eye as drawn. That much of the rope inside still counts as length.
 */
export function knotReach(body: Body, strand: number): number {
  const s = body.strands[strand]!;
  const { nodes, along } = straightEnd(body, strand, 1);
  const tail = straightEnd(body, strand, -1).nodes;
  const entry = along(s.first + Math.min(nodes, s.count - 1));
  let farthest = entry;
  for (let i = s.first + nodes; i < s.first + s.count - tail; i++)
    farthest = Math.max(farthest, along(i));
  return (farthest - entry) / s.diameter;
}
