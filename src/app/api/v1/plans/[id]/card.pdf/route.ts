import { UNIT_CHOICES } from '@/core/units';
import { pool } from '@/db/pool';
import { planById } from '@/db/queries/plans';
import { recentChecks } from '@/db/queries/road-checks';
import { addressOfPlan } from '@/server/addresses';
import { API } from '@/server/api/endpoints';
import { choiceAsked } from '@/server/asked';
import { PAPER_IDS } from '@/server/papers';
import { documentId } from '@/server/documents';
import { factsToday } from '@/server/gear';
import { drawCard } from '@/server/jobs/pool';
import { clockOf } from '@/server/road-checks';
import { fileResponse, route } from '@/server/route';
import { printedOf } from '@/wording/printed';
import { wordChecksToCome } from '@/wording/road';
import { wordUtc } from '@/wording/text';

export const GET = route(API.card, async ({ request, params, member, now, secure }) => {
  const paper = choiceAsked(request, 'paper', PAPER_IDS);
  const { crewId, crewName, units } = member;
  const stored = await planById(pool(), crewId, documentId(params));
  const plan = stored.document;
  const facts = new Map(await factsToday(crewId, plan));
  const checks = await recentChecks(pool(), crewId, stored.id);
  const clock = await clockOf(pool(), crewId, plan, checks);
  const pdf = await drawCard({
    paper,
    card: {
      printed: printedOf(plan, facts, UNIT_CHOICES[units]),
      crew: crewName,
      version: stored.version,
      savedBy: stored.updatedBy,
      savedAt: wordUtc(stored.updatedAt),
      madeAt: wordUtc(now.toISOString()),
      checks: wordChecksToCome(plan.ruleSet, clock, units),
      address: addressOfPlan(request, stored.id, secure),
    },
  });
  return fileResponse(pdf, 'application/pdf', 'card.pdf');
});
