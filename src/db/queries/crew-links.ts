import { v7 as uuid } from 'uuid';
import { z } from 'zod';
import { type Database, many, maybeOne } from '../pool';
import { AUDIT_ACTIONS, type AuditAction, type AuditEntry } from '@/wording/trail';
import { type Role, ROLES } from './members';

/** What a one-time link is for: joining a crew in a role, or a new password for a member of it. */
export interface Invitation {
  readonly crewId: string;
  readonly crewName: string;
  readonly madeBy: string;
  readonly role: Role | null;
  readonly memberId: string | null;
}

/** Keeps a link by the hash of its token. Exactly one of role and member says what it is for. */
export async function insertInvitation(
  db: Database,
  tokenHash: Buffer,
  invitation: {
    crewId: string;
    madeBy: string;
    role: Role | null;
    memberId: string | null;
    expiresAt: Date;
  },
): Promise<void> {
  // An earlier link for a new password is void as soon as there is a later one.
  await db.query('DELETE FROM invitation WHERE member_id = $1 OR expires_at < now()', [
    invitation.memberId,
  ]);
  await db.query(
    'INSERT INTO invitation (token_hash, crew_id, made_by, role, member_id, expires_at) VALUES ($1, $2, $3, $4, $5, $6)',
    [
      tokenHash,
      invitation.crewId,
      invitation.madeBy,
      invitation.role,
      invitation.memberId,
      invitation.expiresAt,
    ],
  );
}

const invitationRow = z.object({
  crew_id: z.uuid(),
  crew_name: z.string(),
  made_by: z.uuid(),
  role: z.enum(ROLES).nullable(),
  member_id: z.uuid().nullable(),
});
const invitationOf = (row: z.infer<typeof invitationRow>): Invitation => ({
  crewId: row.crew_id,
  crewName: row.crew_name,
  madeBy: row.made_by,
  role: row.role,
  memberId: row.member_id,
});
/** Links that are good: not used, not too old, and whoever made them is still in the crew. */
const GOOD = `i.used_at IS NULL AND i.expires_at > now() AND maker.left_at IS NULL`;

/** A link that is still good, or null. */
export async function openInvitation(db: Database, tokenHash: Buffer): Promise<Invitation | null> {
  const row = await maybeOne(
    db,
    invitationRow,
    `SELECT i.crew_id, c.name AS crew_name, i.made_by, i.role, i.member_id FROM invitation i
     JOIN crew c ON c.id = i.crew_id JOIN member maker ON maker.id = i.made_by WHERE i.token_hash = $1 AND ${GOOD}`,
    [tokenHash],
  );
  return row && invitationOf(row);
}

/** Uses a link up; of several at once one succeeds. Call inside a transaction. @returns null when it is not good any more */
export async function useInvitation(db: Database, tokenHash: Buffer): Promise<Invitation | null> {
  const row = await maybeOne(
    db,
    invitationRow,
    `UPDATE invitation i SET used_at = now() FROM crew c, member maker
     WHERE i.token_hash = $1 AND c.id = i.crew_id AND maker.id = i.made_by AND ${GOOD}
     RETURNING i.crew_id, c.name AS crew_name, i.made_by, i.role, i.member_id`,
    [tokenHash],
  );
  return row && invitationOf(row);
}

/** Writes down who changed what about whom. Call inside the transaction that changes it. */
export async function writeAudit(
  db: Database,
  entry: {
    crewId: string;
    by: string;
    about?: string | null;
    action: AuditAction;
    details?: Record<string, string | number>;
  },
): Promise<void> {
  await db.query(
    'INSERT INTO audit (id, crew_id, at, by_member, about_member, action, details) VALUES ($1, $2, now(), $3, $4, $5, $6)',
    [uuid(), entry.crewId, entry.by, entry.about ?? null, entry.action, entry.details ?? {}],
  );
}

const MOST_ENTRIES = 50;

/** SQL of a page of the trail, newest first. $1 crew, $2 last id seen. */
export const auditPageSql = (after: boolean): string =>
  `SELECT a.id, a.at, b.name AS by, s.name AS about, a.action, a.details FROM audit a
   JOIN member b ON b.id = a.by_member LEFT JOIN member s ON s.id = a.about_member
   WHERE a.crew_id = $1 AND ${after ? 'a.id < $2' : '$2::uuid IS NULL'} ORDER BY a.id DESC LIMIT ${MOST_ENTRIES + 1}`;

/** A page of a crew's trail, newest first, and the id to go on after. */
export async function auditPage(
  db: Database,
  crewId: string,
  after: string | null,
): Promise<{ entries: AuditEntry[]; next: string | null }> {
  const rows = await many(
    db,
    z.object({
      id: z.uuid(),
      at: z.date(),
      by: z.string(),
      about: z.string().nullable(),
      action: z.enum(AUDIT_ACTIONS),
      details: z.record(z.string(), z.union([z.string(), z.number()])),
    }),
    auditPageSql(after !== null),
    [crewId, after],
  );
  const entries = rows.slice(0, MOST_ENTRIES).map((r) => ({ ...r, at: r.at.toISOString() }));
  return { entries, next: rows.length > MOST_ENTRIES ? entries.at(-1)!.id : null };
}
