import { z } from 'zod';
import { quantity, ratio } from '../units/quantity';
import { knotsFor } from '../knot/knots';
import { PASS_KIND_IDS } from './passes';
import { MOST_BODIES, MOST_PASSES, MOST_ROPES, type Tackle, tackleProblem } from './tackle';
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
  z.strictObject({ by: z.literal('rated'), wllN: quantity('force', { least: 1, most: 5e6 }) }),
  z.strictObject({
    by: z.literal('knot'),
    knot: z.enum([...new Set([...knotsFor('loop'), ...knotsFor('attachment')])] as [
      ReturnType<typeof knotsFor>[0],
    ]),
  }),
  z.strictObject({ by: z.literal('unrated') }),
]);

const bodySchema = z.strictObject({
  id,
  name: z.string().trim().max(40).default(''),
  kind: z.enum(['load', 'anchor', 'travelling']),
  holds: holdsSchema.default({ by: 'unrated' }),
});

/** What a turn leaves: by what it goes round, or by friction and the wrapped angle. */
const turnSchema = z.discriminatedUnion('by', [
  z.strictObject({
    by: z.literal('efficiency'),
    round: z.enum(PASS_KIND_IDS).nullable().default(null),
    efficiency: ratio(0.01, 1),
  }),
  z.strictObject({
    by: z.literal('friction'),
    mu: ratio(0, 1),
    wrapRad: quantity('angle', { least: 0.01, most: 40 }),
  }),
]);

const routeSchema = z.strictObject({
  from: z.union([z.literal('hand'), z.strictObject({ body: id })]),
  passes: z.array(z.strictObject({ body: id, turn: turnSchema })).max(MOST_PASSES),
  to: id,
});

export type TackleBody = z.infer<typeof bodySchema>;
export type TackleTurn = z.infer<typeof turnSchema>;
export type TackleRoute = z.infer<typeof routeSchema>;

/** Bodies in their order from the load to the anchor, and ropes as routes from the pulled end. */
export const tackleFields = {
  title: z.string().trim().max(60).default(''),
  bodies: z.array(bodySchema).min(2).max(MOST_BODIES),
  ropes: z.array(routeSchema).min(1).max(MOST_ROPES),
  handForceN: hand.default(250),
  handAngleRad,
  slipM: slip,
};

/** Refuses a tackle that cannot be worked out, with the reason. */
export function refuseUnsolvable(
  tackle: Pick<Tackle, 'bodies' | 'ropes' | 'handAngleRad'>,
  context: z.RefinementCtx,
): void {
  const reason = tackleProblem(tackle);
  if (reason)
    context.addIssue({
      code: 'custom',
      message: reason.code,
      path: ['ropes'],
      params: { code: reason.code, values: reason.values },
    });
}
