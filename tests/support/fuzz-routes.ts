import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { pool } from '@/db/pool';
import type { Endpoint } from '@/server/api/endpoint';
import { API } from '@/server/api/endpoints';
import { openSession, SESSION_COOKIE } from '@/server/session';
import { type Answered, badBodies, FUZZED, sendAll } from './bad-bodies';
import { crewWith, freshDatabase } from './database';
import { demoDocument } from './demo';
import { handlerOf } from './handlers';

/** Bodies to each route; fewer only when a developer asks for a quick run. */
const BODIES = Number(process.env['FUZZ_BODIES'] ?? 2000);

let db: Awaited<ReturnType<typeof freshDatabase>>;
let cookie: string;
let ids: Record<string, string>;

async function call(e: Endpoint, raw: string): Promise<Answered> {
  const id = ids[`/${e.path.split('/')[1]}`] ?? ids['/plans']!;
  const request = new Request(`http://localhost/api/v1${e.path}`, {
    method: e.method,
    body: raw,
    headers: { cookie, 'content-type': 'application/json', 'if-match': '"1"' },
  });
  const response = await (
    await handlerOf(e)
  )(request, { params: Promise.resolve({ id, set: 'eu-road' }) });
  const isJson = (response.headers.get('content-type') ?? '').includes('json');
  return {
    status: response.status,
    json: isJson ? ((await response.json()) as Record<string, unknown>) : {},
  };
}

const counts = async (): Promise<unknown> =>
  (
    await pool().query(
      'SELECT (SELECT count(*) FROM plan) AS plans, (SELECT count(*) FROM plan_revision) AS revisions, (SELECT count(*) FROM rigging) AS riggings, (SELECT count(*) FROM gear) AS gear, (SELECT count(*) FROM gear_event) AS events, (SELECT count(*) FROM road_check) AS checks, (SELECT count(*) FROM log_entry) AS entries, (SELECT count(*) FROM log_photo) AS photos, (SELECT count(*) FROM kept_part) AS parts, (SELECT count(*) FROM member) AS members, (SELECT count(*) FROM crew) AS crews, (SELECT count(*) FROM session) AS sessions',
    )
  ).rows[0];

/** Thousands of bad bodies to the handlers of some routes, in process: every `parts`-th route from `part` on. */
export function fuzzRoutes(part: number, parts: number): void {
  beforeAll(async () => {
    process.env['VAST_CLEAT_LIMITER'] = 'off';
    db = await freshDatabase();
    // The handlers' own pool goes to the same place.
    process.env['DATABASE_URL'] = db.url;
    cookie = `${SESSION_COOKIE}=${await openSession(pool(), (await crewWith(db.pool, 'Fuzz')).memberId, new Date())}`;
    ids = {};
    for (const [at, e, body] of [
      ['/plans', API.createPlan, demoDocument('apple-bins')],
      ['/riggings', API.createRigging, API.createRigging.example],
      ['/gear', API.createGear, API.createGear.example],
      ['/decks', API.createDeck, API.createDeck.example],
      ['/loads', API.createLoad, API.createLoad.example],
      ['/courses', API.createCourse, API.createCourse.example],
    ] as const) {
      const { status, json } = await call(e, JSON.stringify(body));
      expect(status).toBe(201);
      ids[at] = String(json['id']);
    }
  });
  afterAll(async () => {
    await pool().end();
    await db.close();
  });

  describe(`${BODIES} bad bodies to each route`, () => {
    it.each(FUZZED.filter((_, i) => i % parts === part))('%s', async (_, e) => {
      const before = await counts();
      const bodies = badBodies(e, BODIES);
      expect(bodies.length).toBe(BODIES);
      const { located, others } = await sendAll(bodies, 1, (raw) => call(e, raw));
      expect(located, others.join('\n')).toBeGreaterThanOrEqual(0.95);
      expect(await counts()).toEqual(before);
    });
  });
}
