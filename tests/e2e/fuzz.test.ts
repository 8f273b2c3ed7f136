import fc from 'fast-check';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Endpoint } from '@/server/api/endpoint';
import { API, ENDPOINTS } from '@/server/api/endpoints';
import { demoDocument } from '../support/demo';
import { foundCrew, request } from '../support/api';

/** Bodies to each route; fewer only when a developer asks for a quick run. */
const BODIES = Number(process.env['FUZZ_BODIES'] ?? 2000);
const AT_ONCE = 16;

const VALID: Record<string, unknown> = {
  [API.assess.path]: demoDocument('carousel-crate'), [API.createPlan.path]: demoDocument('pipe-bundle'), [API.savePlan.path]: demoDocument('apple-bins'),
  [API.line.path]: API.line.example, [API.rules.path]: API.rules.example, [API.tackle.path]: API.tackle.example, [API.tieOff.path]: API.tieOff.example, [API.takeUp.path]: API.takeUp.example,
  [API.span.path]: API.span.example, [API.wraps.path]: API.wraps.example, [API.signIn.path]: { name: 'A', password: 'b' },
  [API.stepIn.path]: { memberId: '0190b5a0-0000-7000-8000-000000000000' }, [API.foundCrew.path]: { crew: 'C', name: 'N', password: 'long enough indeed' },
  [API.changeCrew.path]: { strength: { school: 'design-factor' } }, [API.addMember.path]: { name: 'N', password: 'long enough indeed', role: 'hand' },
  [API.createRigging.path]: API.createRigging.example, [API.saveRigging.path]: API.saveRigging.example,
  ...Object.fromEntries([API.strength, API.createGear, API.saveGear, API.recordGear, API.importGear, API.recordCuts].map((e) => [e.path, e.example])),
  [API.changeSelf.path]: { units: 'metric' }, [API.acknowledge.path]: { version: 1 },
};

const junk = fc.oneof(
  fc.constantFrom<unknown>(null, true, '', -1, 1e308, -0.5, [], {}, 'NaN', '1,5 m', '-3 kg', '5', '1/0 in', 'x'.repeat(5000), '\u0000', '\ud800', '🪢', { $ne: null }, ['a'], '../../etc', '<script>', "'; DROP TABLE plan;--"),
  fc.string(), fc.double(), fc.anything({ maxDepth: 2, withBigInt: false }),
);

type Path = (string | number)[];
function paths(value: unknown, at: Path = []): Path[] {
  if (value === null || typeof value !== 'object') return [at];
  return [at, ...Object.entries(value).flatMap(([k, v]) => paths(v, [...at, Array.isArray(value) ? Number(k) : k]))];
}

/** A copy with one place removed or replaced. */
function spoil(value: unknown, [step, ...rest]: Path, by: unknown, remove: boolean): unknown {
  if (step === undefined) return by;
  const copy = structuredClone(value) as Record<string | number, unknown>;
  if (rest.length === 0 && remove) { if (Array.isArray(copy)) copy.splice(Number(step), 1); else delete copy[step]; } else copy[step] = spoil(copy[step], rest, by, remove);
  return copy;
}

/** Raw bodies that the route's own schema refuses, or that are not JSON at all. */
function badBodies(e: Endpoint, valid: unknown): string[] {
  const places = paths(valid);
  const arbitrary = fc.oneof({ weight: 8, arbitrary: fc.tuple(fc.nat(), junk, fc.boolean()).map(([n, by, remove]) => spoil(valid, places[n % places.length]!, by, remove)) }, { weight: 1, arbitrary: junk });
  const bodies: string[] = ['', '{', '[1,', 'null', '"text"', '[]', '{"a":', '\u0000', `${'['.repeat(20_000)}${']'.repeat(20_000)}`, '{"__proto__":{"x":1}}'];
  for (let seed = 1; bodies.length < BODIES; seed++) {
    for (const candidate of fc.sample(arbitrary, { numRuns: BODIES, seed })) {
      let text: string | undefined;
      try { text = JSON.stringify(candidate); } catch { continue; }
      if (text === undefined || text.length > 900_000) continue;
      if (!e.body!.safeParse(JSON.parse(text)).success) bodies.push(text);
      if (bodies.length >= BODIES) break;
    }
  }
  return bodies;
}

let cookie: string;
let planId: string;
let riggingId: string;
let gearId: string;
let pool: pg.Pool;
const counts = async (): Promise<unknown> =>
  (await pool.query('SELECT (SELECT count(*) FROM plan) AS plans, (SELECT count(*) FROM plan_revision) AS revisions, (SELECT count(*) FROM rigging) AS riggings, (SELECT count(*) FROM gear) AS gear, (SELECT count(*) FROM gear_event) AS events, (SELECT count(*) FROM member) AS members, (SELECT count(*) FROM crew) AS crews, (SELECT count(*) FROM session) AS sessions')).rows[0];

const idFor = (e: Endpoint): string => (e.path.startsWith('/riggings') ? riggingId : e.path.startsWith('/gear') ? gearId : planId);

beforeAll(async () => {
  cookie = await foundCrew('Fuzz');
  planId = (await request('POST', '/plans', { body: demoDocument('apple-bins'), cookie })).json['id'] as unknown as string;
  riggingId = (await request('POST', '/riggings', { body: API.createRigging.example, cookie })).json['id'] as unknown as string;
  gearId = (await request('POST', '/gear', { body: API.createGear.example, cookie })).json['id'] as unknown as string;
  pool = new pg.Pool({ connectionString: process.env['DATABASE_URL']!, max: 1 });
});
afterAll(() => pool.end());

describe(`${BODIES} bad bodies to each route`, () => {
  it.each(ENDPOINTS.filter((e) => e.body !== null).map((e) => [`${e.method} ${e.path}`, e] as const))('%s', async (_, e) => {
    const before = await counts();
    const path = e.path.replace('{id}', idFor(e)).replace('{set}', 'eu-road');
    const bodies = badBodies(e, VALID[e.path]);
    const tally = { located: 0, other: [] as string[] };
    for (let i = 0; i < bodies.length; i += AT_ONCE) {
      await Promise.all(bodies.slice(i, i + AT_ONCE).map(async (raw) => {
        const { status, json } = await request(e.method, path, { raw, cookie, headers: { 'if-match': '"1"' } });
        expect(status, raw.slice(0, 300)).toBeLessThan(500);
        const issues = json['issues'] as unknown as { code: string; path: unknown[]; message: string }[] | undefined;
        const located = (status === 400 || status === 422) && !!issues?.[0]?.code && Array.isArray(issues[0].path) && issues[0].message.length > 0;
        if (located) tally.located += 1;
        else tally.other.push(`${status} ${raw.slice(0, 120)}`);
      }));
    }
    expect(bodies.length).toBe(BODIES);
    expect(tally.located / bodies.length, tally.other.slice(0, 3).join('\n')).toBeGreaterThanOrEqual(0.95);
    expect(await counts()).toEqual(before);
  });
  it('a body larger than allowed is refused while it is read', async () => {
    expect((await request('POST', '/plans', { raw: `"${'x'.repeat(1_200_000)}"`, cookie })).status).toBe(413);
  });
});
