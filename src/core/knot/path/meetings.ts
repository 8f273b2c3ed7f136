import { crossing, type Piece } from './curve';

/** One passage of a curve through a meeting: which piece, how far along it. */
export interface Passage {
  readonly rope: number;
  readonly piece: number;
  readonly along: number;
}

/** A place where two curves, or a curve and itself, meet; `a` is the earlier passage. */
export interface Meeting {
  readonly a: Passage;
  readonly b: Passage;
}

type Ends = Pick<Piece, 'from' | 'to'>;

/** The box round a piece, with what it is: its curve, its number in it and its number among all. */
interface Boxed {
  readonly piece: Ends;
  readonly rope: number;
  readonly index: number;
  readonly number: number;
  readonly left: number;
  readonly right: number;
  readonly low: number;
  readonly high: number;
}

/** A little larger than the piece, so that rounding never hides a crossing at its very end. */
const MARGIN = 1e-9;

function boxed(piece: Ends, rope: number, index: number, number: number): Boxed {
  const { from, to } = piece;
  return {
    piece,
    rope,
    index,
    number,
    left: Math.min(from.x, to.x) - MARGIN,
    right: Math.max(from.x, to.x) + MARGIN,
    low: Math.min(from.y, to.y) - MARGIN,
    high: Math.max(from.y, to.y) + MARGIN,
  };
}

/**
 * All places where curves of straight pieces meet, each once, in the order of the earlier passage and then of the later.
 * Pieces that follow each other do not meet. Swept from left to right, so that only pieces side by side are compared.
 * @param own  curves from this number on are fixtures: they are not compared with themselves or each other.
 */
export function meetings(curves: readonly (readonly Ends[])[], own = curves.length): Meeting[] {
  let count = 0;
  const boxes = curves.flatMap((pieces, rope) =>
    pieces.map((piece, index) => boxed(piece, rope, index, count++)),
  );
  boxes.sort((p, q) => p.left - q.left);
  const found: (readonly [number, Meeting])[] = [];
  for (const [k, p] of boxes.entries())
    for (let l = k + 1; l < boxes.length && boxes[l]!.left <= p.right; l++) {
      const q = boxes[l]!;
      if (q.low > p.high || q.high < p.low) continue;
      const [first, second] = p.number < q.number ? [p, q] : [q, p];
      if (first.rope >= own || (first.rope === second.rope && second.index - first.index < 2))
        continue;
      const at = crossing(first.piece, second.piece);
      if (!at) continue;
      const a = { rope: first.rope, piece: first.index, along: at.onA };
      const b = { rope: second.rope, piece: second.index, along: at.onB };
      found.push([first.number * count + second.number, { a, b }]);
    }
  return found.sort(([m], [n]) => m - n).map(([, meeting]) => meeting);
}
