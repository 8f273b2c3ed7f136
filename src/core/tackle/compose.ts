import type { KnotId } from '../knot/knots';
import type { TackleRoute } from './fields';
import type { PassKind } from './passes';
import { SYSTEMS, type SystemId, systemRigging } from './systems';

/** A trucker's hitch as it is tied where nothing is said, in the loop that is named. */
export const plainHitch = <L extends KnotId>(loop: L) =>
  ({
    loop,
    form: 'single',
    handForceN: 250,
    inLoop: 'rope-loop',
    roundAnchor: 'ring',
    loopEfficiency: 0.5,
    anchorEfficiency: 0.6,
    handAngleRad: 0,
    passes: 1,
    tiedWith: 'end',
    anchorMode: 'slides',
    slipM: 0.005,
    shortStrandM: 0.3,
  }) as const;

/** Names of a tackle's bodies as people say them. */
const bodyName = (kind: 'load' | 'anchor' | 'travelling', round: PassKind): string =>
  kind === 'load'
    ? 'load'
    : kind === 'anchor'
      ? 'anchor'
      : round.includes('pulley')
        ? 'travelling pulley'
        : 'travelling ring';

/** A named tackle with the same thing at every turn, as an element's or a document's fields. Nothing is rated that nobody has read. */
export function tackleOf(id: SystemId, round: PassKind) {
  const system = SYSTEMS[id];
  const rigging = systemRigging(system, round);
  return {
    title: system.name,
    bodies: rigging.bodies.map((b) => ({
      id: b.id,
      kind: b.kind,
      name: bodyName(b.kind, round),
      holds: { by: 'unrated' as const },
    })),
    ropes: rigging.ropes.map((r): TackleRoute => ({
      from: r.from,
      to: r.to,
      passes: r.passes.map((p) => ({
        body: p.body,
        turn: { by: 'efficiency', round, efficiency: p.efficiency },
      })),
    })),
    handAngleRad: rigging.handAngleRad,
  };
}
