import { pool } from '@/db/pool';
import { reviewPage } from '@/db/queries/drills';
import { dayNames, PRACTICE_LISTED } from '@/server/drills/room';
import { titled, today } from '@/server/drills/today';
import { memberOrFirstPage } from '@/server/page';
import { TodayRoom } from '@/ui/drills/Today';

export const metadata = { title: 'Drills · Vast Cleat' };

const LAST = 8;

export default async function Page() {
  const member = await memberOrFirstPage();
  const now = new Date();
  const stood = await today(pool(), member, now);
  const { reviews } = await reviewPage(pool(), member.id, null);
  return (
    <TodayRoom
      today={stood}
      last={titled(reviews.slice(0, LAST))}
      days={dayNames(now, stood.forecast.length)}
      kinds={PRACTICE_LISTED}
    />
  );
}
