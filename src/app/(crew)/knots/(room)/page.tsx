import { pool } from '@/db/pool';
import { knotWordsOfCrew } from '@/db/queries/knot-words';
import { withCrewNames } from '@/server/knot-words';
import { FINDER, knotCards } from '@/server/knots';
import { memberOrFirstPage } from '@/server/page';
import { Finder } from '@/ui/knots/Finder';

export const metadata = { title: 'Knots · Vast Cleat' };

export default async function Page() {
  const member = await memberOrFirstPage();
  const cards = withCrewNames(knotCards(), await knotWordsOfCrew(pool(), member.crewId));
  return <Finder cards={cards} purposes={FINDER.purposes} crews={FINDER.crews} />;
}
