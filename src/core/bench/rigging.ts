import { z } from 'zod';
import { knotsFor } from '../knot/knots';
import { ratingSchema, surfaceSchema } from '../line/schema';
import { RIGGING_FORMAT, RIGGING_VERSION } from './line-elements';
import { keptReadingSchema } from '../meter/kept-reading';
import type { Result } from '../result';
import { ropeSchema } from '../rope/rope';
import { strengthSchema } from '../securement/schema';
import { refuseUnsolvable, tackleFields, truckersFields } from '../tackle/fields';
import { parserOf } from '../exchange/issues';
import { type DocumentKind, readDocument, type Reading, resultOf } from '../exchange/read';
import { quantity, ratio } from '../units/quantity';

const anchor = z.strictObject({
  name: z.string().trim().max(60),
  rating: ratingSchema.default({ state: 'unrated' }),
  barDiameterM: quantity('length', { least: 0.001, most: 2 }).nullable().default(null),
  surface: surfaceSchema.default('metal'),
});

/** What pulls: the trucker's hitch in one of its forms with its lock, or a tackle. */
export const systemSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('truckers'),
    ...truckersFields,
    lock: z.enum(knotsFor('lock')).default('two-half-hitches'),
  }),
  z.strictObject({ kind: z.literal('tackle'), ...tackleFields }).superRefine(refuseUnsolvable),
]);
export type BenchSystem = z.infer<typeof systemSchema>;

/** The document `vast-cleat/rigging`, version 1: a tensioning system on a line of its own. */
export const riggingSchema = z.strictObject({
  format: z.literal(RIGGING_FORMAT),
  version: z.literal(RIGGING_VERSION),
  title: z.string().trim().min(1).max(120),
  notes: z.string().max(4000).default(''),
  strength: strengthSchema.prefault({}),
  system: systemSchema,
  rope: ropeSchema,
  /** Knot at the far end of the line. */
  farKnot: z.enum(knotsFor('attachment')).default('bowline'),
  /** From anchor to anchor. */
  lengthM: quantity('length', { least: 0.2, most: 200 }).default(5),
  /** How deep the line hangs before it is hauled. */
  sagM: quantity('length', { least: 0, most: 50 }).default(0),
  anchor,
  farAnchor: anchor,
  settling: ratio(0, 0.9).default(0.2),
  /** Line tension that the load bears before it is crushed. */
  loadBearsN: quantity('force', { least: 1, most: 1e6 }).nullable().default(null),
  /** Readings of a meter on this line, latest last. */
  readings: z.array(keptReadingSchema).max(100).default([]),
});
export type RiggingDocument = z.infer<typeof riggingSchema>;

/** Riggings of every version there was. */
export const RIGGING: DocumentKind<RiggingDocument> = {
  format: RIGGING_FORMAT,
  version: RIGGING_VERSION,
  upgrades: {},
  parse: parserOf(riggingSchema),
};

/** Reads a rigging that was kept or brought, of whatever version. */
export const readRigging = (input: unknown): Reading<RiggingDocument> =>
  readDocument(RIGGING, input);

/** The same where what cannot be read is refused. Issues carry the path in the document. */
export const parseRigging = (input: unknown): Result<RiggingDocument> =>
  resultOf(readRigging(input));
