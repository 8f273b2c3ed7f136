import { type Balance, Gradient } from './balance';
import { acrossOf, type Direction3 } from './directions';
import type { DriveContact } from './model';
import { FREEDOMS, type PlacedPoint, placedPoint, type Pose } from './pose';

/**
 * What contacts remember from one step to the next, one after another: how deep each is pressed in, m (negative: it is open), by
 * how much friction is strained along its two directions, m, and its shift along them since the beginning, m.
 */
export const REMEMBERED = { depthM: 0, strainM: 1, shiftM: 3, each: 5 } as const;

/** What contacts do within a step: what they will remember, and for each its normal force and its friction along two directions, N. */
export interface ContactForces {
  readonly remembered: Float64Array;
  readonly normalN: Float64Array;
  readonly frictionN: Float64Array;
}

/** Contacts that do nothing yet. */
export const contactForces = (contacts: number): ContactForces => ({
  remembered: new Float64Array(REMEMBERED.each * contacts),
  normalN: new Float64Array(contacts),
  frictionN: new Float64Array(2 * contacts),
});

/** The same, to keep. */
export const kept = ({ remembered, normalN, frictionN }: ContactForces): ContactForces => ({
  remembered: remembered.slice(),
  normalN: normalN.slice(),
  frictionN: frictionN.slice(),
});

/**
 * Part of the movement at a contact that is damped away, s: about half of critical for what stands on it. No source: only as
 * much as keeps it steady.
 */
const DAMPING_S = 0.004;

type Both = readonly [PlacedPoint, PlacedPoint];

/** Writes the lever halfway between the beginning of a step and its end. */
function halfway(end: PlacedPoint, begun: PlacedPoint, into: PlacedPoint): void {
  into.leverX = (end.leverX + begun.leverX) / 2;
  into.leverY = (end.leverY + begun.leverY) / 2;
  into.leverZ = (end.leverZ + begun.leverZ) / 2;
}

/**
 * One point of contact: pushes one way, as a stiff spring with some damping, and holds along its face by Coulomb friction in a
 * round cone. Friction is strained like a spring until it slips, so that what stands still stays still.
 * Source: Coulomb friction; return to the cone as in plasticity.
 */
export class ContactLaw {
  private readonly across: readonly [Direction3, Direction3];
  /** Its point on both bodies at the end of the step and at its beginning, and the levers halfway. */
  private ends: Both = [placedPoint(), placedPoint()];
  private begun: Both = [placedPoint(), placedPoint()];
  private readonly between: Both = [placedPoint(), placedPoint()];
  private readonly normal = new Gradient(2 * FREEDOMS);
  private readonly along = [new Gradient(2 * FREEDOMS), new Gradient(2 * FREEDOMS)] as const;

  private readonly at: number;

  /** @param index its place among all contacts; @param forces where it writes what it does */
  constructor(
    readonly contact: DriveContact,
    private readonly index: number,
    private readonly forces: ContactForces,
  ) {
    this.at = REMEMBERED.each * index;
    const { x, y, z } = contact.normal;
    this.across = acrossOf(x, y, z);
  }

  /** How far friction would be strained if it held whatever came, m. */
  private strainedM = 0;

  private gradient(into: Gradient, x: number, y: number, z: number): Gradient {
    const { body, from } = this.contact;
    const [a, b] = this.between;
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
    if (from !== null) pose.place(from, at, this.begun[1]);
  }

  /** A step begins where the last one ended. */
  goOn(): void {
    const { ends, begun } = this;
    this.ends = begun;
    this.begun = ends;
  }

  private place(pose: Pose): void {
    const { ends, begun, between } = this;
    const { body, from, at } = this.contact;
    halfway(pose.place(body, at, ends[0]), begun[0], between[0]);
    // What is of no body stays where it was: at nothing.
    if (from !== null) halfway(pose.place(from, at, ends[1]), begun[1], between[1]);
  }

  /** It is gone: it does nothing, and remembers what it was. */
  rest(): void {
    this.forces.normalN[this.index] = 0;
  }

  /**
   * Adds what it does at a pose to the balance. `before`: what contacts remember; `stepS`: length of the step, or null where time
   * plays no part.
   */
  act(pose: Pose, before: Float64Array, stepS: number | null, balance: Balance): void {
    const { body, from, normal: n, friction, stiffnessNPerM: k } = this.contact;
    this.place(pose);
    const { across, between, forces, index, at } = this;
    const damping = stepS === null ? 0 : (DAMPING_S * k) / stepS;
    const depth = -this.shift(n.x, n.y, n.z);
    const N = depth > 0 ? Math.max(0, k * depth + damping * (depth - Math.max(0, before[at]!))) : 0;
    forces.remembered[at] = depth;
    forces.normalN[index] = N;
    this.strainedM = friction > 0 ? this.hold(before, friction * N) : 0;
    if (N === 0) return;
    const [one, other] = across;
    const f = forces.frictionN[2 * index]!;
    const g = forces.frictionN[2 * index + 1]!;
    const x = N * n.x + f * one[0] + g * other[0];
    const y = N * n.y + f * one[1] + g * other[1];
    const z = N * n.z + f * one[2] + g * other[2];
    balance.push(body, between[0], x, y, z);
    balance.push(from, between[1], -x, -y, -z);
    if (balance.stiff) this.stiffen(friction * N, k + damping, balance);
  }

  /** Strains friction no further than it holds. @returns how far it would be strained if it held whatever came, m */
  private hold(before: Float64Array, mostN: number): number {
    const { across, index, at } = this;
    const { remembered, frictionN } = this.forces;
    const { stiffnessNPerM: k } = this.contact;
    const [strain, shift] = [at + REMEMBERED.strainM, at + REMEMBERED.shiftM];
    let squares = 0;
    for (let i = 0; i < 2; i++) {
      const direction = across[i]!;
      const shifted = this.shift(direction[0], direction[1], direction[2]);
      const strained = before[strain + i]! + shifted - before[shift + i]!;
      remembered[shift + i] = shifted;
      remembered[strain + i] = strained;
      squares += strained * strained;
    }
    const strained = Math.sqrt(squares);
    const held = k * strained <= mostN ? 1 : mostN / (k * strained);
    for (let i = 0; i < 2; i++) {
      remembered[strain + i] = held * remembered[strain + i]!;
      frictionN[2 * index + i] = -k * remembered[strain + i]!;
    }
    return strained;
  }

  /** Adds how what it does changes with movement. */
  private stiffen(mostN: number, normalK: number, balance: Balance): void {
    const { normal, along, across, strainedM, index } = this;
    const { normal: n, friction, stiffnessNPerM: k } = this.contact;
    this.gradient(normal, n.x, n.y, n.z);
    balance.stiffen(normal, normal, normalK);
    if (friction === 0) return;
    for (const i of [0, 1] as const) {
      const [x, y, z] = across[i];
      this.gradient(along[i], x, y, z);
    }
    if (k * strainedM <= mostN) {
      for (const g of along) balance.stiffen(g, g, k);
      return;
    }
    const { frictionN } = this.forces;
    const direction = [-frictionN[2 * index]! / mostN, -frictionN[2 * index + 1]! / mostN] as const;
    for (const i of [0, 1] as const) {
      // Pressing more holds more, against the slip.
      balance.stiffen(along[i], normal, -friction * normalK * direction[i]);
      for (const j of [0, 1] as const)
        balance.stiffen(
          along[i],
          along[j],
          (mostN / strainedM) * ((i === j ? 1 : 0) - direction[i] * direction[j]),
        );
    }
  }
}
