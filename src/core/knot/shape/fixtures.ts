import type { Fixture } from '../form/form';

/**
 * Pushes a node out of a fixture it has sunk into, by at most `most`.
 * @param clear half the rope's thickness.
 */
export function pushOut(
  fixture: Fixture,
  at: Float64Array,
  node: number,
  clear: number,
  most: number,
): void {
  const i = 3 * node;
  const x = at[i]!,
    y = at[i + 1]!,
    z = at[i + 2]!;
  const reach = reachOf(fixture, clear);
  if (fixture.kind !== 'post' && (z > reach || z < -reach)) return;
  if (isBeside(fixture, x, y, reach)) return;
  const near = nearestOnCore(fixture, x, y, z);
  const dx = x - near.x,
    dy = y - near.y,
    dz = z - near.z;
  const far = Math.sqrt(dx * dx + dy * dy + dz * dz);
  if (far >= reach || far < 1e-9) return;
  const push = Math.min(most, reach - far) / far;
  at[i] = x + dx * push;
  at[i + 1] = y + dy * push;
  at[i + 2] = z + dz * push;
}

/** Whether a place is surely out of reach, by the sides of the fixture's box alone: almost every place is. */
function isBeside(fixture: Fixture, x: number, y: number, reach: number): boolean {
  if (fixture.kind === 'bar') {
    const [[ax, ay], [bx, by]] = [fixture.from, fixture.to];
    return (
      (x < ax - reach && x < bx - reach) ||
      (x > ax + reach && x > bx + reach) ||
      (y < ay - reach && y < by - reach) ||
      (y > ay + reach && y > by + reach)
    );
  }
  const far = reach + (fixture.kind === 'ring' ? fixture.radius : 0);
  const dx = x - fixture.at[0],
    dy = y - fixture.at[1];
  return dx > far || dx < -far || dy > far || dy < -far;
}

const reachOf = (fixture: Fixture, clear: number): number =>
  (fixture.kind === 'ring' ? fixture.tube : fixture.radius) + clear;

/** How deep a node has sunk into a fixture, 0 when it is clear of it. */
export function depthIn(fixture: Fixture, x: number, y: number, z: number, clear: number): number {
  const near = nearestOnCore(fixture, x, y, z);
  const reach = reachOf(fixture, clear);
  return Math.max(0, reach - Math.hypot(x - near.x, y - near.y, z - near.z));
}

interface Point3 {
  readonly x: number;
  readonly y: number;
  readonly z: number;
}

/** The nearest point of a fixture's middle line: a bar's axis, a ring's circle, a post's axis at the same height. */
function nearestOnCore(fixture: Fixture, x: number, y: number, z: number): Point3 {
  if (fixture.kind === 'post') return { x: fixture.at[0], y: fixture.at[1], z };
  if (fixture.kind === 'ring') {
    const [dx, dy] = [x - fixture.at[0], y - fixture.at[1]];
    const far = Math.hypot(dx, dy) || 1e-9;
    return {
      x: fixture.at[0] + (dx / far) * fixture.radius,
      y: fixture.at[1] + (dy / far) * fixture.radius,
      z: 0,
    };
  }
  const [[ax, ay], [bx, by]] = [fixture.from, fixture.to];
  const [ux, uy] = [bx - ax, by - ay];
  const part = Math.max(0, Math.min(1, ((x - ax) * ux + (y - ay) * uy) / (ux * ux + uy * uy)));
  return { x: ax + part * ux, y: ay + part * uy, z: 0 };
}

/** Height a node must keep over (or under) a bar or ring at its place in the picture; 0 beside it. */
export function heightOver(fixture: Fixture, x: number, y: number, clear: number): number {
  if (fixture.kind === 'post') return 0;
  const near = nearestOnCore(fixture, x, y, 0);
  const reach = reachOf(fixture, clear);
  const aside = Math.hypot(x - near.x, y - near.y);
  return aside >= reach ? 0 : Math.sqrt(reach * reach - aside * aside);
}
