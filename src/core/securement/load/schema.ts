import { z } from 'zod';
import { quantity, ratio } from '../../units/quantity';
import { FRICTION_PAIR_IDS } from '../friction';
import { COMMODITY_IDS, CYLINDER_AXES, DIRECTION_IDS, UNIT_EDGES } from '../vocabulary';

const id = z.string().trim().min(1).max(40);
const name = z.string().trim().max(80);
const span = quantity('length', { least: 0.01, most: 60 });
/** Negative lengths are only possible as numbers, which is right: text never means one. */
const offset = quantity('length', { least: -30, most: 30 });
const within = quantity('length', { least: 0, most: 30 }).default(0);

export const frictionSchema = z.discriminatedUnion('known', [
  z.strictObject({ known: z.literal('pair'), pair: z.enum(FRICTION_PAIR_IDS) }),
  z.strictObject({ known: z.literal('entered'), mu: ratio(0, 1.5) }),
  z.strictObject({ known: z.literal('no') }),
]);

/** Chocks fixed to the deck on both sides of what may roll: how high they touch it, and what each side takes; null: not known. */
export const chocksSchema = z.strictObject({
  heightM: quantity('length', { least: 0.005, most: 2 }),
  capacityN: quantity('force', { least: 0, most: 5e6 }).nullable().default(null),
});

export const shapeSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('box') }),
  z.strictObject({ kind: z.literal('bundle') }),
  z.strictObject({ kind: z.literal('cylinder-upright') }),
  z.strictObject({
    kind: z.literal('cylinder-lying'),
    axis: z.enum(CYLINDER_AXES),
    chocks: chocksSchema.nullable().default(null),
  }),
]);

/** What a unit stands on. */
export const standsOnSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('deck') }),
  z.strictObject({ kind: z.literal('unit'), unitId: id }),
]);

const unitObject = z.strictObject({
  id,
  name,
  shape: shapeSchema.default({ kind: 'box' }),
  massKg: quantity('mass', { least: 0.1, most: 100_000 }).nullable(),
  /** Along the driving direction, across it, up; as it stands before it is turned. */
  lengthM: span,
  widthM: span,
  heightM: span,
  /** Centre of gravity above its foot; null: anywhere from foot to top. */
  cgHeightM: span.nullable().default(null),
  /** Centre of gravity forward of its middle, and left of it; null: not known, taken as the middle. */
  cgForwardM: offset.nullable().default(null),
  cgLeftM: offset.nullable().default(null),
  /** The centre of gravity may lie this far off what is said, either way. */
  cgHeightWithinM: within,
  cgForwardWithinM: within,
  cgLeftWithinM: within,
  /** Front face behind the front edge of the deck, middle left of the deck's middle; as it stands before it is turned. */
  fromFrontM: quantity('length', { least: 0, most: 60 }).default(0),
  fromCentreM: quantity('length', { least: -10, most: 10 }).default(0),
  /** Turned about the vertical through its middle, seen from above against the clock. */
  turnRad: quantity('angle', { least: -Math.PI, most: Math.PI }).default(0),
  on: standsOnSchema.default({ kind: 'deck' }),
  /** Friction on what it stands on, and the state of that surface. */
  friction: frictionSchema.default({ known: 'no' }),
  surface: z.enum(['clean', 'unswept', 'icy']).default('clean'),
  commodity: z.enum(COMMODITY_IDS).default('general'),
  /** Pieces side by side across the deck. */
  rows: z.int().min(1).max(10).default(1),
  /** Largest force a line may press on one of its edges; 0: it may not be pressed at all. */
  maxLineForceN: quantity('force', { least: 0, most: 1e6 }).nullable().default(null),
  /** Whether the body of the vehicle contains it on all sides. */
  fullyContained: z.boolean().default(false),
  /** Boards of the deck that it stands against. */
  against: z.array(z.enum(DIRECTION_IDS)).max(4).default([]),
  /** How its edges are; null: nobody said, the lines say what they lie on. */
  edges: z.enum(UNIT_EDGES).nullable().default(null),
  /** The kept load it was taken from; null: it is this plan's own. */
  keptAs: z
    .strictObject({ id: z.uuid(), version: z.int().min(1).max(1e9) })
    .nullable()
    .default(null),
});

type UnitFields = z.infer<typeof unitObject>;

const custom = (
  context: z.RefinementCtx,
  path: string[],
  code: string,
  values: Record<string, number | string> = {},
): void => context.addIssue({ code: 'custom', path, message: code, params: { code, values } });

function cgInside(unit: UnitFields, context: z.RefinementCtx): void {
  const outside = (key: 'cgForwardM' | 'cgLeftM', halfM: number): void => {
    if (Math.abs(unit[key] ?? 0) > halfM * (1 + 1e-9))
      custom(context, [key], 'cg-outside-load', { mostM: halfM });
  };
  outside('cgForwardM', unit.lengthM / 2);
  outside('cgLeftM', unit.widthM / 2);
}

/** A cylinder is as wide as it is high or long: across its axis it has one diameter. */
function round({ shape, lengthM, widthM, heightM }: UnitFields, context: z.RefinementCtx): void {
  const [a, b, key] =
    shape.kind === 'cylinder-upright'
      ? [lengthM, widthM, 'widthM']
      : shape.kind === 'cylinder-lying'
        ? [heightM, shape.axis === 'length' ? widthM : lengthM, 'heightM']
        : [1, 1, ''];
  if (Math.abs(a - b) > 1e-6) custom(context, [key], 'cylinder-not-round');
  const chocks = shape.kind === 'cylinder-lying' ? shape.chocks : null;
  if (chocks && chocks.heightM > heightM / 2)
    custom(context, ['shape', 'chocks', 'heightM'], 'chocks-too-high', { mostM: heightM / 2 });
}

/** One thing of a load: lengths along the driving direction, widths across, heights up. */
export const unitSchema = unitObject.superRefine((unit, context) => {
  cgInside(unit, context);
  round(unit, context);
});

export type LoadUnit = z.infer<typeof unitSchema>;
