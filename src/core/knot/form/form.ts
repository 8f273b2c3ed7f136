import { fail, ok, type Result } from '../../result';
import { parseRope, type PathPoint, type RopePath } from '../path/notation';
import { type Diagram, diagramOf, type Fixed } from '../topology/diagram';

/** What a bar is where it is no pole or rail: it is drawn as that. */
export type BarLook = 'cleat' | 'toggle' | 'rope' | 'hand';
/** A round bar lying in the picture's plane: pole, rail, toggle. Rope passes in front (`o`) or behind (`u`). */
export interface Bar {
  readonly kind: 'bar';
  readonly as?: BarLook;
  readonly from: readonly [x: number, y: number];
  readonly to: readonly [x: number, y: number];
  readonly radius: number;
}
/** A post seen end on, or a peg that only holds a loop open (`hidden`). Rope goes round it in the plane, without marks. */
export interface Post {
  readonly kind: 'post';
  readonly at: readonly [x: number, y: number];
  readonly radius: number;
  readonly hidden?: true;
  /** Judge the form with the post as an axis: the line runs in under everything from the left and out over everything. */
  readonly axis?: true;
}
/** A ring in the picture's plane; `radius` to the middle of its stock, `tube` half the stock's thickness. */
export interface Ring {
  readonly kind: 'ring';
  readonly at: readonly [x: number, y: number];
  readonly radius: number;
  readonly tube: number;
}
export type Fixture = Bar | Post | Ring;

/** One rope of a form as it is authored. Lengths are in diameters of the form's first rope. */
export interface RopeSpec {
  readonly path: string;
  /** Relative thickness, 1 unless said. */
  readonly diameter?: number;
  /** Control points between which the rope is held straight and still: the axis of a grip hitch. */
  readonly taut?: readonly [from: number, to: number];
  /** Control points of the bights the load or the tension keeps, where the rope is cut for proving. */
  readonly tips?: readonly number[];
  /**
   * Heights in front of the picture's plane, negative behind it, that the rope keeps at a control point before it is drawn
   * up: where it lies along something thicker than itself, whose middle it does not cross.
   */
  readonly heights?: readonly (readonly [control: number, height: number])[];
}

/** What is drawn, proved and tightened: ropes and the things they are tied to. */
export interface FormSpec {
  readonly ropes: readonly RopeSpec[];
  readonly fixtures?: readonly Fixture[];
  /**
   * Drawn up only lightly. The model has no friction: pulled to the end, an arrangement of several knots slides into
   * itself, and a wrong one falls apart.
   */
  readonly light?: true;
  /** The tail leaves a loop in front of it: seen from the side from which others of its kind leave behind. */
  readonly tailInFront?: true;
}

/** A form read from its notation, with every crossing decided. */
export interface Form {
  readonly spec: FormSpec;
  readonly paths: readonly RopePath[];
  readonly fixtures: readonly Fixture[];
  readonly diagram: Diagram;
}

/** How far a bar's axis is drawn beyond everything, so that its closing arc leaves outside the form. */
const AXIS_REACH = 60;
const RING_STEPS = 48;

/** The line a fixture is for the topology: a bar's axis, a ring's circle. Posts are judged by cutting the loop instead. */
export function fixedLine(fixture: Fixture): Fixed | null {
  if (fixture.kind === 'post') {
    const [x, y] = fixture.at;
    // A hair off level, so that it never runs along a strand.
    return fixture.axis
      ? {
          points: [
            { x: x - AXIS_REACH, y: y - 0.9 },
            { x, y },
            { x: x + AXIS_REACH, y: y + 0.9 },
          ],
          shut: false,
        }
      : null;
  }
  if (fixture.kind === 'bar') {
    const [[ax, ay], [bx, by]] = [fixture.from, fixture.to];
    const length = Math.hypot(bx - ax, by - ay);
    const [ux, uy] = [((bx - ax) / length) * AXIS_REACH, ((by - ay) / length) * AXIS_REACH];
    return {
      points: [
        { x: ax - ux, y: ay - uy },
        { x: bx + ux, y: by + uy },
      ],
      shut: false,
    };
  }
  const points = Array.from({ length: RING_STEPS + 1 }, (_, i): PathPoint => {
    // Turned by half a step and a little: rope is authored at round angles, and a crossing at a joint is fragile.
    const turn = ((i % RING_STEPS) + 0.37) * ((2 * Math.PI) / RING_STEPS);
    return {
      x: fixture.at[0] + fixture.radius * Math.cos(turn),
      y: fixture.at[1] + fixture.radius * Math.sin(turn),
    };
  });
  return { points, shut: true };
}

/**
 * Reads a form.
 * @returns the form, or the first issue with the rope it lies in (`rope`, from 1) and the form's name in `values`.
 */
export function readForm(name: string, spec: FormSpec): Result<Form> {
  const fixtures = spec.fixtures ?? [];
  const paths: RopePath[] = [];
  for (const [i, rope] of spec.ropes.entries()) {
    const path = parseRope(rope.path);
    if (!path.ok) return located(name, path.issues, i + 1);
    paths.push(path.value);
  }
  const diagram = diagramOf(
    paths,
    fixtures.map(fixedLine).filter((f) => f !== null),
  );
  return diagram.ok
    ? ok({ spec, paths, fixtures, diagram: diagram.value })
    : located(name, diagram.issues);
}

function located(
  name: string,
  issues: readonly { code: string; values: Readonly<Record<string, unknown>> }[],
  rope?: number,
): Result<never> {
  const { code, values } = issues[0]!;
  return fail(code, {
    ...(values as Record<string, string | number>),
    ...(rope === undefined ? {} : { rope }),
    knot: name,
  });
}

/** The diameter of a rope of a form. */
export function diameterOf(rope: RopeSpec): number {
  return rope.diameter ?? 1;
}
