import { isRun } from '../../line/elements';
import type { LineElement } from '../../line/schema';
import type { Assessment } from '../assess';
import type { Leg, Point } from '../leg';
import { type Placed, placeUnits } from '../load/placed';
import { type LineShape, lineShape } from '../route/shape';
import type { LineFacts } from '../rule-input';
import { soundnessOf } from '../soundness';
import type { DeckAnchor, Line } from '../schema';
import type { DrawnPlan } from './drawn-plan';
import { type StageFault, stageFaults } from './faults';
import { anchorPoint, anchorPoints, endAnchor } from './ends';
import { type MotionMark, motionMark } from './motion';
import { isAnchorUsed } from './used';
import { type WeakPlace, weakestLine, weakPlace } from './weak';
import { wayOf } from './way';

/** A line as it lies on the deck. */
export interface SceneLine {
  readonly id: string;
  /** Counted from 1, as on its tag. */
  readonly number: number;
  readonly name: string;
  /** Its way, corner by corner; where nobody knows it, from anchor to anchor; none where it has no anchors either. */
  readonly way: readonly Point[];
  /** Its legs to anchors, to be read off. */
  readonly legs: readonly Leg[];
  /** Whether anything is known to pull there: a line that counts for nothing, or that nobody can count, is drawn open. */
  readonly counted: boolean;
  readonly gear: 'rope' | 'webbing' | 'chain' | 'wire' | 'none';
  readonly thicknessM: number;
  /** Kept tension as a part of what it may carry; null: not known. */
  readonly usedPart: number | null;
  readonly weak: WeakPlace | null;
  /** Whether it is the one to look at first. */
  readonly weakest: boolean;
}

/** An anchor where it is. */
export interface SceneAnchor {
  readonly anchor: DeckAnchor;
  readonly at: Point;
  readonly used: boolean;
}

/** A scene as it goes over the wire: the plan is there already. */
export type ServedScene = Omit<Scene, 'plan'>;

/** A deck as it is drawn: what stands where, how lines lie, what is wrong and what gives way. */
export interface Scene {
  readonly plan: DrawnPlan;
  readonly load: readonly Placed[];
  readonly lines: readonly SceneLine[];
  readonly anchors: readonly SceneAnchor[];
  readonly faults: readonly StageFault[];
  readonly motion: MotionMark | null;
}

/** How thick something is that runs along a line, m. Webbing lies on its side. */
function thicknessM(elements: readonly LineElement[]): number {
  const run = elements.find(isRun);
  switch (run?.kind) {
    case 'rope':
      return run.rope.diameterM;
    case 'webbing':
      return run.widthM;
    case 'chain':
    case 'wire':
      return run.sizeM;
    default:
      return 0.01;
  }
}

/** What runs along a line. */
function gearOf(elements: readonly LineElement[]): SceneLine['gear'] {
  const kind = elements.find(isRun)?.kind;
  return kind === 'rope' || kind === 'webbing' || kind === 'chain' || kind === 'wire'
    ? kind
    : 'none';
}

type Anchors = ReadonlyMap<string, Point>;

/** The way of a line; where nobody knows it, what is known of its ends. */
function wayOrEnds(line: Line, shape: LineShape, anchors: Anchors): readonly Point[] {
  const way = wayOf(line, shape);
  if (way.length > 1) return way;
  return (['first', 'last'] as const).flatMap((end) => {
    const at = anchors.get(endAnchor(line, end) ?? '');
    return at ? [at] : [];
  });
}

/** What a line is known to carry, and where it is weak; nothing of what was not judged yet. */
function carriedBy(
  line: Line,
  shape: LineShape,
  facts: LineFacts | undefined,
  anchors: Anchors,
): Pick<SceneLine, 'counted' | 'usedPart' | 'weak'> {
  if (!facts) return { counted: false, usedPart: null, weak: null };
  const [wll, kept] = [facts.capacity.wll.value, facts.tension.pretension.value];
  return {
    counted: wll !== null && soundnessOf({ ...facts, shape }) === 'sound',
    usedPart: wll !== null && kept !== null && wll > 0 ? kept / wll : null,
    weak: weakPlace({ line, capacity: facts.capacity, shape }, anchors),
  };
}

/**
 * A plan as it is drawn. `assessment` may be of the plan as it was a moment ago: where things are is computed here, what
 * lines may carry is taken from it.
 * @param moved whether anything has moved since it was judged; then nothing is said of what gives way
 */
export function sceneOf(plan: DrawnPlan, assessment: Assessment, moved = false): Scene {
  const load = placeUnits(plan.units);
  const anchors = anchorPoints(plan);
  const known = new Map(assessment.lines.map((f) => [f.line.id, f]));
  const weakest = weakestLine(assessment, plan.units);
  const shapes: LineShape[] = [];
  const lines = plan.lines.map((line, i): SceneLine => {
    const facts = known.get(line.id);
    const fresh = moved || facts?.line !== line;
    const shape = facts && !fresh ? facts.shape : lineShape(line, load, plan.deck);
    shapes.push(shape);
    return {
      id: line.id,
      number: i + 1,
      name: line.name,
      way: wayOrEnds(line, shape, anchors),
      legs: shape.legs,
      gear: gearOf(line.elements),
      thicknessM: thicknessM(line.elements),
      weakest: line.id === weakest,
      ...carriedBy(line, shape, facts, anchors),
    };
  });
  return {
    plan,
    load,
    lines,
    anchors: plan.deck.anchors.map((anchor) => ({
      anchor,
      at: anchorPoint(anchor),
      used: plan.lines.some((l) => isAnchorUsed(l, anchor.id)),
    })),
    faults: stageFaults(
      plan,
      plan.lines.map((line, i) => ({ line, shape: shapes[i]! })),
      load,
    ),
    motion: moved ? null : motionMark(assessment.statics, load),
  };
}
