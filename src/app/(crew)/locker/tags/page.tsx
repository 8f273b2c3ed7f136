import { pool } from '@/db/pool';
import { ALL_GEAR, gearPage } from '@/db/queries/gear-list';
import { writeMarker } from '@/server/documents';
import { dayOf } from '@/server/days';
import { askedGear, standingOn } from '@/server/gear';
import { memberOrFirstPage } from '@/server/page';
import { TagsPage } from '@/ui/locker/TagsPage';

export const metadata = { title: 'Tags · Vast Cleat' };
const MOST_IDS = 240;

export default async function Page({ searchParams }: { searchParams: Promise<{ ids?: string }> }) {
  const { crewId } = await memberOrFirstPage();
  const now = new Date();
  const ids = String((await searchParams).ids ?? '')
    .split(',')
    .slice(0, MOST_IDS)
    .join(',');
  const [chosen, first] = await Promise.all([
    askedGear(pool(), crewId, new URLSearchParams({ ids }), MOST_IDS),
    gearPage(pool(), crewId, {
      ...ALL_GEAR,
      states: ['in-service', 'set-aside'],
      today: dayOf(now),
    }),
  ]);
  return (
    <TagsPage
      chosen={chosen.map((g) => standingOn(g, now))}
      first={{ gear: first.gear.map((g) => standingOn(g, now)), next: writeMarker(first.next) }}
    />
  );
}
