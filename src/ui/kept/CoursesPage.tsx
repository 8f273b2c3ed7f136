'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import type { Course } from '@/core/training/standing/course';
import { call, messageOf } from '../api';
import { type DrillKinds, DrillRoom } from '../drills/DrillRoom';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { ErrorText, Hidden } from '../kit/text';
import { KeptList, type KeptListPage, type KeptSort } from './KeptList';

const COURSES: KeptSort = {
  title: 'Our own',
  what: 'courses',
  empty: 'None yet. Take one that ships and change it.',
  href: (id) => `/drills/courses/${id}`,
  page: async (after) => {
    const answer = await call('GET /courses', { query: { after } });
    return answer.ok
      ? { ok: true, value: { parts: answer.value.courses, next: answer.value.next } }
      : answer;
  },
  remove: (id) => call('DELETE /courses/{id}', { params: { id } }),
  restore: (id) => call('POST /courses/{id}/restore', { params: { id } }),
};

const Shipped = styled.ul`
  list-style: none;
  padding: 0;
  & > li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 12px;
    align-items: center;
    min-height: 56px;
    border-bottom: var(--w-hair) solid var(--line);
  }
`;

/** Courses: those that ship, to be taken and changed, and the crew's own. */
export function CoursesPage({
  shipped,
  first,
  kinds,
}: {
  shipped: readonly Pick<Course, 'title' | 'skills'>[];
  first: KeptListPage;
  kinds: DrillKinds;
}) {
  const { viewer } = useMember();
  const router = useRouter();
  const [error, setError] = useState<string | null>(null);
  const take = async ({ title, skills }: Pick<Course, 'title' | 'skills'>): Promise<void> => {
    const body = {
      format: 'vast-cleat/course',
      version: 1,
      title: `${title}, our way`,
      skills,
    } as const;
    const answer = await call('POST /courses', { body });
    if (!answer.ok) return setError(messageOf(answer.problem));
    router.push(`/drills/courses/${answer.value.id}`);
  };
  return (
    <DrillRoom
      current="standing"
      kinds={kinds}
      title="Courses"
      says="What a crew teaches, in its order. Who can do what is told by them; no sign-off hangs on one."
    >
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      <section aria-label="Courses that ship">
        <h3>Courses that ship</h3>
        <Shipped>
          {shipped.map((course) => (
            <li key={course.title}>
              <span>
                <b>{course.title}</b>, {course.skills.length} skills
              </span>
              {viewer.canSign ? (
                <Button onPress={() => void take(course)}>
                  Take and change<Hidden> {course.title}</Hidden>
                </Button>
              ) : null}
            </li>
          ))}
        </Shipped>
      </section>
      <KeptList sort={COURSES} first={first} canRemove={viewer.canSign} />
      <p>
        <Link href="/drills/standing">Who can do what</Link>
      </p>
    </DrillRoom>
  );
}
