import { PLAN } from '@/core/securement/plan';
import { pool } from '@/db/pool';
import { planById } from '@/db/queries/plans';
import { memberOrFirstPage, storedOrNotFound } from '@/server/page';
import { historyPage } from '@/server/revisions';
import { HistoryPage } from '@/ui/revisions/HistoryPage';

export const metadata = { title: 'History of a plan · Vast Cleat' };

export default async function PlanHistoryPage({ params }: { params: Promise<{ id: string }> }) {
  const { crewId } = await memberOrFirstPage();
  const { id, document } = await storedOrNotFound('plan', (await params).id, planById);
  const first = await historyPage(pool(), 'plan', PLAN, crewId, id, null);
  return (
    <HistoryPage
      of="plans"
      room="/loads"
      roomName="Loads"
      id={id}
      title={document.title}
      first={first}
    />
  );
}
