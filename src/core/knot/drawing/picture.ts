import type { Fixture } from '../form/form';
import type { Body } from '../shape/body';
import type { Shown } from '../catalogue/entry';
import { type DrawnFixture, drawnFixtures, ringTraces, type Trace, traceOf } from './outline';
import { cutTo, withoutBight } from './slice';
import { type DrawnItem, eachNearPair, strokesOf } from './strokes';
import { MY_SIDE, type View } from './view';

/** Everything there is to draw, lowest first. Picture coordinates: rope diameters, y down. */
export interface Picture {
  readonly traces: readonly Trace[];
  readonly fixtures: readonly DrawnFixture[];
  readonly items: readonly DrawnItem[];
}

/** A rectangle of a picture. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** The ropes of a body as traces turned to a view, whole. */
export function ropeTraces(body: Body, view: View = MY_SIDE, sample?: number): Trace[] {
  return body.strands.map((s, strand) =>
    traceOf(
      {
        strand,
        diameter: s.diameter,
        at: body.at.subarray(3 * s.first, 3 * (s.first + s.count)),
        u: s.u,
      },
      view,
      sample,
    ),
  );
}

/** A body as a picture: whole, or as far as a step shows it. `sample`: distance of drawn points in diameters. */
export function pictureOf(
  body: Body,
  view: View = MY_SIDE,
  shown: Shown = 'whole',
  sample?: number,
): Picture {
  return pictureOfTraces(shownOf(ropeTraces(body, view, sample), shown), body.fixtures, view);
}

/** The same for traces already made. */
export function pictureOfTraces(
  ropes: readonly Trace[],
  bodies: readonly Fixture[],
  view: View,
): Picture {
  const traces = [...ropes, ...ringTraces(bodies, view)];
  const fixtures = drawnFixtures(bodies, view);
  return { traces, fixtures, items: strokesOf(traces, fixtures) };
}

function shownOf(traces: readonly Trace[], shown: Shown): Trace[] {
  if (typeof shown === 'string' || 'laid' in shown) return [...traces];
  if ('bight' in shown) return traces.map((t, i) => (i === 0 ? withoutBight(t, shown.bight) : t));
  // A rope that is not yet in hand is not drawn.
  return traces.flatMap((t, i) => {
    const cut = cutTo(t, shown.upTo[i] ?? 0);
    return cut ? [cut] : [];
  });
}

/** How much of a hand and its arm is seen, in diameters. */
const ARM = 4;

/** The box that holds all ropes, and the posts they go round. */
export function boxOf(
  { traces, fixtures, items = [] }: Pick<Picture, 'traces' | 'fixtures'> & Partial<Picture>,
  margin = 0.8,
): Box {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  const take = (x: number, y: number, r: number): void => {
    left = Math.min(left, x - r);
    right = Math.max(right, x + r);
    top = Math.min(top, y - r);
    bottom = Math.max(bottom, y + r);
  };
  for (const t of traces) for (let i = 0; i < t.x.length; i++) take(t.x[i]!, t.y[i]!, t.width / 2);
  for (const f of fixtures) {
    if (f.kind === 'post') take(f.x, f.y, f.radius);
    else if (f.as === 'hand') take(f.x2, f.y2, 0);
  }
  for (const item of items)
    if (item.kind === 'grip') take(item.x + item.armX * ARM, item.y + item.armY * ARM, 1);
  return {
    x: left - margin,
    y: top - margin,
    width: right - left + 2 * margin,
    height: bottom - top + 2 * margin,
  };
}

/** Least side of a knot's box in diameters: a knot of one crossing is not looked at through a keyhole. */
const LEAST_SIDE = 10;
/** Posts up to this radius belong to the picture of the knot on them. */
const SMALL_POST = 6;

/** The box round the places where ropes lie on each other, with a post they go round: the knot without its long ends. */
export function knotBoxOf(
  { traces, fixtures }: Pick<Picture, 'traces' | 'fixtures'>,
  margin = 3,
): Box {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  const take = (x: number, y: number, r: number): void => {
    left = Math.min(left, x - r);
    right = Math.max(right, x + r);
    top = Math.min(top, y - r);
    bottom = Math.max(bottom, y + r);
  };
  eachNearPair(
    traces,
    traces.map(() => 0),
    (k, i, m, j, far) => {
      const t = traces[k]!;
      if (
        far > 0.6 * t.width ||
        (k === m && Math.abs(t.s[i]! - t.s[j]!) < 2 * t.width) ||
        t.strand < 0
      )
        return;
      take(t.x[i]!, t.y[i]!, 0);
    },
  );
  if (left > right) return boxOf({ traces, fixtures }, margin);
  for (const f of fixtures)
    if (f.kind === 'post' && f.radius <= SMALL_POST) take(f.x, f.y, f.radius);
  const [wide, high] = [
    Math.max(LEAST_SIDE, right - left + 2 * margin),
    Math.max(LEAST_SIDE, bottom - top + 2 * margin),
  ];
  return { x: (left + right - wide) / 2, y: (top + bottom - high) / 2, width: wide, height: high };
}

/** Two boxes mixed: the eye goes in on the knot as it is drawn up. */
export function mixed(a: Box, b: Box, part: number): Box {
  const mix = (k: keyof Box): number => a[k] * (1 - part) + b[k] * part;
  return { x: mix('x'), y: mix('y'), width: mix('width'), height: mix('height') };
}
