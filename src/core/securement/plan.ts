import { z } from 'zod';
import { deckSchema, lineSchema, strengthSchema } from './schema';
import { type LoadUnit, unitSchema } from './load/schema';
import type { Result } from '../result';
import { PLAN_FORMAT, PLAN_VERSION } from './vocabulary';
import { RULE_SET_IDS } from './rule-set-ids';
import { parserOf } from '../exchange/issues';
import { type DocumentKind, readDocument, type Reading, resultOf } from '../exchange/read';
import { pathIn1, planFrom1 } from './upgrade';

type Path = (string | number)[];

const refuse = (
  context: z.RefinementCtx,
  path: Path,
  code: string,
  values: Record<string, string | number> = {},
): void => context.addIssue({ code: 'custom', message: code, path, params: { code, values } });

/** Refuses a list whose items share an id: references would be ambiguous. */
function uniqueIds(
  list: readonly { id: string }[],
  context: z.RefinementCtx,
  path: (string | number)[],
): void {
  const seen = new Set<string>();
  list.forEach((item, i) => {
    if (seen.has(item.id)) refuse(context, [...path, i, 'id'], 'id-twice', { id: item.id });
    seen.add(item.id);
  });
}

/** What a unit stands on must be there, and must not stand on it in turn. */
function standing(units: readonly LoadUnit[], context: z.RefinementCtx): void {
  const under = new Map(units.map((u) => [u.id, u.on.kind === 'unit' ? u.on.unitId : null]));
  units.forEach((unit, i) => {
    if (unit.on.kind !== 'unit') return;
    const path = ['units', i, 'on', 'unitId'];
    if (!under.has(unit.on.unitId)) {
      refuse(context, path, 'unit-not-there', { id: unit.on.unitId });
      return;
    }
    let below: string | null | undefined = unit.on.unitId;
    for (let steps = 0; below && below !== unit.id && steps < units.length; steps++)
      below = under.get(below);
    if (below) refuse(context, path, 'stands-on-itself', { id: unit.id });
  });
}

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
    units: z.array(unitSchema).min(1).max(24),
    deck: deckSchema,
    lines: z.array(lineSchema).max(24).default([]),
  })
  .superRefine((plan, context) => {
    uniqueIds(plan.units, context, ['units']);
    uniqueIds(plan.deck.anchors, context, ['deck', 'anchors']);
    uniqueIds(plan.lines, context, ['lines']);
    plan.lines.forEach((line, i) => uniqueIds(line.elements, context, ['lines', i, 'elements']));
    standing(plan.units, context);
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
