import { gearIdsOf, partIdsOf } from '@/core/securement/locker-word';
import { type Plan, readPlan } from '@/core/securement/plan';
import { tell } from '@/db/news';
import type { Database } from '@/db/pool';
import { edition } from '@/db/edition';
import { factsOf, keepVerdicts, plansToJudgeAgain, plansUsingHeld } from '@/db/queries/plan-gear';
import { plansTakingHeld } from '@/db/queries/kept-parts';
import { liveTopic } from './live';
import { judgePlans, type ToJudge } from './jobs/pool';

/** Judges plans of one crew with what the locker says now, and keeps the verdicts with their edition. */
async function judgeAll(db: Database, crewId: string, plans: readonly ToJudge[]): Promise<void> {
  const read = plans.flatMap(({ document }) => {
    const plan = readPlan(document);
    return plan.ok ? [plan.value] : [];
  });
  const all = (ids: (plan: Plan) => string[]): string[] => [...new Set(read.flatMap(ids))];
  const facts = [...(await factsOf(db, crewId, all(gearIdsOf), all(partIdsOf)))];
  await keepVerdicts(db, crewId, await judgePlans({ plans, facts }), edition());
  // Whoever has one of them open is told at once.
  for (const { id } of plans) await tell(db, liveTopic('plan', id));
}

/**
 * Judges every plan that uses a thing anew, in the transaction that changed it: no plan stands a moment on rope that is
 * gone. A plan that cannot be read stops nothing: of it nothing can be said.
 */
export async function rejudgePlansUsing(
  db: Database,
  crewId: string,
  gearId: string,
): Promise<void> {
  const plans = await plansUsingHeld(db, crewId, gearId);
  if (plans.length > 0) await judgeAll(db, crewId, plans);
}

/** Judges every plan that took a kept deck or load anew, in the transaction that changed it. */
export async function rejudgePlansTaking(
  db: Database,
  crewId: string,
  partId: string,
): Promise<void> {
  const plans = await plansTakingHeld(db, crewId, partId);
  if (plans.length > 0) await judgeAll(db, crewId, plans);
}

/**
 * Judges again what other rules, or another program, judged: a few plans of one crew. Call inside a transaction.
 * @returns whether there was anything left to do
 */
export async function judgeAgain(db: Database): Promise<boolean> {
  const found = await plansToJudgeAgain(db, edition());
  if (found === null) return false;
  await judgeAll(db, found.crewId, found.plans);
  return true;
}
