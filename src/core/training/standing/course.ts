import { z } from 'zod';
import { parserOf } from '../../exchange/issues';
import { type DocumentKind, readDocument, type Reading } from '../../exchange/read';
import { wayTo } from '../../knot/lead-ins/leads';
import { formOfSkill, SKILL_IDS, type SkillId } from './skills';

export const COURSE_FORMAT = 'vast-cleat/course';
export const COURSE_VERSION = 1;
const MOST_SKILLS = 120;

/** The document `vast-cleat/course`, version 1: what a crew teaches, in its order. */
export const courseSchema = z
  .strictObject({
    format: z.literal(COURSE_FORMAT),
    version: z.literal(COURSE_VERSION),
    title: z.string().trim().min(1).max(120),
    notes: z.string().max(4000).default(''),
    skills: z.array(z.enum(SKILL_IDS)).min(1).max(MOST_SKILLS),
  })
  .superRefine(({ skills }, context) =>
    skills.forEach((skill, i) => {
      if (skills.indexOf(skill) === i) return;
      const params = { code: 'said-twice', values: { key: skill } };
      context.addIssue({ code: 'custom', message: 'said-twice', path: ['skills', i], params });
    }),
  );
export type Course = z.infer<typeof courseSchema>;

/** Courses of every version there was. */
export const COURSE: DocumentKind<Course> = {
  format: COURSE_FORMAT,
  version: COURSE_VERSION,
  upgrades: {},
  parse: parserOf(courseSchema),
};

/** Reads a course that was kept or brought, of whatever version. */
export const readCourse = (input: unknown): Reading<Course> => readDocument(COURSE, input);

/** What of a course must be sure before a skill of it: what its knot builds on, as far as the course teaches it. */
export function comesBefore(skills: readonly SkillId[], skill: SkillId): SkillId[] {
  const form = formOfSkill(skill);
  if (!form) return [];
  const way = wayTo(form.entry.id).slice(0, -1);
  return skills.filter((s) => way.some((id) => formOfSkill(s)?.entry.id === id));
}

/** What stands in a course before something that it builds on: each with the first such thing. */
export function outOfOrder(
  skills: readonly SkillId[],
): { readonly skill: SkillId; readonly buildsOn: SkillId }[] {
  return skills.flatMap((skill, i) => {
    const later = comesBefore(skills, skill).find((s) => skills.indexOf(s) > i);
    return later === undefined ? [] : [{ skill, buildsOn: later }];
  });
}

/** The same skills with nothing before what it builds on; what may stay where it was stays. */
export function inOrder(skills: readonly SkillId[]): SkillId[] {
  const placed = new Set<SkillId>();
  const place = (skill: SkillId): void => {
    if (placed.has(skill)) return;
    comesBefore(skills, skill).forEach(place);
    placed.add(skill);
  };
  skills.forEach(place);
  return [...placed];
}
