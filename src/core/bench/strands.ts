import type { BenchSystem } from '../exchange/rigging';
import { truckersRigging } from '../tackle/family';
import type { Tackle, TackleTurn } from '../tackle/fields';
import { type TackleForces, tackleForces } from '../tackle/rigging-working';
import { traced, type Working } from '../working/working';

const NAMES: Record<string, string> = { L: 'load', P: 'loop', Q: 'second loop', A: 'anchor' };

/** A hitch as the tackle it is, its turns named for what they go round. */
function tackleOfHitch(hitch: Extract<BenchSystem, { kind: 'truckers' }>): Tackle {
  const rigging = truckersRigging(hitch);
  const turn = (body: string, efficiency: number): TackleTurn => {
    const round = body === 'A' ? hitch.roundAnchor : hitch.inLoop;
    const plain = efficiency === (body === 'A' ? hitch.anchorEfficiency : hitch.loopEfficiency);
    // A round turn leaves less than its kind's range says: it stands as a figure of its own.
    return { by: 'efficiency', round: plain ? round : null, efficiency };
  };
  return {
    title: '', handForceN: hitch.handForceN, handAngleRad: hitch.handAngleRad, slipM: hitch.slipM,
    bodies: rigging.bodies.map(({ id, kind }) => ({ id, kind, name: NAMES[id] ?? id, holds: { by: 'unrated' } })),
    ropes: rigging.ropes.map((r) => ({ from: r.from, to: r.to, passes: r.passes.map((p) => ({ body: p.body, turn: turn(p.body, p.efficiency) })) })),
  };
}

/** Tension of every strand while hauling, in N, each with its working. */
export function strandWorkings(system: BenchSystem): TackleForces<Working> {
  return tackleForces(traced, system.kind === 'truckers' ? tackleOfHitch(system) : system);
}
