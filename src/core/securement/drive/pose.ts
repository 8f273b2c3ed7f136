import type { Point } from '../leg';
import type { DriveBody } from './model';

/** Freedoms of a body: shifts along x, y, z and turns about them. */
export const FREEDOMS = 6;

/**
 * How the movement of bodies is seen. `small`: lines and levers stay as they were tied, as in the hold map; `moving`: both go
 * along with the load.
 */
export type Geometry = 'small' | 'moving';

/** Where a point of a body has gone, and the lever from the body's centre to it. */
export interface PlacedPoint {
  x: number;
  y: number;
  z: number;
  leverX: number;
  leverY: number;
  leverZ: number;
}

export const placedPoint = (): PlacedPoint => ({
  x: 0,
  y: 0,
  z: 0,
  leverX: 0,
  leverY: 0,
  leverZ: 0,
});

/** Turns by a rotation vector, written row by row. Source: Rodrigues. */
function turnOf(x: number, y: number, z: number, into: Float64Array, at: number): void {
  const angle = Math.sqrt(x * x + y * y + z * z);
  const a = angle < 1e-6 ? 1 - (angle * angle) / 6 : Math.sin(angle) / angle;
  const b = angle < 1e-6 ? 0.5 - (angle * angle) / 24 : (1 - Math.cos(angle)) / (angle * angle);
  const c = 1 - b * angle * angle;
  into[at] = c + b * x * x;
  into[at + 1] = b * x * y - a * z;
  into[at + 2] = b * x * z + a * y;
  into[at + 3] = b * x * y + a * z;
  into[at + 4] = c + b * y * y;
  into[at + 5] = b * y * z - a * x;
  into[at + 6] = b * x * z - a * y;
  into[at + 7] = b * y * z + a * x;
  into[at + 8] = c + b * z * z;
}

/** Where bodies are, since the beginning: shifts in m and the sum of their turns in rad, six for each, and how they lie. */
export interface Placement {
  readonly moved: Float64Array;
  /** Rotations, nine for each body by rows. */
  readonly turns: Float64Array;
}

/** Where bodies stand before anything moves. */
export function unmoved(bodies: number): Placement {
  const turns = new Float64Array(9 * bodies);
  for (let k = 0; k < bodies; k++) turns[9 * k] = turns[9 * k + 4] = turns[9 * k + 8] = 1;
  return { moved: new Float64Array(FREEDOMS * bodies), turns };
}

/** Where all bodies are while a step is looked for: from a placement on, by shifts and turns within the step. */
export class Pose {
  private readonly freedoms: Float64Array;
  private readonly turns: Float64Array;
  private readonly turn = new Float64Array(9);

  constructor(
    private readonly bodies: readonly DriveBody[],
    private readonly geometry: Geometry,
  ) {
    this.freedoms = new Float64Array(FREEDOMS * bodies.length);
    this.turns = new Float64Array(9 * bodies.length);
  }

  /** Takes a placement, and what moves from there: shifts in m, a rotation vector in rad, six for each body. */
  take({ moved, turns }: Placement, by?: Float64Array): void {
    for (let i = 0; i < moved.length; i++) this.freedoms[i] = moved[i]! + (by?.[i] ?? 0);
    for (let i = 0; i < turns.length; i++) this.turns[i] = turns[i]!;
    if (by === undefined) return;
    if (this.geometry === 'moving')
      for (let k = 0; k < this.bodies.length; k++) {
        const at = k * FREEDOMS + 3;
        turnOf(by[at]!, by[at + 1]!, by[at + 2]!, this.turn, 0);
        this.turnOn(9 * k, turns);
      }
  }

  private turnOn(at: number, from: Float64Array): void {
    for (let i = 0; i < 3; i++)
      for (let j = 0; j < 3; j++) {
        let sum = 0;
        for (let m = 0; m < 3; m++) sum += this.turn[3 * i + m]! * from[at + 3 * m + j]!;
        this.turns[at + 3 * i + j] = sum;
      }
  }

  /** Where they are now, to begin from. */
  get placement(): Placement {
    return { moved: this.freedoms.slice(), turns: this.turns.slice() };
  }

  /** How far a point of a body has gone; one of no body stays. */
  place(body: number | null, at: Point, into: PlacedPoint): PlacedPoint {
    if (body === null) {
      into.x = into.y = into.z = into.leverX = into.leverY = into.leverZ = 0;
      return into;
    }
    const { centre } = this.bodies[body]!;
    const rx = at.x - centre.x;
    const ry = at.y - centre.y;
    const rz = at.z - centre.z;
    const q = this.freedoms;
    const k = body * FREEDOMS;
    if (this.geometry === 'small') {
      const [ox, oy, oz] = [q[k + 3]!, q[k + 4]!, q[k + 5]!];
      into.x = q[k]! + oy * rz - oz * ry;
      into.y = q[k + 1]! + oz * rx - ox * rz;
      into.z = q[k + 2]! + ox * ry - oy * rx;
      into.leverX = rx;
      into.leverY = ry;
      into.leverZ = rz;
      return into;
    }
    const m = this.turns;
    const t = body * 9;
    into.leverX = m[t]! * rx + m[t + 1]! * ry + m[t + 2]! * rz;
    into.leverY = m[t + 3]! * rx + m[t + 4]! * ry + m[t + 5]! * rz;
    into.leverZ = m[t + 6]! * rx + m[t + 7]! * ry + m[t + 8]! * rz;
    into.x = q[k]! + into.leverX - rx;
    into.y = q[k + 1]! + into.leverY - ry;
    into.z = q[k + 2]! + into.leverZ - rz;
    return into;
  }

  /** Writes how far each watched corner has gone, m: x, y, z of one after another. */
  corners(into: Float64Array): Float64Array {
    const p = placedPoint();
    let at = 0;
    for (let k = 0; k < this.bodies.length; k++)
      for (const corner of this.bodies[k]!.corners) {
        this.place(k, corner, p);
        into[at] = p.x;
        into[at + 1] = p.y;
        into[at + 2] = p.z;
        at += 3;
      }
    return into;
  }
}
