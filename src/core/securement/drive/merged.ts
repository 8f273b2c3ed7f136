import type { DriveEnergy } from './energy';
import type { DriveFrame, DriveRun } from './run';

const added = (a: DriveEnergy, b: DriveEnergy): DriveEnergy => ({
  workJ: a.workJ + b.workJ,
  linesJ: a.linesJ + b.linesJ,
  contactsJ: a.contactsJ + b.contactsJ,
  kineticJ: a.kineticJ + b.kineticJ,
  frictionJ: a.frictionJ + b.frictionJ,
  dampingJ: a.dampingJ + b.dampingJ,
  brokenJ: a.brokenJ + b.brokenJ,
});

/** The picture of a run that stands at a time: the last before it. */
function frameAt(frames: readonly DriveFrame[], atS: number): DriveFrame {
  let [low, high] = [0, frames.length - 1];
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if (frames[middle]!.atS <= atS + 1e-9) low = middle;
    else high = middle - 1;
  }
  return frames[low]!;
}

/** When a run is over: those that gave way are not looked at beyond that. */
const endOf = (run: DriveRun): number => run.frames.at(-1)!.atS;

/**
 * Drives of parts of a load that have nothing to do with each other, as one drive. It ends when the first part has given way,
 * or with the longest.
 */
export function merged(runs: readonly DriveRun[]): DriveRun {
  if (runs.length === 1) return runs[0]!;
  const gone = runs.filter((r) => r.gaveWayAtG !== null);
  const first = gone.toSorted((a, b) => endOf(a) - endOf(b))[0] ?? null;
  const endS = first ? endOf(first) : Math.max(...runs.map(endOf));
  const clock = first ?? runs.toSorted((a, b) => endOf(b) - endOf(a))[0]!;
  return {
    bodies: runs.flatMap((r) => r.bodies),
    lines: runs.flatMap((r) => r.lines),
    frames: clock.frames.map((frame): DriveFrame => {
      const of = runs.map((r) => frameAt(r.frames, frame.atS));
      return {
        atS: frame.atS,
        push: frame.push,
        moved: of.flatMap((f) => f.moved),
        movedM: Math.max(...of.map((f) => f.movedM)),
        tensionN: of.flatMap((f) => f.tensionN),
      };
    }),
    events: runs
      .flatMap((r) => r.events)
      .filter((e) => e.atS <= endS + 1e-9)
      .toSorted((a, b) => a.atS - b.atS),
    way: first?.way ?? null,
    gaveWayAtG: first?.gaveWayAtG ?? null,
    mostMovedM: Math.max(
      ...runs.map((r) => Math.max(...r.frames.filter((f) => f.atS <= endS).map((f) => f.movedM))),
    ),
    energy: runs.map((r) => r.energy).reduce(added),
  };
}
