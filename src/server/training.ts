import { v7 as uuid } from 'uuid';
import { z } from 'zod';
import { passedStatement, voidingStatement } from '@/core/exchange/xapi/statement';
import { monthsLater } from '@/core/gear/due';
import type { Plan } from '@/core/securement/plan';
import { buildsOn } from '@/core/training/standing/course';
import { comesBefore } from '@/core/training/standing/order';
import { COURSE_IDS, courseOf } from '@/core/training/standing/courses';
import { KNOT_IDS } from '@/core/knot/knots';
import { skillOfKnot, skillsOfPlan } from '@/core/training/standing/plan-skills';
import { isSkillId, pointsOf, type SkillId } from '@/core/training/standing/skills';
import { counts, standingIn } from '@/core/training/standing/standing';
import { turnedWords } from '@/core/knot/drawing/turned-words';
import { MY_SIDE } from '@/core/knot/drawing/view';
import { type Database, NotFoundError, transaction } from '@/db/pool';
import { crewSettings } from '@/db/queries/crews';
import { partById, partPage } from '@/db/queries/kept-parts';
import { lockMember, type Member, membersOfCrew } from '@/db/queries/members';
import {
  addSignOff,
  type KeptSignOff,
  lastSignOffs,
  revokeSignOff,
  signOffById,
} from '@/db/queries/sign-offs';
import { addStatement } from '@/db/queries/statements';
import { CAUTIONS_VERSION } from '@/wording/cautions';
import { COURSE_TITLES, skillTitle } from '@/wording/training';
import type { Answered } from './api/endpoint';
import type { signOffRequest, TRAINING_API } from './api/training-endpoints';
import { dayOf } from './days';
import { refuse } from './problem';
import { checkOwnPassword } from './sign-in';
import { homeOf } from './statements';

/** The points of a skill as they are read from one's own side. */
export const pointsInWords = (skill: SkillId): string[] =>
  pointsOf(skill).map((p) => turnedWords(p, MY_SIDE));

/** A sign-off as it is answered and shown. */
export type SignOff = Answered<typeof TRAINING_API.signOff>;
export type Standing = Answered<typeof TRAINING_API.standing>;

/** With its name; of a skill that the catalogue no longer has, as it was kept. */
export const shown = ({ body, ...kept }: KeptSignOff): SignOff => ({
  ...kept,
  ...body,
  title: isSkillId(kept.skill) ? skillTitle(kept.skill) : kept.skill,
});

/**
 * Signs for somebody else, who was seen to do it. @throws Refusal 422 for oneself, for a point that was not right, or with a wrong
 * password; NotFoundError for who is not, or no longer, of the crew
 */
export async function signOff(
  db: Database,
  by: Member,
  request: z.infer<typeof signOffRequest>,
  at: { readonly who: string; readonly device: string | undefined; readonly now: Date },
): Promise<SignOff> {
  const { memberId, skill, points, times, under, note, password } = request;
  if (memberId === by.id) throw refuse(422, 'sign-self', {}, ['memberId']);
  const wanted = pointsInWords(skill);
  if (points.length !== wanted.length || points.some((right) => !right))
    throw refuse(422, 'points-open', { points: wanted.length }, ['points']);
  await checkOwnPassword(db, by, password, at.who, at.device);
  return transaction(async (t) => {
    await lockMember(t, by.crewId, memberId);
    const body = { points: wanted, times, under, note };
    const { crewId, id } = by;
    const signed = await addSignOff(t, { crewId, memberId, skill, by: id, at: at.now, body });
    const kept = shown(await signOffById(t, crewId, signed));
    const who = { id: memberId, name: kept.memberName };
    const said = { ...kept, who, by, at: kept.signedAt };
    await addStatement(t, crewId, passedStatement(homeOf(process.env), said), at.now);
    return kept;
  });
}

/** Takes a sign-off back. @throws NotFoundError; Refusal 409 where it was taken back before, 422 for one's own */
export async function revoke(by: Member, id: string, reason: string, now: Date): Promise<SignOff> {
  return transaction(async (t) => {
    const { memberId } = await signOffById(t, by.crewId, id);
    if (memberId === by.id) throw refuse(422, 'sign-self', {}, ['id']);
    const done = await revokeSignOff(t, by.crewId, id, { memberId: by.id, reason, at: now });
    if (!done) throw refuse(409, 'revoked-before', {}, ['id']);
    const voids = { of: id, by, at: now.toISOString() };
    await addStatement(t, by.crewId, voidingStatement(homeOf(process.env), uuid(), voids), now);
    return shown(await signOffById(t, by.crewId, id));
  });
}

/** The people of a crew, and how each stands in anything. */
async function crewStanding(db: Database, crewId: string, now: Date) {
  const { signOffMonths: months } = (await crewSettings(db, crewId)).intervals;
  const people = await membersOfCrew(db, crewId, CAUTIONS_VERSION);
  const signed = await lastSignOffs(db, crewId);
  const last = new Map(signed.map((s) => [`${s.memberId} ${s.skill}`, s]));
  const standing = (memberId: string, skill: SkillId) => {
    const newest = last.get(`${memberId} ${skill}`) ?? null;
    return { ...standingIn(newest, months, dayOf(now)), signOffId: newest?.id ?? null };
  };
  return { months, people, signed, standing };
}

/** The skills of a course: of one that ships, or of one of the crew's own. @throws NotFoundError, UnreadableError */
async function skillsOfCourse(
  db: Database,
  crewId: string,
  course: string,
): Promise<readonly SkillId[]> {
  const shipped = COURSE_IDS.find((id) => id === course);
  if (shipped) return courseOf(shipped);
  if (!z.uuid().safeParse(course).success) throw new NotFoundError();
  return (await partById(db, 'course', crewId, course)).document.skills;
}

/** Courses to choose from: those that ship, and the first page of the crew's own. */
async function coursesOf(db: Database, crewId: string): Promise<Standing['courses']> {
  const own = await partPage(db, 'course', crewId, { search: '', after: null });
  return [
    ...COURSE_IDS.map((id) => ({ id, title: COURSE_TITLES[id], own: false })),
    ...own.parts.map(({ id, title }) => ({ id, title, own: true })),
  ];
}

/** People by the skills of a course; that of transport crews where none is asked for. @throws NotFoundError, UnreadableError */
export async function standingOfCrew(
  db: Database,
  crewId: string,
  asked: string | null,
  now: Date,
): Promise<Standing> {
  const { months, people, standing } = await crewStanding(db, crewId, now);
  const course = asked ?? COURSE_IDS[0];
  const skills = await skillsOfCourse(db, crewId, course);
  return {
    course,
    courses: await coursesOf(db, crewId),
    months,
    skills: skills.map((id) => ({
      id,
      title: skillTitle(id),
      comesBefore: comesBefore(skills, id, buildsOn).map(skillTitle),
      points: pointsInWords(id),
    })),
    people: people.map(({ id, name, role }) => ({
      id,
      name,
      role,
      standing: skills.map((s) => standing(id, s)),
    })),
  };
}

/** Who of a crew can do a plan: of each knot on its lines who is current in it, and who in all of them. */
export async function peopleForPlan(
  db: Database,
  crewId: string,
  plan: Pick<Plan, 'lines'>,
  now: Date,
): Promise<Answered<typeof TRAINING_API.planPeople>> {
  const { people, signed, standing } = await crewStanding(db, crewId, now);
  const isCurrent = (id: string, skill: SkillId): boolean => counts(standing(id, skill));
  const wanted = skillsOfPlan(plan);
  return {
    kept: signed.length > 0,
    skills: wanted.map(({ skill, lineIds }) => ({
      id: skill,
      title: skillTitle(skill),
      lineIds: [...lineIds],
      current: people.filter((p) => isCurrent(p.id, skill)).map((p) => p.name),
    })),
    able:
      wanted.length === 0
        ? []
        : people.filter((p) => wanted.every((w) => isCurrent(p.id, w.skill))).map((p) => p.name),
    tied: KNOT_IDS.filter((knot) => {
      const skill = skillOfKnot(knot);
      return skill === null || people.some((p) => isCurrent(p.id, skill));
    }),
  };
}

/** Sign-offs that count and lapse until a day, the first first. */
export async function lapsesUntil(
  db: Database,
  crewId: string,
  until: string,
  now: Date,
): Promise<{ id: string; day: string; person: string; title: string }[]> {
  const { months, people, signed } = await crewStanding(db, crewId, now);
  const names = new Map(people.map((m) => [m.id, m.name]));
  return signed
    .filter((s) => s.revokedOn === null)
    .flatMap(({ id, memberId, skill, signedOn }) => {
      const day = monthsLater(signedOn, months);
      const person = names.get(memberId);
      // Who has left, and what the catalogue no longer has, is nobody's to sign again.
      return person !== undefined && isSkillId(skill) && day <= until
        ? [{ id, day, person, title: skillTitle(skill) }]
        : [];
    })
    .toSorted((a, b) => a.day.localeCompare(b.day));
}
