import { z } from 'zod';
import { quantity, ratio } from '../exchange/quantity';
import { knotsFor } from '../knot/knots';
import { efficiencyOfWrap, PASS_KIND_IDS } from './passes';
import { type Rigging, riggingForces } from './rigging';
import { TRUCKERS_FORMS } from './truckers';

/** What a plan's element and a rigging of its own have in common, so that either can become the other. */

const id = z.string().trim().min(1).max(40);
const hand = quantity('force', { least: 1, most: 5000 });
const slip = quantity('length', { least: 0, most: 0.1 }).default(0.005);
const handAngleRad = quantity('angle', { least: 0, most: Math.PI }).default(0);

/** The trucker's family. Efficiencies are of a half turn while hauling; source of the defaults: riggers' ranges, from memory. */
export const truckersFields = {
  loop: z.enum(knotsFor('loop')),
  form: z.enum(TRUCKERS_FORMS).default('single'),
  handForceN: hand.default(250),
  /** What the rope turns round in the loop and at the anchor; the efficiencies say how much is left. */
  inLoop: z.enum(PASS_KIND_IDS).default('rope-loop'),
  roundAnchor: z.enum(PASS_KIND_IDS).default('ring'),
  loopEfficiency: ratio(0.05, 1).default(0.5),
  anchorEfficiency: ratio(0.05, 1).default(0.6),
  handAngleRad,
  passes: z.union([z.literal(1), z.literal(2)]).default(1),
  /** Tied with the end of the rope, or with a bight where the rope goes on: the end is never touched. */
  tiedWith: z.enum(['end', 'bight']).default('end'),
  anchorMode: z.enum(['slides', 'holds']).default('slides'),
  slipM: slip,
  shortStrandM: quantity('length', { least: 0.05, most: 5 }).default(0.3),
};

/** What a body of a tackle may take: its marking, a knot in the line's own rope, or nothing known. */
const holdsSchema = z.discriminatedUnion('by', [
  z.object({ by: z.literal('rated'), wllN: quantity('force', { least: 1, most: 5e6 }) }),
  z.object({ by: z.literal('knot'), knot: z.enum([...new Set([...knotsFor('loop'), ...knotsFor('attachment')])] as [ReturnType<typeof knotsFor>[0]]) }),
  z.object({ by: z.literal('unrated') }),
]);

const bodySchema = z.object({
  id, name: z.string().trim().max(40).default(''), kind: z.enum(['load', 'anchor', 'travelling']), holds: holdsSchema.default({ by: 'unrated' }),
});

/** What a turn leaves: by what it goes round, or by friction and the wrapped angle. */
const turnSchema = z.discriminatedUnion('by', [
  z.object({ by: z.literal('efficiency'), round: z.enum(PASS_KIND_IDS).nullable().default(null), efficiency: ratio(0.01, 1) }),
  z.object({ by: z.literal('friction'), mu: ratio(0, 1), wrapRad: quantity('angle', { least: 0.01, most: 40 }) }),
]);

const routeSchema = z.object({
  from: z.union([z.literal('hand'), z.object({ body: id })]),
  passes: z.array(z.object({ body: id, turn: turnSchema })).max(16),
  to: id,
});

export type TackleBody = z.infer<typeof bodySchema>;
export type TackleTurn = z.infer<typeof turnSchema>;
export type TackleRoute = z.infer<typeof routeSchema>;

/** Bodies in their order from the load to the anchor, and ropes as routes from the pulled end. */
export const tackleFields = {
  title: z.string().trim().max(60).default(''),
  bodies: z.array(bodySchema).min(2).max(12),
  ropes: z.array(routeSchema).min(1).max(8),
  handForceN: hand.default(250),
  handAngleRad,
  slipM: slip,
};

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
export const turnEfficiency = (turn: TackleTurn): number => (turn.by === 'efficiency' ? turn.efficiency : efficiencyOfWrap(turn.mu, turn.wrapRad));

/** Angle a turn wraps: as stated with its friction, else a half turn. */
export const turnWrapRad = (turn: TackleTurn): number => (turn.by === 'friction' ? turn.wrapRad : Math.PI);

/** The mechanism of a tackle, without names and ratings. */
export function riggingOf({ bodies, ropes, handAngleRad: angle }: Pick<Tackle, 'bodies' | 'ropes' | 'handAngleRad'>): Rigging {
  return {
    bodies: bodies.map(({ id: body, kind }, at) => ({ id: body, kind, at })),
    ropes: ropes.map((r) => ({ from: r.from, passes: r.passes.map((p) => ({ body: p.body, efficiency: turnEfficiency(p.turn), wrapRad: turnWrapRad(p.turn) })), to: r.to })),
    handAngleRad: angle,
  };
}

/** Refuses a tackle that cannot be worked out, with the reason. */
export function refuseUnsolvable(tackle: Pick<Tackle, 'bodies' | 'ropes' | 'handAngleRad'>, context: z.RefinementCtx): void {
  const forces = riggingForces(riggingOf(tackle), 'hauling');
  const reason = forces.ok ? (forces.value.loadRatio > 0 ? null : { code: 'rigging-no-pull', values: {} }) : forces.issues[0]!;
  if (reason) context.addIssue({ code: 'custom', message: reason.code, path: ['ropes'], params: { code: reason.code, values: reason.values } });
}
