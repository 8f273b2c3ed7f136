import type { Point } from '../leg';
import { Balance } from './balance';
import { type ContactForces, contactForces, ContactLaw, kept } from './contact-law';
import { LineLaw, type LineState } from './line-law';
import type { DriveModel } from './model';
import { Newton, type Residual } from './newton';
import { FREEDOMS, type Geometry, type Placement, Pose, unmoved } from './pose';

/** Everything that a load remembers from one step to the next. */
export interface DriveState {
  readonly place: Placement;
  readonly speed: Float64Array;
  /** What contacts remember, one after another. */
  readonly contacts: Float64Array;
  readonly lines: readonly LineState[];
  /** Boards and chocks that gave way. */
  readonly broken: readonly boolean[];
}

/** A step as it was found. */
export interface Step {
  readonly state: DriveState;
  /** Movement within the step. */
  readonly by: Float64Array;
  /** Normal force of each contact and its friction along two directions, one after another, N. */
  readonly normalN: Float64Array;
  readonly frictionN: Float64Array;
  /** Force on each freedom from outside: inertia and weight. */
  readonly outside: Float64Array;
  /** What its own mass held back where the load was only brought into balance; null: it moved in time. */
  readonly heldBackN: Float64Array | null;
}

/** A load on its contacts and lines: finds where it is one step later. */
export class DriveSystem {
  readonly contacts: readonly ContactLaw[];
  readonly lines: readonly LineLaw[];
  private readonly forces: ContactForces;
  private readonly pose: Pose;
  private readonly balance: Balance;
  private readonly inertia: Float64Array;
  private readonly newton: Newton;
  /** Where the last step ended, if everything that acts still knows it. */
  private last: DriveState | null = null;
  private readonly rest: Float64Array;
  private readonly goingOn: Float64Array;
  /** How far watched corners had gone where the load stood still, and have now. */
  private readonly restCorners: Float64Array;
  private readonly corners: Float64Array;

  constructor(
    readonly model: DriveModel,
    geometry: Geometry,
    readonly gravity: number,
  ) {
    this.forces = contactForces(model.contacts.length);
    this.contacts = model.contacts.map((c, i) => new ContactLaw(c, i, this.forces));
    this.lines = model.lines.map((l) => new LineLaw(l, geometry));
    this.pose = new Pose(model.bodies, geometry);
    this.balance = new Balance(model.bodies.length);
    this.inertia = this.inertias();
    [this.rest, this.goingOn] = [new Float64Array(this.freedoms), new Float64Array(this.freedoms)];
    const corners = model.bodies.reduce((sum, b) => sum + b.corners.length, 0);
    [this.restCorners, this.corners] = [
      new Float64Array(3 * corners),
      new Float64Array(3 * corners),
    ];
    this.newton = new Newton(
      this.freedoms,
      gravity * model.bodies.reduce((sum, b) => sum + b.massKg, 0),
    );
  }

  get freedoms(): number {
    return this.balance.size;
  }

  /** Mass and inertia of all bodies, by rows. */
  private inertias(): Float64Array {
    const { size } = this.balance;
    const m = new Float64Array(size * size);
    const set = (i: number, j: number, v: number): void => void (m[i * size + j] = v);
    this.model.bodies.forEach(({ massKg, inertia: [xx, yy, zz, xy] }, b) => {
      const k = b * FREEDOMS;
      for (let i = 0; i < 3; i++) set(k + i, k + i, massKg);
      set(k + 3, k + 3, xx);
      set(k + 4, k + 4, yy);
      set(k + 5, k + 5, zz);
      set(k + 3, k + 4, xy);
      set(k + 4, k + 3, xy);
    });
    return m;
  }

  /** Where everything stands before anything has moved. */
  atStart(): DriveState {
    return {
      place: unmoved(this.model.bodies.length),
      speed: new Float64Array(this.freedoms),
      contacts: contactForces(this.contacts.length).remembered,
      lines: this.lines.map((l) => l.atRest),
      broken: this.model.limits.map(() => false),
    };
  }

  /** Weight, and inertia of a vehicle that accelerates. */
  private outside(vehicle: Point): Float64Array {
    const force = new Float64Array(this.freedoms);
    this.model.bodies.forEach(({ massKg }, b) => {
      const k = b * FREEDOMS;
      force[k] = -massKg * vehicle.x;
      force[k + 1] = -massKg * vehicle.y;
      force[k + 2] = -massKg * (this.gravity + vehicle.z);
    });
    return force;
  }

  /** All forces at a pose, and, where they are wanted `stiff`, how they change. `stepS` null: time plays no part. */
  private act(state: DriveState, by: Float64Array, stepS: number | null, stiff: boolean): void {
    const { balance, pose } = this;
    balance.clear(stiff);
    pose.take(state.place, by);
    for (const law of this.contacts) {
      const { limit } = law.contact;
      if (limit === null || !state.broken[limit]) law.act(pose, state.contacts, stepS, balance);
      else law.rest();
    }
    const now = stepS === null ? 1 : 0.5;
    for (let i = 0; i < this.lines.length; i++)
      this.lines[i]!.act(pose, state.lines[i]!, now, balance);
  }

  /**
   * Where the load is after a step, `vehicle`: acceleration of the vehicle, m/s². `stepS`: seconds; `still`: the load is only
   * brought into balance, its mass keeps a movement within bounds while there is none.
   * Null: no balance was found in this step; a shorter one may.
   * Source: trapezoidal rule for movement, forces of contacts at the end of the step; Newton's method.
   */
  step(state: DriveState, vehicle: Point, stepS: number, still = false): Step | null {
    this.begin(state);
    const outside = this.outside(vehicle);
    const by = new Float64Array(this.freedoms);
    // Begins with the movement that goes on as it is.
    if (!still) for (let i = 0; i < by.length; i++) by[i] = stepS * state.speed[i]!;
    const residual = this.residual(state, outside, stepS, still);
    if (!this.newton.find(residual, by, stepS)) return null;
    const step = this.found(state, by, stepS, still, outside);
    this.last = step.state;
    return step;
  }

  /** A step begins in a state: mostly where the last one ended, and all that acts knows that already. */
  private begin(state: DriveState): void {
    const goesOn = state === this.last;
    this.last = null;
    if (!goesOn) this.pose.take(state.place);
    for (const contact of this.contacts) {
      if (goesOn) contact.goOn();
      else contact.begin(this.pose);
    }
    for (const line of this.lines) {
      if (goesOn) line.goOn();
      else line.begin(this.pose);
    }
  }

  /** What is left of all forces, those of mass among them, at a movement within a step. */
  private residual(
    state: DriveState,
    outside: Float64Array,
    stepS: number,
    still: boolean,
  ): Residual {
    const { balance, inertia, freedoms: size } = this;
    const factor = 2 / (stepS * stepS);
    const { rest, goingOn } = this;
    for (let i = 0; i < size; i++) goingOn[i] = still ? 0 : (2 / stepS) * state.speed[i]!;
    return {
      rest,
      stiffness: (by, into) => {
        this.act(state, by, still ? null : stepS, true);
        for (let i = 0; i < into.length; i++)
          into[i] = balance.stiffness[i]! + factor * inertia[i]!;
      },
      at: (by) => {
        this.act(state, by, still ? null : stepS, false);
        let squares = 0;
        for (let i = 0; i < size; i++) {
          const own = i - (i % FREEDOMS);
          let mass = 0;
          for (let j = own; j < own + FREEDOMS; j++)
            mass += inertia[i * size + j]! * (factor * by[j]! - goingOn[j]!);
          rest[i] = outside[i]! + balance.force[i]! - mass;
          squares += rest[i]! * rest[i]!;
        }
        return Math.sqrt(squares);
      },
    };
  }

  /** The step whose forces were asked for last. */
  private found(
    state: DriveState,
    by: Float64Array,
    stepS: number,
    still: boolean,
    outside: Float64Array,
  ): Step {
    const speed = still
      ? new Float64Array(this.freedoms)
      : state.speed.map((v, i) => (2 * by[i]!) / stepS - v);
    const { remembered, normalN, frictionN } = kept(this.forces);
    return {
      by,
      outside,
      heldBackN: still ? this.heldBack(by, 2 / (stepS * stepS)) : null,
      normalN,
      frictionN,
      state: {
        place: this.pose.placement,
        speed,
        broken: state.broken,
        contacts: remembered,
        lines: this.lines.map((l, i) => l.after(state.lines[i]!)),
      },
    };
  }

  private heldBack(by: Float64Array, factor: number): Float64Array {
    const size = this.freedoms;
    return by.map((_, i) => {
      let sum = 0;
      for (let j = i - (i % FREEDOMS); j < i - (i % FREEDOMS) + FREEDOMS; j++)
        sum += factor * this.inertia[i * size + j]! * by[j]!;
      return sum;
    });
  }

  /** The load stands still here, and all lines have the tension they keep. */
  restAt(place: Placement): void {
    this.standAt(place);
    this.last = null;
    this.lines.forEach((l) => l.restAt(this.pose));
  }

  /** The load stands still here: movement is counted from here. */
  standAt(place: Placement): void {
    this.pose.take(place);
    this.pose.corners(this.restCorners);
  }

  /** How far the farthest corner has gone from where the load stood still, m. */
  movedM(place: Placement): number {
    this.pose.take(place);
    const { corners, restCorners: rest } = this;
    this.pose.corners(corners);
    let most = 0;
    for (let i = 0; i < corners.length; i += 3) {
      const x = corners[i]! - rest[i]!;
      const y = corners[i + 1]! - rest[i + 1]!;
      const z = corners[i + 2]! - rest[i + 2]!;
      most = Math.max(most, x * x + y * y + z * z);
    }
    return Math.sqrt(most);
  }

  /** Kinetic energy, J. */
  kineticJ(speed: Float64Array): number {
    const size = this.freedoms;
    let sum = 0;
    for (let i = 0; i < size; i++)
      for (let j = i - (i % FREEDOMS); j < i - (i % FREEDOMS) + FREEDOMS; j++)
        sum += 0.5 * speed[i]! * this.inertia[i * size + j]! * speed[j]!;
    return sum;
  }
}
