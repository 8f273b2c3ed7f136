import { aside, type Piece, straight } from '../path/curve';
import { meetings } from '../path/meetings';
import type { PathPoint } from '../path/notation';
import { fixedLine } from '../form/form';
import type { Body } from './body';
import type { Crossing, Diagram } from '../topology/diagram';

type Height = (rope: number, piece: number, along: number) => number;

/** Where pieces of the first `own` ropes cross any other, and who is over whom there. */
function crossingsOf(all: readonly (readonly Piece[])[], own: number, height: Height): Crossing[] {
  return meetings(all, own).map(({ a, b }) =>
    height(a.rope, a.piece, a.along) > height(b.rope, b.piece, b.along)
      ? { over: a, under: b }
      : { over: b, under: a },
  );
}

/**
 * The diagram of a body in space, seen along z: for proving that drawing it up did not change what it is.
 * Fixtures lie at height 0.
 */
export function projected(body: Body): Diagram {
  const { at, strands } = body;
  const ropes: Piece[][] = strands.map((s) =>
    Array.from({ length: s.count - 1 }, (_, k) => {
      const point = (i: number): PathPoint => aside({ x: at[i]!, y: at[i + 1]! }, i);
      const i = 3 * (s.first + k);
      return { from: point(i), to: point(i + 3), control: Math.floor(s.u[k]!) };
    }),
  );
  const lines = body.fixtures.map(fixedLine).filter((f) => f !== null);
  const fixed = lines.map((f) => straight(f.points));
  const all = [...ropes, ...fixed];
  const lined = body.fixtures.filter((f) => fixedLine(f));
  const height: Height = (rope, piece, along) => {
    const s = strands[rope];
    // A post's axis comes in under everything on its first piece and leaves over everything on its second.
    if (!s)
      return lined[rope - strands.length]!.kind === 'post'
        ? piece === 0
          ? -Infinity
          : Infinity
        : 0;
    const i = 3 * (s.first + piece) + 2;
    return at[i]! * (1 - along) + at[i + 3]! * along;
  };
  return {
    ropes: all,
    crossings: crossingsOf(all, strands.length, height),
    shut: lines.flatMap((f, i) => (f.shut ? [strands.length + i] : [])),
  };
}
