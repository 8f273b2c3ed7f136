import { pool } from '@/db/pool';
import { crewStrength } from '@/db/queries/crews';
import { ALL_GEAR, gearPage } from '@/db/queries/gear-list';
import { writeMarker } from '@/server/documents';
import { dayOf } from '@/server/days';
import { standingOn } from '@/server/gear';
import { memberOrFirstPage } from '@/server/page';
import { LockerList } from '@/ui/locker/LockerList';

export const metadata = { title: 'Rope locker · Vast Cleat' };

export default async function LockerPage() {
  const member = await memberOrFirstPage();
  const now = new Date();
  const [first, strength] = await Promise.all([
    gearPage(pool(), member.crewId, {
      ...ALL_GEAR,
      states: ['in-service', 'set-aside'],
      today: dayOf(now),
    }),
    crewStrength(pool(), member.crewId),
  ]);
  return (
    <LockerList
      first={{
        gear: first.gear.map((g) => standingOn(g, now)),
        unreadable: first.unreadable.map(({ id, code }) => ({ id, code })),
        next: writeMarker(first.next),
      }}
      strength={strength}
    />
  );
}
