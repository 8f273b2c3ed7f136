import type { KnotId } from '../../knot/knots';
import type { Rope } from '../../rope/rope';
import type { ElementKindId, LineElement } from '../schema';
import { anchorKind } from './anchor';
import { binderKind } from './binder';
import { edgeKind } from './edge';
import { fittingKind } from './fitting';
import { hookKind } from './hook';
import type { ElementKind } from './kind';
import { attachmentKind, bendKind, lockKind, loopKind } from './knots';
import { ratchetKind } from './ratchet';
import { ropeKind } from './rope';
import { tackleKind } from './tackle';
import { truckersKind } from './truckers';
import { chainKind, webbingKind } from './webbing-and-chain';
import { wireKind } from './wire';

/** Every element kind. Adding one: `docs/adding.md` has the files in order. */
export const KINDS: { readonly [K in ElementKindId]: ElementKind<K> } = {
  anchor: anchorKind,
  knot: attachmentKind,
  rope: ropeKind,
  bend: bendKind,
  edge: edgeKind,
  hook: hookKind,
  loop: loopKind,
  truckers: truckersKind,
  tackle: tackleKind,
  lock: lockKind,
  webbing: webbingKind,
  ratchet: ratchetKind,
  chain: chainKind,
  wire: wireKind,
  binder: binderKind,
  fitting: fittingKind,
};

/**
 * The kind of an element, to be asked about that element only. The union of kinds and the union of elements match key by
 * key, which the compiler cannot see through an index.
 */
export const kindOf = (element: LineElement): ElementKind<ElementKindId> =>
  KINDS[element.kind] as ElementKind<ElementKindId>;

/** Whether it carries tension along the line. */
export const isRun = (element: LineElement): boolean => kindOf(element).role === 'run';

/** Hardware that a rope cannot reach through: a knot on this side of it is not tied in the rope beyond. */
export const isHardware = (element: LineElement): boolean => {
  const { role } = kindOf(element);
  return role === 'anchor' || role === 'hardware';
};

/** Knots tied in an element, or that it is. */
export const knotsIn = (element: LineElement): readonly KnotId[] =>
  kindOf(element).knots?.(element) ?? [];

/** The ropes of a line. */
export const ropesIn = (elements: readonly LineElement[]): Rope[] =>
  elements.flatMap((e) => kindOf(e).run?.(e).rope ?? []);

/** EA of what gives most along a line, N: of several in a row nobody knows how long each is. Null: not known, or nothing runs. */
export function softestRunN(elements: readonly LineElement[]): number | null {
  const runs = elements.flatMap((e) => kindOf(e).run?.(e).stiffnessN ?? (isRun(e) ? [null] : []));
  const known = runs.filter((k) => k !== null);
  return known.length === 0 || known.length < runs.length ? null : Math.min(...known);
}
