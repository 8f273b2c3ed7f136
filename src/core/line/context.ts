import type { KnotSchoolChoice } from '../knot/efficiency';
import type { Rope } from '../rope/rope';
import type { StrengthBasis } from '../rope/strength';
import type { Tracer } from '../working/working';
import type { PlaceProblem } from './place';
import type { ElementKindId, ElementOf, Rating } from './schema';

/** An anchor as the line sees it, wherever it is defined. */
export interface AnchorFact {
  readonly name: string;
  readonly rating: Rating;
  readonly barDiameterM: number | null;
  readonly surface: 'metal' | 'wood' | 'other';
}

/** What a line's capacity depends on besides the line. */
export interface LineContext {
  readonly basis: StrengthBasis;
  readonly knotSchool: KnotSchoolChoice;
  /** Unmarked webbing and chain take the US default table; elsewhere they are unknown. */
  readonly unmarkedByUsTable: boolean;
  readonly temporary: boolean;
  readonly anchors: ReadonlyMap<string, AnchorFact>;
  /** How many times the line's tension an anchor bears because other lines pull on it too; at least 1. */
  readonly anchorSharing: ReadonlyMap<string, number>;
  /** `breaking`: what the line surely stands before it parts, instead of what it may carry. */
  readonly limit?: 'breaking';
}

/** What carries tension along the line, as the elements it runs through see it. */
export interface Run {
  readonly kind: ElementKindId;
  /** The rope it is; null: something that is not knotted. */
  readonly rope: Rope | null;
  /** EA: the force at which it would be twice as long, N; null: not known. */
  readonly stiffnessN: number | null;
  /** Why no knot is tied in it; null: knots are. */
  readonly noKnots: PlaceProblem | null;
  /**
   * Why it has no figure over an edge that is not sharp, `diameterM` its bend (null: not measured); null: its own marking covers it.
   * Rope is not asked: its figure there comes from the bend itself.
   */
  overEdge(shape: 'rounded' | 'protected', diameterM: number | null): PlaceProblem | null;
}

/** Whose force a system that hauls the line changes: the anchor it is hauled to, the knot that makes it fast. */
export type HauledPart = 'anchor' | 'lock';

/** A system that hauls the line, as its anchor and its lock see it. */
export interface Hauling {
  /** Largest part of the load line's tension that falls to one of them, hauling and made fast; undefined: the whole. */
  share<V>(t: Tracer<V>, part: HauledPart): V | undefined;
}

/** Where an element stands, as far as its capacity cares. The same whichever end the line is read from. */
export interface LinePosition {
  readonly index: number;
  /**
   * What may run through this element: rope, webbing or chain next to it with no hardware between; failing that, the
   * nearest on either side. Two of them where the line does not say: then the weaker counts.
   */
  readonly runs: readonly Run[];
  readonly hauling: readonly Hauling[];
  /** Diameter of the anchor that a hauled hitch turns round: the thinnest that it may be; null: not measured. */
  readonly turnDiameterM: number | null;
  readonly atTensionedEnd: boolean;
  /** The anchor next to this element (for knots tied to it). */
  readonly neighbourAnchor: AnchorFact | null;
}

/** The anchor an element stands for, or null when the deck has no anchor of that id. */
export function anchorFact(element: ElementOf<'anchor'>, context: LineContext): AnchorFact | null {
  if (element.at.on === 'own') return element.at;
  return context.anchors.get(element.at.anchorId) ?? null;
}
