import { v7 as uuid } from 'uuid';
import { z } from 'zod';
import { type AnswerGrade, GRADES, type Memory, STAGES } from '@/core/training/schedule/memory';
import { type Database, many, maybeOne } from '../pool';
import { afterValues, PAGE_SIZE, pageOf } from './documents';

/** An answer as it was kept. */
export interface KeptReview {
  readonly id: string;
  readonly drill: string;
  readonly number: number;
  readonly grade: AnswerGrade;
  /** What was said instead of what is right: a slip, a knot, a place. */
  readonly instead: string | null;
  readonly tookMs: number | null;
  readonly at: string;
}

/** Who answers. */
export interface Learner {
  readonly crewId: string;
  readonly id: string;
}

const memoryRow = z.object({
  drill: z.string(),
  last_at: z.date(),
  due_at: z.date(),
  stability_days: z.number(),
  difficulty: z.number(),
  scheduled_days: z.number(),
  learning_step: z.number(),
  stage: z.enum(STAGES),
  reviews: z.number(),
  lapses: z.number(),
});

const memoryOf = (r: z.infer<typeof memoryRow>): Memory => ({
  dueMs: r.due_at.getTime(),
  lastMs: r.last_at.getTime(),
  stabilityDays: r.stability_days,
  difficulty: r.difficulty,
  scheduledDays: r.scheduled_days,
  learningStep: r.learning_step,
  stage: r.stage,
  reviews: r.reviews,
  lapses: r.lapses,
});

const MEMORY = `SELECT drill, last_at, due_at, stability_days, difficulty, scheduled_days, learning_step, stage, reviews, lapses
  FROM drill_memory WHERE member_id = $1`;

/** Of what somebody was asked at least once: as many as there are drills at most, so they are no pages. */
export const memoriesOf = async (
  db: Database,
  memberId: string,
): Promise<{ readonly drill: string; readonly memory: Memory }[]> =>
  (await many(db, memoryRow, `${MEMORY} ORDER BY drill`, [memberId])).map((r) => ({
    drill: r.drill,
    memory: memoryOf(r),
  }));

/** Of one drill, held until the transaction ends together with everything else the member learns; null where it was never asked. */
export async function holdMemory(
  db: Database,
  { id }: Learner,
  drill: string,
): Promise<Memory | null> {
  // Of a drill that was never asked there is no row to hold.
  await db.query('SELECT 1 FROM member WHERE id = $1 FOR NO KEY UPDATE', [id]);
  const found = await maybeOne(db, memoryRow, `${MEMORY} AND drill = $2`, [id, drill]);
  return found && memoryOf(found);
}

/** Keeps what answers add up to. Call inside a transaction that holds the memory. */
export async function keepMemory(
  db: Database,
  { crewId, id }: Learner,
  drill: string,
  memory: Memory,
  askedFromMs: number,
): Promise<void> {
  await db.query(
    `INSERT INTO drill_memory (crew_id, member_id, drill, first_at, last_at, due_at, asked_from, stability_days, difficulty,
       scheduled_days, learning_step, stage, reviews, lapses)
     VALUES ($1, $2, $3, $4, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13)
     ON CONFLICT (member_id, drill) DO UPDATE SET last_at = excluded.last_at, due_at = excluded.due_at,
       asked_from = excluded.asked_from, stability_days = excluded.stability_days, difficulty = excluded.difficulty,
       scheduled_days = excluded.scheduled_days, learning_step = excluded.learning_step, stage = excluded.stage,
       reviews = excluded.reviews, lapses = excluded.lapses`,
    [
      crewId,
      id,
      drill,
      new Date(memory.lastMs),
      new Date(memory.dueMs),
      new Date(askedFromMs),
      memory.stabilityDays,
      memory.difficulty,
      memory.scheduledDays,
      memory.learningStep,
      memory.stage,
      memory.reviews,
      memory.lapses,
    ],
  );
}

/** Adds an answer. @returns false where the question was answered before */
export async function addReview(
  db: Database,
  { crewId, id }: Learner,
  review: Omit<KeptReview, 'id' | 'at'> & { readonly at: Date },
): Promise<boolean> {
  const added = await db.query(
    `INSERT INTO drill_review (id, crew_id, member_id, at, drill, number, grade, instead, took_ms)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9) ON CONFLICT (member_id, drill, number) DO NOTHING`,
    [
      uuid(),
      crewId,
      id,
      review.at,
      review.drill,
      review.number,
      review.grade,
      review.instead,
      review.tookMs,
    ],
  );
  return added.rowCount === 1;
}

/** SQL of what is asked next of somebody, apart so that a test can EXPLAIN it. $1 member */
export const NEXT_SQL =
  'SELECT drill, asked_from FROM drill_memory WHERE member_id = $1 ORDER BY asked_from, drill LIMIT 2';

/** SQL of the counts of today, and of what was asked last. $1 member, $2 until when, $3 when the day began */
export const COUNTS_SQL = `SELECT
    (SELECT count(*)::integer FROM drill_memory WHERE member_id = $1 AND asked_from <= $2) AS due,
    (SELECT count(*)::integer FROM drill_memory WHERE member_id = $1 AND first_at >= $3) AS begun_today,
    (SELECT count(*)::integer FROM drill_review WHERE member_id = $1 AND at >= $3) AS answered_today,
    (SELECT drill FROM drill_review WHERE member_id = $1 ORDER BY at DESC, id DESC LIMIT 1) AS just`;

/** How somebody stands: what is next, and how much. @param soon until when something counts as due; `dayBegan`: when their day began */
export async function standingOf(
  db: Database,
  memberId: string,
  { soon, dayBegan }: { readonly soon: Date; readonly dayBegan: Date },
): Promise<{
  readonly next: readonly { readonly drill: string; readonly fromMs: number }[];
  readonly begun: ReadonlySet<string>;
  readonly due: number;
  readonly begunToday: number;
  readonly answeredToday: number;
  /** What was asked last. */
  readonly just: string | null;
}> {
  const next = await many(
    db,
    z.object({ drill: z.string(), asked_from: z.date() }),
    NEXT_SQL,
    [memberId],
    'drill-next',
  );
  const begun = await many(
    db,
    z.object({ drill: z.string() }),
    'SELECT drill FROM drill_memory WHERE member_id = $1',
    [memberId],
    'drill-begun',
  );
  const [counts] = await many(
    db,
    z.object({
      due: z.number(),
      begun_today: z.number(),
      answered_today: z.number(),
      just: z.string().nullable(),
    }),
    COUNTS_SQL,
    [memberId, soon, dayBegan],
    'drill-counts',
  );
  return {
    next: next.map((r) => ({ drill: r.drill, fromMs: r.asked_from.getTime() })),
    begun: new Set(begun.map((r) => r.drill)),
    due: counts!.due,
    begunToday: counts!.begun_today,
    answeredToday: counts!.answered_today,
    just: counts!.just,
  };
}

const reviewRow = z.object({
  id: z.uuid(),
  drill: z.string(),
  number: z.number(),
  grade: z.enum(GRADES),
  instead: z.string().nullable(),
  took_ms: z.number().nullable(),
  at: z.date(),
});

/** SQL of a member's answers, newest first. $1 member, $2 time and $3 id to go on after */
export const reviewPageSql = (limit: number): string =>
  `SELECT id, drill, number, grade, instead, took_ms, at FROM drill_review
   WHERE member_id = $1 AND ($2::timestamptz IS NULL OR (at, id) < ($2::timestamptz, $3::uuid))
   ORDER BY at DESC, id DESC LIMIT ${limit}`;

/** A page of somebody's answers, newest first, and the marker of the next page, or null at the end. */
export async function reviewPage(
  db: Database,
  memberId: string,
  after: readonly [string, string] | null,
): Promise<{ reviews: KeptReview[]; next: readonly [string, string] | null }> {
  const rows = await many(db, reviewRow, reviewPageSql(PAGE_SIZE + 1), [
    memberId,
    ...afterValues(after),
  ]);
  const reviews = rows.map(({ took_ms: tookMs, at, ...r }) => ({
    ...r,
    tookMs,
    at: at.toISOString(),
  }));
  const { page, next } = pageOf(reviews, (r) => [r.at, r.id]);
  return { reviews: [...page], next };
}
