import type { TackleBody, TackleRoute, TackleTurn } from './fields';
import { efficiencyOfWrap } from './passes';
import type { Issue } from '../result';
import { type Rigging, riggingForces } from './rigging';

/** Beyond this a tackle is refused: nobody rigs more. */
export const MOST_BODIES = 12;
export const MOST_ROPES = 8;
export const MOST_PASSES = 16;

/** A tackle as the solver reads it. */
export interface Tackle {
  readonly title: string;
  readonly bodies: readonly TackleBody[];
  readonly ropes: readonly TackleRoute[];
  readonly handForceN: number;
  readonly handAngleRad: number;
  readonly slipM: number;
}

/** What a turn leaves of the tension while hauling. */
export const turnEfficiency = (turn: TackleTurn): number =>
  turn.by === 'efficiency' ? turn.efficiency : efficiencyOfWrap(turn.mu, turn.wrapRad);

/** Angle a turn wraps: as stated with its friction, else a half turn. */
export const turnWrapRad = (turn: TackleTurn): number =>
  turn.by === 'friction' ? turn.wrapRad : Math.PI;

/** The mechanism of a tackle, without names and ratings. */
export function riggingOf({
  bodies,
  ropes,
  handAngleRad: angle,
}: Pick<Tackle, 'bodies' | 'ropes' | 'handAngleRad'>): Rigging {
  return {
    bodies: bodies.map(({ id: body, kind }, at) => ({ id: body, kind, at })),
    ropes: ropes.map((r) => ({
      from: r.from,
      passes: r.passes.map((p) => ({
        body: p.body,
        efficiency: turnEfficiency(p.turn),
        wrapRad: turnWrapRad(p.turn),
      })),
      to: r.to,
    })),
    handAngleRad: angle,
  };
}

/** Why a tackle cannot be worked out; null: it can. */
export function tackleProblem(
  tackle: Pick<Tackle, 'bodies' | 'ropes' | 'handAngleRad'>,
): Pick<Issue, 'code' | 'values'> | null {
  const forces = riggingForces(riggingOf(tackle), 'hauling');
  if (!forces.ok) return forces.issues[0]!;
  return forces.value.loadRatio > 0 ? null : { code: 'rigging-no-pull', values: {} };
}
