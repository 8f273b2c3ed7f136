import type { VehicleG } from './recorder';

/** A point of a drive: what the vehicle does at a time. Braking is negative forward; g. */
export interface DrivePoint {
  readonly atS: number;
  readonly forwardG: number;
  readonly leftG: number;
  readonly upG: number;
}

/** Acceleration of the vehicle at a time: straight between the points of its course, still before and after. */
export function vehicleAt(course: readonly DrivePoint[], atS: number): VehicleG {
  const next = course.findIndex((p) => p.atS >= atS);
  const b = course[next];
  if (!b) return { x: 0, y: 0, z: 0 };
  const a = course[next - 1];
  if (!a) return b.atS === atS ? { x: b.forwardG, y: b.leftG, z: b.upG } : { x: 0, y: 0, z: 0 };
  const part = (atS - a.atS) / (b.atS - a.atS);
  const between = (from: number, to: number): number => from + part * (to - from);
  return {
    x: between(a.forwardG, b.forwardG),
    y: between(a.leftG, b.leftG),
    z: between(a.upG, b.upG),
  };
}

/** One piece of a drive: how long it takes to come, to last and to go, and what it does at its height. */
export interface DrivePiece {
  readonly id: string;
  readonly name: string;
  readonly riseS: number;
  readonly lastS: number;
  readonly forwardG: number;
  readonly leftG: number;
  readonly upG: number;
}

/** Pieces that drives are made of. Practice, no source. */
export const DRIVE_PIECES = [
  {
    id: 'brake',
    name: 'braking to a stop',
    riseS: 0.4,
    lastS: 3,
    forwardG: -0.4,
    leftG: 0,
    upG: 0,
  },
  {
    id: 'emergency',
    name: 'emergency stop',
    riseS: 0.2,
    lastS: 2,
    forwardG: -0.8,
    leftG: 0,
    upG: 0,
  },
  { id: 'start', name: 'pulling away', riseS: 0.4, lastS: 2, forwardG: 0.3, leftG: 0, upG: 0 },
  {
    id: 'bend-left',
    name: 'bend to the left',
    riseS: 0.5,
    lastS: 3,
    forwardG: 0,
    leftG: 0.25,
    upG: 0,
  },
  {
    id: 'bend-right',
    name: 'bend to the right',
    riseS: 0.5,
    lastS: 3,
    forwardG: 0,
    leftG: -0.25,
    upG: 0,
  },
  {
    id: 'swerve-left',
    name: 'swerve to the left',
    riseS: 0.2,
    lastS: 1,
    forwardG: 0,
    leftG: 0.5,
    upG: 0,
  },
  {
    id: 'swerve-right',
    name: 'swerve to the right',
    riseS: 0.2,
    lastS: 1,
    forwardG: 0,
    leftG: -0.5,
    upG: 0,
  },
  { id: 'bump', name: 'bump', riseS: 0.05, lastS: 0.1, forwardG: 0, leftG: 0, upG: 0.4 },
  { id: 'dip', name: 'dip', riseS: 0.05, lastS: 0.1, forwardG: 0, leftG: 0, upG: -0.4 },
] as const satisfies readonly DrivePiece[];
export type DrivePieceId = (typeof DRIVE_PIECES)[number]['id'];

/** How long it is driven quietly before the first piece and after each, s. */
const QUIET_S = 0.5;

/** Pieces one after another as a course. */
export function courseOf(pieces: readonly DrivePiece[]): DrivePoint[] {
  const quiet = (atS: number): DrivePoint => ({ atS, forwardG: 0, leftG: 0, upG: 0 });
  const course: DrivePoint[] = [quiet(0)];
  let now = 0;
  for (const { riseS, lastS, forwardG, leftG, upG } of pieces) {
    now += QUIET_S;
    course.push(
      quiet(now),
      { atS: now + riseS, forwardG, leftG, upG },
      { atS: now + riseS + lastS, forwardG, leftG, upG },
      quiet(now + 2 * riseS + lastS),
    );
    now += 2 * riseS + lastS;
  }
  return [...course, quiet(now + QUIET_S)];
}

/** The pieces of these names, in their order. */
export const piecesOf = (ids: readonly DrivePieceId[]): DrivePiece[] =>
  ids.flatMap((id) => DRIVE_PIECES.find((p) => p.id === id) ?? []);
