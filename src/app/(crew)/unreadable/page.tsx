import { notFound } from 'next/navigation';
import { z } from 'zod';
import { type Database, NotFoundError, pool } from '@/db/pool';
import { gearById } from '@/db/queries/gear';
import { partById } from '@/db/queries/kept-parts';
import { planById } from '@/db/queries/plans';
import { riggingById } from '@/db/queries/riggings';
import { UnreadableError } from '@/db/unreadable';
import { memberOrFirstPage } from '@/server/page';
import { Notice } from '@/ui/frame/Notice';
import { wordIssue } from '@/wording/issues';

export const metadata = { title: 'Cannot be read here · Vast Cleat' };

const KINDS = {
  plan: { path: 'plans', byId: planById },
  rigging: { path: 'riggings', byId: riggingById },
  gear: { path: 'gear', byId: gearById },
  deck: {
    path: 'decks',
    byId: (db: Database, crewId: string, id: string) => partById(db, 'deck', crewId, id),
  },
  course: {
    path: 'courses',
    byId: (db: Database, crewId: string, id: string) => partById(db, 'course', crewId, id),
  },
} as const;
const asked = z.object({
  kind: z.enum(['plan', 'rigging', 'gear', 'deck', 'course']),
  id: z.uuid(),
});

/** A document that is kept and cannot be read by this program: why, and the way to take it along as it is. */
export default async function UnreadablePage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const { crewId } = await memberOrFirstPage();
  const parsed = asked.safeParse(await searchParams);
  if (!parsed.success) notFound();
  const { path, byId } = KINDS[parsed.data.kind];
  const why = await byId(pool(), crewId, parsed.data.id).then(
    () => null,
    (error: unknown) => error,
  );
  if (why instanceof NotFoundError) notFound();
  if (why !== null && !(why instanceof UnreadableError)) throw why;
  return (
    <Notice title={why ? 'This cannot be read here' : 'This can be read again'}>
      {why ? <p>{why.issues.map(wordIssue).join(' ')}</p> : null}
      <p>Nothing is counted on it meanwhile: plans that use it say CANNOT SAY.</p>
      <p>
        <a href={`/api/v1/${path}/${parsed.data.id}/document`} download>
          Export it as it is kept
        </a>
      </p>
    </Notice>
  );
}
