import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { auditPage } from '@/db/queries/crew-links';
import { insertMember, type Member, membersOfCrew } from '@/db/queries/members';
import {
  addMember,
  changePassword,
  changeRole,
  endOthers,
  linkOf,
  makeLink,
  removeMember,
  useLink,
} from '@/server/members';
import { hashPassword } from '@/server/passwords';
import { memberOfToken, openSession } from '@/server/session';
import { transaction } from '@/db/pool';
import { crewWith, freshDatabase } from '../support/database';

let db: Awaited<ReturnType<typeof freshDatabase>>;
let lead: Member;
let passwordHash: string;
const now = new Date();

const member = async (crewId: string, memberId: string): Promise<Member> =>
  (await membersOfCrew(db.pool, crewId, 1)).find((m) => m.id === memberId)!;
const within = <T>(work: Parameters<typeof transaction<T>>[0]) => transaction(work, db.pool);
let named = 0;
const hand = async (): Promise<Member> => {
  named += 1;
  const name = `Hand ${named}`;
  return member(
    lead.crewId,
    await within((tx) => addMember(tx, lead, { name, role: 'hand', passwordHash })),
  );
};
const tokenOf = ({ path }: { path: string }): string => path.split('/').at(-1)!;

beforeAll(async () => {
  db = await freshDatabase();
  passwordHash = await hashPassword('a good long one');
  const { crewId, memberId } = await crewWith(db.pool, 'Yard');
  lead = await member(crewId, memberId);
});
afterAll(() => db.close());

describe('members', () => {
  it('a role is changed; the last lead keeps it, also when two step down at once', async () => {
    const other = await hand();
    await within((tx) => changeRole(tx, lead, other.id, 'lead'));
    const both = await Promise.allSettled([
      within((tx) => changeRole(tx, lead, lead.id, 'hand')),
      within((tx) => changeRole(tx, lead, other.id, 'hand')),
    ]);
    expect(both.filter((r) => r.status === 'rejected')).toHaveLength(1);
    const leads = (await membersOfCrew(db.pool, lead.crewId, 1)).filter((m) => m.role === 'lead');
    expect(leads).toHaveLength(1);
    await within((tx) => changeRole(tx, lead, lead.id, 'lead'));
    await within((tx) => changeRole(tx, lead, other.id, 'hand'));
    await expect(within((tx) => removeMember(tx, lead, lead.id))).rejects.toMatchObject({
      status: 409,
    });
  });
  it('whoever is removed is out at once, stays in the records, and the name is free again', async () => {
    const gone = await hand();
    const token = await openSession(db.pool, gone.id, now);
    await within((tx) => removeMember(tx, lead, gone.id));
    expect(await memberOfToken(db.pool, token, now)).toBeNull();
    expect((await membersOfCrew(db.pool, lead.crewId, 1)).map((m) => m.id)).not.toContain(gone.id);
    const again = await insertMember(db.pool, lead.crewId, {
      name: gone.name,
      role: 'hand',
      passwordHash,
    });
    expect(again).not.toBe(gone.id);
    await expect(within((tx) => removeMember(tx, lead, gone.id))).rejects.toThrow();
  });
  it('nobody is changed from another crew', async () => {
    const other = await crewWith(db.pool, 'Mill');
    const mine = await hand();
    const stranger = await member(other.crewId, other.memberId);
    await expect(within((tx) => changeRole(tx, stranger, mine.id, 'lead'))).rejects.toThrow();
    await expect(within((tx) => removeMember(tx, stranger, mine.id))).rejects.toThrow();
    await expect(
      within((tx) => makeLink(tx, stranger, { memberId: mine.id }, now)),
    ).rejects.toThrow();
  });
});

describe('links', () => {
  it('one joins by a link, in the role it was made for; the second finds it used up', async () => {
    const token = tokenOf(await within((tx) => makeLink(tx, lead, { role: 'keeper' }, now)));
    expect(await linkOf(db.pool, token)).toMatchObject({ crewName: 'Yard', role: 'keeper' });
    const tries = await Promise.allSettled(
      ['Nell Oak', 'Otis Elm'].map((name) =>
        within((tx) => useLink(tx, token, { name, password: 'long enough' }, passwordHash)),
      ),
    );
    expect(tries.map((t) => t.status).sort()).toEqual(['fulfilled', 'rejected']);
    await expect(linkOf(db.pool, token)).rejects.toMatchObject({ status: 410 });
    const joined = tries.find((t) => t.status === 'fulfilled')!.value;
    expect((await member(lead.crewId, joined)).role).toBe('keeper');
  });
  it('a refused name leaves the link good', async () => {
    const token = tokenOf(await within((tx) => makeLink(tx, lead, { role: 'hand' }, now)));
    const joining = { name: lead.name, password: 'long enough' };
    await expect(within((tx) => useLink(tx, token, joining, passwordHash))).rejects.toMatchObject({
      status: 409,
    });
    expect(await linkOf(db.pool, token)).toMatchObject({ role: 'hand' });
  });
  it('a new password by link ends what was open; the link before is void; so is one that is old', async () => {
    const forgetful = await hand();
    const open = await openSession(db.pool, forgetful.id, now);
    const first = tokenOf(
      await within((tx) => makeLink(tx, lead, { memberId: forgetful.id }, now)),
    );
    const link = tokenOf(await within((tx) => makeLink(tx, lead, { memberId: forgetful.id }, now)));
    await expect(linkOf(db.pool, first)).rejects.toMatchObject({ status: 410 });
    const id = await within((tx) => useLink(tx, link, { password: 'another one' }, passwordHash));
    expect(id).toBe(forgetful.id);
    expect(await memberOfToken(db.pool, open, now)).toBeNull();
    const old = new Date(now.getTime() - 8 * 86_400_000);
    const late = tokenOf(await within((tx) => makeLink(tx, lead, { role: 'hand' }, old)));
    await expect(linkOf(db.pool, late)).rejects.toMatchObject({ status: 410 });
  });
  it('a link of a lead who was removed is void', async () => {
    const second = await hand();
    await within((tx) => changeRole(tx, lead, second.id, 'lead'));
    const token = tokenOf(await within((tx) => makeLink(tx, second, { role: 'lead' }, now)));
    await within((tx) => removeMember(tx, lead, second.id));
    await expect(linkOf(db.pool, token)).rejects.toMatchObject({ status: 410 });
  });
});

describe('one’s own password and sessions', () => {
  it('is changed only by who knows it; every other session ends, the present one stays', async () => {
    const me = await hand();
    const [here, there] = [
      await openSession(db.pool, me.id, now),
      await openSession(db.pool, me.id, now),
    ];
    const wish = { current: 'a wrong one', password: 'a better long one' };
    await expect(changePassword(db.pool, me, wish, here)).rejects.toMatchObject({ status: 422 });
    const right = { ...wish, current: 'a good long one' };
    expect(await changePassword(db.pool, me, right, here)).toBe(1);
    expect(await memberOfToken(db.pool, there, now)).toBeNull();
    expect((await memberOfToken(db.pool, here, now))?.member.id).toBe(me.id);
    expect(await endOthers(db.pool, me, here)).toBe(0);
  });
});

describe('the trail', () => {
  it('names who did what to whom, newest first, page by page; nothing in it can be changed', async () => {
    const about = await hand();
    await within((tx) => changeRole(tx, lead, about.id, 'keeper'));
    const { entries } = await auditPage(db.pool, lead.crewId, null);
    expect(entries.slice(0, 2)).toMatchObject([
      {
        action: 'role-changed',
        by: lead.name,
        about: about.name,
        details: { from: 'hand', to: 'keeper' },
      },
      { action: 'member-added', about: about.name, details: { role: 'hand' } },
    ]);
    for (let i = 0; i < 60; i++)
      await within((tx) => changeRole(tx, lead, about.id, i % 2 ? 'keeper' : 'hand'));
    const first = await auditPage(db.pool, lead.crewId, null);
    const second = await auditPage(db.pool, lead.crewId, first.next);
    expect(first.entries).toHaveLength(50);
    expect(second.entries[0]!.id < first.entries.at(-1)!.id).toBe(true);
    await expect(db.pool.query('DELETE FROM audit')).rejects.toThrow('append-only');
    await expect(db.pool.query('TRUNCATE audit')).rejects.toThrow('append-only');
  });
});
