import { describe, expect, it } from 'vitest';
import type { DriveFrame, DriveRun } from '@/core/securement/drive/run';
import { marksAt, shareOf, topOf } from './marks';

const frame = (...tensionN: (number | null)[]): DriveFrame => ({
  atS: 0,
  push: { forwardG: 0, leftG: 0, heavierG: 0 },
  moved: [],
  movedM: 0,
  tensionN,
});
const run = (...frames: DriveFrame[]): DriveRun => ({
  bodies: [],
  lines: ['a', 'b', 'c'].map((id) => ({ id, wllN: 1000 })),
  frames,
  events: [],
  way: null,
  gaveWayAtG: null,
  mostMovedM: 0,
  energy: {} as DriveRun['energy'],
});

describe('marks of lines beside the curves', () => {
  it('stand where the line does, the near ones together; a parted line has none', () => {
    const at = frame(1000, null, 200);
    const drive = run(at);
    expect(shareOf(drive, at, 1)).toBeNull();
    expect(marksAt(drive, at, 2)).toEqual([
      { at: 0.5, lineIds: ['a'] },
      { at: 0.1, lineIds: ['c'] },
    ]);
    const near = frame(300, 900, 310);
    expect(marksAt(run(near), near, 1)).toEqual([
      { at: 0.9, lineIds: ['b'] },
      { at: 0.31, lineIds: ['c', 'a'] },
    ]);
  });
  it('the axis ends at a round figure above every line, and at the limit at least', () => {
    expect(topOf(run(frame(300, 200, 100)))).toBe(1);
    expect(topOf(run(frame(300, 200, 100), frame(1110, null, 100)))).toBeCloseTo(1.2, 12);
    expect(topOf(run(frame(3800, 0, 0)))).toBe(4);
  });
});
