import { pool } from '@/db/pool';
import { logEntry } from '@/db/queries/log-entries';
import { entryChoices } from '@/server/log-book/pages';
import { memberOrFirstPage, storedOrNotFound } from '@/server/page';
import { EntryPage } from '@/ui/log/EntryPage';

export const metadata = { title: 'Log · Vast Cleat' };

export default async function Entry({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const entry = await storedOrNotFound('plan', id, logEntry);
  return (
    <EntryPage entry={entry} choices={await entryChoices(pool(), await memberOrFirstPage())} />
  );
}
