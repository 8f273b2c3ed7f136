import { z } from 'zod';
import { riggingSchema } from '@/core/bench/rigging';
import { planSchema } from '@/core/securement/plan';
import { RULE_SET_IDS } from '@/core/securement/rule-set-ids';
import { VERDICTS } from '@/core/securement/verdict';
import { kept, next, stored } from './parts';

/** Plans and riggings as they are answered, and their past. */
const rigging = riggingSchema.meta({ id: 'Rigging' });
export const planDocument = planSchema.meta({ id: 'Plan' });
export const planAnswer = stored(planDocument).meta({ id: 'StoredPlan' });
export const riggingAnswer = stored(rigging).meta({ id: 'StoredRigging' });

export const plansAnswer = z.strictObject({
  plans: z.array(
    z.strictObject({
      ...kept,
      version: z.int(),
      title: z.string(),
      ruleSet: z.enum(RULE_SET_IDS),
      verdict: z.enum(VERDICTS),
      /** Judged by other rules or another program: it is being judged again. */
      outdated: z.boolean(),
      lineCount: z.int(),
      /** When the next check on the road is due; null: it is not on the road. */
      checkDueAt: z.iso.datetime().nullable(),
    }),
  ),
  next,
});

export const riggingsAnswer = z.strictObject({
  riggings: z.array(
    z.strictObject({
      ...kept,
      title: z.string(),
      /** Null where this program cannot read it. */
      document: rigging.nullable(),
    }),
  ),
  next,
});

const step = z.union([z.string(), z.strictObject({ thing: z.string() })]);
const leaf = z.union([z.string(), z.number(), z.boolean(), z.null()]);
const path = z.array(step);

/** What is different between two versions. */
const difference = z.discriminatedUnion('what', [
  z.strictObject({ what: z.literal('changed'), path, before: leaf, after: leaf }),
  z.strictObject({ what: z.enum(['added', 'removed']), path, name: z.string() }),
  z.strictObject({ what: z.literal('reordered'), path }),
]);

export const historyAnswer = z.strictObject({
  revisions: z.array(
    z.strictObject({
      version: z.int(),
      savedBy: z.string(),
      savedAt: z.iso.datetime(),
      name: z.string().nullable(),
      /** Null where nothing can be compared: the first version, or one that cannot be read. */
      changes: z.array(difference).nullable(),
      readable: z.boolean(),
    }),
  ),
  next: z.int().nullable(),
});
