import { UNIT_CHOICES } from '@/core/units';
import { planById } from '@/db/queries/plans';
import { factsToday } from '@/server/gear';
import { memberOrFirstPage, storedOrNotFound } from '@/server/page';
import { printedOf } from '@/wording/printed';
import { PrintSheet } from '@/ui/planner/PrintSheet';

export const metadata = { title: 'Print · Vast Cleat' };

export default async function PrintPage({ params }: { params: Promise<{ id: string }> }) {
  const member = await memberOrFirstPage();
  const stored = await storedOrNotFound('plan', (await params).id, planById);
  const facts = await factsToday(member.crewId, stored.document);
  return (
    <PrintSheet
      planId={stored.id}
      printed={printedOf(stored.document, new Map(facts), UNIT_CHOICES[member.units])}
      version={stored.version}
      savedBy={stored.updatedBy}
      savedAt={stored.updatedAt}
    />
  );
}
