import { fixedLine, type Fixture, type Form } from '../form/form';
import type { PathPoint } from '../path/notation';
import type { Body } from '../shape/body';
import { outward } from '../topology/closure';
import { crossingsIn, type Sketch } from './sketch';
import { barEnds, thingOf } from './things';

/** A place in space, x right, y up, z toward who looks. */
type Place = readonly [x: number, y: number, z: number];
/** Rows of a matrix that turns a body. */
export type Turn = readonly [Place, Place, Place];

/** How far ends and poles are led on, in radii of the form: far enough to leave it from almost every side. */
const LED_ON = 3;
/**
 * Seen from a side, ends must leave the form by so many radii, and nothing may cross farther out: an end that points at who
 * looks, or ends that cross each other on their way out, nobody would trace so.
 */
const CLEAR = 1.4;

const turned = (turn: Turn, p: Place): Place =>
  turn.map((row) => row[0] * p[0] + row[1] * p[1] + row[2] * p[2]) as unknown as Place;

const radiusOf = (p: Place): number => Math.hypot(...p);

/** From an end straight on to a sphere round everything. @param u the way, of length 1 */
function ledOn(end: Place, u: Place, reach: number): Place {
  const along = end.reduce((sum, v, i) => sum + v * u[i]!, 0);
  const t = -along + Math.sqrt(along * along - radiusOf(end) ** 2 + reach * reach);
  return end.map((v, i) => v + u[i]! * t) as unknown as Place;
}

/** The line in space a fixture is traced as. */
function lineOf(fixture: Fixture, reach: number): Place[] {
  if (fixture.kind === 'post') {
    const [x, y] = fixture.at;
    return [
      [x, y, -reach],
      [x, y, reach],
    ];
  }
  const flat = fixture.kind === 'bar' ? barEnds(fixture, reach) : fixedLine(fixture)!.points;
  return flat.map((p): Place => [p.x, p.y, 0]);
}

/**
 * Ropes of a body in space, each led on at both ends the way it was authored to leave: drawn up, a rope turns its ends a
 * little, and may point them at a strand beside it.
 */
function ropesOf({ diagram }: Form, body: Body, reach: number): Place[][] {
  return body.strands.map(({ first, count }, n) => {
    const rope = Array.from({ length: count }, (_, k): Place => {
      const i = 3 * (first + k);
      return [body.at[i]!, body.at[i + 1]!, body.at[i + 2]!];
    });
    const out = (end: 'start' | 'end'): Place => {
      const { x, y } = outward(diagram.ropes[n]!, end);
      return [x, y, 0];
    };
    return [ledOn(rope[0]!, out('start'), reach), ...rope, ledOn(rope.at(-1)!, out('end'), reach)];
  });
}

/** How far the farthest place of a body is from its origin. */
function radiusOfBody({ at }: Body): number {
  let radius = 1;
  for (let i = 0; i < at.length; i += 3)
    radius = Math.max(radius, Math.hypot(at[i]!, at[i + 1]!, at[i + 2]!));
  return radius;
}

/**
 * A body as somebody would trace it who looks at it from any side: its ropes led on until they leave it, its poles and rings,
 * the loops held where the form says. Null where ends are not clear from there.
 */
export function sketchOf(form: Form, body: Body, turn: Turn): Sketch | null {
  const radius = radiusOfBody(body);
  const reach = LED_ON * radius;
  const ropes = ropesOf(form, body, reach);
  const things = body.fixtures.flatMap((f) => {
    const thing = thingOf(f);
    return thing ? [{ thing, line: lineOf(f, reach) }] : [];
  });
  const curves = [...ropes, ...things.map((t) => t.line)].map((c) => c.map((p) => turned(turn, p)));
  const shut = (line: number): boolean => things[line - ropes.length]?.thing === 'ring';
  const hidden = curves.some(
    (c, line) =>
      !shut(line) && [c[0]!, c.at(-1)!].some((p) => Math.hypot(p[0], p[1]) < CLEAR * radius),
  );
  if (hidden) return null;
  const flat = (c: readonly Place[]): { points: PathPoint[] } => ({
    points: c.map(([x, y]) => ({ x, y })),
  });
  const lines = {
    ropes: curves.slice(0, ropes.length).map(flat),
    things: things.map((t, i) => ({ ...flat(curves[ropes.length + i]!), thing: t.thing })),
  };
  const height = ({ rope, piece, along }: { rope: number; piece: number; along: number }): number =>
    curves[rope]![piece]![2] * (1 - along) + curves[rope]![piece + 1]![2] * along;
  const met = crossingsIn(lines);
  const farOut = met.some(({ a }) => {
    const [from, to] = [curves[a.rope]![a.piece]!, curves[a.rope]![a.piece + 1]!];
    const at = (k: 0 | 1): number => from[k] + (to[k] - from[k]) * a.along;
    return Math.hypot(at(0), at(1)) > CLEAR * radius;
  });
  if (farOut) return null;
  return {
    ...lines,
    crossings: met.map(({ a, b }) =>
      height(a) > height(b) ? { over: a, under: b } : { over: b, under: a },
    ),
    held: form.spec.ropes.flatMap(({ tips }, rope) =>
      (tips ?? []).map((tip) => ({
        rope,
        // One on, for the piece the end was led on by.
        tip: 1 + body.strands[rope]!.u.findIndex((u) => u >= tip),
      })),
    ),
  };
}

/** A turn by chance, every one as likely as any other (Shoemake's quaternions, from memory). */
export function turnOf(random: () => number): Turn {
  const [u, v, w] = [random(), random() * 2 * Math.PI, random() * 2 * Math.PI];
  const [a, b] = [Math.sqrt(1 - u), Math.sqrt(u)];
  const [x, y, z, s] = [a * Math.sin(v), a * Math.cos(v), b * Math.sin(w), b * Math.cos(w)];
  return [
    [1 - 2 * (y * y + z * z), 2 * (x * y - z * s), 2 * (x * z + y * s)],
    [2 * (x * y + z * s), 1 - 2 * (x * x + z * z), 2 * (y * z - x * s)],
    [2 * (x * z - y * s), 2 * (y * z + x * s), 1 - 2 * (x * x + y * y)],
  ];
}
