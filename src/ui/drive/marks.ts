import type { DriveFrame, DriveRun } from '@/core/securement/drive/run';

/** What a line bears of what it may carry; null: it has parted. */
export const shareOf = (run: DriveRun, frame: DriveFrame, line: number): number | null => {
  const tensionN = frame.tensionN[line] ?? null;
  return tensionN === null ? null : tensionN / run.lines[line]!.wllN;
};

/** Where an axis of shares ends: a round figure no line goes above in the whole drive, and never below the limit. */
export function topOf(run: DriveRun): number {
  const most = run.frames.reduce(
    (top, f) => run.lines.reduce((m, _, i) => Math.max(m, shareOf(run, f, i) ?? 0), top),
    1,
  );
  const step = most > 2 ? 1 : 0.2;
  return Math.ceil(most / step - 1e-9) * step;
}

/** Lines whose shares are this near, as parts of the axis, are marked together. */
const NEAR = 0.09;

/** Where lines stand on an axis of shares at a moment: those that are near each other together, the highest first. */
export function marksAt(
  run: DriveRun,
  frame: DriveFrame,
  top: number,
): readonly { readonly at: number; readonly lineIds: readonly string[] }[] {
  const places = run.lines
    .flatMap(({ id }, i) => {
      const share = shareOf(run, frame, i);
      return share === null ? [] : [{ id, at: share / top }];
    })
    .sort((a, b) => b.at - a.at);
  const marks: { at: number; lineIds: string[] }[] = [];
  for (const { id, at } of places) {
    const last = marks.at(-1);
    if (last && last.at - at < NEAR) last.lineIds.push(id);
    else marks.push({ at, lineIds: [id] });
  }
  return marks;
}
