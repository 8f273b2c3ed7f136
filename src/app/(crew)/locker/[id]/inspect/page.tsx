import { redirect } from 'next/navigation';
import { pool } from '@/db/pool';
import { gearById } from '@/db/queries/gear';
import { gearHistory } from '@/db/queries/gear-events';
import { standingOn } from '@/server/gear';
import { memberOrFirstPage, storedOrNotFound } from '@/server/page';
import { may } from '@/server/permissions';
import { InspectionPage } from '@/ui/locker/inspection/InspectionPage';

export const metadata = { title: 'Inspection · Vast Cleat' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { role, crewId } = await memberOrFirstPage();
  const stored = await storedOrNotFound('gear', (await params).id, gearById);
  if (!may(role, 'gear.record') || stored.standing.state === 'retired')
    redirect(`/locker/${stored.id}`);
  const history = await gearHistory(pool(), crewId, stored.id);
  return <InspectionPage item={standingOn(stored, new Date())} history={history} />;
}
