import { z } from 'zod';
import { quantity, ratio } from '../units/quantity';
import { KNOT_SCHOOL_CHOICES } from '../knot/efficiency';
import { elementSchema, ratingSchema, surfaceSchema } from '../line/schema';
import { keptReadingSchema } from '../meter/kept-reading';
import { DEFAULT_DESIGN_FACTOR, DESIGN_FACTOR_RANGE, SCHOOL_IDS } from '../rope/schools';
import {
  ANCHOR_PLACES,
  DECK_SURFACES,
  HAULING_ORDERS,
  LINE_KINDS,
  MOST_POINTS,
} from './vocabulary';

const id = z.string().trim().min(1).max(40);
const name = z.string().trim().max(80);
const span = quantity('length', { least: 0.01, most: 60 });
const place = quantity('length', { least: 0, most: 60 });
/** Sideways position, left positive. Negative lengths are only possible as numbers, which is right: text never means one. */
const offset = quantity('length', { least: -10, most: 10 });

export const deckAnchorSchema = z.strictObject({
  id,
  name,
  fromFrontM: place,
  fromCentreM: offset,
  rating: ratingSchema,
  barDiameterM: quantity('length', { least: 0.001, most: 1 }).nullable().default(null),
  surface: surfaceSchema.default('metal'),
  /** Where it is fixed, and how high above the deck a line turns there. */
  on: z.enum(ANCHOR_PLACES).default('deck'),
  heightM: place.default(0),
});

/** A board at one side of the deck, and what it may take; null: not known. Which units touch it is said of the units. */
export const boardSchema = z.strictObject({
  capacityN: quantity('force', { least: 0, most: 5e6 }).nullable().default(null),
  /** How high above the deck it reaches; null: not measured, so that only its foot counts. */
  heightM: quantity('length', { least: 0.01, most: 6 }).nullable().default(null),
});
const open = { capacityN: null, heightM: null };

/** Which of the crew's kept decks or loads something was taken from, and as of which version. */
export const keptAsSchema = z.strictObject({ id: z.uuid(), version: z.int().min(1).max(1e9) });
export type KeptAs = z.infer<typeof keptAsSchema>;

/** What there is of a deck, wherever it is kept. */
export const deckFields = {
  name,
  lengthM: span,
  widthM: span,
  anchors: z.array(deckAnchorSchema).max(60).default([]),
  /** What units stand on; null: nobody said. */
  surface: z.enum(DECK_SURFACES).nullable().default(null),
  boards: z
    .strictObject({
      forward: boardSchema,
      rearward: boardSchema,
      left: boardSchema,
      right: boardSchema,
    })
    .default({ forward: open, rearward: open, left: open, right: open }),
};

export const deckSchema = z.strictObject({
  ...deckFields,
  /** The kept deck it was taken from; null: it is this plan's own. */
  keptAs: keptAsSchema.nullable().default(null),
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

/** A point of a line's route, in the coordinates of the deck. */
export const routePointSchema = z.strictObject({
  unitId: id,
  fromFrontM: place,
  fromCentreM: offset,
  heightM: place,
});

export const lineSchema = z.strictObject({
  id,
  name,
  kind: z.enum(LINE_KINDS),
  elements: z.array(elementSchema).max(40),
  /** Units it lies over or round or pulls at, in order from its first end. */
  units: z.array(id).max(12).default([]),
  /**
   * Points of its route between its ends, each on one of those units, in order from its first end. An over-line without
   * any lies as a tight line does; a direct or loop line without any is not placed.
   */
  points: z.array(routePointSchema).max(MOST_POINTS).default([]),
  angle: angleSchema.default({ by: 'anchors' }),
  /** Length of the route; null: from the geometry. */
  routeLengthM: span.nullable().default(null),
  enteredPretensionN: quantity('force', { least: 0, most: 1e6 }).nullable().default(null),
  /** When and by what the tension was read, if it came from a meter. */
  reading: keptReadingSchema.nullable().default(null),
  settling: ratio(0, 0.9).default(0.2),
  temporary: z.boolean().default(false),
  /** In which order a rope led over hooks is hauled. */
  hauling: z.enum(HAULING_ORDERS).default('from-one-end'),
});

export const strengthSchema = z.strictObject({
  school: z.enum(SCHOOL_IDS).default('design-factor'),
  designFactor: ratio(DESIGN_FACTOR_RANGE.least, DESIGN_FACTOR_RANGE.most).default(
    DEFAULT_DESIGN_FACTOR,
  ),
  knotSchool: z.enum(KNOT_SCHOOL_CHOICES).default('lowest'),
  /** Most that advice may ask of a hand: what a bare hand pulls, unless the crew says otherwise. Common practice, no source. */
  handLimitN: quantity('force', { least: 50, most: 1000 }).default(250),
  /** Where nothing is driven: static loads times this must stay within limits. Common practice, no source. */
  dynamicAllowance: ratio(1, 5).default(1.5),
});

export type Strength = z.infer<typeof strengthSchema>;
export type RoutePoint = z.infer<typeof routePointSchema>;
export type Deck = z.infer<typeof deckSchema>;
export type DeckAnchor = z.infer<typeof deckAnchorSchema>;
export type Line = z.infer<typeof lineSchema>;
