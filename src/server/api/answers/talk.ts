import { z } from 'zod';
import { UNIT_SYSTEMS } from '@/db/queries/members';
import { talkRecordBody } from '@/db/queries/talk-records';
import { GRADES } from '@/core/training/schedule/memory';
import type { Asked } from '../../drills/question';
import { markAnswer } from '../drill-schemas';

/** A question as it is drawn: what stands in it depends on the manner of asking. */
const asked = z.custom<Asked>((v) => typeof v === 'object' && v !== null && 'ask' in v);

/** What could be asked in a talk, and why. */
export const proposalAnswer = z.strictObject({
  items: z.array(z.strictObject({ drill: z.string(), title: z.string(), why: z.string() })),
});

export const talkBegunAnswer = z.strictObject({ id: z.uuid(), code: z.string() });

/** What stands on the big screen. What was answered is told only once it is shown, and nobody’s name. */
export const talkWallAnswer = z.strictObject({
  id: z.uuid(),
  units: z.enum(UNIT_SYSTEMS),
  code: z.string(),
  version: z.int(),
  titles: z.array(z.string()),
  /** Which question is asked, the first is 0; null while people gather. */
  item: z.int().nullable(),
  shown: z.boolean(),
  ended: z.boolean(),
  people: z.int(),
  answered: z.int(),
  asked: asked.nullable(),
  right: markAnswer.nullable(),
  spread: z
    .array(
      z.strictObject({
        grade: z.enum(GRADES),
        /** What was said instead of what is right; null: that. */
        instead: z.string().nullable(),
        says: z.string().nullable(),
        count: z.int(),
      }),
    )
    .nullable(),
});

/** What somebody sees who takes part. */
export const talkSeenAnswer = z.strictObject({
  name: z.string(),
  units: z.enum(UNIT_SYSTEMS),
  at: z.enum(['gathering', 'asked', 'shown', 'over']),
  item: z.int().nullable(),
  of: z.int(),
  asked: asked.nullable(),
  answered: z.boolean(),
  /** What is said to their own answer, once it is shown. */
  marked: markAnswer.nullable(),
});

/** A talk that was held and signed. */
export const talkRecordAnswer = z.strictObject({
  id: z.uuid(),
  heldAt: z.iso.datetime(),
  signedAt: z.iso.datetime(),
  signedBy: z.string(),
  body: talkRecordBody,
});
export const talkRecordsAnswer = z.strictObject({
  records: z.array(talkRecordAnswer),
  next: z.string().nullable(),
});
