import { z } from 'zod';
import { quantity, ratio } from '../units/quantity';
import { knotsFor } from '../knot/knots';
import { ropeSchema } from '../rope/rope';
import { refuseUnsolvable, tackleFields, truckersFields } from '../tackle/fields';

const force = quantity('force', { least: 1, most: 5e6 });
const size = quantity('length', { least: 0.001, most: 2 });
const name = z.string().trim().max(60);

/** What a piece of hardware may take: its own marking, or nothing known. */
export const ratingSchema = z.discriminatedUnion('state', [
  z.strictObject({ state: z.literal('rated'), wllN: force }),
  z.strictObject({ state: z.literal('unrated') }),
]);
export type Rating = z.infer<typeof ratingSchema>;

/** What an anchor is made of, as far as knots care. */
export const surfaceSchema = z.enum(['metal', 'wood', 'other']);

const id = z.string().trim().min(1).max(40);

export const anchorSchema = z.strictObject({
  id,
  kind: z.literal('anchor'),
  at: z.discriminatedUnion('on', [
    z.strictObject({ on: z.literal('deck'), anchorId: id }),
    z.strictObject({
      on: z.literal('own'),
      name,
      rating: ratingSchema,
      barDiameterM: size.nullable().default(null),
      surface: surfaceSchema.default('metal'),
    }),
  ]),
});

/** Attachment knot. `liesOnBarM`: diameter of another edge under the knot's body, when there is one. */
export const knotSchema = z.strictObject({
  id,
  kind: z.literal('knot'),
  knot: z.enum(knotsFor('attachment')),
  liesOnBarM: size.nullable().default(null),
});

/** The thing of the locker an element is, if it is one. What counts is written in the plan; the locker may have moved on. */
const gearId = z.uuid().nullable().default(null);

/** `lengthM`: what there is of it; null: nobody measured. */
export const ropeElementSchema = z.strictObject({
  id,
  kind: z.literal('rope'),
  rope: ropeSchema,
  gearId,
  lengthM: quantity('length', { least: 0.01, most: 5000 }).nullable().default(null),
});

export const bendSchema = z.strictObject({
  id,
  kind: z.literal('bend'),
  knot: z.enum(knotsFor('bend')),
});

/** A change of direction over cargo. `bendDiameterM`: of the corner, the bar, or twice the protector's radius. */
export const edgeSchema = z.strictObject({
  id,
  kind: z.literal('edge'),
  name: name.default('edge'),
  shape: z.enum(['sharp', 'rounded', 'protected']),
  bendDiameterM: size.nullable().default(null),
  /** Friction of the line on it; null: not known, and then both sides of it have one tension. */
  mu: ratio(0, 1).nullable().default(null),
});

/** A hook or ring of the deck that the rope turns round: what passes through while it is hauled, and whether it is locked there. */
export const hookSchema = z.strictObject({
  id,
  kind: z.literal('hook'),
  anchorId: z.string().trim().max(40),
  efficiency: ratio(0.05, 1).default(0.55),
  locked: z.boolean().default(false),
});

export const loopSchema = z.strictObject({
  id,
  kind: z.literal('loop'),
  knot: z.enum(knotsFor('loop')),
});

/** The library's rigging an element was taken from, if any. */
const fromRigging = z
  .strictObject({ id: z.uuid(), title: z.string().trim().max(120) })
  .nullable()
  .default(null);

export const truckersSchema = z.strictObject({
  id,
  kind: z.literal('truckers'),
  ...truckersFields,
  fromRigging,
});

/** A tackle between the load line and its anchor. */
export const tackleSchema = z
  .strictObject({ id, kind: z.literal('tackle'), ...tackleFields, fromRigging })
  .superRefine(refuseUnsolvable);

export const lockSchema = z.strictObject({
  id,
  kind: z.literal('lock'),
  knot: z.enum(knotsFor('lock')),
});

export const webbingSchema = z.strictObject({
  id,
  kind: z.literal('webbing'),
  tag: z.string().trim().max(40).default(''),
  widthM: size,
  markedWllN: force.nullable().default(null),
  gearId,
});

/** Ratchet. `standardTensionN`: the tension its label promises at the standard hand force. */
export const ratchetSchema = z.strictObject({
  id,
  kind: z.literal('ratchet'),
  rating: ratingSchema,
  standardTensionN: force.nullable().default(null),
  handForceN: quantity('force', { least: 1, most: 5000 }).default(500),
  tag: z.string().trim().max(40).default(''),
  gearId,
});

export const chainSchema = z.strictObject({
  id,
  kind: z.literal('chain'),
  tag: z.string().trim().max(40).default(''),
  grade: z.enum(['unmarked', '30', '43', '70', '80', '100']),
  sizeM: size,
  markedWllN: force.nullable().default(null),
  gearId,
});

/** Wire rope with eyes made by its maker. `singleUse`: once used it is spent. */
export const wireSchema = z.strictObject({
  id,
  kind: z.literal('wire'),
  sizeM: size,
  singleUse: z.boolean().default(false),
  mbsN: force.nullable().default(null),
  markedWllN: force.nullable().default(null),
  tag: z.string().trim().max(40).default(''),
  gearId,
});

/** Lever or turnbuckle binder: a given ratio with an efficiency. */
export const binderSchema = z.strictObject({
  id,
  kind: z.literal('binder'),
  rating: ratingSchema,
  leverRatio: ratio(1, 200).default(25),
  efficiency: ratio(0.01, 1).default(0.3),
  handForceN: quantity('force', { least: 1, most: 5000 }).default(500),
  tag: z.string().trim().max(40).default(''),
  gearId,
});

/** Hook, ring, shackle or connector inside the line. `turnRad`: by how much it turns the load line (0: in line). */
export const fittingSchema = z.strictObject({
  id,
  kind: z.literal('fitting'),
  name,
  rating: ratingSchema,
  turnRad: quantity('angle', { least: 0, most: Math.PI }).default(0),
  barDiameterM: size.nullable().default(null),
  tag: z.string().trim().max(40).default(''),
  gearId,
});

export const elementSchema = z.discriminatedUnion('kind', [
  anchorSchema,
  knotSchema,
  ropeElementSchema,
  bendSchema,
  edgeSchema,
  hookSchema,
  loopSchema,
  truckersSchema,
  tackleSchema,
  lockSchema,
  webbingSchema,
  ratchetSchema,
  chainSchema,
  wireSchema,
  binderSchema,
  fittingSchema,
]);

export type LineElement = z.infer<typeof elementSchema>;
export type ElementKindId = LineElement['kind'];
/** The element of one kind. */
export type ElementOf<K extends ElementKindId> = Extract<LineElement, { kind: K }>;
