import type { Strength, CommodityId } from '../schema';
import type { StrengthBasis } from '../../rope/strength';
import type { RuleSetId } from '../../exchange/plan';
import type { Tracer, Working } from '../../working/working';
import type { Leg } from '../geometry';
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
}

/** The article to be held, as rules see it. Lengths m, mass kg. */
export interface Article {
  readonly massKg: number | null;
  readonly lengthM: number;
  readonly widthM: number;
  readonly heightM: number;
  readonly cgHeightM: number | null;
  readonly friction: Ranged;
  readonly commodity: CommodityId;
  readonly rows: number;
  readonly fullyContained: boolean;
  readonly blocking: Readonly<Record<'forward' | 'rearward' | 'left' | 'right', Blocking>>;
  /** Box on the deck, for lever arms; null when only the size is known. */
  readonly box: { readonly front: number; readonly rear: number; readonly left: number; readonly right: number } | null;
}

/** One securement, as rules see it. */
export interface TieDown {
  readonly id: string;
  readonly name: string;
  readonly kind: 'over' | 'direct' | 'loop';
  readonly gear: 'rope' | 'webbing' | 'chain' | 'none';
  readonly legs: readonly Leg[];
  readonly crosses: boolean;
  readonly wll: Ranged;
  /** WLL as a pull on the load: unknown also when nobody knows where the line runs. */
  readonly pull: Ranged;
  readonly pretension: Ranged;
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

/** One body of rules: data and pure functions. Adding one touches no other. */
export interface RuleSet {
  readonly id: RuleSetId;
  readonly name: string;
  readonly edition: string;
  /** One line for the driver: what this rule set is, and is not. */
  readonly standing: string;
  /** Where a rope's WLL comes from under these rules. */
  basis(strength: Strength): StrengthBasis;
  readonly unmarkedByUsTable: boolean;
  /** Whether a line's pretension counts at all; where only WLL counts, an unknown tension is not worth a word. */
  readonly countsPretension: boolean;
  assess(input: RuleInput): RuleOutcome;
}

/** Which end of the unknowns a figure is computed at. */
export type End = 'low' | 'high';

/** A ranged figure at one end, told to a tracer. An unknown counts as nothing at the low end, and the source says so. */
export function at<V>(t: Tracer<V>, ranged: Ranged, end: End, adopt: (working: Working) => V): V {
  if (ranged.working.value !== null) return adopt(ranged.working);
  return t.given({
    label: ranged.working.label, symbol: ranged.working.symbol, value: ranged[end], unit: ranged.working.unit,
    source: `not known, counted as ${end === 'low' ? 'nothing' : 'unlimited'}`, confidence: 'default',
  });
}
