import { pool } from '@/db/pool';
import { crewSettings } from '@/db/queries/crews';
import { gearPage } from '@/db/queries/gear-list';
import { gearQuery, standingOn } from '@/server/gear';
import { memberOrFirstPage } from '@/server/page';
import { NewPlanPage } from '@/ui/kept/NewPlanPage';

export const metadata = { title: 'Plan a load · Vast Cleat' };

export default async function NewPlan() {
  const { crewId } = await memberOrFirstPage();
  const now = new Date();
  const asked = new URLSearchParams({ kind: 'rope', state: 'in-service' });
  const { gear, next } = await gearPage(pool(), crewId, gearQuery(asked, now));
  const { strength, defaults } = await crewSettings(pool(), crewId);
  return (
    <NewPlanPage
      strength={strength}
      ruleSet={defaults.ruleSet}
      ropes={gear.map((g) => standingOn(g, now))}
      more={next !== null}
    />
  );
}
