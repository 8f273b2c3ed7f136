import { type RoadClock, roadClock } from '@/core/securement/road/clock';
import type { Check, KeptCheck } from '@/core/securement/road/schema';
import type { Plan } from '@/core/securement/plan';
import type { Database } from '@/db/pool';
import { crewSettings } from '@/db/queries/crews';
import type { Member } from '@/db/queries/members';
import { planHeld } from '@/db/queries/plans';
import {
  addCheck,
  keepCheckDue,
  plansOnTheRoad,
  recentChecks,
  ruleSetHeld,
} from '@/db/queries/road-checks';
import { madeAt } from './days';
import { logCheck } from './log-book/add';
import { Refusal } from './problem';

/** Every line that a check speaks of must be on the plan, and once. @throws Refusal 422 with the place */
function checkLines(plan: Plan, { lines }: Check): void {
  const known = new Set(plan.lines.map((l) => l.id));
  const issues = lines.flatMap(({ lineId }, i) => {
    const path = ['lines', i, 'lineId'];
    if (!known.has(lineId)) return [{ code: 'line-not-there', path, values: { id: lineId } }];
    return lines.findIndex((l) => l.lineId === lineId) < i
      ? [{ code: 'id-twice', path, values: { id: lineId } }]
      : [];
  });
  if (issues.length > 0) throw new Refusal(422, issues);
}

/** How a load stands with its checks, by its rule set and the crew's own interval. */
export async function clockOf(
  db: Database,
  crewId: string,
  plan: Pick<Plan, 'ruleSet'>,
  checks: readonly KeptCheck[],
): Promise<RoadClock> {
  const { intervals } = await crewSettings(db, crewId);
  return roadClock(plan.ruleSet, checks, intervals.checkMinutes);
}

/** Notes anew when the next check is due: after one was recorded, or the plan goes by other rules. Call inside a transaction. */
export async function refreshCheckDue(
  db: Database,
  crewId: string,
  planId: string,
  plan: Pick<Plan, 'ruleSet'>,
): Promise<RoadClock> {
  const clock = await clockOf(db, crewId, plan, await recentChecks(db, crewId, planId));
  await keepCheckDue(db, crewId, planId, clock.state === 'on-the-road' ? clock.dueAt : null);
  return clock;
}

/** The same for everything that is on the road: the crew's interval has changed. Call inside a transaction. */
export async function refreshAllDue(db: Database, crewId: string): Promise<void> {
  for (const { id, ruleSet } of await plansOnTheRoad(db, crewId))
    await refreshCheckDue(db, crewId, id, { ruleSet });
}

/** The same for one plan of which a check was taken back; nothing where it is gone meanwhile. Call inside a transaction. */
export async function refreshDueOf(db: Database, crewId: string, planId: string): Promise<void> {
  const ruleSet = await ruleSetHeld(db, crewId, planId);
  if (ruleSet !== null) await refreshCheckDue(db, crewId, planId, { ruleSet });
}

/** Records a check on a plan as it is now. Call inside a transaction. @throws Refusal 422, NotFoundError, UnreadableError */
export async function recordCheck(
  db: Database,
  member: Member,
  planId: string,
  body: Check,
  now: Date,
): Promise<{ readonly check: KeptCheck; readonly clock: RoadClock }> {
  const { crewId } = member;
  const { document: plan, version: planVersion } = await planHeld(db, crewId, planId);
  checkLines(plan, body);
  const at = madeAt(body.madeAt, now);
  const id = await addCheck(db, {
    crewId,
    memberId: member.id,
    planId,
    planVersion,
    body,
    at,
    now,
  });
  await logCheck(db, member, { id, planId, planVersion, plan, body, at, now });
  const clock = await refreshCheckDue(db, crewId, planId, plan);
  return {
    check: { ...body, id, at: at.toISOString(), by: member.name, planVersion },
    clock,
  };
}
