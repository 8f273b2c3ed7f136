import type { Tracer } from '../../working/working';
import type { ChainPosition, LineContext } from '../chain';
import type { ElementKindId, LineElement } from '../schema';
import type { ElementKind, Place } from '../place';
import { anchorKind, binderKind, fittingKind, ratchetKind } from './hardware';
import { attachmentKind, bendKind, lockKind, loopKind, truckersKind } from './knots';
import { chainKind, edgeKind, ropeKind, webbingKind } from './runs';
import { tackleKind } from './tackle';

/** Every element kind. Adding one: `docs/adding.md` has the files in order. */
const KINDS: { readonly [K in ElementKindId]: ElementKind<K> } = {
  anchor: anchorKind,
  knot: attachmentKind,
  rope: ropeKind,
  bend: bendKind,
  edge: edgeKind,
  loop: loopKind,
  truckers: truckersKind,
  tackle: tackleKind,
  lock: lockKind,
  webbing: webbingKind,
  ratchet: ratchetKind,
  chain: chainKind,
  binder: binderKind,
  fitting: fittingKind,
};

/** The places of one element. */
export function placesOf<V>(
  t: Tracer<V>,
  element: LineElement,
  at: ChainPosition,
  context: LineContext,
): Place<V>[] {
  // The union of kinds and the union of elements match key by key, which the compiler cannot see through an index.
  const kind = KINDS[element.kind] as ElementKind<ElementKindId>;
  return kind.places(t, element, at, context);
}
