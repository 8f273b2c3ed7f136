import { type ElementKindId, elementSchema, type LineElement } from '@/core/line/gear';
import { tackleOf } from '../bench/rigs';
import type { Deck, Line } from '@/core/securement/schema';
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

/** The next free pair of anchors across the deck, by the line's turn. */
function pair(deck: Deck, turn: number): [string, string] | null {
  const side = (left: boolean) => deck.anchors.filter((a) => (left ? a.fromCentreM > 0 : a.fromCentreM < 0)).sort((a, b) => a.fromFrontM - b.fromFrontM);
  const [left, right] = [side(true), side(false)];
  const n = Math.min(left.length, right.length);
  return n === 0 ? null : [left[turn % n]!.id, right[turn % n]!.id];
}

/** A new line over the load, on the next pair of anchors. */
export function newLine(make: LineMake, deck: Deck, lines: readonly Line[]): Line {
  const ends = pair(deck, lines.length);
  const elements: LineElement[] = [];
  const add = (e: Record<string, unknown>): void => { elements.push(elementSchema.parse(e)); };
  const anchor = (id: string, at: string | undefined): void => add(at ? { id, kind: 'anchor', at: { on: 'deck', anchorId: at } } : { id, ...BEGINNINGS.anchor, kind: 'anchor' });
  anchor('a', ends?.[0]);
  for (const kind of MIDDLE[make]) elements.push(newElement(kind, elements));
  anchor('b', ends?.[1]);
  return {
    id: freshId('l', lines), name: `Over ${lines.length + 1}`, kind: 'over', elements, attach: null, angle: { by: 'anchors' }, routeLengthM: null, enteredPretensionN: null, reading: null,
    settling: make === 'rope' ? 0.2 : 0, temporary: false,
  };
}
