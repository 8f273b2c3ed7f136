import { pool } from '@/db/pool';
import { type Address, saidFirst } from '@/server/asked';
import { PRACTICE_LISTED } from '@/server/drills/room';
import { TIED_LISTED, tiedAsked, tyingsOf } from '@/server/drills/tying';
import { memberOrFirstPage } from '@/server/page';
import { TieRoom } from '@/ui/drills/TieRoom';

export const metadata = { title: 'With real rope · Vast Cleat' };

export default async function Page({ searchParams }: { searchParams: Promise<Address> }) {
  const member = await memberOrFirstPage();
  const asked = saidFirst(await searchParams, 'skill');
  const tyings = await tyingsOf(pool(), member, tiedAsked(asked));
  return <TieRoom key={tyings.skill} tyings={tyings} forms={TIED_LISTED} kinds={PRACTICE_LISTED} />;
}
