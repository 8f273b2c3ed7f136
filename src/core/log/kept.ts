import { z } from 'zod';
import { correctionSchema as ropeCorrection, happeningSchema } from '../gear/events';
import { checkSchema } from '../securement/road/schema';
import { LINE_STATES } from '../securement/road/vocabulary';
import { RULE_SET_IDS } from '../securement/rule-set-ids';
import { VERDICTS } from '../securement/verdict';
import { logBodySchema } from './schema';
import type { LogKind } from './vocabulary';

/** Bodies as they are kept: those that people write, and those that come of what is recorded elsewhere. */
export const keptBodySchema = z.discriminatedUnion('kind', [
  ...logBodySchema.options,
  z.strictObject({ kind: z.literal('check'), ...checkSchema.shape }),
  z.strictObject({
    kind: z.literal('rope-event'),
    gearId: z.uuid(),
    happened: z.union([happeningSchema, ropeCorrection]),
  }),
]);
export type KeptBody = z.infer<typeof keptBodySchema>;

const make = {
  id: z.string(),
  name: z.string(),
  /** Material of its rope, or webbing, chain, wire; `none` where nothing is on it yet. */
  material: z.string(),
  /** The knot that locks it, or its ratchet or binder; `none` where nothing does. */
  lock: z.string(),
  knots: z.array(z.string()),
};

const frozenPlan = z.strictObject({
  title: z.string(),
  version: z.int(),
  deck: z.string(),
  ruleSet: z.enum(RULE_SET_IDS),
  massKg: z.number().nullable(),
  verdict: z.enum(VERDICTS),
  lines: z.array(
    z.strictObject({
      ...make,
      wllN: z.number().nullable(),
      keptN: z.number().nullable(),
      /** The place that governs; null: nothing known. */
      weakest: z.string().nullable(),
    }),
  ),
  /** What statics say may be held each way before it moves, and what is asked, g. */
  held: z.array(
    z.strictObject({
      direction: z.string(),
      requiredG: z.number().nullable(),
      heldG: z.number().nullable(),
    }),
  ),
});

/** What was so when an entry was made: whom and what it is about by name, and figures that are never worked out again. */
export const factsSchema = z.strictObject({
  /** The plan it is about. */
  plan: z
    .strictObject({ id: z.uuid(), title: z.string(), version: z.int(), deck: z.string() })
    .nullable()
    .default(null),
  /** Figures of a securement. */
  frozen: frozenPlan.nullable().default(null),
  /** Lines it speaks of, and how each was found, where somebody looked. */
  lines: z.array(z.strictObject({ ...make, state: z.enum(LINE_STATES).nullable() })).default([]),
  gear: z.array(z.strictObject({ id: z.uuid(), code: z.string() })).default([]),
  people: z.array(z.strictObject({ id: z.uuid(), name: z.string() })).default([]),
});
export type Facts = z.infer<typeof factsSchema>;

/** An entry that corrected another. */
export interface CorrectedBy {
  readonly id: string;
  readonly at: string;
  readonly by: string;
  readonly reason: string;
  /** It never happened; what happened instead stands in the correction. */
  readonly withdrawn: boolean;
}

/** A picture of an entry, without itself. */
export interface PhotoOf {
  readonly id: string;
  readonly widthPx: number;
  readonly heightPx: number;
}

/** An entry of the log as it is kept. `body`: null where this program cannot read it. */
export interface LogEntry {
  readonly id: string;
  readonly kind: LogKind;
  /** When it was, and when it came here. */
  readonly at: string;
  readonly recordedAt: string;
  readonly by: { readonly id: string; readonly name: string };
  readonly body: KeptBody | null;
  readonly facts: Facts;
  readonly photos: readonly PhotoOf[];
  readonly correctedBy: CorrectedBy | null;
}
