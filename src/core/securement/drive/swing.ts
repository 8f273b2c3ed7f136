import { STANDARD_GRAVITY } from '../../units/constants';
import type { EnergyBook } from './energy';
import type { Recorder, VehicleG } from './recorder';
import type { DriveModel } from './model';
import type { DriveState } from './system';

/**
 * A step is this part of what lines take to swing the load through one radian, between these bounds, s: what swings faster than
 * that hardly moves it. Where no balance is found in a step it is halved, down to the last.
 */
const STEP = { ofSwing: 0.08, longestS: 0.003, shortS: 0.001, shortestS: 1e-6 } as const;

/** How long a step may be, so that halving it changes nothing worth a word, s. */
export function stepOf(model: DriveModel): number {
  const stiff = model.lines.reduce(
    (sum, l) => sum + Math.max(0, ...l.stretches.map((s) => s.stiffnessNPerM)),
    0,
  );
  const mass = Math.min(...model.bodies.map((b) => b.massKg));
  const swing = Math.sqrt(stiff / mass);
  return swing > 0
    ? Math.max(STEP.shortS, Math.min(STEP.longestS, STEP.ofSwing / swing))
    : STEP.longestS;
}

/** Where a drive in time has come to. */
export interface Swing {
  readonly state: DriveState;
  readonly atS: number;
}

/**
 * Drives on in time. `vehicleAt`: acceleration of the vehicle at a time, g. `until`: whether to stop, by how far the load has
 * moved.
 */
export function swingOn(
  recorder: Recorder,
  book: EnergyBook,
  from: Swing,
  endS: number,
  stepS: number,
  vehicleAt: (atS: number) => VehicleG,
  until: (movedM: number, atS: number) => boolean,
): Swing {
  let { state, atS } = from;
  while (atS < endS - 1e-9) {
    let step = Math.min(stepS, endS - atS);
    let next = null;
    let vehicle: VehicleG = { x: 0, y: 0, z: 0 };
    while (next === null) {
      vehicle = vehicleAt(atS + step / 2);
      next = recorder.system.step(
        state,
        {
          x: vehicle.x * STANDARD_GRAVITY,
          y: vehicle.y * STANDARD_GRAVITY,
          z: vehicle.z * STANDARD_GRAVITY,
        },
        step,
      );
      if (next !== null) break;
      step /= 2;
      if (step < STEP.shortestS) throw new Error('Broken invariant: no step is short enough');
    }
    book.add(next);
    atS += step;
    state = recorder.broken(atS, vehicle, next.state, next.normalN, book);
    if (until(recorder.take(atS, vehicle, state), atS)) break;
  }
  return { state, atS };
}
