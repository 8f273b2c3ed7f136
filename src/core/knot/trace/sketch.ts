import { type Piece, straight } from '../path/curve';
import { type Meeting, meetings } from '../path/meetings';
import type { PathPoint } from '../path/notation';
import type { Tip } from '../topology/cut-diagram';
import type { Crossing, Diagram } from '../topology/diagram';

/** What a rope is tied to, as far as a tracing tells: a straight thing, a ring, a cleat. */
export const THINGS = ['pole', 'ring', 'cleat'] as const;
export type Thing = (typeof THINGS)[number];

/** A line that was traced: points in the order the finger went, in any unit, y up. A ring ends where it begins. */
export interface TracedLine {
  readonly points: readonly PathPoint[];
}

/** A tracing: ropes from their standing parts on, what they are tied to, who lies over whom, and which loops hold something. */
export interface Sketch {
  readonly ropes: readonly TracedLine[];
  readonly things: readonly (TracedLine & { readonly thing: Thing })[];
  readonly crossings: readonly Crossing[];
  /** Places of ropes, by the number of the piece from its start, where a loop or bight holds something. */
  readonly held: readonly Tip[];
}

/** Traced points are round numbers of a screen: each is shifted a hair, as authored ones are, so that no crossing falls on a joint. */
const hair = (p: PathPoint, index: number): PathPoint => ({
  x: p.x + 1e-5 * Math.sin(12.9898 * (index + 1)),
  y: p.y + 1e-5 * Math.sin(78.233 * (index + 1)),
});

/** A traced line as pieces; the control number of a piece is its own number. */
export function piecesOf({ points }: TracedLine, line = 0): Piece[] {
  const at = points.map((p, i) => hair(p, i + 1000 * line));
  return straight(at);
}

/** All lines of a tracing as pieces, ropes first. */
export const linesOf = (sketch: Pick<Sketch, 'ropes' | 'things'>): Piece[][] =>
  [...sketch.ropes, ...sketch.things].map(piecesOf);

/** Where the ropes of a tracing cross each other or a thing, in the order of the earlier passage. */
export const crossingsIn = (sketch: Pick<Sketch, 'ropes' | 'things'>): Meeting[] =>
  meetings(linesOf(sketch), sketch.ropes.length);

/** The pieces of tracings, by their ropes and things: turning a crossing over changes none. */
const drawnLines = new WeakMap<Sketch['ropes'], { things: Sketch['things']; lines: Piece[][] }>();

/** A tracing as a diagram that can be closed. */
export function diagramOfSketch(sketch: Sketch): Diagram {
  const known = drawnLines.get(sketch.ropes);
  const ropes = known?.things === sketch.things ? known.lines : linesOf(sketch);
  drawnLines.set(sketch.ropes, { things: sketch.things, lines: ropes });
  return {
    ropes,
    crossings: sketch.crossings,
    shut: sketch.things.flatMap((t, i) => (t.thing === 'ring' ? [sketch.ropes.length + i] : [])),
  };
}
