import type { z } from 'zod';
import { courseOf, piecesOf } from '@/core/securement/drive/course';
import { unclosed } from '@/core/securement/drive/energy';
import { type DriveAsk, drivePlan, limitsBeside } from '@/core/securement/drive/plan-drive';
import type { DriveFrame, DriveRun } from '@/core/securement/drive/run';
import type { DriveWish } from '@/core/securement/drive/schema';
import { METRIC } from '@/core/units';
import { numberedLines, wordEvent, wordLimit, wordRefusal, wordRun } from '@/wording/drive';
import type { driveBody } from './schemas';

/** No more pictures of a drive go out than this: what lies between them is nothing that an eye misses. */
const MOST_FRAMES = 300;

/** What was wished as what is driven: pieces are a course. */
export const askOf = (wish: DriveWish): DriveAsk =>
  wish.kind === 'pieces' ? { kind: 'course', course: courseOf(piecesOf(wish.pieces)) } : wish;

const frameOut = (run: DriveRun, { atS, push, moved, movedM, tensionN }: DriveFrame) => ({
  atS,
  ...push,
  movedM,
  units: run.bodies.map(({ id }, k) => {
    const [x, y, z, rx, ry, rz] = moved.slice(6 * k, 6 * k + 6) as [
      number,
      number,
      number,
      number,
      number,
      number,
    ];
    return { id, shiftM: { x, y, z }, turnRad: { x: rx, y: ry, z: rz } };
  }),
  lines: run.lines.map(({ id }, i) => ({ id, tensionN: tensionN[i] ?? null })),
});

/** Pictures at even distances, the first and the last among them. */
function thinned(frames: readonly DriveFrame[]): readonly DriveFrame[] {
  if (frames.length <= MOST_FRAMES) return frames;
  const step = (frames.length - 1) / (MOST_FRAMES - 1);
  return Array.from({ length: MOST_FRAMES }, (_, i) => frames[Math.round(i * step)]!);
}

/** A plan on a drive: how it moves, what its lines bear, what happens; and what elastic lines reach of the hold map. */
export function computeDrive({ plan, drive }: z.infer<typeof driveBody>) {
  const names = numberedLines(plan);
  const limits = (limitsBeside(plan) ?? []).map((l) => ({
    direction: l.direction,
    mapG: l.mapG,
    elasticG: l.elasticG,
    endedBy: l.end?.kind ?? null,
    movedM: l.movedM,
    inWords: wordLimit(l, names),
  }));
  const found = drivePlan(plan, askOf(drive));
  if (found.refused !== null)
    return {
      refused: found.refused,
      inWords: wordRefusal(found.refused, found.lines),
      run: null,
      limits,
    };
  const { run } = found;
  return {
    refused: null,
    inWords: wordRun(run, drive.kind === 'slow', names, METRIC),
    run: {
      gaveWayAtG: run.gaveWayAtG,
      way: run.way,
      mostMovedM: run.mostMovedM,
      events: run.events.map((e) => ({ ...e, inWords: wordEvent(e, names, METRIC) })),
      frames: thinned(run.frames).map((f) => frameOut(run, f)),
      energy: { ...run.energy, unclosedPart: unclosed(run.energy) },
    },
    limits,
  };
}
