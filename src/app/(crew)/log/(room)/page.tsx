import { pool } from '@/db/pool';
import { logPage } from '@/db/queries/log-entries';
import { writeMarker } from '@/server/documents';
import { entryChoices, viewNamed } from '@/server/log-book/pages';
import type { Address } from '@/server/asked';
import { logQuery } from '@/server/log-book/query';
import { memberOrFirstPage, searchOf, shownOrNotFound } from '@/server/page';
import { LogRoom } from '@/ui/log/LogRoom';

export const metadata = { title: 'Log · Vast Cleat' };

interface Props {
  readonly searchParams: Promise<Address>;
}

export default async function Log({ searchParams }: Props) {
  const member = await memberOrFirstPage();
  const search = searchOf(await searchParams);
  const { page, view } = await shownOrNotFound('plan', null, async (db, crewId) => {
    const query = logQuery(search);
    return { view: await viewNamed(db, crewId, query), page: await logPage(db, crewId, query) };
  });
  return (
    <LogRoom
      key={search.toString()}
      first={{ entries: page.entries, next: writeMarker(page.next) }}
      view={view}
      choices={await entryChoices(pool(), member)}
    />
  );
}
