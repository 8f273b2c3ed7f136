import type { KnotSchoolChoice } from '../knot/efficiency';
import type { StrengthBasis } from '../rope/strength';
import type { ElementOf, LineElement, Rating } from './gear';

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
}

/** The part of a line that carries tension along its length. */
export type Flexible = ElementOf<'rope'> | ElementOf<'webbing'> | ElementOf<'chain'>;

/** Where an element stands, as far as its capacity cares. */
export interface ChainPosition {
  readonly index: number;
  /** What runs through this element: the nearest rope, webbing or chain before it, else after it. */
  readonly flexible: Flexible | null;
  readonly nextFlexible: Flexible | null;
  readonly truckers: ElementOf<'truckers'> | null;
  readonly tackle: ElementOf<'tackle'> | null;
  /** The anchor the trucker's hitch or the tackle pulls toward. */
  readonly tensionedAnchor: AnchorFact | null;
  readonly atTensionedEnd: boolean;
  /** The anchor next to this element (for knots tied to it). */
  readonly neighbourAnchor: AnchorFact | null;
}

const isFlexible = (e: LineElement): e is Flexible => e.kind === 'rope' || e.kind === 'webbing' || e.kind === 'chain';

/** The anchor an element stands for, or null when the deck has no anchor of that id. */
export function anchorFact(element: ElementOf<'anchor'>, context: LineContext): AnchorFact | null {
  if (element.at.on === 'own') return element.at;
  return context.anchors.get(element.at.anchorId) ?? null;
}

/** The anchor nearer to the trucker's hitch or tackle along the chain; on a tie the later one. */
function tensionedAnchorIndex(elements: readonly LineElement[]): number {
  const hitch = elements.findIndex((e) => e.kind === 'truckers' || e.kind === 'tackle');
  if (hitch < 0) return -1;
  let best = -1;
  elements.forEach((e, i) => {
    if (e.kind === 'anchor' && (best < 0 || Math.abs(i - hitch) <= Math.abs(best - hitch))) best = i;
  });
  return best;
}

/** Positions of all elements of a chain, in order. */
export function positions(elements: readonly LineElement[], context: LineContext): ChainPosition[] {
  const tensioned = tensionedAnchorIndex(elements);
  const truckers = elements.find((e) => e.kind === 'truckers') ?? null;
  const tackle = elements.find((e) => e.kind === 'tackle') ?? null;
  const factAt = (i: number): AnchorFact | null => {
    const e = elements[i];
    return e?.kind === 'anchor' ? anchorFact(e, context) : null;
  };
  return elements.map((_, index) => {
    const before = elements.slice(0, index + 1).findLast(isFlexible) ?? null;
    const after = elements.slice(index + 1).find(isFlexible) ?? null;
    return {
      index, flexible: before ?? after, nextFlexible: after, truckers, tackle,
      tensionedAnchor: factAt(tensioned), atTensionedEnd: index === tensioned,
      neighbourAnchor: factAt(index - 1) ?? factAt(index + 1),
    };
  });
}
