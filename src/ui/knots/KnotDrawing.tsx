import type { DrawnFixture, Trace } from '@/core/knot/drawing/outline';
import type { DrawnItem, Stroke } from '@/core/knot/drawing/strokes';

export interface Picture {
  readonly traces: readonly Trace[];
  readonly fixtures: readonly DrawnFixture[];
  readonly items: readonly DrawnItem[];
}

/** Pixels of picture a rope diameter; strokes are authored in diameters and scaled by the view box. */
const n = (v: number): string => (Math.round(v * 100) / 100).toString();

function pathOf(t: Trace, from: number, to: number): string {
  let d = `M${n(t.x[from]!)} ${n(t.y[from]!)}`;
  for (let i = from + 1; i <= to; i++) d += `L${n(t.x[i]!)} ${n(t.y[i]!)}`;
  return d;
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
  const step = t.s[1]! - t.s[0]!;
  return Math.max(from, Math.min(to, Math.round(s / step)));
}

function normal(t: Trace, i: number): [number, number] {
  const [a, b] = [Math.max(0, i - 1), Math.min(t.x.length - 1, i + 1)];
  const [dx, dy] = [t.x[b]! - t.x[a]!, t.y[b]! - t.y[a]!];
  const size = Math.hypot(dx, dy) || 1;
  return [-dy / size, dx / size];
}

function RopeStroke({ trace: t, stroke, accent }: { trace: Trace; stroke: Stroke; accent?: readonly [number, number] | undefined }) {
  const last = t.x.length - 1;
  // One sample beyond the run where the rope goes on, so that no hairline shows at the joint.
  const [from, to] = [Math.max(0, stroke.from - 1), Math.min(last, stroke.to + 1)];
  const steel = t.strand === -1;
  const d = pathOf(t, from, to);
  const fill = steel ? 'var(--steel)' : t.strand === 1 ? 'var(--rope-2,var(--rope))' : 'var(--rope)';
  const ink = steel ? 'var(--steel-ink)' : 'var(--rope-ink)';
  const lit = accentRange(t, from, to, accent);
  return (
    <g fill="none" strokeLinejoin="round">
      <path d={d} stroke={ink} strokeWidth={t.width} />
      <path d={d} stroke={fill} strokeWidth={t.width - 0.16} />
      {steel ? <path d={d} stroke="var(--steel-lit)" strokeWidth={t.width * 0.25} /> : <path d={d} stroke="var(--rope-lit)" strokeWidth={t.width * 0.42} opacity={0.55} />}
      {lit ? <><path d={pathOf(t, lit[0], lit[1])} stroke="var(--signal)" strokeWidth={t.width - 0.16} /><path d={pathOf(t, lit[0], lit[1])} stroke="var(--signal-wash)" strokeWidth={t.width * 0.3} opacity={0.5} /></> : null}
      {steel ? null : <path d={layOf(t, from, to)} stroke={ink} strokeWidth={0.09} opacity={0.75} strokeLinecap="round" />}
      {stroke.shaded.map(([a, b]) => <path key={a} d={pathOf(t, Math.max(0, a - 1), Math.min(last, b + 1))} stroke={ink} strokeWidth={t.width - 0.1} opacity={0.38} />)}
    </g>
  );
}

function accentRange(t: Trace, from: number, to: number, accent?: readonly [number, number]): [number, number] | null {
  if (!accent || t.strand < 0) return null;
  let a = from;
  while (a <= to && t.u[a]! < accent[0]) a++;
  let b = to;
  while (b >= from && t.u[b]! > accent[1]) b--;
  return b > a ? [Math.max(from, a - 1), Math.min(to, b + 1)] : null;
}

function Bar({ bar }: { bar: DrawnFixture & { kind: 'bar' } }) {
  const line = { x1: bar.x1, y1: bar.y1, x2: bar.x2, y2: bar.y2 };
  return (
    <g>
      <line {...line} stroke="var(--cargo-ink)" strokeWidth={2 * bar.radius + 0.12} />
      <line {...line} stroke="var(--cargo)" strokeWidth={2 * bar.radius - 0.12} />
    </g>
  );
}

/** Ropes drawn as rope: what lies under first, with its shadow, then what lies over. */
export function KnotStrokes({ picture, accent, accentStrand = 0 }: { picture: Picture; accent?: readonly [number, number] | undefined; accentStrand?: number }) {
  return (
    <>
      {picture.fixtures.map((f, i) => (f.kind === 'post' ? <circle key={i} cx={f.x} cy={f.y} r={f.radius - 0.06} fill="var(--cargo)" stroke="var(--cargo-ink)" strokeWidth={0.12} /> : null))}
      {picture.items.map((item, i) => (item.kind === 'bar'
        ? <Bar key={i} bar={picture.fixtures[item.fixture] as DrawnFixture & { kind: 'bar' }} />
        : <RopeStroke key={i} trace={picture.traces[item.trace]!} stroke={item} accent={picture.traces[item.trace]!.strand === accentStrand ? accent : undefined} />))}
    </>
  );
}

/** The box a picture fills, with a margin. */
export function boxOf(picture: Picture, margin = 0.8): { x: number; y: number; width: number; height: number } {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const t of picture.traces) {
    for (let i = 0; i < t.x.length; i++) {
      left = Math.min(left, t.x[i]! - t.width / 2); right = Math.max(right, t.x[i]! + t.width / 2);
      top = Math.min(top, t.y[i]! - t.width / 2); bottom = Math.max(bottom, t.y[i]! + t.width / 2);
    }
  }
  return { x: left - margin, y: top - margin, width: right - left + 2 * margin, height: bottom - top + 2 * margin };
}
