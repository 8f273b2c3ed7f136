import { pool } from '@/db/pool';
import { knotWordsOfCrew } from '@/db/queries/knot-words';
import { FINDER, knotCards } from '@/server/knots';
import { memberOrFirstPage } from '@/server/page';
import { Finder } from '@/ui/knots/Finder';

export const metadata = { title: 'Knots · Vast Cleat' };

export default async function Page() {
  const member = await memberOrFirstPage();
  const said = new Map(
    (await knotWordsOfCrew(pool(), member.crewId)).map((w) => [w.entry, w.names]),
  );
  // What the crew calls a knot comes first among its names, and is found like any other.
  const cards = knotCards().map((c) => ({
    ...c,
    aliases: [...(said.get(c.id) ?? []), ...c.aliases],
  }));
  return <Finder cards={cards} purposes={FINDER.purposes} crews={FINDER.crews} />;
}
