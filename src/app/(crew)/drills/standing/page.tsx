import { pool } from '@/db/pool';
import { PRACTICE_LISTED } from '@/server/drills/room';
import { type Address, saidFirst } from '@/server/asked';
import { memberOrFirstPage } from '@/server/page';
import { courseAsked, standingOfCrew } from '@/server/training';
import { StandingRoom } from '@/ui/drills/Standing';

export const metadata = { title: 'Who can do what · Vast Cleat' };

export default async function Page({ searchParams }: { searchParams: Promise<Address> }) {
  const { crewId } = await memberOrFirstPage();
  const asked = saidFirst(await searchParams, 'course');
  const standing = await standingOfCrew(pool(), crewId, courseAsked(asked), new Date());
  return <StandingRoom standing={standing} kinds={PRACTICE_LISTED} />;
}
