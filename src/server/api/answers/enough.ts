import { z } from 'zod';
import { FINDING_CODES } from '@/core/securement/codes';
import { planDocument } from './documents';

const number = z.number();

/** The cheapest securement of a plan that is enough. */
export const enoughAnswer = z.strictObject({
  /** What stands against the load whatever lines hold it; then nothing was searched. */
  refused: z.array(z.strictObject({ code: z.enum(FINDING_CODES), inWords: z.string() })),
  found: z
    .strictObject({
      lines: z.int(),
      ropeM: number,
      /** Knots to tie, ratchets to work, protectors and mats to lay. */
      steps: z.int(),
      mats: z.boolean(),
      changes: z.array(
        z.strictObject({
          kind: z.enum(['mats', 'add', 'protect', 'take-off']),
          lineId: z.string().nullable(),
          inWords: z.string(),
        }),
      ),
      /** The plan with all of them made. */
      plan: planDocument,
    })
    .nullable(),
  /** Null: nothing cheaper is enough; else what nobody has ruled out: with so many lines, no less rope. */
  open: z.strictObject({ lines: z.int(), ropeM: number }).nullable(),
  /** Why nothing cheaper is enough, or what is still open. */
  inWords: z.array(z.string()),
  choices: z.int(),
  judged: z.int(),
});
