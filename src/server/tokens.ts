import type { Database } from '@/db/pool';
import { addApiToken, endApiToken, type TokenScope } from '@/db/queries/api-tokens';
import { writeAudit } from '@/db/queries/crew-links';
import type { Member } from '@/db/queries/members';
import { API_TOKEN_MARK, newToken, tokenHash } from './session';

const DAY_MS = 86_400_000;

/** Whose tokens a member sees and ends: their own; whoever leads, everybody's (null). */
export const tokensOf = ({ id, role }: Member): string | null => (role === 'lead' ? null : id);

/** Makes a token for a program. Only its hash is kept. Call inside a transaction. */
export async function makeToken(
  db: Database,
  member: Member,
  asked: { readonly name: string; readonly scopes: readonly TokenScope[]; readonly days: number },
  now: Date,
): Promise<{ readonly id: string; readonly token: string; readonly expiresAt: string }> {
  const token = `${API_TOKEN_MARK}${newToken()}`;
  const expiresAt = new Date(now.getTime() + asked.days * DAY_MS);
  const scopes = [...new Set(asked.scopes)];
  const made = { name: asked.name, hash: tokenHash(token), scopes, now, expiresAt };
  const id = await addApiToken(db, member, made);
  await writeAudit(db, {
    crewId: member.crewId,
    by: member.id,
    action: 'token-made',
    details: { name: asked.name },
  });
  return { id, token, expiresAt: expiresAt.toISOString() };
}

/** Ends a token. Call inside a transaction. @throws NotFoundError */
export async function endToken(db: Database, member: Member, id: string): Promise<void> {
  const { crewId, id: by } = member;
  const name = await endApiToken(db, crewId, id, tokensOf(member));
  await writeAudit(db, { crewId, by, action: 'token-ended', details: { name } });
}
