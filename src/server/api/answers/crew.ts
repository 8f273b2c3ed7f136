import { z } from 'zod';
import { intervalsSchema } from '@/core/gear/intervals';
import { strengthSchema } from '@/core/securement/schema';
import { AUDIT_ACTIONS } from '@/wording/trail';
import { ROLES, UNIT_SYSTEMS } from '@/db/queries/members';

const role = z.enum(ROLES);
const settings = { version: z.int(), strength: strengthSchema, intervals: intervalsSchema };

export const settingsAnswer = z.strictObject(settings);

export const crewAnswer = z.strictObject({
  name: z.string(),
  ...settings,
  members: z.array(
    z.strictObject({
      id: z.uuid(),
      name: z.string(),
      signInName: z.string(),
      role,
      /** Has read the cautions as they are now. */
      cautioned: z.boolean(),
    }),
  ),
});

export const memberAnswer = z.strictObject({
  id: z.uuid(),
  name: z.string(),
  signInName: z.string(),
  role,
});
export const roleAnswer = z.strictObject({ id: z.uuid(), role });
export const selfAnswer = z.strictObject({ units: z.enum(UNIT_SYSTEMS) });

/** Works once, until it is too old. */
export const linkMadeAnswer = z.strictObject({ path: z.string(), expiresAt: z.iso.datetime() });
export const linkAnswer = z.strictObject({
  crew: z.string(),
  role: role.nullable(),
  purpose: z.enum(['join', 'password']),
});
/** How many sessions ended. */
export const endedAnswer = z.strictObject({ ended: z.int() });

export const trailAnswer = z.strictObject({
  entries: z.array(
    z.strictObject({
      id: z.uuid(),
      at: z.iso.datetime(),
      by: z.string(),
      about: z.string().nullable(),
      action: z.enum(AUDIT_ACTIONS),
      details: z.record(z.string(), z.union([z.string(), z.number()])),
    }),
  ),
  next: z.uuid().nullable(),
});
