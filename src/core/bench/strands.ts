import type { BenchSystem, RiggingDocument } from './rigging';
import type { BenchFigures } from './figures';
import { truckersRigging } from '../tackle/family';
import type { TackleTurn } from '../tackle/fields';
import type { Tackle } from '../tackle/tackle';
import type { RiggingPass } from '../tackle/rigging';
import { type TackleForces, tackleForces } from '../tackle/rigging-working';
import { traced, type Working } from '../working/working';

const NAMES: Record<string, string> = { L: 'load', P: 'loop', Q: 'second loop', A: 'anchor' };

/** A hitch as the tackle it is, its turns named for what they go round. */
function tackleOfHitch(hitch: Extract<BenchSystem, { kind: 'truckers' }>): Tackle {
  const rigging = truckersRigging(hitch);
  const turn = ({ body, efficiency, wrapRad }: RiggingPass): TackleTurn => {
    const round = body === 'A' ? hitch.roundAnchor : hitch.inLoop;
    // A round turn is more than the half turn its kind's range is for: it stands with its own angle.
    return wrapRad !== undefined && wrapRad > Math.PI
      ? { by: 'friction', mu: -Math.log(efficiency) / wrapRad, wrapRad }
      : { by: 'efficiency', round, efficiency };
  };
  return {
    title: '',
    handForceN: hitch.handForceN,
    handAngleRad: hitch.handAngleRad,
    slipM: hitch.slipM,
    bodies: rigging.bodies.map(({ id, kind }) => ({
      id,
      kind,
      name: NAMES[id] ?? id,
      holds: { by: 'unrated' },
    })),
    ropes: rigging.ropes.map((r) => ({
      from: r.from,
      to: r.to,
      passes: r.passes.map((p) => ({ body: p.body, turn: turn(p) })),
    })),
  };
}

/** Tension of every strand while hauling, in N, each with its working. */
export function strandWorkings(system: BenchSystem): TackleForces<Working> {
  return tackleForces(traced, system.kind === 'truckers' ? tackleOfHitch(system) : system);
}

/**
 * Tension of every strand in N, numbers only: hauled by the hand, or once tied off. Without the hand the strands of each loop
 * even out round the anchor (a pair, four, or three and then two); in a tackle that is made fast all ease alike.
 * A tension that is not known to be kept is shown as hauled.
 */
export function strandTensions(
  { system }: Pick<RiggingDocument, 'system'>,
  figures: Pick<BenchFigures, 'hauling' | 'tension'>,
  tied: boolean,
): readonly (readonly number[])[] {
  const kept = figures.tension.kept.value;
  const hauled = (part: number): number[][] =>
    figures.hauling.strands.map((rope) => rope.map((s) => s * system.handForceN * part));
  if (!tied || kept === null) return hauled(1);
  if (system.kind === 'tackle')
    return hauled(kept / Math.max(1e-9, figures.tension.hauled.value ?? 1));
  switch (system.form) {
    case 'single':
      return [[0, kept / 2, kept / 2], [kept]];
    case 'reeved-twice':
      return [[0, ...Array<number>(4).fill(kept / 4)], [kept]];
    case 'second-loop':
      return [[0, kept / 6, kept / 6], [kept / 3, kept / 3, kept / 3], [kept]];
  }
}
