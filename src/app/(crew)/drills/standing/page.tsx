import { pool } from '@/db/pool';
import { PRACTICE_LISTED } from '@/server/drills/room';
import { memberOrFirstPage } from '@/server/page';
import { courseAsked, standingOfCrew } from '@/server/training';
import { StandingRoom } from '@/ui/drills/Standing';

export const metadata = { title: 'Who can do what · Vast Cleat' };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const { crewId } = await memberOrFirstPage();
  const asked = [(await searchParams)['course'] ?? []].flat()[0] ?? null;
  const standing = await standingOfCrew(pool(), crewId, courseAsked(asked), new Date());
  return <StandingRoom standing={standing} kinds={PRACTICE_LISTED} />;
}
