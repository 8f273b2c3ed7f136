import { notFound } from 'next/navigation';
import { z } from 'zod';
import { METRIC, US_CUSTOMARY } from '@/core/units';
import { NotFoundError, pool } from '@/db/pool';
import { planById } from '@/db/queries/plans';
import { factsToday } from '@/server/gear';
import { memberOrFirstPage } from '@/server/page';
import { printedOf } from '@/ui/planner/printed';
import { PrintSheet } from '@/ui/planner/PrintSheet';

export const metadata = { title: 'Print · Vast Cleat' };

export default async function PrintPage({ params }: { params: Promise<{ id: string }> }) {
  const member = await memberOrFirstPage();
  const id = z.uuid().safeParse((await params).id);
  if (!id.success) notFound();
  const stored = await planById(pool(), member.crewId, id.data).catch((error: unknown) => {
    if (error instanceof NotFoundError) return notFound();
    throw error;
  });
  return (
    <PrintSheet
      printed={printedOf(
        stored.document,
        new Map(await factsToday(member.crewId, stored.document)),
        member.units === 'us' ? US_CUSTOMARY : METRIC,
      )}
      version={stored.version}
      savedBy={stored.updatedBy}
      savedAt={stored.updatedAt}
    />
  );
}
