import { v7 as uuid } from 'uuid';
import { z } from 'zod';
import { type Check, checkSchema, type KeptCheck } from '@/core/securement/road/schema';
import { RULE_SET_IDS, type RuleSetId } from '@/core/securement/rule-set-ids';
import { type Database, many, maybeOne } from '../pool';
import { afterValues, PAGE_SIZE, pageOf } from './documents';
import { stands } from './log-stands';

const checkRow = z.object({
  id: z.uuid(),
  at: z.date(),
  by: z.string(),
  plan_version: z.number(),
  body: checkSchema,
});

const keptOf = ({
  id,
  at,
  by,
  plan_version: planVersion,
  body,
}: z.infer<typeof checkRow>): KeptCheck => ({
  id,
  at: at.toISOString(),
  by,
  planVersion,
  ...body,
});

/** SQL of checks of a plan that nobody took back, newest first, apart so that a test can EXPLAIN it. $1 crew, $2 plan, $3 time and $4 id to go on after. */
export const checkPageSql = (limit: number): string =>
  `SELECT c.id, c.at, m.name AS by, c.plan_version, c.body FROM road_check c JOIN member m ON m.id = c.by_member
   WHERE c.crew_id = $1 AND c.plan_id = $2 AND ${stands('c.crew_id', 'c.id')} AND ($3::timestamptz IS NULL OR (c.at, c.id) < ($3::timestamptz, $4::uuid))
   ORDER BY c.at DESC, c.id DESC LIMIT ${limit}`;

/** A page of the checks of a plan, newest first, and the marker of the next page, or null at the end. */
export async function checkPage(
  db: Database,
  crewId: string,
  planId: string,
  after: readonly [string, string] | null,
): Promise<{ checks: KeptCheck[]; next: readonly [string, string] | null }> {
  const rows = await many(db, checkRow, checkPageSql(PAGE_SIZE + 1), [
    crewId,
    planId,
    ...afterValues(after),
  ]);
  const { page, next } = pageOf(rows.map(keptOf), (c) => [c.at, c.id]);
  return { checks: [...page], next };
}

/** So many checks say how a load stands: those of its last trip, and what they found. */
const RECENT = 200;

/** The last checks of a plan, newest first. */
export const recentChecks = async (
  db: Database,
  crewId: string,
  planId: string,
): Promise<KeptCheck[]> =>
  (await many(db, checkRow, checkPageSql(RECENT), [crewId, planId, null, null])).map(keptOf);

/** Adds a check. What it says must have been looked at. Call inside a transaction. */
export async function addCheck(
  db: Database,
  check: {
    readonly crewId: string;
    readonly memberId: string;
    readonly planId: string;
    readonly planVersion: number;
    readonly body: Check;
    readonly at: Date;
    readonly now: Date;
  },
): Promise<string> {
  const id = uuid();
  await db.query(
    'INSERT INTO road_check (id, plan_id, crew_id, at, recorded_at, by_member, plan_version, body) VALUES ($1, $2, $3, $4, $5, $6, $7, $8)',
    [
      id,
      check.planId,
      check.crewId,
      check.at,
      check.now,
      check.memberId,
      check.planVersion,
      check.body,
    ],
  );
  return id;
}

/** Notes when the next check of a plan is due; null: it is not on the road. Its document and version stay as they are. */
export async function keepCheckDue(
  db: Database,
  crewId: string,
  planId: string,
  dueAt: string | null,
): Promise<void> {
  await db.query('UPDATE plan SET check_due_at = $3 WHERE crew_id = $1 AND id = $2', [
    crewId,
    planId,
    dueAt,
  ]);
}

/** Plans of a crew that are on the road, held until the transaction ends. */
export const plansOnTheRoad = async (
  db: Database,
  crewId: string,
): Promise<{ id: string; ruleSet: RuleSetId }[]> =>
  (
    await many(
      db,
      z.object({ id: z.uuid(), rule_set: z.enum(RULE_SET_IDS) }),
      'SELECT id, rule_set FROM plan WHERE crew_id = $1 AND check_due_at IS NOT NULL ORDER BY id FOR UPDATE',
      [crewId],
    )
  ).map((r) => ({ id: r.id, ruleSet: r.rule_set }));

/** The rule set of a plan, held until the transaction ends; null where there is none any more. */
export const ruleSetHeld = async (
  db: Database,
  crewId: string,
  planId: string,
): Promise<RuleSetId | null> =>
  (
    await maybeOne(
      db,
      z.object({ rule_set: z.enum(RULE_SET_IDS) }),
      'SELECT rule_set FROM plan WHERE crew_id = $1 AND id = $2 AND deleted_at IS NULL FOR UPDATE',
      [crewId, planId],
    )
  )?.rule_set ?? null;
