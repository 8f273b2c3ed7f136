import { type ElementKindId, elementSchema, type LineElement } from '@/core/line/gear';
import { tackleOf } from '../bench/rigs';
import type { Plan } from '@/core/exchange/plan';
import { lineShape, namedAnchorIds } from '@/core/securement/geometry';
import type { Line } from '@/core/securement/schema';
import { freshId } from './usePlanner';

/** What a new element of a kind begins as; defaults of the schema fill the rest. Nothing is rated that nobody has read. */
const BEGINNINGS: Record<ElementKindId, Record<string, unknown>> = {
  anchor: { at: { on: 'own', name: 'post', rating: { state: 'unrated' }, surface: 'wood' } },
  knot: { knot: 'bowline' },
  rope: { rope: { material: 'polyester', diameterM: 0.012 } },
  bend: { knot: 'double-fishermans' },
  edge: { name: 'edge', shape: 'protected', bendDiameterM: 0.1 },
  loop: { knot: 'alpine-butterfly' },
  truckers: { loop: 'alpine-butterfly' },
  tackle: { ...tackleOf('simple-3', 'plain-pulley') },
  lock: { knot: 'two-half-hitches' },
  webbing: { widthM: 0.05 },
  ratchet: { rating: { state: 'unrated' } },
  chain: { grade: '70', sizeM: 0.009525 },
  binder: { rating: { state: 'unrated' } },
  fitting: { name: 'hook', rating: { state: 'unrated' } },
};

/** A new element of a kind with an id the line does not have. */
export function newElement(kind: ElementKindId, taken: readonly LineElement[]): LineElement {
  return elementSchema.parse({ ...BEGINNINGS[kind], kind, id: freshId(kind, taken) });
}

/** What a new line is made of. */
export const LINE_MAKES = [
  { id: 'rope', name: 'rope with a trucker’s hitch' },
  { id: 'webbing', name: 'webbing with a ratchet' },
  { id: 'chain', name: 'chain with a binder' },
] as const;
export type LineMake = (typeof LINE_MAKES)[number]['id'];

const MIDDLE: Record<LineMake, readonly ElementKindId[]> = {
  rope: ['knot', 'rope', 'edge', 'edge', 'truckers', 'lock'], webbing: ['webbing', 'edge', 'edge', 'ratchet'], chain: ['chain', 'edge', 'edge', 'binder'],
};

/** A line with these ends, only to ask geometry where it would lie. */
const between = (id: string, a: string, b: string): Line => ({
  id, name: '', kind: 'over', attach: null, angle: { by: 'anchors' }, routeLengthM: null, enteredPretensionN: null, reading: null, settling: 0, temporary: false,
  elements: [a, b].map((anchorId, i): LineElement => ({ id: `${i}`, kind: 'anchor', at: { on: 'deck', anchorId } })),
});

/** Further askew than this nobody leads a line across a load. Common practice, no source. */
const MOST_ASKEW_M = 1;

/**
 * The pair of anchors for the next line over the load: on both sides of it, across rather than askew, where no line is
 * yet, and as far from the others as may be. Null when no pair lets a line lie over the load.
 */
export function pairOverLoad({ deck, cargo, lines }: Pick<Plan, 'deck' | 'cargo' | 'lines'>): readonly [string, string] | null {
  const taken = new Map<string, number>();
  for (const id of lines.flatMap((l) => namedAnchorIds(l.elements))) taken.set(id, (taken.get(id) ?? 0) + 1);
  const lieAt = lines.flatMap((l) => (l.kind === 'over' ? lineShape(l, cargo, deck).legs.slice(0, 1).flatMap((leg) => leg.at?.x ?? []) : []));
  const middle = -cargo.fromFrontM - cargo.lengthM / 2;
  const pairs = deck.anchors.flatMap((a) => deck.anchors.flatMap((b) => {
    if (a.fromCentreM <= b.fromCentreM || a.id === b.id || Math.abs(a.fromFrontM - b.fromFrontM) > MOST_ASKEW_M) return [];
    const shape = lineShape(between('x', a.id, b.id), cargo, deck);
    const at = shape.legs[0]?.at;
    if (shape.problem !== null || !at) return [];
    const uses = (taken.get(a.id) ?? 0) + (taken.get(b.id) ?? 0);
    const apart = lieAt.length > 0 ? -Math.min(...lieAt.map((x) => Math.abs(x - at.x))) : Math.abs(at.x - middle);
    return [{ ends: [a.id, b.id] as const, rank: [uses, Math.abs(a.fromFrontM - b.fromFrontM) > 0.3 ? 1 : 0, apart] }];
  }));
  const first = pairs.sort((p, q) => p.rank[0]! - q.rank[0]! || p.rank[1]! - q.rank[1]! || p.rank[2]! - q.rank[2]!)[0];
  return first?.ends ?? null;
}

/** A new line over the load, at anchors that are there; null when the deck has none that let it lie over the load. */
export function newLine(make: LineMake, plan: Pick<Plan, 'deck' | 'cargo' | 'lines'>): Line | null {
  const ends = pairOverLoad(plan);
  if (!ends) return null;
  const { lines } = plan;
  const onDeck = (id: string, anchorId: string): LineElement => ({ id, kind: 'anchor', at: { on: 'deck', anchorId } });
  const elements: LineElement[] = [onDeck('a', ends[0])];
  for (const kind of MIDDLE[make]) elements.push(newElement(kind, elements));
  elements.push(onDeck('b', ends[1]));
  return { ...between(freshId('l', lines), ...ends), name: `Over ${lines.length + 1}`, elements, settling: make === 'rope' ? 0.2 : 0 };
}

/** What holds the load at the end of a line that goes directly to it. */
export const loadEnd = (id: string): LineElement => elementSchema.parse({ id, kind: 'anchor', at: { on: 'own', name: 'lug of the load', rating: { state: 'unrated' }, surface: 'metal' } });
