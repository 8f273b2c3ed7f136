import type { KnotSchoolChoice } from '../knot/efficiency';
import type { StrengthBasis } from '../rope/strength';
import type { ElementOf, LineElement, Rating } from './schema';

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

/** The part of a line that carries tension along its length. */
export type Flexible = ElementOf<'rope'> | ElementOf<'webbing'> | ElementOf<'chain'>;

/** Where an element stands, as far as its capacity cares. The same whichever end the chain is read from. */
export interface ChainPosition {
  readonly index: number;
  /**
   * What may run through this element: rope, webbing or chain next to it with no hardware between; failing that, the
   * nearest on either side. Two of them where the chain does not say: then the weaker counts.
   */
  readonly runs: readonly Flexible[];
  readonly truckers: ElementOf<'truckers'> | null;
  readonly tackle: ElementOf<'tackle'> | null;
  /** Diameter of the anchor that the trucker's hitch turns round: the thinnest that it may be; null: not measured. */
  readonly turnDiameterM: number | null;
  readonly atTensionedEnd: boolean;
  /** The anchor next to this element (for knots tied to it). */
  readonly neighbourAnchor: AnchorFact | null;
}

export const isFlexible = (e: LineElement): e is Flexible =>
  e.kind === 'rope' || e.kind === 'webbing' || e.kind === 'chain';
/** Hardware that a rope cannot reach through: a knot on this side of it is not tied in the rope beyond. */
export const isHardware = (e: LineElement): boolean =>
  e.kind === 'anchor' || e.kind === 'fitting' || e.kind === 'ratchet' || e.kind === 'binder';

/** The anchor an element stands for, or null when the deck has no anchor of that id. */
export function anchorFact(element: ElementOf<'anchor'>, context: LineContext): AnchorFact | null {
  if (element.at.on === 'own') return element.at;
  return context.anchors.get(element.at.anchorId) ?? null;
}

/** The first element in a direction that is one of these, not going past one of those. */
function toward<T extends LineElement>(
  elements: readonly LineElement[],
  from: number,
  step: -1 | 1,
  wanted: (e: LineElement) => e is T,
  past: (e: LineElement) => boolean,
): { at: number; element: T } | null {
  for (let i = from + step; i >= 0 && i < elements.length; i += step) {
    const e = elements[i]!;
    if (wanted(e)) return { at: i, element: e };
    if (past(e)) return null;
  }
  return null;
}

function runsAt(elements: readonly LineElement[], index: number): Flexible[] {
  const self = elements[index]!;
  if (isFlexible(self)) return [self];
  const sides = (past: (e: LineElement) => boolean): Flexible[] =>
    ([-1, 1] as const).flatMap(
      (step) => toward(elements, index, step, isFlexible, past)?.element ?? [],
    );
  const near = sides(isHardware);
  return near.length > 0 ? near : sides(() => false);
}

const isAnchor = (e: LineElement): e is ElementOf<'anchor'> => e.kind === 'anchor';

/**
 * Anchors that the trucker's hitch or tackle may pull toward: those it reaches without going through rope. Where that is
 * none or both the chain does not say, and both count as the hauled one.
 */
function tensionedAnchors(elements: readonly LineElement[]): number[] {
  const hitch = elements.findIndex((e) => e.kind === 'truckers' || e.kind === 'tackle');
  if (hitch < 0) return [];
  const reached = ([-1, 1] as const).flatMap(
    (step) => toward(elements, hitch, step, isAnchor, isFlexible)?.at ?? [],
  );
  return reached.length > 0
    ? reached
    : ([-1, 1] as const).flatMap(
        (step) => toward(elements, hitch, step, isAnchor, () => false)?.at ?? [],
      );
}

/** Positions of all elements of a chain, in order. */
export function positions(elements: readonly LineElement[], context: LineContext): ChainPosition[] {
  const tensioned = tensionedAnchors(elements);
  const truckers = elements.find((e) => e.kind === 'truckers') ?? null;
  const tackle = elements.find((e) => e.kind === 'tackle') ?? null;
  const factAt = (i: number): AnchorFact | null => {
    const e = elements[i];
    return e?.kind === 'anchor' ? anchorFact(e, context) : null;
  };
  const bars = tensioned.map((i) => factAt(i)?.barDiameterM ?? null);
  const turnDiameterM =
    bars.every((d): d is number => d !== null) && bars.length > 0 ? Math.min(...bars) : null;
  return elements.map((_, index) => ({
    index,
    runs: runsAt(elements, index),
    truckers,
    tackle,
    turnDiameterM,
    atTensionedEnd: tensioned.includes(index),
    neighbourAnchor: factAt(index - 1) ?? factAt(index + 1),
  }));
}
