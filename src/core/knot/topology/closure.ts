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

/** A piece of a closed curve: from a rope, or from the `n`th joining arc, which passes under all ropes and under earlier arcs, or over them all. */
interface ClosedPiece {
  readonly from: PathPoint;
  readonly to: PathPoint;
  readonly source:
    | { readonly rope: number; readonly piece: number; readonly reversed: boolean }
    | { readonly arc: number; readonly inFront: boolean };
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
  const extent = Math.max(...diagram.ropes.flat().map((p) => Math.hypot(p.to.x, p.to.y)), 1);
  const left = new Set(diagram.ropes.keys());
  const result: ClosedPiece[][] = [];
  while (left.size > 0) {
    const first = [...left][0]!;
    if (diagram.shut.includes(first)) {
      left.delete(first);
      result.push(ropePieces(diagram, first, false));
      continue;
    }
    const pieces: ClosedPiece[] = [];
    let entry: RopeEnd = { rope: first, end: 'start' };
    do {
      left.delete(entry.rope);
      pieces.push(...ropePieces(diagram, entry.rope, entry.end === 'end'));
      const exit: RopeEnd = { rope: entry.rope, end: entry.end === 'start' ? 'end' : 'start' };
      const n = closure.findIndex((pair) =>
        pair.some((e) => e.rope === exit.rope && e.end === exit.end),
      );
      assert(n >= 0, 'every rope end is joined');
      const [a, b] = closure[n]!;
      const forward = a.rope === exit.rope && a.end === exit.end;
      const [from, to] = forward ? [a, b] : [b, a];
      pieces.push(...joiningArc(diagram, [from, to], extent * (1.5 + n * 0.4), n));
      entry = to;
    } while (!(entry.rope === first && entry.end === 'start'));
    result.push(pieces);
  }
  return result;
}

const key = (rope: number, piece: number, otherRope: number, otherPiece: number): string =>
  `${rope}/${piece}|${otherRope}/${otherPiece}`;

/** Closes a diagram by joining rope ends outside it, behind everything or in front, and finds every crossing of the closed curves. */
export function closed(diagram: Diagram, closure: Closure): ClosedDiagram {
  const overs = new Set(
    diagram.crossings.map((c) => key(c.over.rope, c.over.piece, c.under.rope, c.under.piece)),
  );
  const curves = components(diagram, closure);
  const liesOver = (p: ClosedPiece, q: ClosedPiece): boolean => {
    if ('arc' in p.source)
      return 'arc' in q.source && p.source.inFront === q.source.inFront
        ? p.source.arc < q.source.arc
        : p.source.inFront;
    if ('arc' in q.source) return !q.source.inFront;
    const over = overs.has(key(p.source.rope, p.source.piece, q.source.rope, q.source.piece));
    assert(
      over || overs.has(key(q.source.rope, q.source.piece, p.source.rope, p.source.piece)),
      'a crossing at a joint of two pieces is counted on one of them only',
    );
    return over;
  };
  const pass = ({ rope, piece, along }: Passage): ClosedPass => {
    const { from, to } = curves[rope]![piece]!;
    const direction = { x: to.x - from.x, y: to.y - from.y };
    return { component: rope, position: piece + along, direction };
  };
  const crossings = meetings(curves)
    // The last piece of a closed curve runs on into its first.
    .filter(({ a, b }) => a.rope !== b.rope || b.piece - a.piece !== curves[a.rope]!.length - 1)
    .map(({ a, b }): ClosedCrossing => {
      const over = liesOver(curves[a.rope]![a.piece]!, curves[b.rope]![b.piece]!);
      return over ? { over: pass(a), under: pass(b) } : { over: pass(b), under: pass(a) };
    });
  return { components: curves.length, crossings };
}
