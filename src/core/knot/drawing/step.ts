import type { Shown, Step } from '../catalogue/entry';
import type { Trace } from './outline';
import type { Picture } from './picture';
import type { DrawnItem } from './strokes';
import { MY_SIDE, type View, viewSigns } from './view';

/** A stretch of rope to be shown in the signal colour: what this step adds. */
export interface Accent {
  readonly strand: number;
  readonly from: number;
  readonly to: number;
}

/** Where the hand goes on: at the tip of what was added, and which way. */
export interface Arrow {
  readonly x: number;
  readonly y: number;
  readonly dx: number;
  readonly dy: number;
}

const END = 1e6;
/** Control intervals either side of a bight's nose that count as newly laid. */
const NOSE = 1.2;

/** How far each rope was shown; a rope of which nothing was said is there from the start. */
const reached = (shown: Shown | undefined, strand: number): number =>
  shown === undefined
    ? 0
    : typeof shown === 'string'
      ? END
      : 'upTo' in shown
        ? (shown.upTo[strand] ?? 0)
        : 0;

/** What a step adds to the one before. */
export function accentsOf(steps: readonly Step[], index: number, ropes: number): Accent[] {
  const { shown: now, adds } = steps[index]!;
  const before = steps[index - 1]?.shown;
  if (now === 'drawn up') return [];
  if (adds) return [{ strand: 0, from: adds[0], to: adds[1] }];
  if (typeof now === 'object' && 'bight' in now) return bightAccents(now.bight, before);
  if (now === 'whole' && typeof before === 'object' && 'bight' in before)
    return [{ strand: 0, from: before.bight[0], to: before.bight[1] }];
  return Array.from({ length: ropes }, (_, strand): Accent => ({
    strand,
    from: reached(before, strand),
    to: reached(now, strand),
  })).filter((a) => a.to > a.from + 0.05);
}

function bightAccents(bight: readonly [number, number], before: Shown | undefined): Accent[] {
  if (typeof before !== 'object' || !('bight' in before))
    return [{ strand: 0, from: bight[0] - NOSE, to: bight[1] + NOSE }];
  return [
    { strand: 0, from: before.bight[0], to: bight[0] },
    { strand: 0, from: bight[1], to: before.bight[1] },
    { strand: 0, from: bight[0], to: bight[1] },
  ];
}

/** The picture of a step with the hands that hold the rope in it. */
export function withGrips(picture: Picture, { grips = [] }: Step, view: View = MY_SIDE): Picture {
  const trace = picture.traces.find((t) => t.strand === 0);
  if (!trace || grips.length === 0) return picture;
  const { x: sx } = viewSigns(view);
  const items = grips.map(({ at, arm, turns = false }): DrawnItem => {
    const i = Math.max(
      0,
      trace.u.findIndex((u) => u >= at),
    );
    const angle = (arm * Math.PI) / 180;
    return {
      kind: 'grip',
      x: trace.x[i]!,
      y: trace.y[i]!,
      armX: sx * Math.cos(angle),
      armY: -Math.sin(angle),
      turns,
    };
  });
  return { ...picture, items: [...picture.items, ...items] };
}

/** How many samples back the direction of the tip is taken from. */
const BACK = 5;

/** The arrow at the tip of the longest stretch a step adds; none when nothing is added. */
export function arrowOf(
  picture: Picture,
  accents: readonly Accent[],
  { shown, grips }: Pick<Step, 'shown' | 'grips'>,
): Arrow | null {
  // Where a wrist turns over, an arrow round the arm says so.
  if (grips?.some((g) => g.turns)) return null;
  const accent = accents.toSorted((a, b) => b.to - b.from - (a.to - a.from))[0];
  const trace = picture.traces.find((t) => t.strand === accent?.strand);
  if (!accent || !trace) return null;
  if (typeof shown === 'string' || 'upTo' in shown) return tipArrow(trace);
  if ('bight' in shown) return noseArrow(trace, shown.bight);
  return shown.laid.byNose
    ? noseArrow(trace, [accent.from, accent.to])
    : tipArrow(trace, accent.to);
}

/** At the end of a rope, or at the last place before a control parameter. */
function tipArrow(t: Trace, u = Infinity): Arrow {
  const i = t.u.findLastIndex((v) => v <= u);
  return pointing(t, i, t.x[i]! - t.x[i - BACK]!, t.y[i]! - t.y[i - BACK]!);
}

/** At the middle of a bight's nose, away from its foot. */
function noseArrow(t: Trace, [from, to]: readonly [number, number]): Arrow {
  const middle = t.u.findIndex((u) => u >= (from + to) / 2);
  const [a, b] = [t.u.findIndex((u) => u >= from), t.u.findIndex((u) => u >= to)];
  return pointing(
    t,
    middle,
    t.x[middle]! - (t.x[a]! + t.x[b]!) / 2,
    t.y[middle]! - (t.y[a]! + t.y[b]!) / 2,
  );
}

function pointing(t: Trace, i: number, dx: number, dy: number): Arrow {
  const size = Math.hypot(dx, dy) || 1;
  return { x: t.x[i]!, y: t.y[i]!, dx: dx / size, dy: dy / size };
}
