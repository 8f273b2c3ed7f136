import { z } from 'zod';
import { RULE_SET_IDS } from './rule-set-ids';

/** What new plans and new people of a crew begin with; null: nobody settled it. */
export const defaultsSchema = z.strictObject({
  units: z.enum(['metric', 'us']).nullable().default(null),
  ruleSet: z.enum(RULE_SET_IDS).nullable().default(null),
});
export type CrewDefaults = z.infer<typeof defaultsSchema>;
