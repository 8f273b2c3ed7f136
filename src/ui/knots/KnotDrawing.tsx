import type { Accent, Arrow } from '@/core/knot/drawing/step';
import type { DrawnBar, Trace } from '@/core/knot/drawing/outline';
import type { Box, Picture } from '@/core/knot/drawing/picture';
import type { Stroke } from '@/core/knot/drawing/strokes';
import { Fist, Hand } from './Hand';

/** Coordinates are diameters; two decimals are finer than a pixel at any size. */
const n = (v: number): string => (Math.round(v * 100) / 100).toString();

/** Differences in whole hundredths, from one already rounded point to the next, so that nothing adds up. */
const hundredths = (v: number): number => Math.round(v * 100);
const short = (whole: number): string => {
  const text = (whole / 100).toString();
  return text.startsWith('0.')
    ? text.slice(1)
    : text.startsWith('-0.')
      ? `-${text.slice(2)}`
      : text;
};

/** A smooth line through the middles between samples, bent at the samples: few points serve for any size. */
function pathOf(t: Trace, from: number, to: number): string {
  let d = `M${n(t.x[from]!)} ${n(t.y[from]!)}q`;
  let [x, y] = [hundredths(t.x[from]!), hundredths(t.y[from]!)];
  const point = (px: number, py: number): string => `${short(px - x)} ${short(py - y)} `;
  for (let i = from + 1; i < to; i++) {
    const [cx, cy] = [hundredths(t.x[i]!), hundredths(t.y[i]!)];
    const [mx, my] = [
      hundredths((t.x[i]! + t.x[i + 1]!) / 2),
      hundredths((t.y[i]! + t.y[i + 1]!) / 2),
    ];
    d += point(cx, cy) + point(mx, my);
    [x, y] = [mx, my];
  }
  return `${to === from + 1 ? d.slice(0, -1) : d}L${n(t.x[to]!)} ${n(t.y[to]!)}`;
}

const LAY = 0.95;

/** Slanted strokes across the rope, as the lay of a three-strand rope shows. */
function layOf(t: Trace, from: number, to: number): string {
  let d = '';
  const half = t.width * 0.44;
  for (let m = Math.ceil(t.s[from]! / (LAY * t.width)); m * LAY * t.width < t.s[to]!; m++) {
    const a = sampleAt(t, (m - 0.28) * LAY * t.width, from, to);
    const b = sampleAt(t, (m + 0.28) * LAY * t.width, from, to);
    if (a === b) continue;
    const [ax, ay] = normal(t, a);
    const [bx, by] = normal(t, b);
    d += `M${n(t.x[a]! + ax * half)} ${n(t.y[a]! + ay * half)}L${n(t.x[b]! - bx * half)} ${n(t.y[b]! - by * half)}`;
  }
  return d;
}

function sampleAt(t: Trace, s: number, from: number, to: number): number {
  const step = t.s[t.s.length - 1]! / (t.s.length - 1);
  return Math.max(from, Math.min(to, Math.round(s / step)));
}

function normal(t: Trace, i: number): [number, number] {
  const [a, b] = [Math.max(0, i - 1), Math.min(t.x.length - 1, i + 1)];
  const [dx, dy] = [t.x[b]! - t.x[a]!, t.y[b]! - t.y[a]!];
  const size = Math.hypot(dx, dy) || 1;
  return [-dy / size, dx / size];
}

/** Colours of a rope's body, outline and light side. */
function inksOf(strand: number): { fill: string; ink: string; lit: string } {
  if (strand < 0) return { fill: 'var(--steel)', ink: 'var(--steel-ink)', lit: 'var(--steel-lit)' };
  return strand === 1
    ? { fill: 'var(--rope-2)', ink: 'var(--rope-2-ink)', lit: 'var(--rope-2-lit)' }
    : { fill: 'var(--rope)', ink: 'var(--rope-ink)', lit: 'var(--rope-lit)' };
}

function RopeStroke({
  trace: t,
  stroke,
  accents,
  lay,
}: {
  trace: Trace;
  stroke: Stroke;
  accents: readonly Accent[];
  lay: boolean;
}) {
  const last = t.x.length - 1;
  // One sample beyond the run where the rope goes on, so that no hairline shows at the joint.
  const [from, to] = [Math.max(0, stroke.from - 1), Math.min(last, stroke.to + 1)];
  const steel = t.strand < 0;
  const d = pathOf(t, from, to);
  const { fill, ink, lit } = inksOf(t.strand);
  const signal = accents.flatMap((a) => {
    const r = a.strand === t.strand ? accentRange(t, from, to, a) : null;
    return r ? [pathOf(t, r[0], r[1])] : [];
  });
  return (
    <g fill="none" strokeLinejoin="round">
      <path d={d} stroke={ink} strokeWidth={t.width} />
      <path d={d} stroke={fill} strokeWidth={t.width - 0.16} />
      <path
        d={d}
        stroke={lit}
        strokeWidth={t.width * (steel ? 0.25 : 0.42)}
        opacity={steel ? 1 : 0.55}
      />
      {signal.map((s) => (
        <g key={s}>
          <path d={s} stroke="var(--signal)" strokeWidth={t.width - 0.16} />
          <path d={s} stroke="var(--signal-wash)" strokeWidth={t.width * 0.3} opacity={0.5} />
        </g>
      ))}
      {steel || !lay ? null : (
        <path
          d={layOf(t, from, to)}
          stroke={ink}
          strokeWidth={0.09}
          opacity={0.75}
          strokeLinecap="round"
        />
      )}
      {stroke.shaded.map(([a, b]) => (
        <path
          key={a}
          d={pathOf(t, Math.max(0, a - 1), Math.min(last, b + 1))}
          stroke={ink}
          strokeWidth={t.width - 0.1}
          opacity={0.38}
        />
      ))}
    </g>
  );
}

function accentRange(t: Trace, from: number, to: number, accent: Accent): [number, number] | null {
  let a = from;
  while (a <= to && t.u[a]! < accent.from) a++;
  let b = to;
  while (b >= from && t.u[b]! > accent.to) b--;
  return b > a ? [Math.max(from, a - 1), Math.min(to, b + 1)] : null;
}

/** The cut end of a rope, seen a little from the side: it says where the working end is. */
function EndCap({ trace: t, at, lit }: { trace: Trace; at: 'start' | 'end'; lit: boolean }) {
  const i = at === 'start' ? 0 : t.x.length - 1;
  return (
    <circle
      cx={n(t.x[i]!)}
      cy={n(t.y[i]!)}
      r={t.width * 0.47}
      fill={lit ? 'var(--signal-wash)' : inksOf(t.strand).lit}
      stroke={lit ? 'var(--signal)' : inksOf(t.strand).ink}
      strokeWidth={0.12}
    />
  );
}

interface StrokesProps {
  readonly picture: Picture;
  readonly accents?: readonly Accent[];
  /** Thinner cord than the geometry was made for, 1 as made. */
  readonly thickness?: number;
  /** Off where a stroke across the rope would be below a pixel. */
  readonly lay?: boolean;
}

const NONE: readonly Accent[] = [];

/** Ropes drawn as rope: what lies under first, with its shadow, then what lies over. */
export function KnotStrokes({ picture, accents = NONE, thickness = 1, lay = true }: StrokesProps) {
  const traces =
    thickness === 1
      ? picture.traces
      : picture.traces.map((t) => (t.strand < 0 ? t : { ...t, width: t.width * thickness }));
  return (
    <>
      {picture.fixtures.map((f, i) =>
        f.kind === 'post' ? (
          <circle
            key={i}
            cx={f.x}
            cy={f.y}
            r={f.radius - 0.06}
            fill="var(--cargo)"
            stroke="var(--cargo-ink)"
            strokeWidth={0.12}
          />
        ) : f.as === 'cleat' ? (
          <CleatBase key={i} {...f} />
        ) : null,
      )}
      {picture.items.map((item, i) => {
        if (item.kind === 'stroke')
          return (
            <RopeStroke
              key={i}
              trace={traces[item.trace]!}
              stroke={item}
              accents={accents}
              lay={lay}
            />
          );
        if (item.kind === 'grip') return <Fist key={i} {...item} />;
        const bar = picture.fixtures[item.fixture]!;
        if (bar.kind !== 'bar') return null;
        return bar.as === 'hand' ? <Hand key={i} {...bar} /> : <Bar key={i} {...bar} />;
      })}
      {traces.map((t, i) =>
        t.strand < 0 ? null : (
          <g key={i}>
            <EndCap trace={t} at="start" lit={false} />
            <EndCap
              trace={t}
              at="end"
              lit={accents.some(
                (a) => a.strand === t.strand && a.to >= t.u[t.u.length - 1]! - 0.05,
              )}
            />
          </g>
        ),
      )}
    </>
  );
}

/** Body and outline of a bar by what it is. */
const BAR_INKS = {
  pole: { fill: 'var(--cargo)', ink: 'var(--cargo-ink)' },
  toggle: { fill: 'var(--cargo)', ink: 'var(--cargo-ink)' },
  cleat: { fill: 'var(--steel)', ink: 'var(--steel-ink)' },
  rope: { fill: 'var(--rope-2)', ink: 'var(--rope-2-ink)' },
} as const;

function Bar({ as, radius, ...line }: DrawnBar) {
  const { fill, ink } = BAR_INKS[as === undefined || as === 'hand' ? 'pole' : as];
  const cap = as === 'cleat' || as === 'toggle' ? 'round' : 'butt';
  return (
    <g strokeLinecap={cap}>
      <line {...ends(line)} stroke={ink} strokeWidth={2 * radius + 0.12} />
      <line {...ends(line)} stroke={fill} strokeWidth={2 * radius - 0.12} />
    </g>
  );
}

const ends = ({ x1, y1, x2, y2 }: Omit<DrawnBar, 'as' | 'radius' | 'kind' | 'mirrored'>) => ({
  x1,
  y1,
  x2,
  y2,
});

/** What a cleat stands on, under all rope that is led round it. */
function CleatBase({ x1, y1, x2, y2, radius }: DrawnBar) {
  const [cx, cy, half] = [(x1 + x2) / 2, (y1 + y2) / 2, Math.hypot(x2 - x1, y2 - y1) / 7];
  return (
    <rect
      x={cx - half}
      y={cy - 1.7 * radius}
      width={2 * half}
      height={3.4 * radius}
      rx={radius}
      fill={BAR_INKS.cleat.fill}
      stroke={BAR_INKS.cleat.ink}
      strokeWidth={0.12}
    />
  );
}

const SHAPE = 'M0 -.38H1.1V-1.1L3 0 1.1 1.1V.38H0z';

/** Which way the hand goes on, as a bold arrow beyond the tip. */
export function NextArrow({ arrow, size = 1 }: { arrow: Arrow; size?: number }) {
  const turn = (Math.atan2(arrow.dy, arrow.dx) * 180) / Math.PI;
  return (
    <g
      transform={`translate(${n(arrow.x + arrow.dx * 0.9 * size)} ${n(arrow.y + arrow.dy * 0.9 * size)}) rotate(${n(turn)}) scale(${n(size)})`}
      stroke="var(--sheet)"
      strokeWidth={0.22}
      paintOrder="stroke"
      fill="var(--signal)"
    >
      <path d={SHAPE} />
    </g>
  );
}

/** A box as an SVG view box. */
export const viewBox = (b: Box): string => `${n(b.x)} ${n(b.y)} ${n(b.width)} ${n(b.height)}`;
