import { pool } from '@/db/pool';
import { crewStrength } from '@/db/queries/crews';
import { riggingPage } from '@/db/queries/riggings';
import { memberOrFirstPage } from '@/server/page';
import { SideBySide } from '@/ui/bench/SideBySide';

export const metadata = { title: 'Systems side by side · Vast Cleat' };

export default async function ComparePage() {
  const member = await memberOrFirstPage();
  const { riggings } = await riggingPage(pool(), member.crewId, { search: '', after: null });
  return (
    <SideBySide
      strength={await crewStrength(pool(), member.crewId)}
      library={riggings.flatMap(({ id, title, document }) =>
        document ? [{ id, title, document }] : [],
      )}
    />
  );
}
