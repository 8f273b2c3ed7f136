import { freshId } from '../ids';
import { KINDS } from './elements';
import type { ElementKindId, LineElement } from './schema';

/** A new element of a kind with an id the line does not have. */
export function newElement(
  kind: ElementKindId,
  taken: readonly { readonly id: string }[],
): LineElement {
  return { ...KINDS[kind].beginning, kind, id: freshId(kind, taken) } as LineElement;
}

/** What holds the load at the end of a line that goes directly to it. */
export const loadEnd = (id: string): LineElement => ({
  id,
  kind: 'anchor',
  at: {
    on: 'own',
    name: 'lug of the load',
    rating: { state: 'unrated' },
    barDiameterM: null,
    surface: 'metal',
  },
});
