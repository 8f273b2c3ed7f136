import { ConstraintError, type Database } from '@/db/pool';
import {
  type Invitation,
  insertInvitation,
  openInvitation,
  useInvitation,
  writeAudit,
} from '@/db/queries/crew-links';
import {
  insertMember,
  lockMember,
  markLeft,
  type Member,
  type NewMember,
  otherLeads,
  passwordHashOf,
  type Role,
  setPassword,
  setRole,
} from '@/db/queries/members';
import { endSessions } from '@/db/queries/sessions';
import { forgetDevices } from '@/db/queries/sign-in';
import { hashPassword, matches } from './passwords';
import { type Refusal, refuse } from './problem';
import { newToken, tokenHash } from './session';

/** A link that nobody used in this time is void. */
const LINK_DAYS = 7;

/** A name that is taken is a refusal which says which of the two. */
export async function refusingTakenNames<T>(
  names: { name: string; signInName?: string | undefined },
  work: () => Promise<T>,
): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (!(error instanceof ConstraintError)) throw error;
    if (error.constraint === 'member_sign_in_name')
      throw refuse(409, 'sign-in-name-taken', { name: names.signInName ?? names.name }, [
        'signInName',
      ]);
    if (error.constraint === 'member_name_in_crew')
      throw refuse(409, 'name-taken', { name: names.name }, ['name']);
    throw error;
  }
}

/** Adds a member with a first password, and writes it down. Call inside a transaction. */
export async function addMember(db: Database, by: Member, member: NewMember): Promise<string> {
  const id = await refusingTakenNames(member, () => insertMember(db, by.crewId, member));
  await writeAudit(db, {
    crewId: by.crewId,
    by: by.id,
    about: id,
    action: 'member-added',
    details: { role: member.role },
  });
  return id;
}

/** A crew without a lead could change nothing any more. */
async function keepsALead(db: Database, crewId: string, memberId: string): Promise<void> {
  if ((await otherLeads(db, crewId, memberId)) === 0) throw refuse(409, 'last-lead', {}, ['role']);
}

/** Gives a member another role. Call inside a transaction. @throws NotFoundError; Refusal 409 for the last lead */
export async function changeRole(
  db: Database,
  by: Member,
  memberId: string,
  role: Role,
): Promise<void> {
  const member = await lockMember(db, by.crewId, memberId);
  if (member.role === role) return;
  if (member.role === 'lead') await keepsALead(db, by.crewId, memberId);
  await setRole(db, by.crewId, memberId, role);
  await writeAudit(db, {
    crewId: by.crewId,
    by: by.id,
    about: memberId,
    action: 'role-changed',
    details: { from: member.role, to: role },
  });
}

/** Takes a member out of the crew and ends what was open. Call inside a transaction. @throws NotFoundError; Refusal 409 for the last lead */
export async function removeMember(db: Database, by: Member, memberId: string): Promise<void> {
  const member = await lockMember(db, by.crewId, memberId);
  if (member.role === 'lead') await keepsALead(db, by.crewId, memberId);
  await markLeft(db, by.crewId, memberId);
  await endSessions(db, memberId, null);
  await forgetDevices(db, memberId, null);
  await writeAudit(db, { crewId: by.crewId, by: by.id, about: memberId, action: 'member-removed' });
}

/** Makes a one-time link: for joining in a role, or for a new password of a member. Call inside a transaction. */
export async function makeLink(
  db: Database,
  by: Member,
  purpose: { role: Role } | { memberId: string },
  now: Date,
): Promise<{ path: string; expiresAt: string }> {
  const role = 'role' in purpose ? purpose.role : null;
  const memberId = 'memberId' in purpose ? purpose.memberId : null;
  if (memberId) await lockMember(db, by.crewId, memberId);
  const token = newToken();
  const expiresAt = new Date(now.getTime() + LINK_DAYS * 86_400_000);
  await insertInvitation(db, tokenHash(token), {
    crewId: by.crewId,
    madeBy: by.id,
    role,
    memberId,
    expiresAt,
  });
  await writeAudit(db, {
    crewId: by.crewId,
    by: by.id,
    about: memberId,
    action: 'link-made',
    details: role ? { role } : {},
  });
  return { path: `/join/${token}`, expiresAt: expiresAt.toISOString() };
}

const linkVoid = (): Refusal => refuse(410, 'link-void');

/** What a link is for. @throws Refusal 410 when it was used, is too old, or never was */
export async function linkOf(db: Database, token: string): Promise<Invitation> {
  const found = await openInvitation(db, tokenHash(token));
  if (!found) throw linkVoid();
  return found;
}

export interface Joining {
  readonly name?: string | undefined;
  readonly signInName?: string | undefined;
  readonly password: string;
}

/** A new password by link: what was open before ends. */
async function reset(
  db: Database,
  { crewId, madeBy }: Invitation,
  memberId: string,
  passwordHash: string,
): Promise<string> {
  await lockMember(db, crewId, memberId);
  await setPassword(db, memberId, passwordHash);
  await endSessions(db, memberId, null);
  await forgetDevices(db, memberId, null);
  await writeAudit(db, { crewId, by: madeBy, about: memberId, action: 'password-reset' });
  return memberId;
}

/** Uses a link up. Call inside a transaction. @returns the member who came in by it. @throws Refusal 410, 409, 422 */
export async function useLink(
  db: Database,
  token: string,
  joining: Joining,
  passwordHash: string,
): Promise<string> {
  const link = await useInvitation(db, tokenHash(token));
  if (!link) throw linkVoid();
  if (link.memberId) return reset(db, link, link.memberId, passwordHash);
  const { name, signInName } = joining;
  if (!name) throw refuse(422, 'missing', {}, ['name']);
  const id = await refusingTakenNames({ name, signInName }, () =>
    insertMember(db, link.crewId, { name, signInName, role: link.role!, passwordHash }),
  );
  await writeAudit(db, {
    crewId: link.crewId,
    by: id,
    about: id,
    action: 'member-joined',
    details: { role: link.role! },
  });
  return id;
}

/** Changes one's own password; every other session ends. @throws Refusal 422 when the present one is wrong */
export async function changePassword(
  db: Database,
  member: Member,
  { current, password }: { current: string; password: string },
  token: string,
): Promise<number> {
  if (!(await matches(await passwordHashOf(db, member.id), current)))
    throw refuse(422, 'password-wrong', {}, ['current']);
  await setPassword(db, member.id, await hashPassword(password));
  await writeAudit(db, {
    crewId: member.crewId,
    by: member.id,
    about: member.id,
    action: 'password-changed',
  });
  return endOthers(db, member, token);
}

/** Ends every session of a member but the present one. @returns how many */
export async function endOthers(db: Database, member: Member, token: string): Promise<number> {
  const ended = await endSessions(db, member.id, tokenHash(token));
  await writeAudit(db, {
    crewId: member.crewId,
    by: member.id,
    about: member.id,
    action: 'sessions-ended',
    details: { ended },
  });
  return ended;
}
