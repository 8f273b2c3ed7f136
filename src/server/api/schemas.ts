import { z } from 'zod';
import { driveAskSchema } from '@/core/securement/drive/schema';
import { DOUBTS } from '@/core/securement/uncertainty/vocabulary';
import { planSchema } from '@/core/securement/plan';
import { RULE_SET_IDS } from '@/core/securement/rule-set-ids';
import { intervalsSchema } from '@/core/gear/intervals';
import { defaultsSchema } from '@/core/securement/defaults';
import { TOKEN_SCOPES } from '@/db/queries/api-tokens';
import { quantity, ratio } from '@/core/units/quantity';
import { elementSchema } from '@/core/line/schema';
import { strengthSchema } from '@/core/securement/schema';
import { COMMODITY_IDS, LINE_KINDS } from '@/core/securement/vocabulary';
import { ROLES, UNIT_SYSTEMS } from '@/db/queries/members';

/** Bodies of the stateless computations and of the crew's own routes. */

const wll = quantity('force', { least: 1, most: 5e6 });

export const lineBody = z.strictObject({
  elements: z.array(elementSchema).min(1).max(40),
  strength: strengthSchema.prefault({}),
  /** Under which rules the rope's WLL is found; null: the school above. */
  ruleSet: z.enum(RULE_SET_IDS).nullable().default(null),
  temporary: z.boolean().default(false),
  routeLengthM: quantity('length', { least: 0.01, most: 60 }).nullable().default(null),
  settling: ratio(0, 0.9).default(0.2),
});

export const rulesBody = z.strictObject({
  article: z.strictObject({
    massKg: quantity('mass', { least: 0.1, most: 100_000 }).nullable(),
    lengthM: quantity('length', { least: 0.01, most: 60 }),
    widthM: quantity('length', { least: 0.01, most: 60 }).default(1),
    heightM: quantity('length', { least: 0.01, most: 60 }).default(1),
    cgHeightM: quantity('length', { least: 0.01, most: 60 }).nullable().default(null),
    mu: ratio(0, 1.5).nullable().default(null),
    commodity: z.enum(COMMODITY_IDS).default('general'),
    fullyContained: z.boolean().default(false),
    blockedForward: z.boolean().default(false),
    blockingForwardN: quantity('force', { least: 0, most: 5e6 }).nullable().default(null),
  }),
  tieDowns: z
    .array(
      z.strictObject({
        id: z.string().trim().min(1).max(40),
        kind: z.enum(LINE_KINDS).default('over'),
        wllN: wll.nullable(),
        pretensionN: quantity('force', { least: 0, most: 5e6 }).nullable().default(null),
        alphaRad: quantity('angle', { least: 0, most: Math.PI / 2 })
          .nullable()
          .default(null),
        betaRad: quantity('angle', { least: 0, most: Math.PI }).default(0),
        restrains: z.enum(['forward', 'rearward', 'left', 'right']).default('forward'),
        leans: z.enum(['forward', 'rearward', 'left', 'right']).nullable().default(null),
        crosses: z.boolean().default(true),
        gear: z.enum(['rope', 'webbing', 'chain']).default('webbing'),
        knots: z.boolean().default(false),
        adjustable: z.boolean().default(true),
        unprotectedEdge: z.boolean().default(false),
      }),
    )
    .max(60),
  /** Where nothing is driven. */
  dynamicAllowance: ratio(1, 5).default(1.5),
});

/** A name goes into calendars, tables and headers: a line break in it would begin an entry of its own. */
export const personName = z
  .string()
  .trim()
  .min(1)
  .max(80)
  .refine((name) => !/\p{Cc}/u.test(name), {
    params: { code: 'control-character', values: {} },
  });
/** Long enough to matter, short enough that hashing cannot be abused. */
const password = z.string().min(10).max(200);

/** What one signs in by; without a choice it is made from the name. */
const signInName = z
  .string()
  .trim()
  .min(2)
  .max(60)
  .refine((name) => /[\p{L}\p{N}]/u.test(name), {
    params: { code: 'sign-in-name-empty', values: {} },
  })
  .optional();

export const signInBody = z.strictObject({
  name: personName,
  password: z.string().min(1).max(200),
});
export const demoBody = z.strictObject({ memberId: z.uuid() });
export const foundCrewBody = z.strictObject({
  crew: personName,
  name: personName,
  signInName,
  password,
});
export const addMemberBody = z.strictObject({
  name: personName,
  signInName,
  password,
  role: z.enum(ROLES),
});
export const roleBody = z.strictObject({ role: z.enum(ROLES) });
/** Whoever joins says a name; whoever sets a new password says the password alone. */
export const joinBody = z.strictObject({ name: personName.optional(), signInName, password });
export const passwordBody = z.strictObject({ current: z.string().min(1).max(200), password });
export const selfBody = z.strictObject({ units: z.enum(UNIT_SYSTEMS) });
export const crewBody = z.strictObject({
  strength: strengthSchema.optional(),
  intervals: intervalsSchema.optional(),
  defaults: defaultsSchema.optional(),
});
export const tokenBody = z.strictObject({
  name: z.string().trim().min(1).max(60),
  scopes: z.array(z.enum(TOKEN_SCOPES)).min(1).max(TOKEN_SCOPES.length),
  /** So many days it is good for. */
  days: z.int().min(1).max(730).default(90),
});
/** Whoever deletes a crew says its name and knows their own password. */
export const deleteCrewBody = z.strictObject({
  name: z.string().trim().min(1).max(80),
  password: z.string().min(1).max(200),
});
export const planBody = planSchema;

/** Most draws that a request may ask for: more are for a machine of one's own. */
export const MOST_DRAWS = 20_000;

/** A plan and how its doubts are drawn. */
export const uncertaintyBody = z.strictObject({
  plan: planSchema,
  seed: z
    .int()
    .min(0)
    .max(2 ** 31)
    .default(1),
  draws: z.int().min(100).max(MOST_DRAWS).default(10_000),
  /** What counts as not sure; the rest is as the plan says. */
  open: z
    .array(z.enum(DOUBTS))
    .max(DOUBTS.length)
    .default([...DOUBTS]),
});

/** A plan and what is driven with it. */
export const driveBody = z.strictObject({
  plan: planSchema,
  drive: driveAskSchema.default({ kind: 'slow', towardRad: 0 }),
});
