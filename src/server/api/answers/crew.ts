import { z } from 'zod';
import { intervalsSchema } from '@/core/gear/intervals';
import { defaultsSchema } from '@/core/securement/defaults';
import { strengthSchema } from '@/core/securement/schema';
import { AUDIT_ACTIONS } from '@/wording/trail';
import { TOKEN_SCOPES } from '@/db/queries/api-tokens';
import { ROLES, UNIT_SYSTEMS } from '@/db/queries/members';

const role = z.enum(ROLES);
const settings = {
  version: z.int(),
  strength: strengthSchema,
  intervals: intervalsSchema,
  defaults: defaultsSchema,
};

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

const token = {
  id: z.uuid(),
  name: z.string(),
  by: z.string(),
  scopes: z.array(z.enum(TOKEN_SCOPES)),
  createdAt: z.iso.datetime(),
  expiresAt: z.iso.datetime(),
  lastUsedAt: z.iso.datetime().nullable(),
};
export const tokensAnswer = z.strictObject({ tokens: z.array(z.strictObject(token)) });
/** Shown once: whoever has it may do what it is for. */
export const tokenMadeAnswer = z.strictObject({
  id: z.uuid(),
  token: z.string(),
  expiresAt: z.iso.datetime(),
});
