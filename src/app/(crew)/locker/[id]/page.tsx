import { pool } from '@/db/pool';
import { crewSettings } from '@/db/queries/crews';
import { gearById } from '@/db/queries/gear';
import { gearHistory } from '@/db/queries/gear-events';
import { plansUsing } from '@/db/queries/plan-gear';
import { standingOn } from '@/server/gear';
import { memberOrFirstPage, storedOrNotFound } from '@/server/page';
import { GearPage } from '@/ui/locker/GearPage';

export const metadata = { title: 'Gear · Vast Cleat' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { crewId } = await memberOrFirstPage();
  const item = standingOn(await storedOrNotFound('gear', (await params).id, gearById), new Date());
  const [entries, plans, { strength, intervals }] = await Promise.all([
    gearHistory(pool(), crewId, item.id),
    plansUsing(pool(), crewId, item.id),
    crewSettings(pool(), crewId),
  ]);
  return (
    <GearPage
      key={item.id}
      item={item}
      entries={entries}
      plans={plans}
      strength={strength}
      intervals={intervals}
    />
  );
}
