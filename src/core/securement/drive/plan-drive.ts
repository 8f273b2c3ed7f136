import { mapBoxes } from '../hold/map';
import { motionAt, MOTIONS } from '../hold/programme';
import { PartStatics, rowsAlone } from '../hold/part-statics';
import type { StaticsPart } from '../hold/statics-load';
import type { Plan } from '../plan';
import { ruleSet } from '../rules';
import { type Direction, DIRECTIONS } from '../vocabulary';
import { type DriveLoad, driveLoadOf, driveModelOf, facedBy } from './build';
import type { DrivePoint } from './course';
import { type ElasticEnd, elasticLimit } from './elastic-limit';
import { merged } from './merged';
import { driveAlong } from './pieces';
import type { DriveRun } from './run';
import { slowDrive } from './slow';

/** What is to be driven: pushed slowly toward a side, counted from forward to the left, or along a course. */
export type DriveAsk =
  | { readonly kind: 'slow'; readonly towardRad: number }
  | { readonly kind: 'course'; readonly course: readonly DrivePoint[] };

/** Why nothing can be driven. */
export const DRIVE_REFUSALS = [
  'no-load',
  'mass-unknown',
  'stiffness-unknown',
  'no-balance',
] as const;
export type DriveRefusal = (typeof DRIVE_REFUSALS)[number];

export type PlanDrive =
  | { readonly refused: null; readonly run: DriveRun }
  | { readonly refused: DriveRefusal; readonly lines: readonly string[] };

const refusedFor = (load: DriveLoad): PlanDrive | null => {
  if (load.parts.length === 0) return { refused: 'no-load', lines: [] };
  if (load.parts.some((p) => p.bodies.some((b) => b.article.massKg === null)))
    return { refused: 'mass-unknown', lines: [] };
  return load.unknown.length > 0 ? { refused: 'stiffness-unknown', lines: load.unknown } : null;
};

/**
 * Drives a plan. What is unknown is as bad as it may be: no friction where nobody knows it, weight as high as it may lie.
 * Parts of a load that have nothing to do with each other are driven by themselves.
 */
export function drivePlan(plan: Plan, ask: DriveAsk): PlanDrive {
  const load = driveLoadOf(plan);
  const refused = refusedFor(load);
  if (refused !== null) return refused;
  const { statics } = ruleSet(plan.ruleSet);
  const box = { ...mapBoxes(statics)[0]!, weightPart: 1 };
  const motion = ask.kind === 'slow' ? motionAt(ask.towardRad) : MOTIONS.forward;
  const runs = load.parts.map((part) => {
    const { problem } = new PartStatics(part, statics).atWorst(box, motion);
    const model = driveModelOf(part, problem!, load.lines, 'as-they-are');
    return ask.kind === 'slow' ? slowDrive(model, motion.along) : driveAlong(model, ask.course);
  });
  return runs.some((r) => r === null)
    ? { refused: 'no-balance', lines: [] }
    : { refused: null, run: merged(runs as DriveRun[]) };
}

/** How far elastic lines come toward what the hold map says is possible, in one direction. */
export interface LimitBeside {
  readonly direction: Direction;
  /** Limit of the hold map, g; null: the lines drag the load. */
  readonly mapG: number | null;
  /** What is reached when each line takes hold only as it is stretched, g; never more than the map. */
  readonly elasticG: number;
  /** What ends it first; null: nothing came to balance. */
  readonly end: ElasticEnd | null;
  /** How far the load has moved then, m. */
  readonly movedM: number;
}

function limitOf(
  part: StaticsPart,
  load: DriveLoad,
  plan: Plan,
  direction: Direction,
): LimitBeside {
  const { statics } = ruleSet(plan.ruleSet);
  const box = mapBoxes(statics)[0]!;
  const motion = MOTIONS[direction];
  const { problem, limit } = new PartStatics(part, statics).atWorst(box, motion);
  const mapG = limit === null ? null : Math.min(limit.heldG, rowsAlone(part, motion));
  const model = driveModelOf(part, facedBy(problem!, motion), load.lines, 'as-the-map');
  const found = elasticLimit(model, motion.along, box.weightPart ?? 1);
  return {
    direction,
    mapG,
    // Friction in a round cone may hold a little more than in the pyramid that the map draws inside it.
    elasticG: Math.max(0, Math.min(found?.limitG ?? 0, mapG ?? 0)),
    end: found?.end ?? null,
    movedM: found?.movedM ?? 0,
  };
}

/** Limits of the map and of elastic lines, direction by direction; of several parts the one that reaches least. Null: see {@link drivePlan}. */
export function limitsBeside(plan: Plan): readonly LimitBeside[] | null {
  const load = driveLoadOf(plan);
  if (refusedFor(load) !== null) return null;
  return DIRECTIONS.map((direction) =>
    load.parts
      .map((part) => limitOf(part, load, plan, direction))
      .reduce((a, b) => (b.elasticG < a.elasticG ? b : a)),
  );
}
