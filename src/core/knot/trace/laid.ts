import { fixedLine, type Fixture } from '../form/form';
import { straight } from '../path/curve';
import type { Body, Strand } from '../shape/body';
import { meetings } from '../path/meetings';
import type { PathPoint } from '../path/notation';
import type { DrawnLine, Drawing } from './drawn';
import { barEnds, thingOf } from './things';

/** Distance of drawn points, in nodes of the body. */
const EVERY = 2;

/** A place of a rope that lies flat, and how far it is in front. */
interface Lying extends PathPoint {
  readonly z: number;
}

function lyingOf({ at }: Body, { first, count }: Strand): Lying[] {
  return (
    Array.from({ length: count }, (_, k) => k)
      // The two at each end say which way it leaves.
      .filter((k) => k % EVERY === 0 || k === 1 || k >= count - 2)
      .map((k) => {
        const i = 3 * (first + k);
        return { x: at[i]!, y: at[i + 1]!, z: at[i + 2]! };
      })
  );
}

/** How far out an end is led, in radii of the form. */
const OUT = 1.15;

/** An end led straight out of the form in its own height, where it would meet rope on its way; null where it is clear as it is. */
function outOf(
  end: Lying,
  inner: Lying,
  ropes: readonly (readonly Lying[])[],
  radius: number,
): Lying | null {
  const long = Math.hypot(end.x - inner.x, end.y - inner.y) || 1;
  const [ux, uy] = [(end.x - inner.x) / long, (end.y - inner.y) / long];
  const along = end.x * ux + end.y * uy;
  const far = (OUT * radius) ** 2 + along * along - end.x * end.x - end.y * end.y;
  const to = -along + Math.sqrt(Math.max(0, far));
  const point = (t: number): Lying => ({ x: end.x + ux * t, y: end.y + uy * t, z: end.z });
  const met = meetings([straight([point(1e-3), point(to)]), ...ropes.map((r) => straight(r))], 1);
  return met.length > 0 ? point(to) : null;
}

/** A rope with its ends led out of the form where something is in their way. */
function ledOut(
  rope: readonly Lying[],
  ropes: readonly (readonly Lying[])[],
  radius: number,
): { readonly points: readonly Lying[]; readonly before: 0 | 1 } {
  const head = outOf(rope[0]!, rope[1]!, ropes, radius);
  const foot = outOf(rope.at(-1)!, rope.at(-2)!, ropes, radius);
  return {
    points: [...(head ? [head] : []), ...rope, ...(foot ? [foot] : [])],
    before: head ? 1 : 0,
  };
}

/** Things of a body as lines; a post is seen end on, and is none. */
function thingsOf(fixtures: readonly Fixture[], radius: number): DrawnLine[] {
  return fixtures.flatMap((f): DrawnLine[] => {
    const kind = thingOf(f);
    if (!kind || f.kind === 'post') return [];
    return [{ kind, points: f.kind === 'bar' ? barEnds(f, radius) : fixedLine(f)!.points }];
  });
}

/** The crossings at which not what is taken at first lies over: the later passage, and rope over what is no rope. */
function turnedIn(
  lines: readonly DrawnLine[],
  ropes: number,
  height: (line: number, piece: number, along: number) => number,
): string[] {
  const curves = lines.map((l) => straight(l.points));
  return meetings(curves, ropes).flatMap(({ a, b }) => {
    const firstOver = height(a.rope, a.piece, a.along) > height(b.rope, b.piece, b.along);
    return firstOver === b.rope < ropes ? [`${a.rope}.${a.piece}|${b.rope}.${b.piece}`] : [];
  });
}

/**
 * A body that lies flat as a drawing of it, as it is seen from the learner's side: to look at a form of the catalogue, and to
 * turn its crossings over.
 * @param tips by rope, control parameters of the bights that hold something
 */
export function laidDown(body: Body, tips: readonly (readonly number[])[]): Drawing {
  const lying = body.strands.map((s) => lyingOf(body, s));
  const radius = Math.max(...lying.flat().map((p) => Math.hypot(p.x, p.y)));
  const ropes = lying.map((rope) => ledOut(rope, lying, radius));
  const lines: DrawnLine[] = [
    ...ropes.map(({ points }): DrawnLine => ({ kind: 'rope', points })),
    ...thingsOf(body.fixtures, radius),
  ];
  const height = (line: number, piece: number, along: number): number => {
    const points = ropes[line]?.points;
    if (!points) return 0;
    return points[piece]!.z * (1 - along) + points[piece + 1]!.z * along;
  };
  return {
    lines,
    turned: turnedIn(lines, ropes.length, height),
    held: tips.flatMap((us, line) =>
      us.map((u) => {
        const { u: parameters } = body.strands[line]!;
        const node = parameters.findIndex((x) => x >= u);
        return { line, point: Math.round(node / EVERY) + 1 + ropes[line]!.before };
      }),
    ),
  };
}
