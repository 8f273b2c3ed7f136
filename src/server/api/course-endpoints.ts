import { z } from 'zod';
import { COURSE, courseSchema } from '@/core/training/standing/course';
import { readings } from './answers/kept';
import { done, kept, next, stored } from './answers/parts';
import { endpoint, type Endpoint, upgradeOf } from './endpoint';

const courseAnswer = stored(courseSchema.meta({ id: 'Course' }))
  .extend({ readings })
  .meta({ id: 'StoredCourse' });
const coursesAnswer = z.strictObject({
  courses: z.array(z.strictObject({ ...kept, title: z.string() })),
  next,
});

const example = {
  format: 'vast-cleat/course',
  version: 1,
  title: 'New at the yard',
  skills: ['half-hitch/plain', 'bowline/facing-away', 'reckon/hauling'],
};

/** What a crew teaches, in its own order. */
export const COURSE_API = {
  listCourses: endpoint({
    method: 'GET',
    path: '/courses',
    query: ['search', 'after'],
    summary: 'A page of your crew’s own courses, by title: ?search=&after=',
    body: null,
    action: 'skill.read',
    answers: coursesAnswer,
    answer: 'courses[], next',
  }),
  createCourse: endpoint({
    method: 'POST',
    path: '/courses',
    summary: 'Keep a course: skills in the order they are taught',
    body: courseSchema,
    upgrade: upgradeOf(COURSE),
    action: 'course.write',
    example,
    answers: courseAnswer,
    answer: 'The course; its version as ETag',
  }),
  readCourse: endpoint({
    method: 'GET',
    path: '/courses/{id}',
    summary: 'One course',
    body: null,
    action: 'skill.read',
    answers: courseAnswer,
    answer: 'The course; its version as ETag',
  }),
  saveCourse: endpoint({
    method: 'PUT',
    path: '/courses/{id}',
    summary: 'Save a course. If-Match carries the version you started from',
    body: courseSchema,
    upgrade: upgradeOf(COURSE),
    action: 'course.write',
    example,
    answers: courseAnswer,
    answer: 'The course, or 409 with the version that was saved first',
  }),
  deleteCourse: endpoint({
    method: 'DELETE',
    path: '/courses/{id}',
    summary: 'Take a course away; it can be brought back, and no sign-off is touched',
    body: null,
    action: 'course.write',
    answers: done,
    answer: 'Nothing',
  }),
  restoreCourse: endpoint({
    method: 'POST',
    path: '/courses/{id}/restore',
    summary: 'Bring a course back',
    body: null,
    action: 'course.write',
    answers: courseAnswer,
    answer: 'The course',
  }),
  courseDocument: endpoint({
    method: 'GET',
    path: '/courses/{id}/document',
    summary: 'The document exactly as it is kept, also one that cannot be read',
    body: null,
    action: 'skill.read',
    answers: null,
    answer: 'JSON',
  }),
} as const satisfies Record<string, Endpoint>;
