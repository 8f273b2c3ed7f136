/**
 * Every route by every role, by nobody, by a program and by another crew, made from the list of routes: a new one is in it at once.
 * What is open to anybody is written down here: a route that is meant to ask who comes, and does not, is found.
 */
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { pool as ownPool } from '@/db/pool';
import type { Member } from '@/db/queries/members';
import type { Endpoint } from '@/server/api/endpoint';
import { API, ENDPOINTS } from '@/server/api/endpoints';
import { ADDRESS_HEADER } from '@/server/front/headers';
import { endThreads } from '@/server/jobs/pool';
import { hashPassword } from '@/server/passwords';
import { may } from '@/server/permissions';
import { openSession, SESSION_COOKIE } from '@/server/session';
import { crewOfRoles, freshDatabase } from '../support/database';
import { demoDocument } from '../support/demo';
import { handlerOf } from '../support/handlers';

let db: Awaited<ReturnType<typeof freshDatabase>>;
let pool: pg.Pool;
const byRole = new Map<string, Member>();
let stranger: Member;
/** Stands in everything that is theirs. */
const SECRET = 'zanzibar';
const ids: string[] = [];

interface Asked {
  readonly status: number;
  readonly code: string;
  readonly text: string;
}

async function ask(
  e: Endpoint,
  who: Member | null,
  { id = '00000000-0000-7000-8000-000000000000', body = e.example as unknown } = {},
): Promise<Asked> {
  // A session of its own each time: some routes end it.
  const token = who ? await openSession(ownPool(), who.id, new Date()) : '';
  const params = { id, version: '1', set: 'eu-road', entry: 'bowline', code: 'X-1', token: 'none' };
  const gone = new AbortController();
  const request = new Request(`http://localhost/api/v1${e.path}`, {
    method: e.method,
    headers: {
      cookie: `${SESSION_COOKIE}=${token}`,
      'content-type': e.file?.[0] ?? 'application/json',
      'if-match': '"1"',
      [ADDRESS_HEADER]: '127.0.0.1',
    },
    signal: gone.signal,
    ...(e.method === 'GET' ? {} : { body: e.file ? 'tag\n' : JSON.stringify(body ?? {}) }),
  });
  const response = await (await handlerOf(e))(request, { params: Promise.resolve(params) });
  const isStream = (response.headers.get('content-type') ?? '').includes('event-stream');
  const text = isStream ? '' : await response.text();
  gone.abort();
  if (isStream) await response.body?.cancel().catch(() => undefined);
  const code = /"code":"([^"]+)"/.exec(text)?.[1] ?? '';
  return { status: response.status, code, text };
}

beforeAll(async () => {
  process.env['VAST_CLEAT_LIMITER'] = 'off';
  db = await freshDatabase();
  pool = db.pool;
  process.env['DATABASE_URL'] = db.url;
  const hash = await hashPassword('long enough indeed');
  for (const [role, member] of Object.entries(await crewOfRoles(pool, SECRET, hash)))
    byRole.set(role, member);
  stranger = (await crewOfRoles(pool, 'Stranger', hash)).lead;
  const made = async (e: Endpoint, body: unknown): Promise<void> => {
    const { status, text } = await ask(e, byRole.get('lead')!, { body });
    expect(status, text).toBe(201);
    ids.push((JSON.parse(text) as { id: string }).id);
  };
  const called = (document: unknown): object => ({ ...(document as object), title: SECRET });
  await made(API.createPlan, called(demoDocument('apple-bins')));
  await made(API.createRigging, called(API.createRigging.example));
  await made(API.createDeck, called(API.createDeck.example));
  await made(API.createLoad, called(API.createLoad.example));
  await made(API.createCourse, called(API.createCourse.example));
  const gear = { ...(API.createGear.example.gear as object), name: SECRET };
  await made(API.createGear, { ...API.createGear.example, gear });
  await made(API.addLogEntry, { entry: { kind: 'note', what: SECRET } });
  await made(API.makeToken, { name: SECRET, scopes: ['read'] });
  ids.push(...[...byRole.values()].map((m) => m.id));
});
afterAll(async () => {
  await endThreads();
  await ownPool().end();
  await db.close();
});

const guarded = ENDPOINTS.filter((e) => e.action !== null);
const named = guarded.map((e) => [`${e.method} ${e.path}`, e] as const);

/** Open to anybody, each for a reason: the door, computing, what says how the program does, phones of a talk, secrets of their own. */
const OPEN = [
  'DELETE /session',
  'GET /calendar/{token}',
  'GET /health/live',
  'GET /health/ready',
  'GET /join/{token}',
  'GET /openapi.json',
  'GET /schemas/gear.json',
  'GET /schemas/plan.json',
  'GET /schemas/rigging.json',
  'GET /talk',
  'GET /talk/news',
  'POST /assess',
  'POST /compare',
  'POST /crews',
  'POST /drills/levels',
  'POST /drills/marks',
  'POST /drive',
  'POST /enough',
  'POST /hold',
  'POST /join/{token}',
  'POST /line',
  'POST /rules/{set}',
  'POST /run',
  'POST /session',
  'POST /session/demo',
  'POST /span',
  'POST /strength',
  'POST /tackle',
  'POST /take-up',
  'POST /talk/answers',
  'POST /talk/join',
  'POST /tie-off',
  'POST /uncertainty',
  'POST /wraps',
];

describe('routes that ask nobody who they are', () => {
  it('are those that are meant to', () => {
    const open = ENDPOINTS.filter((e) => e.action === null).map((e) => `${e.method} ${e.path}`);
    expect(open.toSorted()).toEqual(OPEN);
  });
});

describe('every other route', () => {
  it.each(named)('%s: nobody and no other role than those that may', async (_, e) => {
    expect(await ask(e, null)).toMatchObject({ status: 401, code: 'sign-in-needed' });
    for (const [role, member] of byRole) {
      const { status, code, text } = await ask(e, member);
      const told = `${role}: ${status} ${text.slice(0, 300)}`;
      expect(status, told).toBeLessThan(500);
      expect(code === 'not-permitted', told).toBe(!may(member.role, e.action!));
      if (code === 'not-permitted') expect(status).toBe(403);
    }
  });
  it.each(named.filter(([, e]) => e.path.includes('{id}')))(
    '%s: nothing of another crew',
    async (_, e) => {
      for (const id of ids) {
        const { status, text } = await ask(e, stranger, { id });
        expect(text).not.toContain(SECRET);
        // There is no such thing, or what is asked of it is wrong already; a wrong password comes to wait.
        expect([404, 422, 429], `${id}: ${status} ${text.slice(0, 200)}`).toContain(status);
      }
    },
  );
  it.each(named.filter(([, e]) => e.method === 'GET' && !e.path.includes('{id}')))(
    '%s: lists nothing of another crew',
    async (_, e) => {
      const { status, text } = await ask(e, stranger);
      expect(status).toBeLessThan(500);
      expect(text).not.toContain(SECRET);
    },
  );
});
