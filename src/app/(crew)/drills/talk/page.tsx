import { z } from 'zod';
import { questionsIn } from '@/core/training/talk/proposing';
import { NotFoundError, pool } from '@/db/pool';
import { planPage } from '@/db/queries/plans';
import { talkRecordPage } from '@/db/queries/talk-records';
import type { Member } from '@/db/queries/members';
import { type Address, saidFirst } from '@/server/asked';
import { readMarker, writeMarker } from '@/server/documents';
import { PRACTICE_LISTED } from '@/server/drills/room';
import { memberOrFirstPage } from '@/server/page';
import { may } from '@/server/permissions';
import { type Proposal, propose } from '@/server/talk/leading';
import { TalkRoom } from '@/ui/talk/TalkRoom';

export const metadata = { title: 'Toolbox talk · Vast Cleat' };

const USUAL_MINUTES = 8;
const ADDRESS = z.object({
  plan: z.uuid().nullable().catch(null),
  minutes: z.coerce.number().int().min(1).max(15).catch(USUAL_MINUTES),
});

/** What could be asked; without a plan where the address names one that is gone. */
async function proposalOf(
  member: Member,
  plan: string | null,
  minutes: number,
): Promise<{ plan: string | null; proposal: Proposal }> {
  const wanted = { planId: plan, count: questionsIn(minutes) };
  try {
    return { plan, proposal: await propose(pool(), member, wanted, new Date(), Math.random) };
  } catch (error) {
    if (plan === null || !(error instanceof NotFoundError)) throw error;
    return proposalOf(member, null, minutes);
  }
}

export default async function Page({ searchParams }: { searchParams: Promise<Address> }) {
  const member = await memberOrFirstPage();
  const address = await searchParams;
  const { plan, minutes } = ADDRESS.parse({
    plan: saidFirst(address, 'plan'),
    minutes: saidFirst(address, 'minutes') ?? USUAL_MINUTES,
  });
  const after = saidFirst(address, 'after');
  const marker = readMarker(new URLSearchParams(after === null ? {} : { after }), true);
  const { records, next } = await talkRecordPage(pool(), member.crewId, marker);
  const { plans } = await planPage(pool(), member.crewId, {
    search: '',
    sort: 'changed',
    after: null,
  });
  const found = may(member.role, 'talk.lead') ? await proposalOf(member, plan, minutes) : null;
  return (
    <TalkRoom
      kinds={PRACTICE_LISTED}
      proposal={found?.proposal ?? null}
      plan={found?.plan ?? null}
      plans={plans.map(({ id, title }) => ({ id, title }))}
      minutes={minutes}
      records={records}
      next={writeMarker(next)}
    />
  );
}
