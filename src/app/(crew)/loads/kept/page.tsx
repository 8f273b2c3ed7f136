import { pool } from '@/db/pool';
import { partPage } from '@/db/queries/kept-parts';
import { writeMarker } from '@/server/documents';
import { memberOrFirstPage } from '@/server/page';
import { KeptPage } from '@/ui/kept/KeptPage';

export const metadata = { title: 'Decks and loads kept · Vast Cleat' };

export default async function Kept() {
  const { crewId } = await memberOrFirstPage();
  const first = { search: '', after: null };
  const decks = await partPage(pool(), 'deck', crewId, first);
  const loads = await partPage(pool(), 'load', crewId, first);
  return (
    <KeptPage
      decks={{ parts: decks.parts, next: writeMarker(decks.next) }}
      loads={{ parts: loads.parts, next: writeMarker(loads.next) }}
    />
  );
}
