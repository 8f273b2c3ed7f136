import { riggingById, type StoredRigging } from '@/db/queries/riggings';
import { storedOrNotFound } from '@/server/page';
import { PullBench } from '@/ui/bench/PullBench';

export const metadata = { title: 'Rigging · Vast Cleat' };

export default async function RiggingPage({ params }: { params: Promise<{ id: string }> }) {
  const stored: StoredRigging = await storedOrNotFound('rigging', (await params).id, riggingById);
  return <PullBench key={stored.id} initial={stored.document} stored={stored} />;
}
