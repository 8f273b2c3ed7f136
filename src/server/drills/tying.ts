import type { z } from 'zod';
import { FORM_SKILLS, type SkillId } from '@/core/training/standing/skills';
import { tyingSummary } from '@/core/training/tying/tying';
import type { Database } from '@/db/pool';
import type { Learner } from '@/db/queries/drills';
import { addTying, lastTyings } from '@/db/queries/tyings';
import { skillTitle } from '@/wording/training';
import type { DRILL_API } from '../api/drill-endpoints';
import type { tyingBody } from '../api/drill-schemas';
import type { Answered } from '../api/endpoint';
import { refuse } from '../problem';
import { pointsInWords } from '../training';

/** How somebody ties a form, and under what next. */
export type Tyings = Answered<typeof DRILL_API.tyings>;

/** Forms that can be tied, for a list. */
export const TIED_LISTED = FORM_SKILLS.map((id) => ({ id, title: skillTitle(id) }));

const FIRST: SkillId = 'bowline/facing-away';

/** The form an address asks for; the bowline where it names none that can be tied. */
export const tiedAsked = (asked: string | null): SkillId =>
  FORM_SKILLS.find((id) => id === asked) ?? FIRST;

/** The same where a program asks. @throws Refusal 422 for what is no form */
export function tiedWanted(asked: string | null): SkillId {
  if (asked !== null && tiedAsked(asked) !== asked)
    throw refuse(422, 'form-unknown', { form: asked.slice(0, 60) }, ['?', 'skill']);
  return tiedAsked(asked);
}

/** How somebody does in a form: best and typical times, fumbles, and what to tie it under next. */
export async function tyingsOf(db: Database, { id }: Learner, skill: SkillId): Promise<Tyings> {
  return {
    skill,
    title: skillTitle(skill),
    points: pointsInWords(skill),
    ...tyingSummary(await lastTyings(db, id, skill)),
  };
}

/**
 * Keeps one time that somebody tied a form. What waited on a device says when it was, but never later than now. Call inside a
 * transaction. @throws Refusal 422 where other points were looked at than the form has
 */
export async function keepTying(
  db: Database,
  learner: Learner,
  { skill, under, tookMs, points, madeAt }: z.infer<typeof tyingBody>,
  now: Date,
): Promise<Tyings> {
  const wanted = pointsInWords(skill).length;
  if (points.length !== wanted) throw refuse(422, 'points-count', { points: wanted }, ['points']);
  const said = madeAt === null ? now : new Date(madeAt);
  const at = said < now ? said : now;
  await addTying(db, learner, { skill, under, tookMs, points, at });
  return tyingsOf(db, learner, skill);
}
