import { z } from 'zod';
import { quantity } from '../units/quantity';
import { CONDITIONS } from './condition';
import { ROPE_MATERIAL_IDS } from './materials';
import { WEATHERS } from './weather';

/** A rope as it lies on a line: what it is, what its tag says, how it is today. */
export const ropeSchema = z.strictObject({
  tag: z.string().trim().max(40).default(''),
  material: z.enum(ROPE_MATERIAL_IDS),
  diameterM: quantity('length', { least: 0.001, most: 0.12 }),
  /** Breaking strength from the label; null: unknown, then the material's table at half. */
  mbsN: quantity('force', { least: 1, most: 5e6 }).nullable().default(null),
  /** Working load limit marked on the rope, if any. */
  markedWllN: quantity('force', { least: 1, most: 5e6 }).nullable().default(null),
  condition: z.enum(CONDITIONS).default('good'),
  /** Whether anybody knows what it has been through. If not, it counts as doubtful at best. */
  historyKnown: z.boolean().default(true),
  damageIsolated: z.boolean().default(false),
  weather: z.enum(WEATHERS).default('dry'),
  /** A bight: two strands share the load. */
  doubled: z.boolean().default(false),
});

export type Rope = z.infer<typeof ropeSchema>;
