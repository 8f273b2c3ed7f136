import { pool } from '@/db/pool';
import { ropesByPrice } from '@/db/queries/gear-list';
import { standingOn } from '@/server/gear';
import { memberOrFirstPage } from '@/server/page';
import { CutListPage } from '@/ui/locker/cuts/CutListPage';

export const metadata = { title: 'Cut list · Vast Cleat' };

export default async function Page() {
  const { crewId } = await memberOrFirstPage();
  const now = new Date();
  return (
    <CutListPage ropes={(await ropesByPrice(pool(), crewId)).map((g) => standingOn(g, now))} />
  );
}
