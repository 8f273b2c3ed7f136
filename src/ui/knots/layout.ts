import type { PartLabel, Step } from '@/core/knot/catalogue/entry';
import type { Trace } from '@/core/knot/drawing/outline';
import { type Box, mixed } from '@/core/knot/drawing/picture';
import type { Accent, Arrow } from '@/core/knot/drawing/step';

export interface Point {
  readonly x: number;
  readonly y: number;
}

/** A box grown about its middle to fill a frame of so many pixels, less a margin at the sides and above. `unit`: diameters a pixel. */
export function filling(
  box: Box,
  frame: { readonly width: number; readonly height: number },
  aside: number,
  above: number,
): { readonly whole: Box; readonly unit: number } {
  const unit = Math.max(
    box.width / Math.max(60, frame.width - 2 * aside),
    box.height / Math.max(60, frame.height - 2 * above),
  );
  const [width, height] = [frame.width * unit, frame.height * unit];
  return {
    unit,
    whole: {
      x: box.x + (box.width - width) / 2,
      y: box.y + (box.height - height) / 2,
      width,
      height,
    },
  };
}

/** So much wider than high, a form is looked at nearer to its knot: its long ends say nothing. */
const LONG = 1.25;
const NEARER = 0.6;

/** The part of a picture to show in a small frame. */
export function nearer(whole: Box, knot: Box): Box {
  return whole.width > LONG * whole.height ? mixed(whole, knot, NEARER) : whole;
}

/** The point of a rope at a control parameter; at its end where it is not drawn that far. Null when the rope is not drawn. */
export function pointAt(traces: readonly Trace[], rope: number, u: number): Point | null {
  const t = traces.find((trace) => trace.strand === rope);
  if (!t) return null;
  const found = t.u.findIndex((v) => v >= u);
  const i = found < 0 ? t.u.length - 1 : found;
  return { x: t.x[i]!, y: t.y[i]! };
}

/** The end in the hand is named over or under its tip, out of the way of the arrow. */
export const WORKING_END = 'working end';
/** Steeper than this an arrow leaves no room above the tip. */
const STEEP = -0.4;

/** Where a label's text stands from its point. */
export type Beside = 'left' | 'right' | 'above' | 'below';
export interface Placed extends Point {
  readonly text: string;
  readonly beside: Beside;
}

/** Labels at their points, each written toward the nearer side of the picture, none on top of another. `line`: height of a line. */
export function placed(
  labels: readonly PartLabel[],
  traces: readonly Trace[],
  box: Box,
  line: number,
  arrow: Arrow | null,
): Placed[] {
  const middle = box.x + box.width / 2;
  const sideOf = (label: PartLabel, at: Point): Beside =>
    label.text === WORKING_END
      ? (arrow?.dy ?? 0) < STEEP
        ? 'below'
        : 'above'
      : at.x >= middle - 0.5
        ? 'right'
        : 'left';
  const list = labels.flatMap((label): Placed[] => {
    const at = pointAt(traces, label.rope ?? 0, label.u);
    return at ? [{ ...at, text: label.text, beside: sideOf(label, at) }] : [];
  });
  const taken: Placed[] = [];
  for (const label of list.toSorted((a, b) => a.y - b.y)) {
    const above = taken.findLast((o) => o.beside === label.beside);
    taken.push(above && label.y - above.y < line ? { ...label, y: above.y + line } : label);
  }
  return taken;
}

/** The parts named on a step's picture: those in sight, and the working end where rope is being added. */
export function labelsOf(
  labels: readonly PartLabel[],
  { shown }: Pick<Step, 'shown'>,
  accents: readonly Accent[],
): PartLabel[] {
  if (typeof shown === 'string') return [...labels];
  // What is laid otherwise has other parts than the finished form, whose names these are.
  if ('laid' in shown) return [];
  if ('bight' in shown) return labels.filter((l) => l.u < shown.bight[0] || l.u > shown.bight[1]);
  const tip = accents[0];
  const seen = labels.filter((l) => l.u <= (shown.upTo[l.rope ?? 0] ?? 0));
  return tip ? [...seen, { rope: tip.strand === 1 ? 1 : 0, u: tip.to, text: WORKING_END }] : seen;
}

/** A detail shown enlarged in a circle: where it is, where it is shown, how large. */
export interface LensAt {
  readonly text: string;
  readonly from: Point;
  readonly to: Point;
  readonly radius: number;
  readonly zoom: number;
}

/** Long forms are drawn small: below this many pixels a diameter their busy places are shown enlarged. */
const SMALL_PX = 15;
const LENS_PX = 92;
/** The largest part of the picture's width a lens may take. */
const LENS_PART = 0.34;
const LENS_ROPE_PX = 17;
const LEAST_ZOOM = 1.2;
/** Room round a lens, as part of its radius. */
const AIR = 1.06;

/** Enlarged details of the labels that ask for one, stacked at the right of the picture. */
export function lensesOf(
  labels: readonly PartLabel[],
  traces: readonly Trace[],
  whole: Box,
  unit: number,
): LensAt[] {
  if (1 / unit >= SMALL_PX) return [];
  const radius = Math.min(LENS_PX * unit, (whole.width * LENS_PART) / 2);
  const zoom = Math.max(LEAST_ZOOM, LENS_ROPE_PX * unit);
  return labels
    .filter((l) => l.inset)
    .flatMap((label, n): LensAt[] => {
      const t = traces.find((trace) => trace.strand === (label.rope ?? 0));
      const from =
        t && t.u[t.u.length - 1]! >= label.u ? pointAt(traces, label.rope ?? 0, label.u) : null;
      return from
        ? [
            {
              text: label.text,
              radius,
              zoom,
              from,
              to: {
                x: whole.x + whole.width - radius * AIR,
                y: whole.y + radius * AIR * (1 + 2 * n),
              },
            },
          ]
        : [];
    });
}

/** The corner of a box in which a circle lies farthest from any rope; among equals the one nearest to `at`. */
export function freeCorner(traces: readonly Trace[], box: Box, radius: number, at: Point): Point {
  const room = radius * 1.1;
  const corners = [box.x + box.width - room, box.x + room].flatMap((x) =>
    [box.y + box.height - room, box.y + room].map((y) => ({ x, y })),
  );
  const clear = (c: Point): number => {
    let least = Infinity;
    for (const t of traces)
      for (let i = 0; i < t.x.length; i++)
        least = Math.min(least, Math.hypot(t.x[i]! - c.x, t.y[i]! - c.y));
    return least - 0.05 * Math.hypot(at.x - c.x, at.y - c.y);
  };
  return corners.toSorted((a, b) => clear(b) - clear(a))[0]!;
}
