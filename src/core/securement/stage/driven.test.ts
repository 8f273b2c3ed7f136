import { describe, expect, it } from 'vitest';
import { demoPlan, judge } from '../../../../tests/support/demo';
import type { DriveFrame, DriveRun } from '../drive/run';
import { drivenScene } from './driven';
import { sceneOf } from './scene';

const plan = demoPlan('water-tote');
const scene = sceneOf(plan, judge(plan));
const [unit] = scene.load;
const centre = { ...unit!.middle, z: 0.5 };
const run = {
  bodies: [{ id: unit!.unit.id, centre }],
  lines: plan.lines.map((l) => ({ id: l.id, wllN: 1000 })),
} as unknown as DriveRun;
const frame = (moved: number[], tensionN: (number | null)[]): DriveFrame => ({
  atS: 1,
  push: { forwardG: 0.3, leftG: 0, heavierG: 0 },
  moved,
  movedM: 0.1,
  tensionN,
});
const middleOf = (faces: readonly (readonly { x: number; y: number; z: number }[])[]) => {
  const points = faces.flat();
  const mean = (k: 'x' | 'y' | 'z') => points.reduce((s, p) => s + p[k], 0) / points.length;
  return { x: mean('x'), y: mean('y'), z: mean('z') };
};

describe('a deck at one time of a drive', () => {
  it('is as it stands while nothing has moved', () => {
    const still = drivenScene(scene, run, frame([0, 0, 0, 0, 0, 0], [500, 500]), 20);
    expect(still.lines.map((l) => l.way)).toEqual(scene.lines.map((l) => l.way));
    expect(still.lines.map((l) => l.usedPart)).toEqual([0.5, 0.5]);
    expect(still.units[0]!.shiftM).toEqual({ x: 0, y: 0, z: 0 });
  });
  it('moves the load as many times as is wished; lines go along where they lie on it, anchors stay', () => {
    const moved = drivenScene(scene, run, frame([0.02, 0, 0, 0, 0, 0], [1500, null]), 5);
    const before = middleOf(
      drivenScene(scene, run, frame([0, 0, 0, 0, 0, 0], [0, 0]), 1).units[0]!.faces,
    );
    expect(middleOf(moved.units[0]!.faces).x - before.x).toBeCloseTo(0.1, 9);
    moved.lines.forEach((line, i) => {
      const was = scene.lines[i]!.way;
      expect(line.way[0]).toEqual(was[0]);
      expect(line.way.at(-1)).toEqual(was.at(-1));
      expect(line.way[1]!.x - was[1]!.x).toBeCloseTo(0.1, 9);
    });
    // Over its limit it is marked, parted it is drawn open.
    expect(moved.lines.map((l) => [l.weakest, l.counted])).toEqual([
      [true, true],
      [false, false],
    ]);
  });
  it('turns it about its centre of gravity and keeps its size', () => {
    const tipped = drivenScene(scene, run, frame([0, 0, 0, 0.2, 0, 0], [0, 0]), 1);
    const [foot] = tipped.units[0]!.faces;
    const was = unit!.outline;
    const side = (points: readonly { x: number; y: number; z?: number }[]): number =>
      Math.hypot(
        points[0]!.x - points[1]!.x,
        points[0]!.y - points[1]!.y,
        (points[0]!.z ?? 0) - (points[1]!.z ?? 0),
      );
    expect(side(foot!)).toBeCloseTo(side(was), 9);
    expect(Math.max(...foot!.map((p) => p.z))).toBeGreaterThan(0.02);
  });
});
