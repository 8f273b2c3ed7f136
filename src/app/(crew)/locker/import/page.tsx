import { redirect } from 'next/navigation';
import { memberOrFirstPage } from '@/server/page';
import { may } from '@/server/permissions';
import { ImportPage } from '@/ui/locker/ImportPage';

export const metadata = { title: 'Import · Vast Cleat' };

export default async function Page() {
  if (!may((await memberOrFirstPage()).role, 'gear.write')) redirect('/locker');
  return <ImportPage />;
}
