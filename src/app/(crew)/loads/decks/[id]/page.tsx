import { partById } from '@/db/queries/kept-parts';
import { storedOrNotFound } from '@/server/page';
import { DeckPage } from '@/ui/kept/DeckPage';

export const metadata = { title: 'Deck · Vast Cleat' };

export default async function Deck({ params }: { params: Promise<{ id: string }> }) {
  const stored = await storedOrNotFound('deck', (await params).id, (db, crewId, id) =>
    partById(db, 'deck', crewId, id),
  );
  return <DeckPage key={stored.id} stored={stored} />;
}
