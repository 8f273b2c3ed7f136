import { z } from 'zod';
import { deckSchema, lineSchema, strengthSchema } from './schema';
import { checkUnits, refuse, uniqueIds } from './load/checks';
import { type LoadUnit, unitSchema } from './load/schema';
import type { Result } from '../result';
import { MOST_LINES, MOST_UNITS, PLAN_FORMAT, PLAN_VERSION } from './vocabulary';
import { RULE_SET_IDS } from './rule-set-ids';
import { parserOf } from '../exchange/issues';
import { type DocumentKind, readDocument, type Reading, resultOf } from '../exchange/read';
import { pathIn1, planFrom1 } from './upgrade';

/** Units that lines name must be there, and their points must lie on units that they name. */
function named(
  lines: readonly z.infer<typeof lineSchema>[],
  units: readonly LoadUnit[],
  context: z.RefinementCtx,
): void {
  const known = new Set(units.map((u) => u.id));
  lines.forEach((line, i) => {
    line.units.forEach((id, k) => {
      if (!known.has(id)) refuse(context, ['lines', i, 'units', k], 'unit-not-there', { id });
    });
    if (new Set(line.units).size < line.units.length)
      refuse(context, ['lines', i, 'units'], 'unit-named-twice');
    line.points.forEach((point, k) => {
      if (!line.units.includes(point.unitId))
        refuse(context, ['lines', i, 'points', k, 'unitId'], 'point-not-on-unit', {
          id: point.unitId,
        });
    });
  });
}

/** The document `vast-cleat/plan`, version 2. Quantities in SI with the unit in the name, or text with a unit. */
export const planSchema = z
  .strictObject({
    format: z.literal(PLAN_FORMAT),
    version: z.literal(PLAN_VERSION),
    title: z.string().trim().min(1).max(120),
    notes: z.string().max(4000).default(''),
    ruleSet: z.enum(RULE_SET_IDS),
    strength: strengthSchema.prefault({}),
    units: z.array(unitSchema).min(1).max(MOST_UNITS),
    deck: deckSchema,
    lines: z.array(lineSchema).max(MOST_LINES).default([]),
  })
  .superRefine((plan, context) => {
    checkUnits(plan.units, context);
    uniqueIds(plan.deck.anchors, context, ['deck', 'anchors']);
    uniqueIds(plan.lines, context, ['lines']);
    plan.lines.forEach((line, i) => uniqueIds(line.elements, context, ['lines', i, 'elements']));
    named(plan.lines, plan.units, context);
  });

export type Plan = z.infer<typeof planSchema>;

/** Plans of every version there was. */
export const PLAN: DocumentKind<Plan> = {
  format: PLAN_FORMAT,
  version: PLAN_VERSION,
  upgrades: { 1: planFrom1 },
  pathsBack: { 1: pathIn1 },
  parse: parserOf(planSchema),
};

/** Reads a plan that was kept or brought, of whatever version. */
export const readPlan = (input: unknown): Reading<Plan> => readDocument(PLAN, input);

/** The same where what cannot be read is refused. Issues carry the path in the document. */
export const parsePlan = (input: unknown): Result<Plan> => resultOf(readPlan(input));
