import { pool } from '@/db/pool';
import { crewSettings } from '@/db/queries/crews';
import { membersOfCrew } from '@/db/queries/members';
import { memberOrFirstPage } from '@/server/page';
import { CrewPage } from '@/ui/crew/CrewPage';
import { CAUTIONS_VERSION } from '@/wording/cautions';

export const metadata = { title: 'Crew · Vast Cleat' };

export default async function Page() {
  const member = await memberOrFirstPage();
  const [settings, members] = await Promise.all([
    crewSettings(pool(), member.crewId),
    membersOfCrew(pool(), member.crewId, CAUTIONS_VERSION),
  ]);
  return (
    <CrewPage
      settings={settings}
      members={members.map(({ id, name, signInName, role, cautioned }) => ({
        id,
        name,
        signInName,
        role,
        cautioned,
      }))}
    />
  );
}
