import type { BarLook, Fixture } from '../form/form';
import { MY_SIDE, type View, viewSigns } from './view';

/** A rope's middle line in space, ready to be drawn; its first and last point are cut ends or run on. */
export interface Line {
  readonly strand: number;
  readonly diameter: number;
  /** x, y, z of every point, three by three. */
  readonly at: ArrayLike<number>;
  /** Control parameter of every point. */
  readonly u: ArrayLike<number>;
}

/** Points along a drawn line, in the picture: x right, y down, z toward the eye. */
export interface Trace {
  readonly strand: number;
  readonly width: number;
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly z: Float64Array;
  readonly u: Float64Array;
  /** Arc length in space from the start, for the lay of the rope. */
  readonly s: Float64Array;
}

/** Distance of drawn points in diameters; the drawing bends its lines smoothly from point to point. */
const SAMPLE = 0.3;

/** Uniform Catmull-Rom between b and c. */
const spline = (a: number, b: number, c: number, d: number, t: number): number =>
  0.5 *
  (2 * b + (c - a) * t + (2 * a - 5 * b + 4 * c - d) * t * t + (3 * b - a - 3 * c + d) * t * t * t);

/** A line sampled evenly, each 0.3 diameters unless said, and turned to the view. */
export function traceOf(line: Line, view: View = MY_SIDE, sample = SAMPLE): Trace {
  const n = line.u.length;
  const sign = viewSigns(view);
  const sum = new Float64Array(n);
  for (let i = 1; i < n; i++)
    sum[i] =
      sum[i - 1]! +
      Math.hypot(...[0, 1, 2].map((k) => line.at[3 * i + k]! - line.at[3 * i - 3 + k]!));
  const total = sum[n - 1]!;
  const count = Math.max(2, Math.ceil(total / (sample * line.diameter)) + 1);
  const out: Trace = {
    strand: line.strand,
    width: line.diameter,
    x: new Float64Array(count),
    y: new Float64Array(count),
    z: new Float64Array(count),
    u: new Float64Array(count),
    s: new Float64Array(count),
  };
  let i = 0;
  for (let m = 0; m < count; m++) {
    const s = (total * m) / (count - 1);
    while (i < n - 2 && sum[i + 1]! < s) i++;
    const t = Math.min(1, Math.max(0, (s - sum[i]!) / Math.max(1e-9, sum[i + 1]! - sum[i]!)));
    const [a, d] = [Math.max(0, i - 1), Math.min(n - 1, i + 2)];
    const [x, y, z] = [0, 1, 2].map((k) =>
      spline(
        line.at[3 * a + k]!,
        line.at[3 * i + k]!,
        line.at[3 * i + 3 + k]!,
        line.at[3 * d + k]!,
        t,
      ),
    );
    out.x[m] = sign.x * x!;
    out.y[m] = -y!;
    out.z[m] = sign.z * z!;
    out.u[m] = line.u[i]! + (line.u[i + 1]! - line.u[i]!) * t;
    out.s[m] = s;
  }
  return out;
}

/** A fixture turned to the view, in picture coordinates. */
export type DrawnFixture =
  | {
      readonly kind: 'bar';
      readonly as?: BarLook;
      /** Seen from behind, or the other hand’s: what is not the same on both sides changes sides. */
      readonly mirrored: boolean;
      readonly x1: number;
      readonly y1: number;
      readonly x2: number;
      readonly y2: number;
      readonly radius: number;
    }
  | { readonly kind: 'post'; readonly x: number; readonly y: number; readonly radius: number };

/** A bar turned to the view. */
export type DrawnBar = Extract<DrawnFixture, { kind: 'bar' }>;

const RING_POINTS = 96;

/** Bars and posts as flat shapes; hidden pegs are left out, rings are traces of their own. */
export function drawnFixtures(fixtures: readonly Fixture[], view: View = MY_SIDE): DrawnFixture[] {
  const { x: sx } = viewSigns(view);
  return fixtures.flatMap((f): DrawnFixture[] => {
    if (f.kind === 'bar')
      return [
        {
          kind: 'bar',
          ...(f.as ? { as: f.as } : {}),
          mirrored: sx < 0,
          x1: sx * f.from[0],
          y1: -f.from[1],
          x2: sx * f.to[0],
          y2: -f.to[1],
          radius: f.radius,
        },
      ];
    return f.kind === 'post' && !f.hidden
      ? [{ kind: 'post', x: sx * f.at[0], y: -f.at[1], radius: f.radius }]
      : [];
  });
}

/** A ring as a closed trace lying in the picture's plane. */
export function ringTraces(fixtures: readonly Fixture[], view: View = MY_SIDE): Trace[] {
  const { x: sx } = viewSigns(view);
  return fixtures.flatMap((f) => {
    if (f.kind !== 'ring') return [];
    const angles = Array.from(
      { length: RING_POINTS + 1 },
      (_, i) => (i * 2 * Math.PI) / RING_POINTS,
    );
    const zero = new Float64Array(RING_POINTS + 1);
    return [
      {
        strand: -1,
        width: 2 * f.tube,
        x: Float64Array.from(angles, (a) => sx * (f.at[0] + f.radius * Math.cos(a))),
        y: Float64Array.from(angles, (a) => -(f.at[1] + f.radius * Math.sin(a))),
        z: zero,
        u: zero,
        s: Float64Array.from(angles, (a) => a * f.radius),
      },
    ];
  });
}
