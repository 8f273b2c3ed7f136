import type { Plan } from './plan';
import { knot } from '../knot/knots';
import type { LineGap } from '../line/complete';
import { isRun, kindOf, knotsIn } from '../line/elements';
import type { LineElement } from '../line/schema';
import { type LineCapacity, UNLIMITED_N } from '../line/line';
import type { LineTension } from '../line/tension-parts';
import { traced, type Working } from '../working/working';
import { FRICTION_PAIRS, SURFACE_CEILING } from './friction';
import { CERTAINLY_NOTHING, type LineShape } from './geometry';
import { cargoBox } from './leg';
import type { Article, Blocking, Ranged, RuleInput, Soundness, TieDown } from './rules/rule-set';
import type { Cargo, Line } from './schema';
import { DIRECTIONS } from './vocabulary';

/** Everything known about one line of a plan. */
export interface LineFacts {
  readonly line: Line;
  readonly shape: LineShape;
  readonly capacity: LineCapacity<Working>;
  /** What it surely stands before it parts; null where nothing asks for it. */
  readonly breaking: LineCapacity<Working> | null;
  readonly tension: LineTension<Working>;
  /** Rope it takes from end to end, knots and tails included. */
  readonly rope: Working;
  /** What is missing for it to be a line. */
  readonly gaps: readonly LineGap[];
}

/** A figure known exactly. */
export function exactly(working: Working): Ranged {
  const value = working.value ?? 0;
  return { working, low: value, high: value };
}

/** Friction as it counts: the pair or the entry, under the ceiling of the surface's state; unknown lies between 0 and 1. */
function friction(cargo: Cargo): Ranged {
  const common = { label: 'friction', symbol: 'μ', unit: 'ratio' } as const;
  if (cargo.friction.known === 'no') {
    return {
      working: traced.given({
        ...common,
        value: null,
        source: 'surface not known',
        confidence: 'entered',
      }),
      low: 0,
      high: 1,
    };
  }
  const pair = cargo.friction.known === 'pair' ? FRICTION_PAIRS[cargo.friction.pair] : null;
  const mu = cargo.friction.known === 'entered' ? cargo.friction.mu : pair!.mu;
  const ceiling = SURFACE_CEILING[cargo.surface];
  const limited = mu > ceiling;
  return exactly(
    traced.given({
      ...common,
      value: Math.min(mu, ceiling),
      confidence: pair || limited ? 'from-memory' : 'entered',
      source: limited
        ? `${cargo.surface} surface: at most ${ceiling}`
        : pair
          ? `${pair.name}, EN 12195-1 Annex B / CTU Code`
          : 'your entry',
    }),
  );
}

function blocking(plan: Plan, direction: keyof Plan['deck']['blocking']): Blocking {
  const board = plan.deck.blocking[direction];
  const known = !board.touching ? 0 : board.capacityN;
  const working = traced.given({
    label: `blocking ${direction}`,
    symbol: 'BC',
    value: known,
    unit: 'N',
    source: board.touching
      ? known === null
        ? 'board without rating'
        : 'your entry'
      : 'the load does not touch a board',
    confidence: 'entered',
  });
  return {
    touching: board.touching,
    capacity: { working, low: known ?? 0, high: known ?? UNLIMITED_N },
    heightM: board.heightM,
  };
}

/** The load of a plan as an article. */
function article(plan: Plan): Article {
  const { cargo } = plan;
  const boards = Object.fromEntries(DIRECTIONS.map((d) => [d, blocking(plan, d)])) as Record<
    (typeof DIRECTIONS)[number],
    Blocking
  >;
  return {
    massKg: cargo.massKg,
    lengthM: cargo.lengthM,
    widthM: cargo.widthM,
    heightM: cargo.heightM,
    cgHeightM: cargo.cgHeightM,
    cgForwardM: cargo.cgForwardM,
    cgLeftM: cargo.cgLeftM,
    friction: friction(cargo),
    commodity: cargo.commodity,
    rows: cargo.rows,
    fullyContained: cargo.fullyContained,
    blocking: boards,
    box: cargoBox(cargo),
  };
}

/** Elements that the rules call knots: knots, hitches, bends, loops, locks, in a tackle too; splices, ratchets and binders are none. */
export const knotElementIds = (elements: readonly LineElement[]): string[] =>
  elements.flatMap((e) => (knotsIn(e).some((id) => !knot(id).splice) ? [e.id] : []));

const unknown = (working: Working): Working => ({ ...working, value: null });
const nothing = (working: Working, why: string): Ranged =>
  exactly(
    traced.given({
      label: working.label,
      symbol: working.symbol,
      unit: working.unit,
      value: 0,
      source: why,
      confidence: 'computed',
    }),
  );

/** How far a line may be counted on, by its chain and its route. */
export function soundnessOf({ shape, gaps }: Pick<LineFacts, 'shape' | 'gaps'>): Soundness {
  if (shape.problem !== null && CERTAINLY_NOTHING.includes(shape.problem)) return 'nothing';
  return gaps.length > 0 || shape.problem !== null ? 'unknown' : 'sound';
}

/** The most a line can stand: the plain rope by its label, where every rope has one; hardware breaks nobody knows where. */
function mostAtBreaking({ line, breaking }: LineFacts): number {
  const plain =
    breaking?.places.flatMap((p) => {
      const e = line.elements[p.elementIndex];
      const rope = e && kindOf(e).run?.(e).rope;
      const labelled = p.part === 'rope' && rope && rope.mbsN !== null;
      return labelled && p.allowed.value !== null ? [p.allowed.value] : [];
    }) ?? [];
  return Math.min(UNLIMITED_N, ...plain);
}

/** The forces of a line as far as they may be counted, with the unknown at its worst and at its best. */
function forcesOf(
  facts: LineFacts,
  soundness: Soundness,
): Pick<TieDown, 'wll' | 'pull' | 'breaking' | 'pretension'> {
  const { capacity, breaking, tension } = facts;
  const stands = breaking
    ? { ...breaking.wll, label: 'breaking strength of the line' }
    : capacity.wll;
  if (soundness === 'nothing') {
    const none = (w: Working): Ranged => nothing(w, 'not counted: it does not hold the load');
    return {
      wll: none(capacity.wll),
      pull: none(capacity.wll),
      breaking: none(stands),
      pretension: none(tension.pretension),
    };
  }
  const sound = soundness === 'sound';
  const known = (w: Working): Working => (sound ? w : unknown(w));
  const F = tension.pretension.value;
  return {
    wll: { working: known(capacity.wll), low: 0, high: capacity.range.highN },
    pull: { working: known(capacity.wll), low: 0, high: capacity.range.highN },
    breaking: { working: known(stands), low: 0, high: mostAtBreaking(facts) },
    pretension: {
      working:
        sound && capacity.wll.value !== null ? tension.pretension : unknown(tension.pretension),
      low: 0,
      high: F ?? UNLIMITED_N,
    },
  };
}

/** A line as a tie-down. What is missing, unplaced or unknown may count for nothing, or for whatever it could at best. */
export function tieDownOf(facts: LineFacts): TieDown {
  const { line, shape, tension } = facts;
  const soundness = soundnessOf(facts);
  const run = line.elements.find(isRun);
  return {
    id: line.id,
    name: line.name,
    kind: line.kind,
    crosses: shape.crosses,
    gear: run?.kind ?? 'none',
    soundness,
    anyWay: soundness !== 'nothing' && shape.legs.length === 0,
    legs: soundness === 'nothing' ? [] : shape.legs,
    legRatio: shape.legRatio,
    ...forcesOf(facts, soundness),
    keptN: tension.pretension.value,
    knotIds: knotElementIds(line.elements),
    sharpEdgeIds: line.elements.filter((e) => kindOf(e).sharp?.(e)).map((e) => e.id),
    adjustable: line.elements.some((e) => kindOf(e).adjustable?.(e)),
  };
}

/** A whole plan as rules see it. */
export function ruleInputOf(plan: Plan, lines: readonly LineFacts[]): RuleInput {
  return { article: article(plan), tieDowns: lines.map(tieDownOf) };
}
