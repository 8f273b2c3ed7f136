import { type Piece, straight } from '../path/curve';
import { type Meeting, meetings, type Passage } from '../path/meetings';
import type { PathPoint } from '../path/notation';
import { crossingsIn, linesOf, type Sketch, type Thing } from './sketch';

/** A line as the hand drew it: a rope from its standing part on, or what it is tied to. */
export interface DrawnLine {
  readonly kind: 'rope' | Thing;
  readonly points: readonly PathPoint[];
}

/** What a hand has drawn, in any unit, y up. */
export interface Drawing {
  readonly lines: readonly DrawnLine[];
  /** Crossings that were turned over, by their keys: at first what was drawn later lies over, and rope over what is no rope. */
  readonly turned: readonly string[];
  /** Places where a loop holds something: a line, and the number of the point from its start. */
  readonly held: readonly { readonly line: number; readonly point: number }[];
}

/** A crossing of a drawing, for a finger: a name that stays while lines are only added, and where it is. */
export interface DrawnCrossing {
  readonly key: string;
  readonly at: PathPoint;
  /** The pieces that cross, by line and number: over, then under. */
  readonly over: { readonly line: number; readonly piece: number };
}

/** A drawing read as a tracing. */
export interface ReadDrawing {
  readonly sketch: Sketch;
  readonly crossings: readonly DrawnCrossing[];
  /** Lines with an end that cannot be led straight out without meeting rope. */
  readonly unclear: readonly number[];
}

/** Points back from an end that say which way it goes. */
const BACK = 4;
/** How far ends are led on, in sizes of the drawing. */
const LED_ON = 3;

/** The point an end is led on to, straight on the way it goes. */
function beyond(end: PathPoint, inner: PathPoint, reach: number): PathPoint {
  const length = Math.hypot(end.x - inner.x, end.y - inner.y) || 1;
  const far = reach / length;
  return { x: end.x + far * (end.x - inner.x), y: end.y + far * (end.y - inner.y) };
}

/** Whether the way on from an end meets nothing that was drawn. */
const isClear = (from: PathPoint, to: PathPoint, others: readonly (readonly Piece[])[]): boolean =>
  meetings(
    [
      // A hair off its own line, which it would touch.
      straight([{ x: from.x + 1e-3 * (to.x - from.x), y: from.y + 1e-3 * (to.y - from.y) }, to]),
      ...others,
    ],
    1,
  ).length === 0;

interface Led {
  readonly points: readonly PathPoint[];
  /** How many points were put before the first that was drawn. */
  readonly before: 0 | 1;
  readonly clear: boolean;
}

/** A line with its ends led out of the drawing where nothing is in their way. */
function led(line: DrawnLine, others: readonly (readonly Piece[])[], reach: number): Led {
  const { points, kind } = line;
  if (kind === 'ring') return { points, before: 0, clear: true };
  const back = Math.min(BACK, points.length - 1);
  const [first, last] = [points[0]!, points.at(-1)!];
  const head = beyond(first, points[back]!, reach);
  const foot = beyond(last, points.at(-1 - back)!, reach);
  const [headClear, footClear] = [isClear(first, head, others), isClear(last, foot, others)];
  // A pole goes on whatever lies there.
  const [takeHead, takeFoot] = [headClear || kind !== 'rope', footClear || kind !== 'rope'];
  return {
    points: [...(takeHead ? [head] : []), ...points, ...(takeFoot ? [foot] : [])],
    before: takeHead ? 1 : 0,
    clear: takeHead && takeFoot,
  };
}

/** The size of a drawing: the farthest of its points from the first. */
function sizeOf(lines: readonly DrawnLine[]): number {
  const [origin] = lines[0]?.points ?? [];
  return Math.max(
    1,
    ...lines.flatMap((l) => l.points.map((p) => Math.hypot(p.x - origin!.x, p.y - origin!.y))),
  );
}

/** A drawing as a tracing: ends led out, crossings decided, loops that hold something marked. */
export function readDrawing({ lines, turned, held }: Drawing): ReadDrawing {
  const drawn = lines.map((l) => straight(l.points));
  const reach = LED_ON * sizeOf(lines);
  const ways = lines.map((l) => led(l, drawn, reach));
  const ropes = lines.flatMap((l, i) => (l.kind === 'rope' ? [i] : []));
  const things = lines.flatMap((l, i) => (l.kind === 'rope' ? [] : [i]));
  const order = [...ropes, ...things];
  const flat = {
    ropes: ropes.map((i) => ({ points: ways[i]!.points })),
    things: things.map((i) => ({ points: ways[i]!.points, thing: lines[i]!.kind as Thing })),
  };
  const pieces = linesOf(flat);
  const keyOf = ({ a, b }: Meeting): string => [a, b].map((p) => nameOf(order, ways, p)).join('|');
  const isOver = (m: Meeting): boolean =>
    // The later passage lies over, and rope over what is no rope, unless it was turned.
    m.b.rope < ropes.length === turned.includes(keyOf(m));
  const met = crossingsIn(flat);
  const decided = met.map((m) =>
    isOver(m) ? { over: m.a, under: m.b } : { over: m.b, under: m.a },
  );
  return {
    sketch: {
      ...flat,
      crossings: decided,
      held: held.map(({ line, point }) => ({
        rope: order.indexOf(line),
        tip: point + ways[line]!.before,
      })),
    },
    crossings: met.map((m, i) => ({
      key: keyOf(m),
      at: placeOf(pieces, m.a),
      over: passageOf(order, ways, decided[i]!.over),
    })),
    unclear: ropes.filter((i) => !ways[i]!.clear),
  };
}

function passageOf(
  order: readonly number[],
  ways: readonly Led[],
  { rope, piece }: Passage,
): { line: number; piece: number } {
  const line = order[rope]!;
  return { line, piece: piece - ways[line]!.before };
}

function nameOf(order: readonly number[], ways: readonly Led[], passage: Passage): string {
  const { line, piece } = passageOf(order, ways, passage);
  return `${line}.${piece}`;
}

function placeOf(
  pieces: readonly (readonly Piece[])[],
  { rope, piece, along }: Passage,
): PathPoint {
  const { from, to } = pieces[rope]![piece]!;
  return { x: from.x + (to.x - from.x) * along, y: from.y + (to.y - from.y) * along };
}
