import { z } from 'zod';
import { ROLES } from '@/db/queries/members';
import { KNOT_IDS } from '@/core/knot/knots';
import { DONE_UNDER_IDS } from '@/core/training/standing/done-under';
import { SKILL_IDS } from '@/core/training/standing/skills';
import { STANDINGS } from '@/core/training/standing/standing';

const skill = z.enum(SKILL_IDS);
const person = { id: z.uuid(), name: z.string() };

/** A sign-off as it was made, with how it was taken back, if it was. */
export const signOffAnswer = z.strictObject({
  id: z.uuid(),
  memberId: z.uuid(),
  memberName: z.string(),
  skill: z.string(),
  title: z.string(),
  signedAt: z.iso.datetime(),
  signedBy: z.string(),
  /** What was looked at, as it read on that day. */
  points: z.array(z.string()),
  times: z.int(),
  under: z.array(z.enum(DONE_UNDER_IDS)),
  note: z.string(),
  revoked: z.strictObject({ at: z.iso.datetime(), by: z.string(), reason: z.string() }).nullable(),
});

export const signOffsAnswer = z.strictObject({
  signOffs: z.array(signOffAnswer),
  next: z.string().nullable(),
});

const standing = z.strictObject({
  state: z.enum(STANDINGS),
  /** ISO day. */
  until: z.string().nullable(),
  signOffId: z.uuid().nullable(),
});

/** People by skills, in the order of the skills. */
export const standingAnswer = z.strictObject({
  /** One of those that ship, or the id of one of the crew’s own. */
  course: z.string(),
  courses: z.array(z.strictObject({ id: z.string(), title: z.string(), own: z.boolean() })),
  months: z.int(),
  skills: z.array(
    z.strictObject({
      id: skill,
      title: z.string(),
      comesBefore: z.array(z.string()),
      /** What is looked at before it is signed. */
      points: z.array(z.string()),
    }),
  ),
  people: z.array(z.strictObject({ ...person, role: z.enum(ROLES), standing: z.array(standing) })),
});

/** Who can do a plan. */
export const planPeopleAnswer = z.strictObject({
  /** Whether this crew keeps sign-offs at all. */
  kept: z.boolean(),
  skills: z.array(
    z.strictObject({
      id: z.string(),
      title: z.string(),
      lineIds: z.array(z.string()),
      current: z.array(z.string()),
    }),
  ),
  /** Current in all of them. */
  able: z.array(z.string()),
  /** Knots, as plans name them, that somebody is current in, or that are not taught here. */
  tied: z.array(z.enum(KNOT_IDS)),
});
