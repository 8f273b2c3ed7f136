import { RIGGING } from '@/core/bench/rigging';
import { pool } from '@/db/pool';
import { riggingById } from '@/db/queries/riggings';
import { memberOrFirstPage, storedOrNotFound } from '@/server/page';
import { historyPage } from '@/server/revisions';
import { HistoryPage } from '@/ui/revisions/HistoryPage';

export const metadata = { title: 'History of a rigging · Vast Cleat' };

export default async function RiggingHistoryPage({ params }: { params: Promise<{ id: string }> }) {
  const { crewId } = await memberOrFirstPage();
  const { id, document } = await storedOrNotFound('rigging', (await params).id, riggingById);
  const first = await historyPage(pool(), 'rigging', RIGGING, crewId, id, null);
  return (
    <HistoryPage
      of="riggings"
      room="/bench"
      roomName="Tension bench"
      id={id}
      title={document.title}
      first={first}
    />
  );
}
