import { assert } from '../../result';
import type { Form } from '../form/form';
import type { Piece } from '../path/curve';
import { meetings, type Passage } from '../path/meetings';
import type { PathPoint } from '../path/notation';
import { type Closure, outward, type RopeEnd } from './closure';
import type { Diagram } from './diagram';
import type { ClosureName, ProofView } from './views';

/** The nose of a bight: which rope, and which control point of its path. */
export interface Tip {
  readonly rope: number;
  readonly tip: number;
}

/** The bights of a form, in order. */
export const tipsOf = ({ spec }: Form): Tip[] =>
  spec.ropes.flatMap((rope, r) => (rope.tips ?? []).map((tip) => ({ rope: r, tip })));

/** A stretch of a rope that was cut: from which of its pieces on, up to which, and where it came from. */
interface Stretch {
  readonly rope: number;
  readonly from: number;
  readonly to: number;
}

/** The piece of a rope that is cut out at a nose: nearest to it, and free of crossings. */
function pieceAt(diagram: Diagram, { rope, tip }: Tip): number {
  const pieces = diagram.ropes[rope]!;
  const nose = pieces.findIndex((p) => p.control >= tip);
  const crossed = new Set(
    diagram.crossings.flatMap(({ over, under }) =>
      [over, under].filter((p) => p.rope === rope).map((p) => p.piece),
    ),
  );
  const free = pieces
    .map((_, i) => i)
    .filter((i) => i > 0 && i < pieces.length - 1 && !crossed.has(i));
  assert(free.length > 0, 'a rope has a piece between its crossings');
  return free.reduce((a, b) => (Math.abs(b - nose) < Math.abs(a - nose) ? b : a));
}

/** Stretches that the ropes of a diagram fall into when they are cut at these pieces, in order. */
function stretchesOf(diagram: Diagram, ropes: number, tips: readonly Tip[]): Stretch[] {
  return diagram.ropes.flatMap((pieces, rope) => {
    if (rope >= ropes) return [{ rope, from: 0, to: pieces.length }];
    const cuts = tips
      .filter((t) => t.rope === rope)
      .map((t) => pieceAt(diagram, t))
      .sort((a, b) => a - b);
    return [...cuts, pieces.length].map((to, i) => ({
      rope,
      from: i === 0 ? 0 : cuts[i - 1]! + 1,
      to,
    }));
  });
}

/** Directions that are tried for leading the ends of a cut out of a form. */
const WAYS = 24;

/** How often a straight way out from a point crosses what lies there. */
function crossedBy(
  curves: readonly (readonly Piece[])[],
  at: PathPoint,
  out: PathPoint,
  reach: number,
): number {
  const way: Piece = {
    from: at,
    to: { x: at.x + out.x * reach, y: at.y + out.y * reach },
    control: 0,
  };
  return meetings([[way], ...curves], 1).length;
}

/** Ways out that are known, by how the ropes lie and where they are cut: turning a crossing over changes none. */
const waysOut = new WeakMap<Diagram['ropes'], Map<string, PathPoint>>();

function away(diagram: Diagram, rope: number, piece: number): PathPoint {
  const known = waysOut.get(diagram.ropes) ?? new Map<string, PathPoint>();
  waysOut.set(diagram.ropes, known);
  const key = `${rope}.${piece}`;
  const way = known.get(key) ?? leastCrossed(diagram, rope, piece);
  known.set(key, way);
  return way;
}

/** Which way the ends of a cut are led: the straight way out that crosses least, the one most square to the rope among several. */
function leastCrossed(diagram: Diagram, rope: number, piece: number): PathPoint {
  const { from, to } = diagram.ropes[rope]![piece]!;
  const at = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
  const along = Math.atan2(to.y - from.y, to.x - from.x);
  const reach = 2 * Math.max(...diagram.ropes.flat().map((p) => Math.hypot(p.to.x, p.to.y)));
  // The piece that is cut out is not in the way.
  const others = diagram.ropes.map((pieces, r) =>
    r === rope ? pieces.filter((_, i) => i !== piece) : pieces,
  );
  const ways = Array.from({ length: WAYS }, (_, k) => {
    // Never along the rope itself, which it would meet over and over.
    const turn = ((k + 0.5) * 2 * Math.PI) / WAYS;
    const out = { x: Math.cos(along + turn), y: Math.sin(along + turn) };
    return { out, crossed: crossedBy(others, at, out, reach), askew: Math.abs(Math.cos(turn)) };
  });
  return ways.reduce((a, b) =>
    b.crossed < a.crossed || (b.crossed === a.crossed && b.askew < a.askew - 1e-9) ? b : a,
  ).out;
}

/**
 * Ropes cut at some of their bights, in any state: the same way for a form's path, for a drawn-up frame, for a tracing.
 * @param ropes how many of the diagram's strands are ropes
 * @param authored the diagram that says which way the ropes' own ends leave
 * @param diagram of the ropes as they lie in that state
 */
export function cutDiagram(
  { ropes, authored }: { readonly ropes: number; readonly authored: Diagram },
  diagram: Diagram,
  name: ClosureName,
  tips: readonly Tip[],
): ProofView {
  const stretches = stretchesOf(diagram, ropes, tips);
  const moved = ({ rope, piece, along }: Passage): Passage => {
    const to = stretches.findIndex((s) => s.rope === rope && piece >= s.from && piece < s.to);
    return { rope: to, piece: piece - stretches[to]!.from, along };
  };
  const outAt = ({ rope, from, to }: Stretch, end: RopeEnd['end']): Pick<RopeEnd, 'out'> => {
    const pieces = diagram.ropes[rope]!;
    const isOwn = end === 'start' ? from === 0 : to === pieces.length;
    if (isOwn) return rope < ropes ? { out: outward(authored.ropes[rope]!, end) } : {};
    const at = end === 'start' ? from - 1 : to;
    return { out: away(diagram, rope, at) };
  };
  const closure: Closure = stretches.map((s, rope) => [
    { rope, end: 'start', ...outAt(s, 'start') },
    { rope, end: 'end', ...outAt(s, 'end') },
  ]);
  return {
    name,
    closure,
    diagram: {
      ropes: stretches.map((s) => diagram.ropes[s.rope]!.slice(s.from, s.to)),
      crossings: diagram.crossings.map(({ over, under }) => ({
        over: moved(over),
        under: moved(under),
      })),
      shut: diagram.shut.map((r) => stretches.findIndex((s) => s.rope === r)),
    },
  };
}
