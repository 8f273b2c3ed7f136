import { pool } from '@/db/pool';
import { riggingPage } from '@/db/queries/riggings';
import { writeMarker } from '@/server/documents';
import { memberOrFirstPage } from '@/server/page';
import { Library } from '@/ui/bench/Library';

export const metadata = { title: 'Library of riggings · Vast Cleat' };

export default async function LibraryPage() {
  const member = await memberOrFirstPage();
  const { riggings, next } = await riggingPage(pool(), member.crewId, { search: '', after: null });
  return <Library first={{ riggings, next: writeMarker(next) }} />;
}
