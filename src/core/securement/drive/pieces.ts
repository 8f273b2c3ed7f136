import { EnergyBook } from './energy';
import type { DriveModel } from './model';
import type { DrivePoint } from './course';
import { vehicleAt } from './course';
import { Recorder } from './recorder';
import { atRest } from './rest';
import type { DriveRun } from './run';
import { stepOf, swingOn } from './swing';
import { GIVEN_WAY_M } from './vocabulary';

/** Pictures of a drive in time, s apart. */
const PICTURES_S = 0.02;
/** How far a load that has given way is watched, m. */
const WATCHED_M = 3 * GIVEN_WAY_M;

/**
 * A drive in time: the vehicle accelerates as its course says, straight between its points. Ends with the course, or when the
 * load has gone too far to be looked at. Null: nothing balances while it stands.
 * @param stepS length of a step, s; left out: short enough for the lines
 */
export function driveAlong(
  model: DriveModel,
  course: readonly DrivePoint[],
  stepS = stepOf(model),
): DriveRun | null {
  const begin = atRest(model, 'moving');
  if (begin === null) return null;
  const recorder = new Recorder(begin, PICTURES_S);
  const book = new EnergyBook(begin.system, begin.state);
  recorder.take(0, vehicleAt(course, 0), begin.state, true);
  let gaveWayAtG: number | null = null;
  let now = 0;
  const end = swingOn(
    recorder,
    book,
    { state: begin.state, atS: 0 },
    course.at(-1)?.atS ?? 0,
    stepS,
    (atS) => {
      now = atS;
      return vehicleAt(course, atS);
    },
    (movedM) => {
      if (movedM > GIVEN_WAY_M) {
        const { x, y } = vehicleAt(course, now);
        gaveWayAtG ??= Math.hypot(x, y);
      }
      return movedM > WATCHED_M;
    },
  );
  return recorder.run(gaveWayAtG, end.state, book.now);
}
