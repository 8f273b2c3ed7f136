import { describe, expect, it } from 'vitest';
import { legTo } from '../leg';
import { placeUnits } from '../load/placed';
import { unitSchema } from '../load/schema';
import { overBox } from './over-box';

const unit = unitSchema.parse({
  id: 'load',
  name: '',
  massKg: 100,
  lengthM: 2,
  widthM: 1,
  heightM: 1,
  fromFrontM: 1,
});
const [cargo] = placeUnits([unit]) as [ReturnType<typeof placeUnits>[number]];
const end = (id: string, fromFrontM: number, y: number) => ({
  id,
  at: { x: -fromFrontM, y, z: 0 },
});
const problem = (a: ReturnType<typeof end>, b: ReturnType<typeof end>, c = cargo) =>
  overBox(c, a, b).problem;

describe('a line over a box', () => {
  it('straight across: up, over, down, by hand', () => {
    const route = overBox(cargo, end('L', 2, 1.5), end('R', 2, -1.5));
    if (route.problem !== null) throw new Error(route.problem);
    expect([route.up, route.down]).toEqual([
      { x: -2, y: 0.5, z: 1 },
      { x: -2, y: -0.5, z: 1 },
    ]);
  });
  it('askew it lies straight when the faces are unfolded: no shorter way is near', () => {
    const [a, b] = [end('L', 1.4, 1.1), end('R', 2.6, -1.3)];
    const route = overBox(cargo, a, b);
    if (route.problem !== null) throw new Error(route.problem);
    const length = (x1: number, x2: number): number =>
      Math.hypot(a.at.x - x1, 0.6, 1) + Math.hypot(x1 - x2, 1) + Math.hypot(b.at.x - x2, 0.8, 1);
    const [x1, x2] = [route.up.x, route.down.x];
    for (const [d1, d2] of [
      [0.01, 0],
      [-0.01, 0],
      [0, 0.01],
      [0, -0.01],
      [0.01, 0.01],
    ] as const)
      expect(length(x1 + d1, x2 + d2)).toBeGreaterThan(length(x1, x2));
    // One tension and no friction: what it pulls along the edges cancels.
    const legs = [legTo(route.up, a), legTo(route.down, b)];
    expect(legs.reduce((s, l) => s + l.forward * l.cosAlpha, 0)).toBeCloseTo(0, 12);
  });
  it('lengthwise where the ends lie before and behind', () =>
    expect(problem(end('F', 0.2, 0), end('B', 3.8, 0.1))).toBeNull());
  it('to one ring, beside the ends of the load, on one side, under it: not over the load', () => {
    expect(problem(end('L', 2, 1), end('L', 2, 1))).toBe('over-same-ring');
    expect(problem(end('L', 4.5, 1), end('R', 4.5, -1))).toBe('over-beyond-load');
    expect(problem(end('L', 0.9, 1), end('R', 0.9, -1))).toBe('over-beyond-load');
    expect(problem(end('L', 1.5, 1), end('M', 2.5, 0.9))).toBe('over-one-side');
    expect(problem(end('L', 2, 0.2), end('R', 2, -0.2))).toBe('over-ring-under-load');
  });
  it('right at the end of the load it lies on it; a ring a little under the side too', () => {
    expect(problem(end('L', 1, 1), end('R', 1, -1))).toBeNull();
    expect(problem(end('L', 2, 0.45), end('R', 2, -0.45))).toBeNull();
  });
});
