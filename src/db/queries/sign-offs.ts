import { v7 as uuid } from 'uuid';
import { z } from 'zod';
import { DONE_UNDER_IDS } from '@/core/training/standing/done-under';
import { type Database, many, NotFoundError, one } from '../pool';
import { afterValues, PAGE_SIZE, pageOf } from './documents';

/** What was seen: the points as they read on that day, how often, under what. */
export const signOffBody = z.object({
  points: z.array(z.string()),
  times: z.number(),
  under: z.array(z.enum(DONE_UNDER_IDS)),
  note: z.string(),
});
export type SignOffBody = z.infer<typeof signOffBody>;

/** A sign-off as it is kept, with how it was taken back, if it was. */
export interface KeptSignOff {
  readonly id: string;
  readonly memberId: string;
  readonly memberName: string;
  readonly skill: string;
  readonly signedAt: string;
  readonly signedBy: string;
  readonly body: SignOffBody;
  readonly revoked: {
    readonly at: string;
    readonly by: string;
    readonly reason: string;
  } | null;
}

const row = z.object({
  id: z.uuid(),
  member_id: z.uuid(),
  member_name: z.string(),
  skill: z.string(),
  signed_at: z.date(),
  signed_by: z.string(),
  body: signOffBody,
  revoked_at: z.date().nullable(),
  revoked_by: z.string().nullable(),
  reason: z.string().nullable(),
});

const keptOf = (r: z.infer<typeof row>): KeptSignOff => ({
  id: r.id,
  memberId: r.member_id,
  memberName: r.member_name,
  skill: r.skill,
  signedAt: r.signed_at.toISOString(),
  signedBy: r.signed_by,
  body: r.body,
  revoked:
    r.revoked_at === null
      ? null
      : { at: r.revoked_at.toISOString(), by: r.revoked_by ?? '', reason: r.reason ?? '' },
});

const SELECT = `SELECT s.id, s.member_id, m.name AS member_name, s.skill, s.signed_at, i.name AS signed_by, s.body,
    r.revoked_at, b.name AS revoked_by, r.reason
  FROM sign_off s JOIN member m ON m.id = s.member_id JOIN member i ON i.id = s.signed_by
  LEFT JOIN sign_off_revocation r ON r.sign_off_id = s.id LEFT JOIN member b ON b.id = r.revoked_by`;

/** One sign-off of a crew. @throws NotFoundError */
export const signOffById = async (db: Database, crewId: string, id: string): Promise<KeptSignOff> =>
  keptOf(await one(db, row, `${SELECT} WHERE s.crew_id = $1 AND s.id = $2`, [crewId, id]));

/** Adds a sign-off. Call inside a transaction. @returns its id */
export async function addSignOff(
  db: Database,
  signed: {
    readonly crewId: string;
    readonly memberId: string;
    readonly skill: string;
    readonly by: string;
    readonly at: Date;
    readonly body: SignOffBody;
  },
): Promise<string> {
  const id = uuid();
  await db.query(
    'INSERT INTO sign_off (id, crew_id, member_id, skill, signed_at, signed_by, body) VALUES ($1, $2, $3, $4, $5, $6, $7)',
    [id, signed.crewId, signed.memberId, signed.skill, signed.at, signed.by, signed.body],
  );
  return id;
}

/** Takes a sign-off back, once. Call inside a transaction. @returns false where it was taken back before. @throws NotFoundError */
export async function revokeSignOff(
  db: Database,
  crewId: string,
  id: string,
  by: { readonly memberId: string; readonly reason: string; readonly at: Date },
): Promise<boolean> {
  const known = await many(
    db,
    z.object({ id: z.uuid() }),
    'SELECT id FROM sign_off WHERE crew_id = $1 AND id = $2',
    [crewId, id],
  );
  if (known.length === 0) throw new NotFoundError();
  const added = await db.query(
    `INSERT INTO sign_off_revocation (sign_off_id, crew_id, revoked_at, revoked_by, reason)
     VALUES ($1, $2, $3, $4, $5) ON CONFLICT DO NOTHING`,
    [id, crewId, by.at, by.memberId, by.reason],
  );
  return added.rowCount === 1;
}

/** SQL of the newest sign-off of everybody in everything. $1 crew, $2 member or null for all */
export const LAST_SQL = `SELECT DISTINCT ON (s.member_id, s.skill) s.id, s.member_id, s.skill, s.signed_at, r.revoked_at
  FROM sign_off s LEFT JOIN sign_off_revocation r ON r.sign_off_id = s.id
  WHERE s.crew_id = $1 AND ($2::uuid IS NULL OR s.member_id = $2)
  ORDER BY s.member_id, s.skill, s.signed_at DESC, s.id DESC`;

/** What was signed last. */
export interface LastSignOff {
  readonly id: string;
  readonly memberId: string;
  readonly skill: string;
  /** ISO days. */
  readonly signedOn: string;
  readonly revokedOn: string | null;
}

/** Of everybody in a crew, or of one, what was signed last in each skill: as many as people have skills, so they are no pages. */
export async function lastSignOffs(
  db: Database,
  crewId: string,
  memberId: string | null = null,
): Promise<LastSignOff[]> {
  const rows = await many(
    db,
    z.object({
      id: z.uuid(),
      member_id: z.uuid(),
      skill: z.string(),
      signed_at: z.date(),
      revoked_at: z.date().nullable(),
    }),
    LAST_SQL,
    [crewId, memberId],
  );
  return rows.map((r) => ({
    id: r.id,
    memberId: r.member_id,
    skill: r.skill,
    signedOn: r.signed_at.toISOString().slice(0, 10),
    revokedOn: r.revoked_at?.toISOString().slice(0, 10) ?? null,
  }));
}

/** SQL of sign-offs, newest first. $1 crew, $2 member or null for all, $3 time and $4 id to go on after */
export const signOffPageSql = (limit: number): string =>
  `${SELECT} WHERE s.crew_id = $1 AND ($2::uuid IS NULL OR s.member_id = $2)
   AND ($3::timestamptz IS NULL OR (s.signed_at, s.id) < ($3::timestamptz, $4::uuid))
   ORDER BY s.signed_at DESC, s.id DESC LIMIT ${limit}`;

/** A page of a crew's sign-offs, or of one member's, newest first, and the marker of the next page, or null at the end. */
export async function signOffPage(
  db: Database,
  crewId: string,
  memberId: string | null,
  after: readonly [string, string] | null,
): Promise<{ signOffs: KeptSignOff[]; next: readonly [string, string] | null }> {
  const rows = await many(db, row, signOffPageSql(PAGE_SIZE + 1), [
    crewId,
    memberId,
    ...afterValues(after),
  ]);
  const { page, next } = pageOf(rows.map(keptOf), (s) => [s.signedAt, s.id]);
  return { signOffs: [...page], next };
}

/** All sign-offs of a crew, oldest pages last, some at a time. */
export async function* allSignOffs(db: Database, crewId: string): AsyncGenerator<KeptSignOff[]> {
  let after: readonly [string, string] | null = null;
  do {
    const { signOffs, next }: Awaited<ReturnType<typeof signOffPage>> = await signOffPage(
      db,
      crewId,
      null,
      after,
    );
    yield signOffs;
    after = next;
  } while (after);
}
