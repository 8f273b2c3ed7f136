import type { BenchSystem } from '@/core/bench/rigging';
import type { PassKind } from '@/core/tackle/passes';
import { type Rigging, stopsOf } from '@/core/tackle/rigging';
import { HAND_REACH, type Lane, lanesOf, heightsOf, CANVAS } from './lanes';

export interface Point {
  readonly x: number;
  readonly y: number;
}

/** A turn: over the top of what it goes round, or under its bottom. `start`: the angle at which it is first touched. */
export interface DrawnPass extends Point {
  readonly radius: number;
  readonly over: boolean;
  readonly start: number;
  readonly round: PassKind | null;
}

export interface DrawnStrand {
  readonly rope: number;
  readonly strand: number;
  readonly back: string;
  readonly front: string;
  readonly label: Point;
}

/** A body as it is drawn: a knot with an eye, blocks and rings on a plate, or the load and the anchor. */
export interface DrawnBody extends Point {
  readonly id: string;
  readonly kind: 'load' | 'anchor' | 'travelling';
  readonly knotted: boolean;
  readonly halfWidth: number;
  readonly passes: readonly DrawnPass[];
}

export interface DrawnRig {
  readonly strands: readonly DrawnStrand[];
  readonly bodies: readonly DrawnBody[];
  /** Where the rope leaves for the hand, the way it goes, and where the hand is. */
  /** Where ropes are made fast to a plate: each gets its hitch. */
  readonly ends: readonly Point[];
  readonly leaves: Point;
  readonly way: Point;
  readonly hand: Point;
  readonly ropePx: number;
}

/** Straight back would lie on the load line: drawn leaning a little to the right. */
const LEAN = 0.83;

/** The direction of a hand's angle on the drawing. */
export const wayOf = (angleRad: number): Point => ({
  x: Math.sin(angleRad * LEAN),
  y: Math.cos(angleRad * LEAN),
});

/** The hand's angle that a direction on the drawing stands for. */
export const angleOf = ({ x, y }: Point): number =>
  Math.min(Math.PI, Math.atan2(Math.max(0, x), y) / LEAN);

const RADIUS: Record<PassKind, number> = {
  'ball-bearing-pulley': 24,
  'plain-pulley': 24,
  ring: 15,
  'rope-loop': 13,
  post: 20,
};

/** What is turned round at a pass, if it is known. */
function roundOf(system: BenchSystem, rope: number, pass: number, body: string): PassKind | null {
  if (system.kind === 'truckers') return body === 'A' ? system.roundAnchor : system.inLoop;
  const turn = system.ropes[rope]?.passes[pass]?.turn;
  return turn?.by === 'efficiency' ? turn.round : null;
}

const at = (p: DrawnPass, angle: number): Point => ({
  x: p.x + p.radius * Math.cos(angle),
  y: p.y + (p.over ? -1 : 1) * p.radius * Math.sin(angle),
});

const text = ({ x, y }: Point): string => `${x.toFixed(1)} ${y.toFixed(1)}`;

const arc = (p: DrawnPass, to: number): string =>
  `A${p.radius} ${p.radius} 0 0 ${p.over ? 0 : 1} ${text(at(p, to))}`;

const middle = (p: DrawnPass): number => (p.start + Math.PI) / 2;

const between = (a: Point, b: Point, t: number): Point => ({
  x: a.x + (b.x - a.x) * t,
  y: a.y + (b.y - a.y) * t,
});

/** All passes of a rope as circles. */
function passesOf(
  rigging: Rigging,
  system: BenchSystem,
  rope: number,
  lanes: readonly Lane[],
  spacing: number,
  heights: ReadonlyMap<string, number>,
): DrawnPass[] {
  const { passes, from, to } = rigging.ropes[rope]!;
  const own = lanes.filter((l) => l.rope === rope);
  const stops = [from === 'hand' ? null : from.body, ...passes.map((p) => p.body), to];
  return passes.map(({ body }, i): DrawnPass => {
    const y = heights.get(body)!;
    const before = stops[i];
    const onward = heights.get(stops[i + 2]!)! > y;
    // At the hand the way on decides: a rope that goes on to the anchor hangs over the top.
    const over = before === null || before === undefined ? onward : heights.get(before)! > y;
    const round = roundOf(system, rope, i, body);
    const radius = round?.includes('pulley')
      ? Math.min(RADIUS[round], spacing * 0.46)
      : Math.min(RADIUS[round ?? 'ring'], spacing * 0.4);
    const angle = rigging.handAngleRad * LEAN;
    const start = before === null || before === undefined ? (over ? angle : Math.PI - angle) : 0;
    return { x: (own[i]!.x + own[i + 1]!.x) / 2, y, radius, over, start, round };
  });
}

/** The strand paths of one rope between its passes. */
function strandsOf(
  rope: number,
  own: readonly Lane[],
  passes: readonly DrawnPass[],
  ends: { readonly start: Point; readonly end: Point; readonly bows: boolean },
): DrawnStrand[] {
  return own.map(({ strand }, i): DrawnStrand => {
    const [before, after] = [passes[i - 1], passes[i]];
    const leave = before ? at(before, Math.PI) : ends.start;
    const arrive = after ? at(after, after.start) : ends.end;
    const straight = between(leave, arrive, 0.5);
    // The strand that is the load line's own end bows out from the one beside it.
    const bow = ends.bows && !after ? 34 : 0;
    const half = { x: straight.x - bow, y: straight.y + bow * 0.6 };
    if (bow > 0 && before)
      return {
        rope,
        strand,
        ...bowed(before, leave, half, arrive),
        label: { x: half.x - 14, y: half.y - 16 },
      };
    const head = before
      ? `M${text(at(before, middle(before)))}${arc(before, Math.PI)}L${text(half)}`
      : `M${text(leave)}L${text(half)}`;
    const tail = `M${text(half)}L${text(arrive)}${after ? arc(after, middle(after)) : ''}`;
    // Labels of neighbours stand at different heights, so that they never touch.
    const stagger = ends.bows
      ? 0.64
      : own.length > 4
        ? [0.34, 0.5, 0.66][strand % 3]!
        : own.length > 2
          ? [0.44, 0.6][strand % 2]!
          : 0.5;
    return {
      rope,
      strand,
      back: head,
      front: tail,
      label: between(leave, arrive, i === 0 && !before ? 0.45 : stagger),
    };
  });
}

/** A strand that bows out: upright where its halves meet, so that the join is not seen. */
function bowed(
  before: DrawnPass,
  leave: Point,
  half: Point,
  arrive: Point,
): { back: string; front: string } {
  const rise = Math.abs(half.y - leave.y);
  const back = `M${text(at(before, middle(before)))}${arc(before, Math.PI)}C${text({ x: leave.x - 22, y: leave.y - rise * 0.45 })} ${text({ x: half.x, y: half.y + rise * 0.5 })} ${text(half)}`;
  return {
    back,
    front: `M${text(half)}C${text({ x: half.x, y: half.y - rise * 0.5 })} ${text({ x: arrive.x - 26, y: arrive.y + rise * 0.5 })} ${text(arrive)}`,
  };
}

function bodiesOf(
  rigging: Rigging,
  system: BenchSystem,
  heights: ReadonlyMap<string, number>,
  drawn: readonly { id: string; pass: DrawnPass }[],
  ends: readonly { id: string; x: number }[],
): DrawnBody[] {
  return rigging.bodies.map((b): DrawnBody => {
    const passes = drawn.filter((d) => d.id === b.id).map((d) => d.pass);
    const tied = ends.filter((e) => e.id === b.id).map((e) => e.x);
    const knotted = b.kind === 'travelling' && system.kind === 'truckers';
    const xs = [
      ...passes.flatMap((p) => [p.x - p.radius, p.x + p.radius]),
      ...(knotted ? [] : tied),
    ];
    const [least, most] =
      xs.length > 0 ? [Math.min(...xs), Math.max(...xs)] : [CANVAS.width / 2, CANVAS.width / 2];
    return {
      id: b.id,
      kind: b.kind,
      knotted,
      passes,
      x: (least + most) / 2,
      y: heights.get(b.id)!,
      halfWidth: (most - least) / 2,
    };
  });
}

/** Room a label wants. */
const LABEL = { wide: 54, high: 24 } as const;

/** Moves labels down where they would lie on one placed before; strands run nearly upright, so each stays at its own. */
function apart(strands: readonly DrawnStrand[]): DrawnStrand[] {
  const placed: Point[] = [];
  return strands.map((s) => {
    let { label } = s;
    const under = (): Point | undefined =>
      placed.find(
        (p) => Math.abs(p.x - label.x) < LABEL.wide && Math.abs(p.y - label.y) < LABEL.high,
      );
    for (let other = under(); other; other = under())
      label = { x: label.x, y: other.y + LABEL.high };
    placed.push(label);
    return { ...s, label };
  });
}

/** Height of a knot above the eye that the rope passes. */
export const KNOT_ABOVE = 40;

/** Lays out a rigging. `reach`: 0 to 1, how far the hand has pulled; `taut`: 0 to 1, how far the loops have come down. */
export function drawRig(
  rigging: Rigging,
  system: BenchSystem,
  reach: number,
  taut: number,
): DrawnRig {
  const heights = heightsOf(rigging, system, taut);
  const { lanes, spacing } = lanesOf(rigging, system.kind === 'truckers');
  const passes = rigging.ropes.map((_, rope) =>
    passesOf(rigging, system, rope, lanes, spacing, heights),
  );
  const drawn = rigging.ropes.flatMap((r, rope) =>
    r.passes.map((p, i) => ({ id: p.body, pass: passes[rope]![i]! })),
  );
  const laneEnds = rigging.ropes.flatMap((r, rope) => {
    const own = lanes.filter((l) => l.rope === rope);
    if (own.length === 0) return [];
    return [
      ...(r.from === 'hand' ? [] : [{ id: r.from.body, x: own[0]!.x }]),
      { id: r.to, x: own.at(-1)!.x },
    ];
  });
  const bodies = bodiesOf(rigging, system, heights, drawn, laneEnds);
  const body = (id: string): DrawnBody => bodies.find((b) => b.id === id)!;
  const fast = (id: string, x: number): Point => {
    const b = body(id);
    return b.knotted ? { x: b.x + Math.sign(x - b.x) * 5, y: b.y - KNOT_ABOVE + 6 } : { x, y: b.y };
  };
  const way = wayOf(rigging.handAngleRad);
  const handRope = rigging.ropes.findIndex((r) => r.from === 'hand');
  const first = passes[handRope]![0];
  const leaves = first
    ? at(first, first.start)
    : { x: lanes[0]!.x, y: heights.get(rigging.ropes[handRope]!.to)! };
  const length = HAND_REACH.least + HAND_REACH.more * reach;
  const hand = {
    x: Math.min(CANVAS.width - 30, leaves.x + way.x * length + 10 * way.y),
    y: Math.max(30, Math.min(CANVAS.height - 50, leaves.y + way.y * length)),
  };
  const strands = rigging.ropes.flatMap((r, rope) => {
    const own = lanes.filter((l) => l.rope === rope);
    if (own.length === 0) return [linkOf(rope, body(stopsOf(r)[0]!), body(r.to))];
    const start = r.from === 'hand' ? hand : fast(r.from.body, own[0]!.x);
    return strandsOf(rope, own, passes[rope]!, {
      start,
      end: fast(r.to, own.at(-1)!.x),
      bows: own.length === 3 && body(r.to).knotted,
    });
  });
  const ends = laneEnds
    .filter((e) => !body(e.id).knotted)
    .map((e) => ({ x: e.x, y: body(e.id).y }));
  return {
    strands: apart(strands),
    bodies,
    ends,
    leaves,
    way,
    hand,
    ropePx: lanes.length > 5 ? 8 : lanes.length > 3 ? 10 : 12,
  };
}

/** A rope that only joins two bodies, from the lower one’s knot straight up. */
function linkOf(rope: number, lower: DrawnBody, upper: DrawnBody): DrawnStrand {
  const from = { x: lower.x, y: lower.y - (lower.knotted ? KNOT_ABOVE : 0) };
  const to = { x: lower.x, y: upper.kind === 'load' ? 0 : upper.y };
  const half = between(from, to, 0.5);
  return {
    rope,
    strand: 0,
    back: `M${text(from)}L${text(half)}`,
    front: `M${text(half)}L${text(to)}`,
    label: between(from, to, 0.55),
  };
}
