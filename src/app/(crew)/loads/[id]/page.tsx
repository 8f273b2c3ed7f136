import { planById } from '@/db/queries/plans';
import { factsToday } from '@/server/gear';
import { memberOrFirstPage, storedOrNotFound } from '@/server/page';
import { Planner } from '@/ui/planner/Planner';

export const metadata = { title: 'Plan · Vast Cleat' };

export default async function PlanPage({ params }: { params: Promise<{ id: string }> }) {
  const { crewId } = await memberOrFirstPage();
  const stored = await storedOrNotFound((await params).id, planById);
  return (
    <Planner key={stored.id} stored={stored} facts={await factsToday(crewId, stored.document)} />
  );
}
