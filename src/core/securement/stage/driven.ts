import type { DriveFrame, DriveRun } from '../drive/run';
import type { Point } from '../leg';
import type { Placed } from '../load/placed';
import type { Scene, SceneLine } from './scene';

/** A unit as it stands at one time of a drive: its faces, corner by corner, and how far its middle has gone. */
export interface DrivenUnit {
  readonly placed: Placed;
  readonly faces: readonly (readonly Point[])[];
  readonly shiftM: Point;
}

/** A deck at one time of a drive. */
export interface DrivenScene {
  readonly units: readonly DrivenUnit[];
  readonly lines: readonly SceneLine[];
}

/** Where a point of a body goes: shifted, and turned about the body's centre; both `times` as large as they are. */
function mover(frame: DriveFrame, body: number, centre: Point, times: number): (p: Point) => Point {
  const at = (i: number): number => times * (frame.moved[6 * body + i] ?? 0);
  const [wx, wy, wz] = [at(3), at(4), at(5)];
  const angle = Math.hypot(wx, wy, wz);
  const [s, c] = [Math.sin(angle), 1 - Math.cos(angle)];
  const [ux, uy, uz] = angle === 0 ? [0, 0, 0] : [wx / angle, wy / angle, wz / angle];
  return (p) => {
    const [x, y, z] = [p.x - centre.x, p.y - centre.y, p.z - centre.z];
    const [kx, ky, kz] = [uy * z - uz * y, uz * x - ux * z, ux * y - uy * x];
    const [mx, my, mz] = [uy * kz - uz * ky, uz * kx - ux * kz, ux * ky - uy * kx];
    return {
      x: p.x + at(0) + s * kx + c * mx,
      y: p.y + at(1) + s * ky + c * my,
      z: p.z + at(2) + s * kz + c * mz,
    };
  };
}

/** Foot, top and sides of a unit. */
function facesOf({ outline, baseM, topM }: Placed): Point[][] {
  const ring = (z: number): Point[] => outline.map(({ x, y }) => ({ x, y, z }));
  const [foot, top] = [ring(baseM), ring(topM)];
  const sides = foot.map((p, i): Point[] => {
    const k = (i + 1) % foot.length;
    return [p, foot[k]!, top[k]!, top[i]!];
  });
  return [foot, ...sides, top];
}

/** A line's corner lies on a unit when it is no farther off than this, m. */
const ON_M = 0.03;

const isOn = (p: Point, { box, baseM, topM }: Placed): boolean =>
  p.x <= box.front + ON_M &&
  p.x >= box.rear - ON_M &&
  p.y <= box.left + ON_M &&
  p.y >= box.right - ON_M &&
  p.z <= topM + ON_M &&
  p.z >= baseM - ON_M;

/** Lines as they are at one time: along with the load, with what they bear as a part of what they may carry. */
function drivenLines(
  scene: Scene,
  run: DriveRun,
  frame: DriveFrame,
  move: (p: Point) => Point,
): SceneLine[] {
  const at = new Map(run.lines.map((l, i) => [l.id, i] as const));
  return scene.lines.map((line): SceneLine => {
    const i = at.get(line.id);
    if (i === undefined) return { ...line, counted: false, weakest: false, weak: null };
    const T = frame.tensionN[i] ?? null;
    const { wllN } = run.lines[i]!;
    const used = T === null || wllN <= 0 ? null : T / wllN;
    return {
      ...line,
      way: line.way.map(move),
      usedPart: used,
      counted: T !== null,
      weak: null,
      weakest: used !== null && used > 1,
    };
  });
}

/** The deck of a scene as it is at one time of a drive. `times`: how many times larger movement is drawn than it is. */
export function drivenScene(
  scene: Scene,
  run: DriveRun,
  frame: DriveFrame,
  times: number,
): DrivenScene {
  const anchors = scene.anchors.map((a) => a.at);
  const movers = new Map(
    run.bodies.map((b, k) => [b.id, mover(frame, k, b.centre, times)] as const),
  );
  const move = (p: Point): Point => {
    const fixed = anchors.some((a) => Math.hypot(a.x - p.x, a.y - p.y, a.z - p.z) < 1e-6);
    // Where a line lies on two units it goes along with the upper one.
    const on = fixed
      ? undefined
      : scene.load.filter((u) => isOn(p, u)).toSorted((a, b) => b.topM - a.topM)[0];
    return (on && movers.get(on.unit.id)?.(p)) ?? p;
  };
  return {
    units: scene.load.map((placed) => {
      const by = movers.get(placed.unit.id) ?? ((p: Point) => p);
      const middle = { ...placed.middle, z: (placed.baseM + placed.topM) / 2 };
      const gone = by(middle);
      return {
        placed,
        faces: facesOf(placed).map((face) => face.map(by)),
        shiftM: { x: gone.x - middle.x, y: gone.y - middle.y, z: gone.z - middle.z },
      };
    }),
    lines: drivenLines(scene, run, frame, move),
  };
}
