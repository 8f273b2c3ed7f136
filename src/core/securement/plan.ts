import { z } from 'zod';
import { cargoSchema, deckSchema, lineSchema, strengthSchema } from './schema';
import type { Result } from '../result';
import { PLAN_FORMAT, PLAN_VERSION } from './vocabulary';
import { RULE_SET_IDS } from './rule-set-ids';
import { parserOf } from '../exchange/issues';
import { type DocumentKind, readDocument, type Reading, resultOf } from '../exchange/read';

/** Refuses a list whose items share an id: references would be ambiguous. */
function uniqueIds(
  list: readonly { id: string }[],
  context: z.RefinementCtx,
  path: (string | number)[],
): void {
  const seen = new Set<string>();
  list.forEach((item, i) => {
    if (seen.has(item.id)) {
      context.addIssue({
        code: 'custom',
        message: 'id-twice',
        path: [...path, i, 'id'],
        params: { code: 'id-twice', values: { id: item.id } },
      });
    }
    seen.add(item.id);
  });
}

/** The document `vast-cleat/plan`, version 1. Quantities in SI with the unit in the name, or text with a unit. */
export const planSchema = z
  .strictObject({
    format: z.literal(PLAN_FORMAT),
    version: z.literal(PLAN_VERSION),
    title: z.string().trim().min(1).max(120),
    notes: z.string().max(4000).default(''),
    ruleSet: z.enum(RULE_SET_IDS),
    strength: strengthSchema.prefault({}),
    cargo: cargoSchema,
    deck: deckSchema,
    lines: z.array(lineSchema).max(24).default([]),
  })
  .superRefine((plan, context) => {
    uniqueIds(plan.deck.anchors, context, ['deck', 'anchors']);
    uniqueIds(plan.lines, context, ['lines']);
    plan.lines.forEach((line, i) => uniqueIds(line.elements, context, ['lines', i, 'elements']));
  });

export type Plan = z.infer<typeof planSchema>;

/** Plans of every version there was. */
export const PLAN: DocumentKind<Plan> = {
  format: PLAN_FORMAT,
  version: PLAN_VERSION,
  upgrades: {},
  parse: parserOf(planSchema),
};

/** Reads a plan that was kept or brought, of whatever version. */
export const readPlan = (input: unknown): Reading<Plan> => readDocument(PLAN, input);

/** The same where what cannot be read is refused. Issues carry the path in the document. */
export const parsePlan = (input: unknown): Result<Plan> => resultOf(readPlan(input));
