import { freshId } from '../ids';
import { plainRope } from '../rope/plain';
import { plainHitch, tackleOf } from '../tackle/compose';
import type { ElementKindId, ElementOf, LineElement } from './schema';

/** A slip while the hauled end is made fast, and a hand, where nothing is said: as a plan takes them. */
const HAULED = { handForceN: 250, slipM: 0.005, fromRigging: null } as const;
const UNRATED = { state: 'unrated' } as const;
const UNTAGGED = { tag: '', gearId: null } as const;

/** What a new element of a kind begins as. Nothing is rated that nobody has read. */
const BEGINNINGS: { readonly [K in ElementKindId]: Omit<ElementOf<K>, 'id' | 'kind'> } = {
  anchor: { at: { on: 'own', name: 'post', rating: UNRATED, barDiameterM: null, surface: 'wood' } },
  knot: { knot: 'bowline', liesOnBarM: null },
  rope: {
    rope: plainRope({ material: 'polyester', diameterM: 0.012 }),
    gearId: null,
    lengthM: null,
  },
  bend: { knot: 'double-fishermans' },
  edge: { name: 'edge', shape: 'protected', bendDiameterM: 0.1, mu: null },
  loop: { knot: 'alpine-butterfly' },
  truckers: { ...plainHitch('alpine-butterfly'), fromRigging: null },
  tackle: { ...tackleOf('simple-3', 'plain-pulley'), ...HAULED },
  lock: { knot: 'two-half-hitches' },
  webbing: { widthM: 0.05, markedWllN: null, ...UNTAGGED },
  ratchet: { rating: UNRATED, standardTensionN: null, handForceN: 500, ...UNTAGGED },
  chain: { grade: '70', sizeM: 0.009525, markedWllN: null, ...UNTAGGED },
  binder: { rating: UNRATED, leverRatio: 25, efficiency: 0.3, handForceN: 500, ...UNTAGGED },
  fitting: { name: 'hook', rating: UNRATED, turnRad: 0, barDiameterM: null, ...UNTAGGED },
};

/** A new element of a kind with an id the line does not have. */
export function newElement(
  kind: ElementKindId,
  taken: readonly { readonly id: string }[],
): LineElement {
  return { ...BEGINNINGS[kind], kind, id: freshId(kind, taken) } as LineElement;
}

/** What holds the load at the end of a line that goes directly to it. */
export const loadEnd = (id: string): LineElement => ({
  id,
  kind: 'anchor',
  at: { on: 'own', name: 'lug of the load', rating: UNRATED, barDiameterM: null, surface: 'metal' },
});
