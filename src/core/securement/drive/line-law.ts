import { type Balance, Gradient } from './balance';
import { acrossOf } from './directions';
import type { DriveEnd, DriveLine, DriveSegment } from './model';
import { FREEDOMS, type Geometry, type PlacedPoint, placedPoint, type Pose } from './pose';
import { type LineResponse, lineResponse, noResponse } from './tensions';

/** What a line remembers from one step to the next. */
export interface LineState {
  readonly tensionN: Float64Array;
  readonly longerM: Float64Array;
  readonly ranM: Float64Array;
  readonly parted: boolean;
}

interface Straight {
  readonly segment: DriveSegment;
  readonly lengthM: number;
  readonly x: number;
  readonly y: number;
  readonly z: number;
}

function straightOf(segment: DriveSegment): Straight {
  const { from, to } = segment;
  const [x, y, z] = [to.at.x - from.at.x, to.at.y - from.at.y, to.at.z - from.at.z];
  const lengthM = Math.hypot(x, y, z);
  return { segment, lengthM, x: x / lengthM, y: y / lengthM, z: z / lengthM };
}

/** A line along its real way: how much longer each stretch becomes, and what its tension does to the bodies. */
export class LineLaw {
  private readonly straights: readonly (readonly Straight[])[];
  /** Which way each stretch pulls at the end of the step, and at its beginning. */
  private gradients: readonly Gradient[];
  private begun: readonly Gradient[];
  private readonly across = new Gradient(2 * FREEDOMS);
  private readonly ends: readonly [PlacedPoint, PlacedPoint] = [placedPoint(), placedPoint()];
  /** How much longer it was where it has the tension it keeps. */
  private restM: Float64Array;
  /** What was found last: how much longer, and what followed. */
  private readonly longerM: Float64Array;
  private readonly response: LineResponse;

  constructor(
    readonly line: DriveLine,
    private readonly geometry: Geometry,
  ) {
    this.straights = line.stretches.map((s) => s.segments.map(straightOf));
    this.gradients = this.straights.map((s) => new Gradient(2 * FREEDOMS * s.length));
    this.begun = this.straights.map((s) => new Gradient(2 * FREEDOMS * s.length));
    this.longerM = new Float64Array(line.stretches.length);
    this.restM = new Float64Array(line.stretches.length);
    this.response = noResponse(line);
  }

  /** The pose is where it has the tension it keeps. */
  restAt(pose: Pose): void {
    this.restM = Float64Array.from(this.straights, (straights, s) => {
      const gradient = this.gradients[s]!.clear();
      return straights.reduce((sum, straight) => sum + this.gained(pose, straight, gradient), 0);
    });
  }

  get atRest(): LineState {
    return {
      tensionN: new Float64Array(this.line.stretches.length).fill(this.line.keptN),
      longerM: new Float64Array(this.line.stretches.length),
      ranM: new Float64Array(this.line.ratios.length),
      parted: false,
    };
  }

  /** What it will remember of what it did last. */
  after(before: LineState): LineState {
    if (before.parted) return before;
    const { response, longerM } = this;
    return {
      tensionN: response.tensionN.slice(),
      longerM: longerM.slice(),
      ranM: response.runM.slice(),
      parted: false,
    };
  }

  /** A step begins at this pose: tension acts along what lies halfway between its beginning and its end. */
  begin(pose: Pose): void {
    const { straights, begun } = this;
    for (let s = 0; s < straights.length; s++) {
      const gradient = begun[s]!.clear();
      for (const straight of straights[s]!) this.gained(pose, straight, gradient);
    }
  }

  /** A step begins where the last one ended. */
  goOn(): void {
    const { gradients, begun } = this;
    this.gradients = begun;
    this.begun = gradients;
  }

  private placed(pose: Pose, end: DriveEnd, into: PlacedPoint): PlacedPoint {
    return pose.place(end.body, end.at, into);
  }

  /** Length gained by one straight piece; its direction now is written into the gradient. */
  private gained(pose: Pose, straight: Straight, gradient: Gradient): number {
    const { segment, lengthM } = straight;
    const a = this.placed(pose, segment.from, this.ends[0]);
    const b = this.placed(pose, segment.to, this.ends[1]);
    let { x, y, z } = straight;
    let gain = (b.x - a.x) * x + (b.y - a.y) * y + (b.z - a.z) * z;
    if (this.geometry === 'moving') {
      const [dx, dy, dz] = [
        x * lengthM + b.x - a.x,
        y * lengthM + b.y - a.y,
        z * lengthM + b.z - a.z,
      ];
      const now = Math.sqrt(dx * dx + dy * dy + dz * dz);
      gain = now - lengthM;
      [x, y, z] = [dx / now, dy / now, dz / now];
    }
    gradient.along(segment.to.body, b, x, y, z, segment.part);
    gradient.along(segment.from.body, a, x, y, z, -segment.part);
    return gain * segment.part;
  }

  /**
   * Adds what it does at a pose to the balance. `now`: how much of the force is that at the end of the step; the rest is that
   * at its beginning, so that springs that swing neither gain nor lose.
   */
  act(pose: Pose, before: LineState, now: number, balance: Balance): void {
    if (before.parted) return;
    const { line, gradients, begun, straights, response } = this;
    for (let s = 0; s < straights.length; s++) {
      const gradient = gradients[s]!.clear();
      let longer = 0;
      for (const straight of straights[s]!) longer += this.gained(pose, straight, gradient);
      this.longerM[s] = longer - this.restM[s]!;
    }
    lineResponse(line, this.longerM, before.ranM, response);
    for (let s = 0; s < gradients.length; s++) {
      const tension = now * response.tensionN[s]! + (1 - now) * before.tensionN[s]!;
      balance.pull(gradients[s]!, -tension / 2);
      balance.pull(begun[s]!, -tension / 2);
    }
    if (!balance.stiff) return;
    this.stiffen(now, balance);
    if (this.geometry === 'moving') this.leaning(pose, before, now, balance);
  }

  /** Adds how its tensions change with its length. */
  private stiffen(now: number, balance: Balance): void {
    const { gradients, begun } = this;
    const { stiffness } = this.response;
    const n = gradients.length;
    for (let s = 0; s < n; s++)
      for (let t = 0; t < n; t++) {
        const k = stiffness[s * n + t]!;
        if (k === 0) continue;
        balance.stiffen(gradients[s]!, gradients[t]!, (now * k) / 2);
        balance.stiffen(begun[s]!, gradients[t]!, (now * k) / 2);
      }
  }

  /** A line under tension resists being moved across itself. */
  private leaning(pose: Pose, before: LineState, now: number, balance: Balance): void {
    this.straights.forEach((straights, s) => {
      const tension = now * this.response.tensionN[s]! + (1 - now) * before.tensionN[s]!;
      if (tension <= 0) return;
      for (const { segment, lengthM, x, y, z } of straights) {
        const a = this.placed(pose, segment.from, this.ends[0]);
        const b = this.placed(pose, segment.to, this.ends[1]);
        const pull = tension * segment.part;
        balance.swivel(segment.from.body, a, [pull * x, pull * y, pull * z], 0.5);
        balance.swivel(segment.to.body, b, [-pull * x, -pull * y, -pull * z], 0.5);
        for (const [u, v, w] of acrossOf(x, y, z)) {
          const g = this.across
            .clear()
            .along(segment.to.body, b, u, v, w, 1)
            .along(segment.from.body, a, u, v, w, -1);
          balance.stiffen(g, g, (tension * segment.part) / (2 * lengthM));
        }
      }
    });
  }
}
