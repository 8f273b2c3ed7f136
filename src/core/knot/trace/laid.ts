import { fixedLine } from '../form/form';
import type { Body } from '../shape/body';
import { meetings } from '../path/meetings';
import type { PathPoint } from '../path/notation';
import type { DrawnLine, Drawing } from './drawn';

/** Distance of drawn points, in nodes of the body. */
const EVERY = 2;

/**
 * A body that lies flat as a drawing of it, as it is seen from the learner's side: to look at a form of the catalogue, and to
 * turn its crossings over.
 * @param tips by rope, control parameters of the bights that hold something
 */
export function laidDown(body: Body, tips: readonly (readonly number[])[]): Drawing {
  const ropes = body.strands.map(({ first, count }) =>
    Array.from({ length: count }, (_, k) => 3 * (first + k)).filter(
      (_, k) => k % EVERY === 0 || k === count - 1,
    ),
  );
  const at = (i: number): PathPoint => ({ x: body.at[i]!, y: body.at[i + 1]! });
  const radius = Math.max(...ropes.flat().map((i) => Math.hypot(at(i).x, at(i).y)));
  const lines: DrawnLine[] = [
    ...ropes.map((nodes): DrawnLine => ({ kind: 'rope', points: nodes.map(at) })),
    ...body.fixtures.flatMap((f): DrawnLine[] => {
      const line = fixedLine(f);
      if (!line || f.kind === 'post') return [];
      if (f.kind === 'ring') return [{ kind: 'ring', points: line.points }];
      const [[ax, ay], [bx, by]] = [f.from, f.to];
      const long = Math.hypot(bx - ax, by - ay);
      const end = (side: 1 | -1): PathPoint => ({
        x: (ax + bx) / 2 + (side * radius * (bx - ax)) / long,
        y: (ay + by) / 2 + (side * radius * (by - ay)) / long,
      });
      return [{ kind: f.as === 'cleat' ? 'cleat' : 'pole', points: [end(-1), end(1)] }];
    }),
  ];
  const height = (line: number, piece: number, along: number): number => {
    const nodes = ropes[line];
    if (!nodes) return 0;
    const [a, b] = [body.at[nodes[piece]! + 2]!, body.at[nodes[piece + 1]! + 2]!];
    return a * (1 - along) + b * along;
  };
  const curves = lines.map((l) =>
    l.points.slice(1).map((to, i) => ({ from: l.points[i]!, to, control: i })),
  );
  return {
    lines,
    turned: meetings(curves, ropes.length).flatMap(({ a, b }) => {
      const firstOver = height(a.rope, a.piece, a.along) > height(b.rope, b.piece, b.along);
      return firstOver === b.rope < ropes.length
        ? [`${a.rope}.${a.piece}|${b.rope}.${b.piece}`]
        : [];
    }),
    held: tips.flatMap((us, line) =>
      us.map((u) => {
        const { u: parameters } = body.strands[line]!;
        const node = parameters.findIndex((x) => x >= u);
        return { line, point: Math.round(node / EVERY) };
      }),
    ),
  };
}
