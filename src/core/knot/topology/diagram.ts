import { fail, ok, type Result } from '../../result';
import { drawn, type Piece, straight } from '../path/curve';
import { type Meeting, meetings, type Passage } from '../path/meetings';
import type { Mark, PathPoint, RopePath } from '../path/notation';

/** A crossing of the drawn ropes with the marks matched: who lies over whom. */
export interface Crossing {
  readonly over: Passage;
  readonly under: Passage;
}

/** Ropes as drawn curves with every crossing decided. Fixtures follow the ropes as further strands. */
export interface Diagram {
  readonly ropes: readonly (readonly Piece[])[];
  readonly crossings: readonly Crossing[];
  /** Strands that are closed curves already, such as rings. */
  readonly shut: readonly number[];
}

/** A fixture's line in the picture's plane: a pole's axis far beyond the form, or a ring. It says nothing about crossings itself. */
export interface Fixed {
  readonly points: readonly PathPoint[];
  readonly shut: boolean;
}

/** Passages of one rope in the order they are met. */
function passagesOf(met: readonly Meeting[], rope: number): { met: Meeting; side: 'a' | 'b' }[] {
  const list = met.flatMap((m) =>
    (['a', 'b'] as const).flatMap((side) => (m[side].rope === rope ? [{ met: m, side }] : [])),
  );
  return list.sort(
    (x, y) =>
      x.met[x.side].piece - y.met[y.side].piece || x.met[x.side].along - y.met[y.side].along,
  );
}

/**
 * Draws ropes and matches the marks to the crossings. Every crossing is written twice, once on each strand; a wrong mark
 * contradicts its partner. Marks are matched in the order they are met along the rope: the smooth curve may carry a
 * crossing a little past the control point it was written before, but it never changes the order.
 * @returns the diagram, or one issue naming rope and control interval (both from 1): `crossings-unmarked` (count differs),
 *   `marks-contradict`, `crossing-undecided` (both strands say `.`), `fixture-mark` (`o`, `u` between
 *   ropes, or `O`, `U` at a pole).
 */
export function diagramOf(
  paths: readonly RopePath[],
  fixed: readonly Fixed[] = [],
): Result<Diagram> {
  const ropes = [
    ...paths.map((p, i) => drawn(p.points, i)),
    ...fixed.map((f) => straight(f.points)),
  ];
  const met = meetings(ropes, paths.length);
  const said = new Map<Meeting, { a?: Mark; b?: Mark }>(met.map((m) => [m, {}]));
  for (const [rope, path] of paths.entries()) {
    const passages = passagesOf(met, rope);
    const marks = path.marks.flat();
    if (passages.length !== marks.length)
      return unmarked(
        rope,
        path,
        passages.map((p) => ropes[rope]![p.met[p.side].piece]!.control),
      );
    passages.forEach((p, i) => {
      said.get(p.met)![p.side] = marks[i]!;
    });
  }
  return decide(
    met,
    said,
    ropes,
    paths.length,
    fixed.flatMap((f, i) => (f.shut ? [paths.length + i] : [])),
  );
}

/** The first interval in which marks and crossings differ in number. */
function unmarked(rope: number, path: RopePath, controls: readonly number[]): Result<never> {
  const met = (control: number): number => controls.filter((c) => c === control).length;
  const interval = path.marks.findIndex((m, control) => m.length !== met(control));
  return fail('crossings-unmarked', {
    rope: rope + 1,
    interval: interval + 1,
    written: path.marks[interval]?.join('') ?? '',
    marks: path.marks[interval]?.length ?? 0,
    crossings: met(interval),
  });
}

function decide(
  met: readonly Meeting[],
  said: ReadonlyMap<Meeting, { a?: Mark; b?: Mark }>,
  ropes: Diagram['ropes'],
  ropeCount: number,
  shut: readonly number[],
): Result<Diagram> {
  const crossings: Crossing[] = [];
  for (const m of met) {
    // A pole is always the later strand of a meeting and takes its side from the rope.
    const atPole = m.b.rope >= ropeCount;
    const { a, b = atPole ? '.' : undefined } = said.get(m)!;
    const place = {
      rope: m.a.rope + 1,
      interval: ropes[m.a.rope]![m.a.piece]!.control + 1,
      other: m.b.rope + 1,
      otherInterval: ropes[m.b.rope]![m.b.piece]!.control + 1,
    };
    if (
      [a, b].some((mark) => (atPole ? mark === 'O' || mark === 'U' : mark === 'o' || mark === 'u'))
    )
      return fail('fixture-mark', place);
    if (a === '.' && b === '.') return fail('crossing-undecided', place);
    if (a === b) return fail('marks-contradict', { ...place, mark: a ?? '' });
    const aOver = a === 'O' || a === 'o' || b === 'U';
    crossings.push(aOver ? { over: m.a, under: m.b } : { over: m.b, under: m.a });
  }
  return ok({ ropes, crossings, shut });
}

/** The diagram with one crossing turned over: for proving that the invariants notice. */
export function flipped(diagram: Diagram, index: number): Diagram {
  return {
    ...diagram,
    crossings: diagram.crossings.map((c, i) =>
      i === index ? { over: c.under, under: c.over } : c,
    ),
  };
}
