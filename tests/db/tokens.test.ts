/** Tokens for programs: what they are good for, that only their hash is kept, and how they end. */
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { pool as ownPool, transaction } from '@/db/pool';
import type { TokenScope } from '@/db/queries/api-tokens';
import { markLeft, type Member, ROLES } from '@/db/queries/members';
import type { Endpoint } from '@/server/api/endpoint';
import { API, ENDPOINTS } from '@/server/api/endpoints';
import { ADDRESS_HEADER } from '@/server/front/headers';
import { endThreads } from '@/server/jobs/pool';
import { may, scopesAllow } from '@/server/permissions';
import { makeToken } from '@/server/tokens';
import { freshDatabase, memberOf } from '../support/database';
import { demoDocument } from '../support/demo';
import { handlerOf } from '../support/handlers';

let db: Awaited<ReturnType<typeof freshDatabase>>;
let pool: pg.Pool;
let ours: Member;
const NOW = new Date();

beforeAll(async () => {
  process.env['VAST_CLEAT_LIMITER'] = 'off';
  db = await freshDatabase();
  pool = db.pool;
  process.env['DATABASE_URL'] = db.url;
  ours = await memberOf(pool, 'Ours');
});
afterAll(async () => {
  await endThreads();
  await ownPool().end();
  await db.close();
});

const tokenFor = (scopes: TokenScope[], days = 30, who: Member = ours) =>
  transaction((c) => makeToken(c, who, { name: 'Program', scopes, days }, NOW), pool);

async function ask(
  e: Endpoint,
  token: string,
  body?: unknown,
  more: Record<string, string> = {},
  params: Record<string, string> = {},
): Promise<{ status: number; code: string }> {
  const request = new Request(`http://localhost/api/v1${e.path}`, {
    method: e.method,
    headers: {
      authorization: `Bearer ${token}`,
      'content-type': 'application/json',
      [ADDRESS_HEADER]: '127.0.0.1',
      ...more,
    },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
  const response = await (await handlerOf(e))(request, { params: Promise.resolve(params) });
  const json = (await response.json().catch(() => ({}))) as { issues?: { code: string }[] };
  return { status: response.status, code: json.issues?.[0]?.code ?? '' };
}

describe('a program’s token', () => {
  it('does what its scopes are for, and no more', async () => {
    const { token } = await tokenFor(['read']);
    expect((await ask(API.listPlans, token)).status).toBe(200);
    expect(await ask(API.createPlan, token, demoDocument('apple-bins'))).toEqual({
      status: 403,
      code: 'token-not-for-this',
    });
    const writes = await tokenFor(['plans']);
    expect((await ask(API.createPlan, writes.token, demoDocument('apple-bins'))).status).toBe(201);
    expect((await ask(API.listPlans, writes.token)).status).toBe(403);
  });
  it('is good for nothing that is a person’s own, whatever its scopes', async () => {
    const { token } = await tokenFor(['read', 'plans', 'gear', 'records']);
    for (const e of [API.makeToken, API.changePassword, API.deleteCrew, API.addMember, API.signOff])
      expect((await ask(e, token, (e as Endpoint).example ?? {})).code).toBe('token-not-for-this');
  });
  it('does not do what its member may not', async () => {
    const trainee: Member = { ...(await memberOf(pool, 'Trainee')), role: 'trainee' };
    await pool.query(`UPDATE member SET role = 'trainee' WHERE id = $1`, [trainee.id]);
    const { token } = await tokenFor(['plans'], 30, trainee);
    expect((await ask(API.createPlan, token, demoDocument('apple-bins'))).code).toBe(
      'not-permitted',
    );
  });
  it('that is made up, too old, ended, or of somebody who left is none; a cookie beside it does not help', async () => {
    const made = await tokenFor(['read']);
    expect((await ask(API.listPlans, `${made.token}x`)).code).toBe('token-unknown');
    const old = await tokenFor(['read']);
    await pool.query(`UPDATE api_token SET expires_at = now() - interval '1 s' WHERE id = $1`, [
      old.id,
    ]);
    expect((await ask(API.listPlans, old.token)).code).toBe('token-unknown');
    await pool.query('UPDATE api_token SET ended_at = now() WHERE id = $1', [made.id]);
    expect((await ask(API.listPlans, made.token)).code).toBe('token-unknown');
    const leaver = await memberOf(pool, 'Leaver');
    const theirs = await tokenFor(['read'], 30, leaver);
    await markLeft(pool, leaver.crewId, leaver.id);
    expect((await ask(API.listPlans, theirs.token)).code).toBe('token-unknown');
  });
  it('is kept as a hash alone, and its use is noted', async () => {
    const { token, id } = await tokenFor(['read']);
    await ask(API.listPlans, token);
    const { rows } = await pool.query<{ row: string; used: boolean }>(
      'SELECT t::text AS row, last_used_at IS NOT NULL AS used FROM api_token t WHERE id = $1',
      [id],
    );
    expect(rows[0]!.row).not.toContain(token.slice('vast-cleat-'.length));
    expect(rows[0]!.used).toBe(true);
  });
});

describe('who may do what', () => {
  it('is said for every route: an action that some role has, or none for what is open to all', () => {
    for (const e of ENDPOINTS)
      if (e.action !== null)
        expect(
          ROLES.some((role) => may(role, e.action!)),
          e.path,
        ).toBe(true);
  });
  it('by token: no scope lets a program change a crew, its people, or an account', () => {
    const scopes: TokenScope[] = ['read', 'plans', 'gear', 'records'];
    for (const action of ['crew.change', 'member.manage', 'self.change', 'skill.sign'] as const)
      expect(scopesAllow(scopes, action)).toBe(false);
  });
});
