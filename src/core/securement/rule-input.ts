import { unitName } from './load/describe';
import type { Plan } from './plan';
import { knot } from '../knot/knots';
import type { LineGap } from '../line/complete';
import { isRun, kindOf, knotsIn } from '../line/elements';
import type { LineElement } from '../line/schema';
import { type LineCapacity, UNLIMITED_N } from '../line/line';
import type { LineTension } from '../line/tension-parts';
import { traced, type Working } from '../working/working';
import type { Leg } from './leg';
import { articleOf } from './load/articles';
import { type Block, blocksOf } from './load/blocks';
import type { Placed } from './load/placed';
import type { LineShape } from './route/shape';
import { soundnessOf } from './soundness';
import type { Ranged, RuleInput, Soundness, TieDown } from './rules/rule-set';
import type { Line } from './schema';

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

/** What a line does to an article: its legs from there to anchors and to other units. Heights are counted from its foot. */
interface At {
  readonly unitIds: ReadonlySet<string>;
  readonly baseM: number;
}

function legsAt({ legs, pulls }: LineShape, at: At | null): Leg[] {
  if (at === null) return [...legs];
  const { unitIds, baseM } = at;
  return pulls
    .filter((p) => unitIds.has(p.unitId) && (p.towardId === null || !unitIds.has(p.towardId)))
    .map(({ leg }) =>
      leg.at && baseM !== 0 ? { ...leg, at: { ...leg.at, z: leg.at.z - baseM } } : leg,
    );
}

/**
 * A line as a tie-down of one article; null: of the load as a whole. What is missing, unplaced or unknown may count for
 * nothing, or for whatever it could at best.
 */
export function tieDownOf(facts: LineFacts, at: At | null = null): TieDown {
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
    anyWay: soundness !== 'nothing' && shape.pulls.length === 0,
    pulls: soundness === 'nothing' ? [] : shape.pulls,
    legs: soundness === 'nothing' ? [] : legsAt(shape, at),
    ratios: shape.ratios,
    ...forcesOf(facts, soundness),
    keptN: tension.pretension.value,
    knotIds: knotElementIds(line.elements),
    sharpEdgeIds: line.elements.filter((e) => kindOf(e).sharp?.(e)).map((e) => e.id),
    adjustable: line.elements.some((e) => kindOf(e).adjustable?.(e)),
  };
}

/** One article of a plan with the lines that hold it. */
export interface ArticleInput extends RuleInput {
  /** What it is called where there are several; null: it is the only one. */
  readonly of: string | null;
}

const nameOf = ({ units, underId }: Block, load: readonly Placed[]): string => {
  const names = units.map(({ unit }) => unitName(unit)).join(' + ');
  const under = load.find((p) => p.unit.id === underId)?.unit;
  return under ? `${names} on ${unitName(under)}` : names;
};

/** Every article of a plan as rules see it, each with the lines that name a unit of it. */
export function articlesOf(
  plan: Plan,
  load: readonly Placed[],
  lines: readonly LineFacts[],
): ArticleInput[] {
  const blocks = blocksOf(
    load,
    lines.map((l) => l.shape),
  );
  const several = blocks.length > 1;
  return blocks.map((block): ArticleInput => {
    const unitIds = new Set(block.units.map((p) => p.unit.id));
    const at = several ? { unitIds, baseM: Math.min(...block.standing.map((p) => p.baseM)) } : null;
    return {
      of: several ? nameOf(block, load) : null,
      article: articleOf(plan, block, blocks),
      tieDowns: lines.flatMap((facts) => tieDownsOf(facts, unitIds, at, several)),
    };
  });
}

/**
 * A line as a tie-down of an article: it belongs to it if it ties it to something else. One that ties parts of the article to
 * each other holds nothing of it, but is looked at like any other; one whose way nobody knows belongs to what it names.
 */
function tieDownsOf(
  facts: LineFacts,
  unitIds: ReadonlySet<string>,
  at: At | null,
  several: boolean,
): TieDown[] {
  const { pulls } = facts.shape;
  const here = pulls.filter((p) => unitIds.has(p.unitId));
  if (pulls.length === 0) {
    const named = facts.line.units.some((id) => unitIds.has(id));
    return !several || named ? [tieDownOf(facts, at)] : [];
  }
  if (here.length === 0) return [];
  const leads = here.some((p) => p.towardId === null || !unitIds.has(p.towardId));
  const tieDown = tieDownOf(facts, at);
  return leads ? [tieDown] : [{ ...tieDown, ...forcesOf(facts, 'nothing'), legs: [] }];
}
