import { v7 as uuid } from 'uuid';
import { z } from 'zod';
import { type Database, many, maybeOne, NotFoundError } from '../pool';
import { type Member, memberOf, memberRow, MEMBER_SQL } from './members';

/** What a program may do in a member's name. */
export const TOKEN_SCOPES = ['read', 'plans', 'gear', 'records'] as const;
export type TokenScope = (typeof TOKEN_SCOPES)[number];

/** A token, without itself. */
export interface ApiToken {
  readonly id: string;
  readonly name: string;
  readonly by: string;
  readonly scopes: readonly TokenScope[];
  readonly createdAt: string;
  readonly expiresAt: string;
  readonly lastUsedAt: string | null;
}

const scopes = z.array(z.enum(TOKEN_SCOPES));
const tokenRow = z.object({
  id: z.uuid(),
  name: z.string(),
  by: z.string(),
  scopes,
  created_at: z.date(),
  expires_at: z.date(),
  last_used_at: z.date().nullable(),
});

/** Keeps a new token. @returns its id */
export async function addApiToken(
  db: Database,
  { id: memberId, crewId }: Pick<Member, 'id' | 'crewId'>,
  token: {
    readonly name: string;
    readonly hash: Buffer;
    readonly scopes: readonly TokenScope[];
    readonly now: Date;
    readonly expiresAt: Date;
  },
): Promise<string> {
  const id = uuid();
  await db.query(
    'INSERT INTO api_token (id, crew_id, member_id, name, token_hash, scopes, created_at, expires_at) VALUES ($1, $2, $3, $4, $5, $6, $7, $8)',
    [id, crewId, memberId, token.name, token.hash, token.scopes, token.now, token.expiresAt],
  );
  return id;
}

/** Tokens of a crew that are not ended: one’s own, or everybody’s for whoever leads it. At most 100, the newest first. */
export async function apiTokens(
  db: Database,
  crewId: string,
  memberId: string | null,
): Promise<ApiToken[]> {
  const rows = await many(
    db,
    tokenRow,
    `SELECT t.id, t.name, m.name AS by, t.scopes, t.created_at, t.expires_at, t.last_used_at FROM api_token t JOIN member m ON m.id = t.member_id
     WHERE t.crew_id = $1 AND t.ended_at IS NULL AND ($2::uuid IS NULL OR t.member_id = $2) ORDER BY t.id DESC LIMIT 100`,
    [crewId, memberId],
  );
  return rows.map((r) => ({
    id: r.id,
    name: r.name,
    by: r.by,
    scopes: r.scopes,
    createdAt: r.created_at.toISOString(),
    expiresAt: r.expires_at.toISOString(),
    lastUsedAt: r.last_used_at?.toISOString() ?? null,
  }));
}

/** Ends a token of a crew; `memberId`: only one of theirs. @returns its name @throws NotFoundError */
export async function endApiToken(
  db: Database,
  crewId: string,
  id: string,
  memberId: string | null,
): Promise<string> {
  const row = await maybeOne(
    db,
    z.object({ name: z.string() }),
    `UPDATE api_token SET ended_at = now() WHERE id = $2 AND crew_id = $1 AND ended_at IS NULL AND ($3::uuid IS NULL OR member_id = $3) RETURNING name`,
    [crewId, id, memberId],
  );
  if (!row) throw new NotFoundError();
  return row.name;
}

/** Its use is noted so often, not at every request. */
const NOTED = `interval '1 minute'`;

/** Who asks by a token, and what they may do by it; null when it is none, ended, too old, or its member left. */
export async function memberOfApiToken(
  db: Database,
  hash: Buffer,
  cautionsVersion: number,
): Promise<{ readonly member: Member; readonly scopes: readonly TokenScope[] } | null> {
  const row = await maybeOne(
    db,
    memberRow.extend({ scopes, token_id: z.uuid(), stale: z.boolean() }),
    `${MEMBER_SQL.replace('SELECT', `SELECT t.scopes, t.id AS token_id, t.last_used_at IS NULL OR t.last_used_at < now() - ${NOTED} AS stale,`)}
     JOIN api_token t ON t.member_id = m.id
     WHERE t.token_hash = $2 AND t.ended_at IS NULL AND t.expires_at > now() AND m.left_at IS NULL`,
    [cautionsVersion, hash],
  );
  if (!row) return null;
  if (row.stale)
    await db.query('UPDATE api_token SET last_used_at = now() WHERE id = $1', [row.token_id]);
  return { member: memberOf(row), scopes: row.scopes };
}
