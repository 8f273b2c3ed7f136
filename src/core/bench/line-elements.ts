import type { LineElement } from '../line/schema';
import type { BenchSystem, RiggingDocument } from './rigging';

export const RIGGING_FORMAT = 'vast-cleat/rigging';
export const RIGGING_VERSION = 1;

/** The line a rigging stands on, as a plan would hold it: anchor, knot, rope, system, lock, anchor. */
export function lineElements(rigging: RiggingDocument): LineElement[] {
  const { system, farKnot, rope } = rigging;
  const end = (id: string, at: RiggingDocument['anchor']): LineElement => ({
    id,
    kind: 'anchor',
    at: { on: 'own', ...at },
  });
  const head: LineElement[] = [
    end('far', rigging.farAnchor),
    { id: 'far-knot', kind: 'knot', knot: farKnot, liesOnBarM: null },
    { id: 'rope', kind: 'rope', rope, gearId: null, lengthM: null },
  ];
  return [...head, ...systemElements(system), end('near', rigging.anchor)];
}

/** A system as elements of a line. */
function systemElements(system: BenchSystem): LineElement[] {
  if (system.kind === 'tackle') return [{ id: 'system', fromRigging: null, ...system }];
  const { lock, ...hitch } = system;
  return [
    { id: 'system', fromRigging: null, ...hitch },
    { id: 'lock', kind: 'lock', knot: lock },
  ];
}
