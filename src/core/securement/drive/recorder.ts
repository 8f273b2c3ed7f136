import type { DriveEnergy, EnergyBook } from './energy';
import type { DriveModel } from './model';
import type { AtRest } from './rest';
import type { DriveFrame, DriveRun } from './run';
import type { DriveState, DriveSystem } from './system';
import type { WayOfGiving } from './vocabulary';
import { highest, overloaded, parting, Watch, wayOfGiving, without } from './watch';

/** Accelerations of the vehicle in g: along x, y, z of the deck. */
export interface VehicleG {
  readonly x: number;
  readonly y: number;
  readonly z: number;
}

/** Takes down a drive while it is reckoned: pictures at even times, what happens, where the work goes. */
export class Recorder {
  readonly system: DriveSystem;
  readonly rest: Float64Array;
  private readonly model: DriveModel;
  private readonly frames: DriveFrame[] = [];
  private readonly watch: Watch;
  private readonly sizeM: number;
  private mostMovedM = 0;
  private nextS = 0;

  constructor(
    begin: AtRest,
    private readonly everyS: number,
  ) {
    this.system = begin.system;
    this.model = begin.system.model;
    this.rest = begin.state.place.moved;
    this.watch = new Watch(this.model);
    this.sizeM = Math.max(
      ...this.model.bodies.flatMap((b) =>
        b.corners.map((c) => Math.hypot(c.x - b.centre.x, c.y - b.centre.y, c.z - b.centre.z)),
      ),
    );
  }

  movedM(state: DriveState): number {
    return this.system.movedM(state.place);
  }

  private at(atS: number, vehicle: VehicleG, state: DriveState) {
    return { atS, pushG: Math.hypot(vehicle.x, vehicle.y), movedM: this.movedM(state) };
  }

  /** Takes a state down. `always`: also between the even times. @returns how far the load has moved, m */
  take(atS: number, vehicle: VehicleG, state: DriveState, always = false): number {
    const at = this.at(atS, vehicle, state);
    this.mostMovedM = Math.max(this.mostMovedM, at.movedM);
    this.watch.look(state, at);
    if (always || atS >= this.nextS - 1e-9) {
      this.nextS = atS + this.everyS;
      this.frames.push({
        atS,
        // A load is pushed against the way its vehicle is driven.
        push: { forwardG: 0 - vehicle.x, leftG: 0 - vehicle.y, heavierG: vehicle.z },
        moved: Array.from(state.place.moved, (q, i) => q - this.rest[i]!),
        movedM: at.movedM,
        tensionN: state.lines.map((l) => (l.parted ? null : highest(l.tensionN))),
      });
    }
    return at.movedM;
  }

  /** Takes away what breaks in a state, and tells it. @returns the same state where nothing does */
  broken(
    atS: number,
    vehicle: VehicleG,
    state: DriveState,
    normalN: ArrayLike<number>,
    book: EnergyBook,
  ): DriveState {
    const lines = parting(this.model, state);
    const limits = overloaded(this.model, state, normalN);
    if (lines.length + limits.length === 0) return state;
    this.watch.breaks(lines, limits, this.at(atS, vehicle, state));
    const left = without(state, lines, limits);
    book.broke(left);
    return left;
  }

  run(gaveWayAtG: number | null, last: DriveState, energy: DriveEnergy): DriveRun {
    const way: WayOfGiving | null =
      gaveWayAtG === null ? null : wayOfGiving(last.place.moved, this.rest, this.sizeM);
    return {
      bodies: this.model.bodies.map(({ id, centre }) => ({ id, centre })),
      lines: this.model.lines.map(({ id, wllN }) => ({ id, wllN })),
      frames: this.frames,
      events: this.watch.events,
      way,
      gaveWayAtG,
      mostMovedM: this.mostMovedM,
      energy,
    };
  }
}
