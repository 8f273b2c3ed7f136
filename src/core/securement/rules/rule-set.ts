import type { ElementKindId } from '../../line/schema';
import type { FrictionPairId } from '../friction';
import type { Strength } from '../schema';
import type { CommodityId, Direction } from '../vocabulary';
import type { StrengthBasis } from '../../rope/strength';
import type { RuleSetId, RuleSetTitle } from '../rule-set-ids';
import type { Tracer, Working } from '../../working/working';
import type { Leg } from '../leg';
import type { UnitPull } from '../route/path';
import type { Finding, TallyRow } from '../verdict';

/** A figure that is known, or lies between two bounds. */
export interface Ranged {
  readonly working: Working;
  /** Value with the unknown at its worst and at its best. */
  readonly low: number;
  readonly high: number;
}

/** A board the load touches. */
export interface Blocking {
  readonly touching: boolean;
  readonly capacity: Ranged;
  /** How high it reaches, m; unknown: its foot only at the worst, the whole face at the best. */
  readonly heightM: number | null;
}

/** The article to be held, as rules see it: a unit, a stack, or what lines hold together. Lengths m, mass kg. */
export interface Article {
  readonly massKg: number | null;
  readonly lengthM: number;
  readonly widthM: number;
  readonly heightM: number;
  readonly cgHeightM: number | null;
  /** Centre of gravity forward and left of the load's middle; unknown counts as the middle. */
  readonly cgForwardM: number | null;
  readonly cgLeftM: number | null;
  /** It may lie this far off that, either way. */
  readonly cgForwardWithinM: number;
  readonly cgLeftWithinM: number;
  readonly friction: Ranged;
  readonly commodity: CommodityId;
  readonly rows: number;
  readonly fullyContained: boolean;
  readonly blocking: Readonly<Record<Direction, Blocking>>;
  /** Box on the deck, for lever arms; null when only the size is known. */
  readonly box: {
    readonly front: number;
    readonly rear: number;
    readonly left: number;
    readonly right: number;
  } | null;
}

/**
 * How far a line may be counted on. `sound`: as it stands; `unknown`: something of it is missing or not placed, so that it
 * counts for nothing at the worst; `nothing`: it certainly does not hold the load.
 */
export type Soundness = 'sound' | 'unknown' | 'nothing';

/** One securement, as rules see it. */
export interface TieDown {
  readonly id: string;
  readonly name: string;
  readonly kind: 'over' | 'direct' | 'loop';
  /** What runs along it. */
  readonly gear: ElementKindId | 'none';
  readonly soundness: Soundness;
  /** Nobody knows where it runs: at its best it pulls against any motion and straight down at once. `legs` and `pulls` are empty then. */
  readonly anyWay: boolean;
  readonly legs: readonly Leg[];
  /** Its pulls on every unit of the load, whichever article is looked at. */
  readonly pulls: readonly UnitPull[];
  /** How far the tensions before and after each unit it lies on may differ; 1: equal. */
  readonly ratios: readonly number[];
  /** Its ends lie on different sides of the vehicle; null: not known. */
  readonly crosses: boolean | null;
  readonly wll: Ranged;
  /** WLL as a pull on the load: unknown also when nobody knows where the line runs. */
  readonly pull: Ranged;
  /** What it stands before it parts, as a pull on the load. */
  readonly breaking: Ranged;
  readonly pretension: Ranged;
  /** Tension it keeps, whatever the line may carry, N; null: not known. */
  readonly keptN: number | null;
  /** Element ids of knots, hitches, bends and locks. */
  readonly knotIds: readonly string[];
  readonly sharpEdgeIds: readonly string[];
  readonly adjustable: boolean;
}

export interface RuleInput {
  readonly article: Article;
  readonly tieDowns: readonly TieDown[];
}

export interface RuleOutcome {
  readonly rows: readonly TallyRow[];
  readonly findings: readonly Finding[];
}

/** Accelerations in g that statics must balance, and at which strength of the lines. */
export interface StaticsBox {
  readonly id: string;
  readonly clause: string;
  readonly strength: 'working' | 'breaking';
  /** 0 where the box asks nothing. */
  readonly requiredG: Readonly<Record<Direction, number>>;
  /** How much of the weight stands on the deck meanwhile (c_z): a ship falls away under its load. 1 where left out. */
  readonly weightPart?: number;
}

/** What a rule set asks of statics. */
export interface StaticsAsked {
  readonly boxes: readonly StaticsBox[];
  /** Part of the weight that must be held down against lifting, where it is asked. */
  readonly downPart: number | null;
  /**
   * The set's own word stands where only an unknown tension or an unknown breaking strength keeps statics from an answer:
   * its rule does not ask for either. Statics that surely fall short count all the same.
   */
  readonly ruleStandsWithoutTension: boolean;
}

/**
 * A comparison of a rule as far as it adds up over lines: what the rule reckons with is never more than `base` and what
 * `each` of the tie-downs adds, in their order. Where that falls short nothing else helps.
 */
export interface RuleBound {
  readonly code: TallyRow['code'];
  readonly direction: TallyRow['direction'];
  readonly unit: TallyRow['unit'];
  readonly required: number;
  readonly base: number;
  readonly each: readonly number[];
}

/** One body of rules: data and pure functions. Adding one touches no other. */
export interface RuleSet extends RuleSetTitle {
  readonly id: RuleSetId;
  /** Where a rope's WLL comes from under these rules. */
  basis(strength: Strength): StrengthBasis;
  readonly unmarkedByUsTable: boolean;
  /** The mat under the load that it knows a friction for. */
  readonly mat: FrictionPairId;
  /** Whether a line's pretension counts at all; where only WLL counts, an unknown tension is not worth a word. */
  readonly countsPretension: boolean;
  readonly statics: StaticsAsked;
  assess(input: RuleInput): RuleOutcome;
  /** What it compares of each line by itself, whatever article that holds. `dynamicAllowance`: the crew's figure for what moves where nothing is driven. */
  rowsOfLine?(tieDown: TieDown, dynamicAllowance: number): TallyRow[];
  /** Where its comparisons ask for more than statics do: how they add up over lines. For a search, not for judging. */
  bounds?(input: RuleInput): readonly RuleBound[];
}

/** Which end of the unknowns a figure is computed at. */
export type End = 'low' | 'high';

/** A ranged figure at one end, told to a tracer. An unknown counts as nothing at the low end, and the source says so. */
export function at<V>(t: Tracer<V>, ranged: Ranged, end: End, adopt: (working: Working) => V): V {
  if (ranged.working.value !== null) return adopt(ranged.working);
  return t.given({
    label: ranged.working.label,
    symbol: ranged.working.symbol,
    value: ranged[end],
    unit: ranged.working.unit,
    source: `not known, counted as ${end === 'low' ? 'nothing' : 'unlimited'}`,
    confidence: 'default',
  });
}
