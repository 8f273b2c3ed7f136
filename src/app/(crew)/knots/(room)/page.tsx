import { FINDER, knotCards } from '@/server/knots';
import { memberOrFirstPage } from '@/server/page';
import { Finder } from '@/ui/knots/Finder';

export const metadata = { title: 'Knots · Vast Cleat' };

export default async function Page() {
  await memberOrFirstPage();
  return <Finder cards={knotCards()} purposes={FINDER.purposes} crews={FINDER.crews} />;
}
