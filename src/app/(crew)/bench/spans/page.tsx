import { pool } from '@/db/pool';
import { crewStrength } from '@/db/queries/crews';
import { memberOrFirstPage } from '@/server/page';
import { SpanRoom } from '@/ui/bench/SpanRoom';

export const metadata = { title: 'Spans and legs · Vast Cleat' };

export default async function SpansPage() {
  const member = await memberOrFirstPage();
  return <SpanRoom strength={await crewStrength(pool(), member.crewId)} />;
}
