import { STANDARD_GRAVITY } from '../../units/constants';
import { EnergyBook } from './energy';
import type { DriveModel } from './model';
import { Recorder, type VehicleG } from './recorder';
import { atRest, balanced } from './rest';
import type { DriveRun } from './run';
import { stepOf, swingOn } from './swing';
import type { DriveState } from './system';
import { GIVEN_WAY_M, MOST_G, SLOW_G_PER_S } from './vocabulary';

/** The push grows in steps of this, g. */
const STEP_G = 0.005;
/** A step that moves the load farther is taken in several, m: lines turn on the way. */
const STEP_M = 0.002;
/** How exactly it is found when balance is lost, g. */
const EXACT_G = 1e-4;
/** How long a load that has lost its balance is watched until it has given way, and from then on, s; and how far, m. */
const WATCHED = { longS: 3, goneS: 0.4, farM: 1.5 * GIVEN_WAY_M } as const;

/**
 * A slow drive: the load is pushed harder and harder along a level direction, 0.1 g a second, until it gives way or `mostG` is
 * reached. Lines and levers go along with the load. Null: nothing balances while it stands.
 * @param along unit vector of the push
 */
export function slowDrive(
  model: DriveModel,
  along: { readonly x: number; readonly y: number },
  mostG = MOST_G,
): DriveRun | null {
  const begin = atRest(model, 'moving');
  if (begin === null) return null;
  const recorder = new Recorder(begin, STEP_G / SLOW_G_PER_S);
  const book = new EnergyBook(begin.system, begin.state);
  const vehicle = (g: number): VehicleG => ({ x: -along.x * g, y: -along.y * g, z: 0 });
  const pushed = (state: DriveState, g: number) => {
    const { x, y } = vehicle(g);
    const to = { x: x * STANDARD_GRAVITY, y: y * STANDARD_GRAVITY, z: 0 };
    return balanced(begin.system, state, to);
  };
  recorder.take(0, vehicle(0), begin.state, true);
  let { state } = begin;
  let g = 0;
  for (let step = STEP_G; g < mostG - 1e-9;) {
    const next = pushed(state, g + step);
    const goneM = recorder.movedM(next.state) - recorder.movedM(state);
    if (step > EXACT_G && (!next.holds || goneM > STEP_M)) {
      step /= 2;
      continue;
    }
    if (!next.holds) return givesWay(recorder, book, state, g, vehicle);
    if (goneM < STEP_M / 4) step = Math.min(STEP_G, 2 * step);
    next.steps.forEach((s) => book.add(s));
    g += step;
    state = recorder.broken(g / SLOW_G_PER_S, vehicle(g), next.state, next.normalN, book);
    recorder.take(g / SLOW_G_PER_S, vehicle(g), state);
  }
  return recorder.run(null, state, book.now);
}

/** Balance is lost: how the load goes, in time, under a push that goes on growing. */
function givesWay(
  recorder: Recorder,
  book: EnergyBook,
  state: DriveState,
  atG: number,
  vehicle: (g: number) => VehicleG,
): DriveRun {
  const beginS = atG / SLOW_G_PER_S;
  recorder.take(beginS, vehicle(atG), state, true);
  const { model } = recorder.system;
  let goneAtS: number | null = null;
  const gone = swingOn(
    recorder,
    book,
    { state, atS: beginS },
    beginS + WATCHED.longS,
    stepOf(model),
    (atS) => vehicle(atS * SLOW_G_PER_S + EXACT_G),
    (movedM, atS) => {
      if (movedM > GIVEN_WAY_M) goneAtS ??= atS;
      return movedM > WATCHED.farM || (goneAtS !== null && atS > goneAtS + WATCHED.goneS);
    },
  );
  return recorder.run(atG, gone.state, book.now);
}
