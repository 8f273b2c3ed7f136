import { PRACTICE_LISTED } from '@/server/drills/room';
import { type Address, saidFirst } from '@/server/asked';
import { shownOrNotFound } from '@/server/page';
import { standingOfCrew } from '@/server/training';
import { StandingRoom } from '@/ui/drills/Standing';

export const metadata = { title: 'Who can do what · Vast Cleat' };

export default async function Page({ searchParams }: { searchParams: Promise<Address> }) {
  const asked = saidFirst(await searchParams, 'course');
  const standing = await shownOrNotFound('course', asked, (db, crewId) =>
    standingOfCrew(db, crewId, asked, new Date()),
  );
  return <StandingRoom standing={standing} kinds={PRACTICE_LISTED} />;
}
