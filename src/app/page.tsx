import { headers } from 'next/headers';
import { redirect } from 'next/navigation';
import { pool } from '@/db/pool';
import { demoMembers } from '@/db/queries/members';
import { demoIsOpen } from '@/server/demo';
import { ADDRESS_HEADER } from '@/server/front/headers';
import { currentMember } from '@/server/page';
import { Door } from '@/ui/door/Door';
import { CAUTIONS_VERSION } from '@/wording/cautions';

/** The first page: step in as a demo person, sign in, or found a crew. */
export default async function FirstPage() {
  if (await currentMember()) redirect('/today');
  const who = (await headers()).get(ADDRESS_HEADER) ?? '';
  const people = demoIsOpen(who) ? await demoMembers(pool(), CAUTIONS_VERSION) : [];
  return (
    <Door people={people.map(({ id, name, role, crewName }) => ({ id, name, role, crewName }))} />
  );
}
