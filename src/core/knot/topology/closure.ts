import { assert } from '../../result';
import type { Piece } from '../path/curve';
import { meetings, type Passage } from '../path/meetings';
import type { PathPoint } from '../path/notation';
import type { Diagram } from './diagram';

/** An end of a rope: its start or its end. */
export interface RopeEnd {
  readonly rope: number;
  readonly end: 'start' | 'end';
  /** Which way the joining arc leaves. A rope that is drawn up turns its ends a little, and the arc must not follow. */
  readonly out?: PathPoint;
  /** Whether the joining arc passes in front of everything, instead of behind it. */
  readonly inFront?: boolean;
}

/** Which ends are joined outside the drawing, pair by pair. */
export type Closure = readonly (readonly [RopeEnd, RopeEnd])[];

/** Each rope joined to itself: the usual way to judge a knot in one rope. */
export function eachToItself(ropes: number): Closure {
  return Array.from(
    { length: ropes },
    (_, rope) =>
      [
        { rope, end: 'start' },
        { rope, end: 'end' },
      ] as const,
  );
}

/** A crossing of a closed diagram, by pass number along the components; direction vectors as traversed. */
export interface ClosedCrossing {
  readonly over: ClosedPass;
  readonly under: ClosedPass;
}
export interface ClosedPass {
  readonly component: number;
  readonly position: number;
  readonly direction: PathPoint;
}

export interface ClosedDiagram {
  readonly components: number;
  readonly crossings: readonly ClosedCrossing[];
}

/** The `n`th joining arc, which passes under all ropes and under earlier arcs, or over them all. */
interface ArcSource {
  readonly arc: number;
  readonly inFront: boolean;
}
/** A piece of a closed curve: from a rope, or from a joining arc. */
interface ClosedPiece {
  readonly from: PathPoint;
  readonly to: PathPoint;
  readonly source:
    { readonly rope: number; readonly piece: number; readonly reversed: boolean } | ArcSource;
}

const ARC_STEPS = 40;
/** Both ways round are equally long for ends exactly opposite: then, and nearly then, the arc goes the same way. */
const EVEN = 0.05;

/** Direction in which a rope runs on beyond one of its ends. */
export function outward(pieces: readonly Piece[], end: RopeEnd['end']): PathPoint {
  const piece = end === 'start' ? pieces[0]! : pieces.at(-1)!;
  const [at, inner] = end === 'start' ? [piece.from, piece.to] : [piece.to, piece.from];
  const length = Math.hypot(at.x - inner.x, at.y - inner.y);
  return { x: (at.x - inner.x) / length, y: (at.y - inner.y) / length };
}

/** From an end straight on to a circle of its own outside everything, along it, and back to the other end. */
function joiningArc(
  diagram: Diagram,
  [a, b]: readonly [RopeEnd, RopeEnd],
  radius: number,
  arc: number,
): ClosedPiece[] {
  const tip = (e: RopeEnd): { at: PathPoint; out: PathPoint } => {
    const pieces = diagram.ropes[e.rope]!;
    const at = e.end === 'start' ? pieces[0]!.from : pieces.at(-1)!.to;
    const { x: ux, y: uy } = e.out ?? outward(pieces, e.end);
    const along = at.x * ux + at.y * uy;
    const reach = -along + Math.sqrt(along * along + radius * radius - at.x * at.x - at.y * at.y);
    return { at, out: { x: at.x + ux * reach, y: at.y + uy * reach } };
  };
  const [ta, tb] = [tip(a), tip(b)];
  const [wa, wb] = [Math.atan2(ta.out.y, ta.out.x), Math.atan2(tb.out.y, tb.out.x)];
  const least = EVEN - Math.PI;
  const turn = ((((wb - wa - least) % (2 * Math.PI)) + 2 * Math.PI) % (2 * Math.PI)) + least;
  const round = Array.from({ length: ARC_STEPS + 1 }, (_, i) => ({
    x: radius * Math.cos(wa + (turn * i) / ARC_STEPS),
    y: radius * Math.sin(wa + (turn * i) / ARC_STEPS),
  }));
  const route = [ta.at, ...round, tb.at];
  return route
    .slice(1)
    .map((to, i) => ({ from: route[i]!, to, source: { arc, inFront: a.inFront === true } }));
}

/** Pieces of ropes as they run, and how far they reach: the same however they are closed. */
const kept = new WeakMap<Diagram['ropes'], { forward: ClosedPiece[][]; extent: number }>();

function keptOf(diagram: Diagram): { forward: ClosedPiece[][]; extent: number } {
  const known = kept.get(diagram.ropes);
  if (known) return known;
  let extent = 1;
  for (const pieces of diagram.ropes)
    for (const { to } of pieces) extent = Math.max(extent, Math.hypot(to.x, to.y));
  const forward = diagram.ropes.map((_, rope) => ropePieces(diagram, rope, false));
  const made = { forward, extent };
  kept.set(diagram.ropes, made);
  return made;
}

function ropePieces(diagram: Diagram, rope: number, reversed: boolean): ClosedPiece[] {
  const pieces = diagram.ropes[rope]!.map((p: Piece, piece): ClosedPiece => ({
    from: reversed ? p.to : p.from,
    to: reversed ? p.from : p.to,
    source: { rope, piece, reversed },
  }));
  return reversed ? pieces.reverse() : pieces;
}

/** Follows ropes and joining arcs into closed components. */
function components(diagram: Diagram, closure: Closure): ClosedPiece[][] {
  const { forward, extent } = keptOf(diagram);
  const left = new Set(diagram.ropes.keys());
  const result: ClosedPiece[][] = [];
  while (left.size > 0) {
    const first = [...left][0]!;
    if (diagram.shut.includes(first)) {
      left.delete(first);
      result.push(forward[first]!);
      continue;
    }
    const pieces: ClosedPiece[] = [];
    let entry: RopeEnd = { rope: first, end: 'start' };
    do {
      left.delete(entry.rope);
      pieces.push(
        ...(entry.end === 'end' ? ropePieces(diagram, entry.rope, true) : forward[entry.rope]!),
      );
      const exit: RopeEnd = { rope: entry.rope, end: entry.end === 'start' ? 'end' : 'start' };
      const n = closure.findIndex((pair) =>
        pair.some((e) => e.rope === exit.rope && e.end === exit.end),
      );
      assert(n >= 0, 'every rope end is joined');
      const [a, b] = closure[n]!;
      const isForward = a.rope === exit.rope && a.end === exit.end;
      const [from, to] = isForward ? [a, b] : [b, a];
      pieces.push(...joiningArc(diagram, [from, to], extent * (1.5 + n * 0.4), n));
      entry = to;
    } while (!(entry.rope === first && entry.end === 'start'));
    result.push(pieces);
  }
  return result;
}

/** Where a piece stands in the closed curves. */
interface Standing {
  readonly component: number;
  readonly index: number;
  readonly piece: ClosedPiece;
}

/** Crossings of ropes with each other, as the diagram has them. */
function knownCrossings(diagram: Diagram, curves: readonly ClosedPiece[][]): ClosedCrossing[] {
  const standing = diagram.ropes.map((): Standing[] => []);
  curves.forEach((pieces, component) =>
    pieces.forEach((piece, index) => {
      if ('rope' in piece.source)
        standing[piece.source.rope]![piece.source.piece] = { component, index, piece };
    }),
  );
  const pass = ({ rope, piece, along }: Passage): ClosedPass => {
    const at = standing[rope]![piece]!;
    const isReversed = 'rope' in at.piece.source && at.piece.source.reversed;
    return passOf(at, isReversed ? 1 - along : along);
  };
  return diagram.crossings.map(({ over, under }) => ({ over: pass(over), under: pass(under) }));
}

const passOf = (
  { component, index, piece: { from, to } }: Standing,
  along: number,
): ClosedPass => ({
  component,
  position: index + along,
  direction: { x: to.x - from.x, y: to.y - from.y },
});

/** Whether a joining arc lies over what it meets: over all ropes or under them, and over the arcs after it. */
function arcLiesOver(arc: ArcSource, other: ClosedPiece): boolean {
  return 'arc' in other.source && arc.inFront === other.source.inFront
    ? arc.arc < other.source.arc
    : arc.inFront;
}

/** The closed curves as runs: each joining arc, and what each curve has of ropes. */
function runsOf(curves: readonly ClosedPiece[][]): { arcs: Standing[][]; ropes: Standing[][] } {
  const arcs = new Map<number, Standing[]>();
  const ropes = curves.map((pieces, component) => {
    const own: Standing[] = [];
    pieces.forEach((piece, index) => {
      const { source } = piece;
      if ('rope' in source) own.push({ component, index, piece });
      else arcs.set(source.arc, [...(arcs.get(source.arc) ?? []), { component, index, piece }]);
    });
    return own;
  });
  return { arcs: [...arcs.values()], ropes };
}

/** Crossings of the joining arcs with everything. */
function arcCrossings(curves: readonly ClosedPiece[][], extent: number): ClosedCrossing[] {
  const { arcs, ropes } = runsOf(curves);
  const follow = (p: Standing, q: Standing): boolean => {
    const apart = Math.abs(p.index - q.index);
    return p.component === q.component && (apart < 2 || apart === curves[p.component]!.length - 1);
  };
  const between = (runs: readonly Standing[][], own: number): ClosedCrossing[] =>
    meetings(
      runs.map((run) => run.map((s) => s.piece)),
      own,
    ).flatMap(({ a, b }) => {
      const [p, q] = [runs[a.rope]![a.piece]!, runs[b.rope]![b.piece]!];
      if (follow(p, q) || !('arc' in p.piece.source)) return [];
      const [mine, theirs] = [passOf(p, a.along), passOf(q, b.along)];
      return arcLiesOver(p.piece.source, q.piece)
        ? [{ over: mine, under: theirs }]
        : [{ over: theirs, under: mine }];
    });
  // On its way out and back an arc may meet any rope; round the outside only what begins out there, and other arcs.
  const ways = arcs.flatMap((arc) => [[arc[0]!], [arc.at(-1)!]]);
  const rounds = arcs.map((arc) => arc.slice(1, -1));
  const isOutside = ({ piece: { from } }: Standing): boolean => Math.hypot(from.x, from.y) > extent;
  const outside = ropes.flat().filter(isOutside);
  const isRope = ({ component, position }: ClosedPass): boolean =>
    'rope' in curves[component]![Math.floor(position)]!.source;
  const withRopes = [
    ...between([...ways, ...ropes], ways.length),
    ...between([...rounds, ...outside.map((s) => [s])], rounds.length),
  ].filter(({ over, under }) => isRope(over) || isRope(under));
  return [...between(arcs, arcs.length), ...withRopes];
}

/** Order along the closed curves: of the earlier passage, then of the later. */
function inOrder(crossings: readonly ClosedCrossing[]): ClosedCrossing[] {
  const place = (p: ClosedPass): number => p.component * 1e6 + Math.floor(p.position);
  const placed = crossings.map((c) => {
    const [over, under] = [place(c.over), place(c.under)];
    return { c, first: Math.min(over, under), second: Math.max(over, under) };
  });
  return placed.sort((p, q) => p.first - q.first || p.second - q.second).map(({ c }) => c);
}

/** Closes a diagram by joining rope ends outside it, behind everything or in front, and finds every crossing of the closed curves. */
export function closed(diagram: Diagram, closure: Closure): ClosedDiagram {
  const curves = components(diagram, closure);
  const crossings = inOrder([
    ...knownCrossings(diagram, curves),
    ...arcCrossings(curves, keptOf(diagram).extent),
  ]);
  return { components: curves.length, crossings };
}
