import { z } from 'zod';
import { type Issue, ok, type Result } from '../../result';

/**
 * What a statement must be, by the text of the Experience API 1.0.3, part two (2.2 to 2.4, 4.1 to 4.6), from memory: only known
 * properties, none of them null; one way of identifying an agent; identifiers that are IRIs with a scheme; times with a zone.
 */
const iri = z.string().regex(/^[a-z][a-z0-9+.-]*:\S+$/i);
const uuid = z.uuid();
const languageMap = z.record(z.string().regex(/^[a-z]{2,3}(-[A-Za-z0-9]{1,8})*$/), z.string());
const moment = z.iso.datetime({ offset: true });
const extensions = z.record(
  iri,
  z.unknown().refine((v) => v !== undefined && v !== null),
);

const account = z.strictObject({
  homePage: z.url({ protocol: /^https?$/ }),
  name: z.string().min(1),
});
const IDENTIFIERS = ['mbox', 'mbox_sha1sum', 'openid', 'account'] as const;
const agent = z
  .strictObject({
    objectType: z.literal('Agent').optional(),
    name: z.string().optional(),
    mbox: z.string().startsWith('mailto:').optional(),
    mbox_sha1sum: z
      .string()
      .regex(/^[0-9a-f]{40}$/)
      .optional(),
    openid: iri.optional(),
    account: account.optional(),
  })
  .refine((a) => IDENTIFIERS.filter((key) => a[key] !== undefined).length === 1, {
    error: 'one identifier',
  });
const verb = z.strictObject({ id: iri, display: languageMap.optional() });
const activity = z.strictObject({
  objectType: z.literal('Activity').optional(),
  id: iri,
  definition: z
    .strictObject({
      name: languageMap.optional(),
      description: languageMap.optional(),
      type: iri.optional(),
      moreInfo: iri.optional(),
      extensions: extensions.optional(),
    })
    .optional(),
});
const reference = z.strictObject({ objectType: z.literal('StatementRef'), id: uuid });
const part = z.number().min(-1).max(1);
const result = z.strictObject({
  score: z
    .strictObject({
      scaled: part.optional(),
      raw: z.number().optional(),
      min: z.number().optional(),
      max: z.number().optional(),
    })
    .optional(),
  success: z.boolean().optional(),
  completion: z.boolean().optional(),
  response: z.string().optional(),
  duration: z
    .string()
    .regex(/^P(?!$)(\d+Y)?(\d+M)?(\d+W)?(\d+D)?(T(?=\d)(\d+H)?(\d+M)?(\d+(\.\d+)?S)?)?$/)
    .optional(),
  extensions: extensions.optional(),
});
const context = z.strictObject({
  registration: uuid.optional(),
  instructor: agent.optional(),
  platform: z.string().optional(),
  language: z.string().optional(),
  statement: reference.optional(),
  extensions: extensions.optional(),
});

const VOIDED = 'http://adlnet.gov/expapi/verbs/voided';

const statement = z
  .strictObject({
    id: uuid,
    actor: agent,
    verb,
    object: z.union([reference, activity]),
    result: result.optional(),
    context: context.optional(),
    timestamp: moment.optional(),
    version: z
      .string()
      .regex(/^1\.0(\.\d+)?$/)
      .optional(),
  })
  // What voids refers to a statement and is about nothing else; only activities are done on a platform.
  .refine((s) => s.verb.id !== VOIDED || s.object.objectType === 'StatementRef', {
    error: 'voids a statement',
  })
  .refine((s) => s.object.objectType !== 'StatementRef' || s.context?.platform === undefined, {
    error: 'platform is of activities',
  });

/** Whether something is a statement by the rules; where not, at which places. */
export function checkStatement(input: unknown): Result<unknown> {
  const parsed = statement.safeParse(input);
  if (parsed.success) return ok(input);
  return {
    ok: false,
    issues: parsed.error.issues.map((i): Issue => ({
      code: 'no-statement',
      path: i.path.map((p) => (typeof p === 'symbol' ? String(p) : p)),
      values: { says: i.message },
    })),
  };
}
