import { z } from 'zod';
import { quantity, ratio } from '../units/quantity';
import { KNOT_SCHOOL_CHOICES } from '../knot/efficiency';
import { elementSchema, ratingSchema, surfaceSchema } from '../line/schema';
import { keptReadingSchema } from '../meter/kept-reading';
import { DEFAULT_DESIGN_FACTOR, DESIGN_FACTOR_RANGE, SCHOOL_IDS } from '../rope/schools';
import { FRICTION_PAIR_IDS } from './friction';
import { COMMODITY_IDS, LINE_KINDS } from './vocabulary';

const id = z.string().trim().min(1).max(40);
const name = z.string().trim().max(80);
const span = quantity('length', { least: 0.01, most: 60 });
const place = quantity('length', { least: 0, most: 60 });
/** Sideways position, left positive. Negative lengths are only possible as numbers, which is right: text never means one. */
const offset = quantity('length', { least: -10, most: 10 });

export const frictionSchema = z.discriminatedUnion('known', [
  z.strictObject({ known: z.literal('pair'), pair: z.enum(FRICTION_PAIR_IDS) }),
  z.strictObject({ known: z.literal('entered'), mu: ratio(0, 1.5) }),
  z.strictObject({ known: z.literal('no') }),
]);

/** The load: lengths along the driving direction, widths across, heights up. */
export const cargoSchema = z
  .strictObject({
    name,
    massKg: quantity('mass', { least: 0.1, most: 100_000 }).nullable(),
    lengthM: span,
    widthM: span,
    heightM: span,
    cgHeightM: span.nullable().default(null),
    /** Centre of gravity forward of the load's middle, and left of it; null: not known, taken as the middle. */
    cgForwardM: quantity('length', { least: -30, most: 30 }).nullable().default(null),
    cgLeftM: quantity('length', { least: -30, most: 30 }).nullable().default(null),
    /** Front face behind the front edge of the deck; middle of the load left of the deck's middle. */
    fromFrontM: place.default(0),
    fromCentreM: offset.default(0),
    friction: frictionSchema.default({ known: 'no' }),
    surface: z.enum(['clean', 'unswept', 'icy']).default('clean'),
    commodity: z.enum(COMMODITY_IDS).default('general'),
    /** Units side by side across the deck. */
    rows: z.int().min(1).max(10).default(1),
    /** Largest force a line may press on an edge of the load. */
    maxLineForceN: quantity('force', { least: 1, most: 1e6 }).nullable().default(null),
    fullyContained: z.boolean().default(false),
  })
  .superRefine((cargo, context) => {
    const outside = (key: 'cgForwardM' | 'cgLeftM', halfM: number): void => {
      if (Math.abs(cargo[key] ?? 0) <= halfM * (1 + 1e-9)) return;
      context.addIssue({
        code: 'custom',
        path: [key],
        message: 'cg-outside-load',
        params: { code: 'cg-outside-load', values: { mostM: halfM } },
      });
    };
    outside('cgForwardM', cargo.lengthM / 2);
    outside('cgLeftM', cargo.widthM / 2);
  });

export const deckAnchorSchema = z.strictObject({
  id,
  name,
  fromFrontM: place,
  fromCentreM: offset,
  rating: ratingSchema,
  barDiameterM: quantity('length', { least: 0.001, most: 1 }).nullable().default(null),
  surface: surfaceSchema.default('metal'),
});

/** A board the load touches, and what it may take; null: not known. */
export const blockingSchema = z.strictObject({
  touching: z.boolean().default(false),
  capacityN: quantity('force', { least: 0, most: 5e6 }).nullable().default(null),
  /** How high above the deck it reaches; null: not measured, so that only its foot counts. */
  heightM: quantity('length', { least: 0.01, most: 6 }).nullable().default(null),
});
const open = { touching: false, capacityN: null, heightM: null };

export const deckSchema = z.strictObject({
  name,
  lengthM: span,
  widthM: span,
  anchors: z.array(deckAnchorSchema).max(60).default([]),
  blocking: z
    .strictObject({
      forward: blockingSchema,
      rearward: blockingSchema,
      left: blockingSchema,
      right: blockingSchema,
    })
    .default({ forward: open, rearward: open, left: open, right: open }),
});

export const angleSchema = z.discriminatedUnion('by', [
  z.strictObject({ by: z.literal('anchors') }),
  z.strictObject({
    by: z.literal('entered'),
    alphaRad: quantity('angle', { least: 0, most: Math.PI / 2 }),
    betaRad: quantity('angle', { least: 0, most: Math.PI }).default(0),
    restrains: z.enum(['forward', 'rearward', 'left', 'right']).default('forward'),
    /** To which side the line leans away from that direction by β; null: nobody said. */
    leans: z.enum(['forward', 'rearward', 'left', 'right']).nullable().default(null),
  }),
]);

export const lineSchema = z.strictObject({
  id,
  name,
  kind: z.enum(LINE_KINDS),
  elements: z.array(elementSchema).max(40),
  /** Where a direct or loop line holds the load. */
  attach: z
    .strictObject({ fromFrontM: place, fromCentreM: offset, heightM: place })
    .nullable()
    .default(null),
  angle: angleSchema.default({ by: 'anchors' }),
  /** Length of the route; null: from the geometry. */
  routeLengthM: span.nullable().default(null),
  enteredPretensionN: quantity('force', { least: 0, most: 1e6 }).nullable().default(null),
  /** When and by what the tension was read, if it came from a meter. */
  reading: keptReadingSchema.nullable().default(null),
  settling: ratio(0, 0.9).default(0.2),
  temporary: z.boolean().default(false),
});

export const strengthSchema = z.strictObject({
  school: z.enum(SCHOOL_IDS).default('design-factor'),
  designFactor: ratio(DESIGN_FACTOR_RANGE.least, DESIGN_FACTOR_RANGE.most).default(
    DEFAULT_DESIGN_FACTOR,
  ),
  knotSchool: z.enum(KNOT_SCHOOL_CHOICES).default('lowest'),
  /** Most that advice may ask of a hand: 250 N bare, 400 N two gloved hands. Common practice, no source. */
  handLimitN: quantity('force', { least: 50, most: 1000 }).default(400),
});

export type Strength = z.infer<typeof strengthSchema>;
export type Cargo = z.infer<typeof cargoSchema>;
export type Deck = z.infer<typeof deckSchema>;
export type DeckAnchor = z.infer<typeof deckAnchorSchema>;
export type Line = z.infer<typeof lineSchema>;
