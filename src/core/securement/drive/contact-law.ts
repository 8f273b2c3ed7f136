import { type Balance, Gradient } from './balance';
import { acrossOf, type Direction3 } from './directions';
import type { DriveContact } from './model';
import { FREEDOMS, type PlacedPoint, placedPoint, type Pose } from './pose';

/** What a contact remembers from one step to the next. */
export interface ContactState {
  /** How deep it is pressed in, m; negative: it is open. */
  depthM: number;
  /** By how much friction is strained along its two directions, m. */
  strainM: [number, number];
  /** Shift along its two directions since the beginning, m. */
  shiftM: [number, number];
}

/** What a contact does within a step. */
export interface ContactForce {
  normalN: number;
  frictionN: [number, number];
  depthM: number;
  strainM: [number, number];
  shiftM: [number, number];
}

/**
 * Part of the movement at a contact that is damped away, s: about half of critical for what stands on it. No source: only as
 * much as keeps it steady.
 */
const DAMPING_S = 0.004;

/** A lever halfway between the beginning of a step and its end. */
function halfway(end: PlacedPoint, begun: PlacedPoint): void {
  end.leverX = (end.leverX + begun.leverX) / 2;
  end.leverY = (end.leverY + begun.leverY) / 2;
  end.leverZ = (end.leverZ + begun.leverZ) / 2;
}

/**
 * One point of contact: pushes one way, as a stiff spring with some damping, and holds along its face by Coulomb friction in a
 * round cone. Friction is strained like a spring until it slips, so that what stands still stays still.
 * Source: Coulomb friction; return to the cone as in plasticity.
 */
export class ContactLaw {
  private readonly across: readonly [Direction3, Direction3];
  private readonly ends = [placedPoint(), placedPoint()] as const;
  private readonly begun = [placedPoint(), placedPoint()] as const;
  private readonly normal = new Gradient(2 * FREEDOMS);
  private readonly along = [new Gradient(2 * FREEDOMS), new Gradient(2 * FREEDOMS)] as const;

  constructor(readonly contact: DriveContact) {
    const { x, y, z } = contact.normal;
    this.across = acrossOf(x, y, z);
  }

  readonly found: ContactForce = {
    normalN: 0,
    frictionN: [0, 0],
    depthM: 0,
    strainM: [0, 0],
    shiftM: [0, 0],
  };

  private gradient(into: Gradient, x: number, y: number, z: number): Gradient {
    const { body, from } = this.contact;
    const [a, b] = this.ends;
    return into.clear().along(body, a, x, y, z, 1).along(from, b, x, y, z, -1);
  }

  private shift(x: number, y: number, z: number): number {
    const [a, b] = this.ends;
    return (a.x - b.x) * x + (a.y - b.y) * y + (a.z - b.z) * z;
  }

  /**
   * A step begins at this pose: forces act along what lies halfway between its beginning and its end, so that their work is
   * that of the way.
   */
  begin(pose: Pose): void {
    const { body, from, at } = this.contact;
    pose.place(body, at, this.begun[0]);
    pose.place(from, at, this.begun[1]);
  }

  private place(pose: Pose): void {
    const { body, from, at } = this.contact;
    halfway(pose.place(body, at, this.ends[0]), this.begun[0]);
    halfway(pose.place(from, at, this.ends[1]), this.begun[1]);
  }

  /** Adds what it does at a pose to the balance. `stepS`: length of the step, or null where time plays no part. */
  act(pose: Pose, before: ContactState, stepS: number | null, balance: Balance): void {
    const { normal: n, friction, stiffnessNPerM: k } = this.contact;
    this.place(pose);
    const { found } = this;
    const damping = stepS === null ? 0 : (DAMPING_S * k) / stepS;
    found.depthM = -this.shift(n.x, n.y, n.z);
    const normalN =
      found.depthM > 0
        ? Math.max(0, k * found.depthM + damping * (found.depthM - Math.max(0, before.depthM)))
        : 0;
    found.normalN = normalN;
    if (normalN > 0) {
      this.gradient(this.normal, n.x, n.y, n.z);
      balance.push(this.normal, normalN);
      balance.stiffen(this.normal, this.normal, k + damping);
    }
    if (friction > 0) this.hold(before, normalN, k + damping, balance);
  }

  private hold(before: ContactState, normalN: number, normalK: number, balance: Balance): void {
    const { found, along, across } = this;
    const { friction, stiffnessNPerM: k } = this.contact;
    const trial: [number, number] = [0, 0];
    for (const i of [0, 1] as const) {
      const [x, y, z] = across[i];
      found.shiftM[i] = this.shift(x, y, z);
      trial[i] = before.strainM[i] + found.shiftM[i] - before.shiftM[i];
    }
    const mostN = friction * normalN;
    if (mostN <= 0) {
      found.frictionN = [0, 0];
      found.strainM = [0, 0];
      return;
    }
    for (const i of [0, 1] as const) {
      const [x, y, z] = across[i];
      this.gradient(along[i], x, y, z);
    }
    const strained = Math.sqrt(trial[0] * trial[0] + trial[1] * trial[1]);
    if (k * strained <= mostN) {
      for (const i of [0, 1] as const) {
        found.strainM[i] = trial[i];
        found.frictionN[i] = -k * trial[i];
        balance.push(along[i], found.frictionN[i]);
        balance.stiffen(along[i], along[i], k);
      }
      return;
    }
    const direction = [trial[0] / strained, trial[1] / strained] as const;
    for (const i of [0, 1] as const) {
      found.frictionN[i] = -mostN * direction[i];
      found.strainM[i] = (mostN / k) * direction[i];
      balance.push(along[i], found.frictionN[i]);
      // Pressing more holds more, against the slip.
      balance.stiffen(along[i], this.normal, -friction * normalK * direction[i]);
      for (const j of [0, 1] as const)
        balance.stiffen(
          along[i],
          along[j],
          (mostN / strained) * ((i === j ? 1 : 0) - direction[i] * direction[j]),
        );
    }
  }
}
