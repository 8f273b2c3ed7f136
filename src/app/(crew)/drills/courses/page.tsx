import { COURSE_IDS, courseOf } from '@/core/training/standing/courses';
import { pool } from '@/db/pool';
import { partPage } from '@/db/queries/kept-parts';
import { writeMarker } from '@/server/documents';
import { PRACTICE_LISTED } from '@/server/drills/room';
import { memberOrFirstPage } from '@/server/page';
import { CoursesPage } from '@/ui/kept/CoursesPage';
import { COURSE_TITLES } from '@/wording/training';

export const metadata = { title: 'Courses · Vast Cleat' };

export default async function Courses() {
  const { crewId } = await memberOrFirstPage();
  const { parts, next } = await partPage(pool(), 'course', crewId, { search: '', after: null });
  return (
    <CoursesPage
      shipped={COURSE_IDS.map((id) => ({ title: COURSE_TITLES[id], skills: [...courseOf(id)] }))}
      first={{ parts, next: writeMarker(next) }}
      kinds={PRACTICE_LISTED}
    />
  );
}
