import { z } from 'zod';
import { knotsFor } from '../knot/knots';
import { type LineElement, ratingSchema, surfaceSchema } from '../line/gear';
import { keptReadingSchema } from '../meter/reading';
import type { Result } from '../result';
import { ropeSchema } from '../rope/rope';
import { strengthSchema } from '../securement/schema';
import { refuseUnsolvable, tackleFields, truckersFields } from '../tackle/fields';
import { issuesOf } from './issues';
import { quantity, ratio } from './quantity';

export const RIGGING_FORMAT = 'vast-cleat/rigging';
export const RIGGING_VERSION = 1;

const anchor = z.object({
  name: z.string().trim().max(60), rating: ratingSchema.default({ state: 'unrated' }),
  barDiameterM: quantity('length', { least: 0.001, most: 2 }).nullable().default(null), surface: surfaceSchema.default('metal'),
});

/** What pulls: the trucker's hitch in one of its forms with its lock, or a tackle. */
export const systemSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('truckers'), ...truckersFields, lock: z.enum(knotsFor('lock')).default('two-half-hitches') }),
  z.object({ kind: z.literal('tackle'), ...tackleFields }).superRefine(refuseUnsolvable),
]);
export type BenchSystem = z.infer<typeof systemSchema>;

/** The document `vast-cleat/rigging`, version 1: a tensioning system on a line of its own. */
export const riggingSchema = z.object({
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
  anchor, farAnchor: anchor,
  settling: ratio(0, 0.9).default(0.2),
  /** Line tension that the load bears before it is crushed. */
  loadBearsN: quantity('force', { least: 1, most: 1e6 }).nullable().default(null),
  /** Readings of a meter on this line, latest last. */
  readings: z.array(keptReadingSchema).max(100).default([]),
});
export type RiggingDocument = z.infer<typeof riggingSchema>;

/** Parses an unknown value as a rigging. Issues carry the path in the document. */
export function parseRigging(input: unknown): Result<RiggingDocument> {
  const parsed = riggingSchema.safeParse(input);
  return parsed.success ? { ok: true, value: parsed.data } : { ok: false, issues: issuesOf(parsed.error) };
}

/** The line a rigging stands on, as a plan would hold it: anchor, knot, rope, system, lock, anchor. */
export function lineElements(rigging: RiggingDocument): LineElement[] {
  const { system, farKnot, rope } = rigging;
  const end = (id: string, at: RiggingDocument['anchor']): LineElement => ({ id, kind: 'anchor', at: { on: 'own', ...at } });
  const head: LineElement[] = [end('far', rigging.farAnchor), { id: 'far-knot', kind: 'knot', knot: farKnot, liesOnBarM: null }, { id: 'rope', kind: 'rope', rope, gearId: null, lengthM: null }];
  return [...head, ...systemElements(system), end('near', rigging.anchor)];
}

/** A system as elements of a line. */
function systemElements(system: BenchSystem): LineElement[] {
  if (system.kind === 'tackle') return [{ id: 'system', fromRigging: null, ...system }];
  const { lock, ...hitch } = system;
  return [{ id: 'system', fromRigging: null, ...hitch }, { id: 'lock', kind: 'lock', knot: lock }];
}
