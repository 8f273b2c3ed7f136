import { buildsOn } from '@/core/training/standing/course';
import { SKILL_IDS } from '@/core/training/standing/skills';
import { partById } from '@/db/queries/kept-parts';
import { PRACTICE_LISTED } from '@/server/drills/room';
import { storedOrNotFound } from '@/server/page';
import { CoursePage } from '@/ui/kept/CoursePage';
import { skillTitle } from '@/wording/training';

export const metadata = { title: 'Course · Vast Cleat' };

export default async function Course({ params }: { params: Promise<{ id: string }> }) {
  const stored = await storedOrNotFound('course', (await params).id, (db, crewId, id) =>
    partById(db, 'course', crewId, id),
  );
  const named = SKILL_IDS.map((id) => ({ id, title: skillTitle(id), buildsOn: buildsOn(id) }));
  return <CoursePage key={stored.id} stored={stored} named={named} kinds={PRACTICE_LISTED} />;
}
