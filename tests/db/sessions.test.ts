import { parseSetCookie } from 'cookie';
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { acknowledgeCautions, membersOfCrew } from '@/db/queries/members';
import { countInWindow } from '@/db/queries/sessions';
import { may } from '@/server/permissions';
import { closeSession, memberOfToken, openSession, rotate, sessionCookie } from '@/server/session';
import { crewWith, freshDatabase } from '../support/database';

let db: Awaited<ReturnType<typeof freshDatabase>>;
let pool: pg.Pool;
let crew: { crewId: string; memberId: string };
const now = new Date();

beforeAll(async () => {
  db = await freshDatabase();
  pool = db.pool;
  crew = await crewWith(pool, 'Yard');
});
afterAll(() => db.close());

describe('sessions', () => {
  it('only the hash of a token is kept', async () => {
    const token = await openSession(pool, crew.memberId, now);
    const dump = JSON.stringify(
      (await pool.query('SELECT encode(token_hash, $1) AS h, * FROM session', ['hex'])).rows,
    );
    expect(dump).not.toContain(token);
    expect((await memberOfToken(pool, token, now))?.member.crewName).toBe('Yard');
  });
  it('a rotated token works at once, the one before only for its grace', async () => {
    const old = await openSession(pool, crew.memberId, now);
    const fresh = await rotate(pool, old, now);
    expect(fresh).not.toBe(old);
    expect((await memberOfToken(pool, fresh!, now))?.member.id).toBe(crew.memberId);
    expect((await memberOfToken(pool, old, now))?.member.id).toBe(crew.memberId);
    await pool.query(`UPDATE session SET previous_until = now() - interval '1 second'`);
    expect(await memberOfToken(pool, old, now)).toBeNull();
    expect(await rotate(pool, old, now)).toBeNull();
  });
  it('rotation is due after an hour', async () => {
    const token = await openSession(pool, crew.memberId, now);
    expect((await memberOfToken(pool, token, now))?.rotate).toBe(false);
    expect((await memberOfToken(pool, token, new Date(now.getTime() + 3_700_000)))?.rotate).toBe(
      true,
    );
  });
  it('an expired or closed session opens nothing', async () => {
    const [expired, closed] = [
      await openSession(pool, crew.memberId, new Date(0)),
      await openSession(pool, crew.memberId, now),
    ];
    await closeSession(pool, closed);
    expect(await memberOfToken(pool, expired, now)).toBeNull();
    expect(await memberOfToken(pool, closed, now)).toBeNull();
    expect(await memberOfToken(pool, undefined, now)).toBeNull();
    expect(await memberOfToken(pool, 'x'.repeat(43), now)).toBeNull();
  });
  it('the cookie is for this site and no script', () => {
    expect(parseSetCookie(sessionCookie('t', true))).toEqual({
      name: 'vc_session',
      value: 't',
      path: '/',
      maxAge: 30 * 24 * 3600,
      httpOnly: true,
      sameSite: 'strict',
      secure: true,
    });
    expect(parseSetCookie(sessionCookie(null, false))).toMatchObject({ value: '', maxAge: 0 });
  });
});

describe('limits and cautions', () => {
  it('counting at once loses nothing', async () => {
    const counts = await Promise.all(
      Array.from({ length: 20 }, () => countInWindow(pool, 'at-once', 3600)),
    );
    expect(Math.max(...counts)).toBe(20);
  });
  it('an acknowledgement is recorded once a version', async () => {
    await acknowledgeCautions(pool, crew.memberId, 1);
    await acknowledgeCautions(pool, crew.memberId, 1);
    const lead = (version: number) =>
      membersOfCrew(pool, crew.crewId, version).then(
        (list) => list.find((m) => m.id === crew.memberId)!.cautioned,
      );
    expect([await lead(1), await lead(2)]).toEqual([true, false]);
  });
  it('the permission table: trainees read, leads run the crew', () => {
    expect([
      may('trainee', 'plan.read'),
      may('trainee', 'plan.write'),
      may('hand', 'plan.write'),
      may('hand', 'member.manage'),
      may('lead', 'member.manage'),
      may('keeper', 'plan.delete'),
    ]).toEqual([true, false, true, false, true, false]);
  });
});
