import type { Piece } from '../path/curve';
import type { Fixture, Form } from '../form/form';
import { diameterOf, fixedLine } from '../form/form';

/** One rope of a body: `count` nodes from node `first`. */
export interface Strand {
  readonly first: number;
  readonly count: number;
  readonly diameter: number;
  /** Control parameter of each node: which authored control point it stands at, and how far to the next. */
  readonly u: Float64Array;
  /** Control parameters between which the rope is held straight and still. */
  readonly taut?: readonly [from: number, to: number] | undefined;
}

/** Where two strands pass over each other, by node number and part of the way to the next node. */
export interface Lift {
  readonly over: number;
  readonly under: number;
  /** Least difference of height between the middles, in diameters of the form's rope. */
  readonly gap: number;
}

/** A passage of a bar or ring: these nodes lie in front of it (+1) or behind it (−1). */
export interface Side {
  readonly fixture: number;
  readonly node: number;
  readonly sign: 1 | -1;
}

/** A place of a rope that lies so far in front of the picture's plane, or behind it. */
export interface Held {
  readonly node: number;
  readonly height: number;
}

/** Ropes as chains of nodes in space, x right, y up, z toward the learner, in diameters of the form's first rope. */
export interface Body {
  /** x, y, z of every node. */
  readonly at: Float64Array;
  /** 1 where a node may move, 0 where it is held. */
  readonly free: Uint8Array;
  readonly strands: readonly Strand[];
  readonly fixtures: readonly Fixture[];
  readonly lifts: readonly Lift[];
  readonly sides: readonly Side[];
  readonly held: readonly Held[];
}

/** Nodes at each end that stay where they are while the rope is drawn up. */
const HELD_AT_ENDS = 2;

/** Arc length at the start of each piece, and the whole length last. */
function lengths(pieces: readonly Piece[]): Float64Array {
  const sum = new Float64Array(pieces.length + 1);
  pieces.forEach((p, i) => {
    sum[i + 1] = sum[i]! + Math.hypot(p.to.x - p.from.x, p.to.y - p.from.y);
  });
  return sum;
}

/** Control parameter at a point of a piece. */
function controlAt(pieces: readonly Piece[], piece: number, along: number): number {
  const { control } = pieces[piece]!;
  let first = piece;
  while (first > 0 && pieces[first - 1]!.control === control) first--;
  let last = piece;
  while (last + 1 < pieces.length && pieces[last + 1]!.control === control) last++;
  return control + (piece - first + along) / (last - first + 1);
}

interface Resampled {
  readonly xy: number[];
  readonly u: Float64Array;
  readonly step: number;
  readonly sum: Float64Array;
}

function resample(pieces: readonly Piece[], spacing: number): Resampled {
  const sum = lengths(pieces);
  const total = sum.at(-1)!;
  const count = Math.max(8, Math.round(total / spacing)) + 1;
  const step = total / (count - 1);
  const xy: number[] = [];
  const u = new Float64Array(count);
  let piece = 0;
  for (let i = 0; i < count; i++) {
    const s = Math.min(i * step, total);
    while (piece + 1 < pieces.length && sum[piece + 1]! <= s) piece++;
    const p = pieces[piece]!;
    const along = Math.min(1, (s - sum[piece]!) / Math.max(1e-12, sum[piece + 1]! - sum[piece]!));
    xy.push(p.from.x + (p.to.x - p.from.x) * along, p.from.y + (p.to.y - p.from.y) * along);
    u[i] = controlAt(pieces, piece, along);
  }
  return { xy, u, step, sum };
}

/** Gap at a crossing: a little more than touching, so that the contact solver starts from the right side. */
const GAP = 1.05;

/** The ropes as runs of nodes, one after another. */
function strandsOf(
  specs: Form['spec']['ropes'],
  parts: readonly ReturnType<typeof resample>[],
): { readonly strands: Strand[]; readonly nodes: number } {
  const strands: Strand[] = [];
  let nodes = 0;
  for (const [i, { u }] of parts.entries()) {
    const spec = specs[i]!;
    strands.push({ first: nodes, count: u.length, diameter: diameterOf(spec), u, taut: spec.taut });
    nodes += u.length;
  }
  return { strands, nodes };
}

/**
 * Nodes along the authored curves, still flat, with what the marks say about who lies over whom.
 * @param spacing node distance in diameters of each rope: 0.35 for the shipped geometry, 0.5 for the live one.
 */
export function bodyOf(form: Form, spacing: number): Body {
  const { ropes, crossings } = form.diagram;
  const specs = form.spec.ropes;
  const parts = specs.map((spec, i) => resample(ropes[i]!, spacing * diameterOf(spec)));
  const { strands, nodes: first } = strandsOf(specs, parts);
  const at = new Float64Array(3 * first);
  strands.forEach((s, i) => {
    const { xy } = parts[i]!;
    for (let k = 0; k < s.count; k++) at.set([xy[2 * k]!, xy[2 * k + 1]!, 0], 3 * (s.first + k));
  });
  const node = (rope: number, piece: number, along: number): number => {
    const { sum, step } = parts[rope]!;
    return strands[rope]!.first + (sum[piece]! + along * (sum[piece + 1]! - sum[piece]!)) / step;
  };
  const lifts: Lift[] = [];
  const sides: Side[] = [];
  const lined = form.fixtures.flatMap((f, i) => (fixedLine(f) ? [i] : []));
  for (const { over, under } of crossings) {
    const fixed = Math.max(over.rope, under.rope) - specs.length;
    if (fixed < 0) {
      const gap = GAP * 0.5 * (strands[over.rope]!.diameter + strands[under.rope]!.diameter);
      lifts.push({
        over: node(over.rope, over.piece, over.along),
        under: node(under.rope, under.piece, under.along),
        gap,
      });
    } else {
      const rope = over.rope < specs.length ? over : under;
      sides.push({
        fixture: lined[fixed]!,
        node: node(rope.rope, rope.piece, rope.along),
        sign: rope === over ? 1 : -1,
      });
    }
  }
  const held = specs.flatMap((spec, i) =>
    (spec.heights ?? []).map(([control, height]): Held => {
      const piece = ropes[i]!.findIndex((p) => p.control >= control);
      return { node: Math.round(node(i, Math.max(0, piece), 0)), height };
    }),
  );
  return { at, free: freeNodes(strands), strands, fixtures: form.fixtures, lifts, sides, held };
}

/**
 * Spaces the nodes of every rope evenly along its curve in space. A lifted rope is longer than its picture where it is
 * steep; uneven nodes would push the surplus into waves.
 */
export function respace(body: Body): void {
  for (const s of body.strands) {
    const even = evenly(body, s, s.count);
    body.at.set(even.at, 3 * s.first);
    s.u.set(even.u);
  }
  body.free.set(freeNodes(body.strands));
}

/** The same ropes with other nodes, `spacing` diameters apart: fewer, for drawing up live. */
export function thinned(body: Body, spacing: number): Body {
  const parts = body.strands.map((s) =>
    evenly(body, s, Math.max(8, Math.round(lengthOf(body, s) / (spacing * s.diameter)) + 1)),
  );
  let first = 0;
  const strands = body.strands.map((s, i): Strand => {
    const strand = { ...s, first, count: parts[i]!.u.length, u: parts[i]!.u };
    first += strand.count;
    return strand;
  });
  const at = new Float64Array(3 * first);
  strands.forEach((s, i) => at.set(parts[i]!.at, 3 * s.first));
  return {
    at,
    free: freeNodes(strands),
    strands,
    fixtures: body.fixtures,
    lifts: [],
    sides: [],
    held: [],
  };
}

/** `count` nodes evenly along a strand. */
function evenly(body: Body, s: Strand, count: number): { at: Float64Array; u: Float64Array } {
  const old = body.at.subarray(3 * s.first, 3 * (s.first + s.count));
  const sum = new Float64Array(s.count);
  for (let i = 1; i < s.count; i++) sum[i] = sum[i - 1]! + distance(old, i - 1, i);
  const [at, u] = [new Float64Array(3 * count), new Float64Array(count)];
  let i = 0;
  for (let k = 0; k < count; k++) {
    const want = (sum[s.count - 1]! * k) / (count - 1);
    while (i < s.count - 2 && sum[i + 1]! < want) i++;
    const t = Math.min(1, (want - sum[i]!) / Math.max(1e-12, sum[i + 1]! - sum[i]!));
    for (let c = 0; c < 3; c++) at[3 * k + c] = old[3 * i + c]! * (1 - t) + old[3 * i + 3 + c]! * t;
    u[k] = s.u[i]! * (1 - t) + s.u[i + 1]! * t;
  }
  return { at, u };
}

/** 1 for every node that may move: not the ends, not where a rope is held taut. */
export function freeNodes(strands: readonly Strand[]): Uint8Array {
  const free = new Uint8Array(strands.reduce((n, s) => n + s.count, 0)).fill(1);
  for (const s of strands) {
    for (let k = 0; k < s.count; k++)
      if (held(k, s.count) || (s.taut && s.u[k]! >= s.taut[0] && s.u[k]! <= s.taut[1]))
        free[s.first + k] = 0;
  }
  return free;
}

const held = (k: number, count: number): boolean => k < HELD_AT_ENDS || k >= count - HELD_AT_ENDS;

/** A body of its own with the same topology, for working on. */
export function copyOf(body: Body): Body {
  return { ...body, at: body.at.slice() };
}

/** Length of a strand. */
export function lengthOf(body: Body, strand: Strand): number {
  let sum = 0;
  for (let i = strand.first; i < strand.first + strand.count - 1; i++)
    sum += distance(body.at, i, i + 1);
  return sum;
}

/** Distance between two nodes. */
export function distance(at: Float64Array, i: number, j: number): number {
  const dx = at[3 * j]! - at[3 * i]!,
    dy = at[3 * j + 1]! - at[3 * i + 1]!,
    dz = at[3 * j + 2]! - at[3 * i + 2]!;
  return Math.sqrt(dx * dx + dy * dy + dz * dz);
}
