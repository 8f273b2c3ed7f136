import { pool } from '@/db/pool';
import { planPage } from '@/db/queries/plans';
import { memberOrFirstPage } from '@/server/page';
import { writeMarker } from '@/server/documents';
import { PlanList } from '@/ui/loads/PlanList';

export const metadata = { title: 'Loads · Vast Cleat' };

export default async function LoadsPage() {
  const member = await memberOrFirstPage();
  const first = await planPage(pool(), member.crewId, { search: '', sort: 'changed', after: null });
  return <PlanList first={{ plans: first.plans, next: writeMarker(first.next) }} />;
}
