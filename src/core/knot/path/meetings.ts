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

interface Bounds {
  readonly left: number;
  readonly right: number;
  readonly low: number;
  readonly high: number;
}

function bounds(boxes: readonly Boxed[]): Bounds {
  let [left, right, low, high] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const b of boxes) {
    left = Math.min(left, b.left);
    right = Math.max(right, b.right);
    low = Math.min(low, b.low);
    high = Math.max(high, b.high);
  }
  return { left, right, low, high };
}

const isBeside = ({ from, to }: Ends, { left, right, low, high }: Bounds): boolean =>
  (from.x < left && to.x < left) ||
  (from.x > right && to.x > right) ||
  (from.y < low && to.y < low) ||
  (from.y > high && to.y > high);

/** Where two pieces meet, unless they follow each other along one curve. */
function meetingOf(p: Boxed, q: Boxed): Meeting | null {
  const [first, second] = p.number < q.number ? [p, q] : [q, p];
  if (first.rope === second.rope && second.index - first.index < 2) return null;
  const at = crossing(first.piece, second.piece);
  return (
    at && {
      a: { rope: first.rope, piece: first.index, along: at.onA },
      b: { rope: second.rope, piece: second.index, along: at.onB },
    }
  );
}

/**
 * All places where curves of straight pieces meet, each once, in the order of the earlier passage and then of the later.
 * Pieces that follow each other do not meet. Swept from left to right, so that only pieces side by side are compared.
 * @param own  curves from this number on are not compared with themselves or each other.
 */
export function meetings(curves: readonly (readonly Ends[])[], own = curves.length): Meeting[] {
  const starts: number[] = [];
  let count = 0;
  for (const pieces of curves) {
    starts.push(count);
    count += pieces.length;
  }
  const box = (rope: number, index: number): Boxed =>
    boxed(curves[rope]![index]!, rope, index, starts[rope]! + index);
  const mine = curves
    .slice(0, own)
    .flatMap((pieces, rope) => pieces.map((_, index) => box(rope, index)))
    .sort((p, q) => p.left - q.left);
  const found: (readonly [number, Meeting])[] = [];
  const look = (p: Boxed, q: Boxed): void => {
    if (q.low > p.high || q.high < p.low) return;
    const met = meetingOf(p, q);
    if (met) found.push([Math.min(p.number, q.number) * count + Math.max(p.number, q.number), met]);
  };
  for (const [k, p] of mine.entries())
    for (let l = k + 1; l < mine.length && mine[l]!.left <= p.right; l++) look(p, mine[l]!);
  // The others are many, and most of them are beside all of these: they are not sorted for it.
  const all = bounds(mine);
  for (let rope = own; rope < curves.length; rope++)
    for (const [index, piece] of curves[rope]!.entries()) {
      if (isBeside(piece, all)) continue;
      const q = box(rope, index);
      for (let l = 0; l < mine.length && mine[l]!.left <= q.right; l++)
        if (mine[l]!.right >= q.left) look(mine[l]!, q);
    }
  return found.sort(([m], [n]) => m - n).map(([, meeting]) => meeting);
}
