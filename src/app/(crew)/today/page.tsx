import { pool } from '@/db/pool';
import { planPage } from '@/db/queries/plans';
import { pagesToKeep } from '@/server/keep-offline';
import { memberOrFirstPage } from '@/server/page';
import { dueToday } from '@/server/today';
import { TodayRoom } from '@/ui/today/TodayRoom';

export const metadata = { title: 'Today · Vast Cleat' };

export default async function Today() {
  const member = await memberOrFirstPage();
  const newest = { search: '', sort: 'changed', after: null } as const;
  const { plans } = await planPage(pool(), member.crewId, newest);
  const today = await dueToday(pool(), member, new Date());
  return (
    <TodayRoom
      today={today}
      keep={await pagesToKeep(pool(), member, today)}
      plans={plans.map(({ id, title }) => ({ id, title }))}
    />
  );
}
