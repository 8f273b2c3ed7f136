import { z } from 'zod';
import { parserOf } from '../../exchange/issues';
import { type DocumentKind, readDocument, type Reading } from '../../exchange/read';
import { wayTo } from '../../knot/lead-ins/leads';
import { FORM_SKILLS, formOfSkill, SKILL_IDS, type SkillId } from './skills';

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

/** Every skill that a skill builds on: the forms of the knots on the way to its own. Of something to reckon nothing is said. */
export function buildsOn(skill: SkillId): SkillId[] {
  const form = formOfSkill(skill);
  if (!form) return [];
  const way: readonly string[] = wayTo(form.entry.id).slice(0, -1);
  return FORM_SKILLS.filter((s) => way.includes(formOfSkill(s)!.entry.id));
}
