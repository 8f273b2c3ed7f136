import { softestRunN } from '../../line/elements';
import { lineCapacity } from '../../line/line';
import { STANDARD_GRAVITY } from '../../units/constants';
import { bare } from '../../working/working';
import { lineContext, lineFactsOf, sharingOf } from '../assess';
import type { HoldLine, HoldProblem } from '../hold/problem';
import { facing, type Motion, PUSH } from '../hold/programme';
import { type StaticsBody, staticsLoadOf, type StaticsPart } from '../hold/statics-load';
import type { Point } from '../leg';
import { placeUnits } from '../load/placed';
import type { Plan } from '../plan';
import type { LineFacts } from '../rule-input';
import type { DriveBody, DriveContact, DriveLimit, DriveLine, DriveModel } from './model';
import { REST_DEPTH_M } from './vocabulary';
import { waysOf } from './ways';

/** A line of a plan as the drive needs it beside what statics know. */
export interface LineGives {
  readonly name: string;
  /** EA of what gives most, N; null: not known. */
  readonly stiffnessN: number | null;
  readonly lengthM: number;
  readonly breakingN: number | null;
  readonly keptN: number;
}

/** Everything a test drive of a plan begins with. */
export interface DriveLoad {
  readonly parts: readonly StaticsPart[];
  readonly lines: ReadonlyMap<string, LineGives>;
  /** Lines of which nobody knows how much they give: nothing is driven with them. */
  readonly unknown: readonly string[];
}

function givesOf(plan: Plan, facts: LineFacts, sharing: ReadonlyMap<string, number>): LineGives {
  const { line, shape, tension } = facts;
  const context = { ...lineContext(plan, line, sharing), limit: 'breaking' as const };
  return {
    name: line.name,
    stiffnessN: softestRunN(line.elements),
    lengthM: shape.routeLengthM ?? 0,
    breakingN: lineCapacity(bare, line.elements, context).wll,
    keptN: tension.pretension.value ?? 0,
  };
}

/** What a plan is driven with. */
export function driveLoadOf(plan: Plan): DriveLoad {
  const load = placeUnits(plan.units);
  const facts = lineFactsOf(plan, load);
  const sharing = sharingOf(plan);
  const { parts } = staticsLoadOf(plan, load, facts);
  const lines = new Map(facts.map((f) => [f.line.id, givesOf(plan, f, sharing)]));
  const placed = parts.flatMap((p) =>
    p.tieDowns.filter((td) => td.soundness === 'sound' && td.pulls.length > 0),
  );
  return {
    parts,
    lines,
    unknown: placed.filter((td) => lines.get(td.id)!.stiffnessN === null).map((td) => td.name),
  };
}

/** Moments of inertia of a uniform solid of a unit's size about its middle, turned as it stands, kg·m². */
function inertiaOf({ placed: { unit } }: StaticsBody, massKg: number): DriveBody['inertia'] {
  const { lengthM: l, widthM: w, heightM: h, shape, turnRad } = unit;
  const round = (d: number, long: number): [number, number] => [
    (massKg * d * d) / 8,
    massKg * ((d * d) / 16 + (long * long) / 12),
  ];
  let own: [number, number, number];
  if (shape.kind === 'cylinder-upright') {
    const [axis, across] = round(l, h);
    own = [across, across, axis];
  } else if (shape.kind === 'cylinder-lying') {
    const alongLength = shape.axis === 'length';
    const [axis, across] = round(h, alongLength ? l : w);
    own = alongLength ? [axis, across, across] : [across, axis, across];
  } else
    own = [
      (massKg / 12) * (w * w + h * h),
      (massKg / 12) * (l * l + h * h),
      (massKg / 12) * (l * l + w * w),
    ];
  const [c, s] = [Math.cos(turnRad), Math.sin(turnRad)];
  const [a, b, z] = own;
  return [a * c * c + b * s * s, a * s * s + b * c * c, z, (a - b) * s * c];
}

function bodyOf(body: StaticsBody, held: HoldProblem['bodies'][number]): DriveBody {
  const massKg = held.weightN / STANDARD_GRAVITY;
  const { outline, baseM, topM } = body.placed;
  return {
    id: body.id,
    name: body.name,
    massKg,
    centre: held.centre,
    inertia: inertiaOf(body, massKg),
    corners: outline.flatMap(({ x, y }) => [
      { x, y, z: baseM },
      { x, y, z: topM },
    ]),
  };
}

const UP = { x: 0, y: 0, z: 1 } as const;
/** Points at which something pushes a body; none of them alone gives more under the whole weight than its feet do. */
const pointsOf = (
  weightN: number,
  points: readonly Point[],
  of: Omit<DriveContact, 'at' | 'stiffnessNPerM'>,
): DriveContact[] =>
  points.map((at) => ({
    ...of,
    at,
    stiffnessNPerM: weightN / (Math.max(1, points.length) * REST_DEPTH_M),
  }));

/** Feet, boards and pushes of a problem of statics, as points of contact. */
function contactsOf(problem: HoldProblem): {
  readonly contacts: DriveContact[];
  readonly limits: DriveLimit[];
} {
  const weightN = problem.bodies.reduce((sum, b) => sum + b.weightN, 0);
  const limits: DriveLimit[] = [];
  const contacts = problem.bodies.flatMap((b, body) => {
    const of = { body, from: b.on, normal: UP, friction: b.friction, limit: null };
    return pointsOf(weightN, b.feet, of);
  });
  for (const { direction, capacityN, faces } of problem.boards) {
    const limit = limits.push({ name: direction, capacityN }) - 1;
    const of = { from: null, normal: PUSH[direction], friction: 0, limit };
    for (const { body, corners } of faces)
      contacts.push(...pointsOf(weightN, corners, { ...of, body }));
  }
  for (const { body, from, corners, normal, capacityN } of problem.pushes) {
    const limit = capacityN < Infinity ? limits.push({ name: 'chock', capacityN }) - 1 : null;
    contacts.push(...pointsOf(weightN, corners, { body, from, normal, friction: 0, limit }));
  }
  return { contacts, limits };
}

/** How lines are looked at: as the map credits them, or as they are. */
export type Credit = 'as-the-map' | 'as-they-are';

function lineOf(held: HoldLine, part: StaticsPart, gives: LineGives, credit: Credit): DriveLine {
  const td = part.tieDowns.find((t) => t.id === held.id)!;
  const found = waysOf(td.pulls, td.ratios, (id) =>
    Math.max(
      0,
      part.bodies.findIndex((b) => b.id === id),
    ),
  );
  const over = td.kind === 'over';
  // What presses counts as a force that stays what it is; nothing holds a difference in it then.
  const still = over && credit === 'as-the-map';
  const keptN = over ? held.leastN : Math.min(gives.keptN, held.mostN);
  const straightM = found.ways.reduce((sum, w) => sum + w.lengthM, 0);
  const lyingM = Math.max(0, gives.lengthM - straightM) / found.ways.length;
  const EA = gives.stiffnessN ?? 0;
  return {
    id: held.id,
    name: gives.name,
    stretches: found.ways.map((w) => ({
      segments: w.segments,
      stiffnessNPerM: still ? 0 : EA / Math.max(0.01, w.lengthM + lyingM),
    })),
    ratios: found.ratios,
    keptN,
    wllN: td.wll.working.value ?? held.mostN,
    breakingN: credit === 'as-the-map' ? null : gives.breakingN,
  };
}

/** The boards that the map counts for a push: those the load is pushed toward. */
export const facedBy = (problem: HoldProblem, motion: Motion): HoldProblem => ({
  ...problem,
  boards: problem.boards.filter((b) => facing(b, motion)),
});

/**
 * A part of a load as the test drive sees it: the same bodies, feet, boards and lines that statics judged in this problem,
 * so that both speak of one thing; what is unknown is as bad there.
 */
export function driveModelOf(
  part: StaticsPart,
  problem: HoldProblem,
  lines: DriveLoad['lines'],
  credit: Credit,
): DriveModel {
  return {
    bodies: part.bodies.map((b, i) => bodyOf(b, problem.bodies[i]!)),
    ...contactsOf(problem),
    lines: problem.lines.map((l) => lineOf(l, part, lines.get(l.id)!, credit)),
  };
}
