/** Every endpoint once, in process: what it answers is what its description says. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { z } from 'zod';
import { pool } from '@/db/pool';
import { insertCrew } from '@/db/queries/crews';
import { insertMember } from '@/db/queries/members';
import { RULE_SET_IDS } from '@/core/securement/rule-set-ids';
import { strengthSchema } from '@/core/securement/schema';
import type { Endpoint } from '@/server/api/endpoint';
import { COMPUTE_API } from '@/server/api/compute-endpoints';
import { API, ENDPOINTS } from '@/server/api/endpoints';
import { ADDRESS_HEADER } from '@/server/front/headers';
import { endThreads } from '@/server/jobs/pool';
import { freshDatabase } from '../support/database';
import { demoDocument } from '../support/demo';
import { handlerOf } from '../support/handlers';

let db: Awaited<ReturnType<typeof freshDatabase>>;
let cookie = '';
const checked = new Set<Endpoint>();

interface Asked {
  readonly params?: Record<string, string>;
  readonly query?: string;
  readonly body?: unknown;
  readonly raw?: string;
  readonly type?: string;
  readonly version?: number;
}

/** Asks an endpoint and parses its answer by what it says. */
async function ask<E extends Endpoint>(
  e: E,
  { params = {}, query = '', body, raw, type = 'application/json', version }: Asked = {},
): Promise<E['answers'] extends z.ZodType ? z.output<E['answers']> : never> {
  const sent = raw ?? (body === undefined ? undefined : JSON.stringify(body));
  const request = new Request(`http://localhost/api/v1${e.path}${query}`, {
    method: e.method,
    ...(sent === undefined ? {} : { body: sent }),
    headers: {
      cookie,
      'content-type': type,
      [ADDRESS_HEADER]: '127.0.0.1',
      ...(version === undefined ? {} : { 'if-match': `"${version}"` }),
    },
  });
  const response = await (await handlerOf(e))(request, { params: Promise.resolve(params) });
  const json: unknown = await response.json();
  expect(response.status, `${e.path} ${JSON.stringify(json)}`).toBeLessThan(300);
  const set = response.headers.getSetCookie().map((c) => c.split(';')[0]!);
  if (set.length > 0) cookie = set.join('; ');
  const parsed = e.answers!.safeParse(json);
  expect(parsed.error?.message).toBeUndefined();
  checked.add(e);
  return parsed.data as never;
}

beforeAll(async () => {
  process.env['VAST_CLEAT_LIMITER'] = 'off';
  process.env['VAST_CLEAT_DEMO'] = 'yes';
  db = await freshDatabase();
  // The handlers’ own pool, and that of the threads, go to the same place.
  process.env['DATABASE_URL'] = db.url;
});
afterAll(async () => {
  delete process.env['VAST_CLEAT_DEMO'];
  await endThreads();
  await pool().end();
  await db.close();
});

const password = 'long enough indeed';

describe('answers', () => {
  it('of the door, the crew and its people', async () => {
    await ask(API.live);
    await ask(API.ready);
    await ask(API.foundCrew, { body: { crew: 'Answers', name: 'Lea Lead', password } });
    const crew = await ask(API.crew);
    await ask(API.changeCrew, { body: { strength: crew.strength }, version: crew.version });
    const added = await ask(API.addMember, { body: { name: 'Han Hand', password, role: 'hand' } });
    const params = { id: added.id };
    await ask(API.changeMember, { params, body: { role: 'trainee' } });
    await ask(API.makeResetLink, { params });
    await ask(API.removeMember, { params });
    await ask(API.changeSelf, { body: { units: 'us' } });
    await ask(API.acknowledge, { body: { version: 1 } });
    await ask(API.changePassword, { body: { current: password, password: `${password}!` } });
    await ask(API.endSessions);
    expect((await ask(API.crewTrail)).entries.length).toBeGreaterThan(5);
    const { path } = await ask(API.makeJoinLink, { body: { role: 'keeper' } });
    const lead = cookie;
    const token = { token: path.split('/').at(-1)! };
    expect((await ask(API.link, { params: token })).purpose).toBe('join');
    await ask(API.useLink, { params: token, body: { name: 'Kit Keeper', password } });
    await ask(API.signOut);
    cookie = lead;
    const made = await ask(API.makeToken, { body: API.makeToken.example });
    expect((await ask(API.listTokens)).tokens.map((t) => t.id)).toEqual([made.id]);
    await ask(API.endToken, { params: { id: made.id } });
    await ask(API.signIn, { body: { name: 'Lea Lead', password: `${password}!` } });
  });
  it('of the demo’s door', async () => {
    const lead = cookie;
    const crewId = await insertCrew(pool(), {
      name: 'Demo',
      strength: strengthSchema.parse({}),
      demo: true,
    });
    const memberId = await insertMember(pool(), crewId, {
      name: 'Dee Demo',
      role: 'hand',
      passwordHash: 'x',
      demo: true,
    });
    await ask(API.stepIn, { body: { memberId } });
    cookie = lead;
  });
  it('of plans', async () => {
    const { id, version, document } = await ask(API.createPlan, {
      body: demoDocument('carousel-crate'),
    });
    const params = { id };
    await ask(API.listPlans);
    await ask(API.readPlan, { params });
    await ask(API.savePlan, { params, body: { ...document, title: 'Another' }, version });
    const { revisions } = await ask(API.planHistory, { params });
    expect(revisions[0]!.changes).toHaveLength(1);
    const at = { ...params, version: '1' };
    await ask(API.planRevision, { params: at });
    await ask(API.namePlanRevision, { params: at, body: { name: 'first' } });
    const { lines } = document as { lines: readonly { id: string }[] };
    const found = [{ lineId: lines[0]!.id, state: 'tight' }];
    await ask(API.recordCheck, { params, body: { occasion: 'before-driving', lines: found } });
    const road = await ask(API.listChecks, { params });
    expect(road.clock.state).toBe('on-the-road');
    await ask(API.goingOut, { params, body: API.goingOut.example });
    const { soon, later, overdue } = await ask(API.dueToday);
    expect([...soon, ...later, ...overdue].map((d) => d.kind)).toContain('check');
    await ask(API.duplicatePlan, { params });
    await ask(API.deletePlan, { params });
    await ask(API.restorePlan, { params });
  });
  it('of a crew’s words for knots', async () => {
    const params = { entry: 'bowline' };
    expect((await ask(API.readKnotWords, { params })).version).toBe(0);
    await ask(API.saveKnotWords, { params, version: 0, body: API.saveKnotWords.example });
    expect((await ask(API.listKnotWords)).words.length).toBe(1);
  });

  it('of decks, loads and courses that are kept', async () => {
    for (const [list, create, read, save, remove, restore] of [
      [API.listDecks, API.createDeck, API.readDeck, API.saveDeck, API.deleteDeck, API.restoreDeck],
      [API.listLoads, API.createLoad, API.readLoad, API.saveLoad, API.deleteLoad, API.restoreLoad],
      [
        API.listCourses,
        API.createCourse,
        API.readCourse,
        API.saveCourse,
        API.deleteCourse,
        API.restoreCourse,
      ],
    ] as const) {
      const { id, version, document } = await ask(create as typeof API.createDeck, {
        body: create.example,
      });
      const params = { id };
      await ask(list);
      await ask(read, { params });
      await ask(save, { params, body: { ...document, title: 'Another' }, version });
      await ask(remove, { params });
      await ask(API.keptStanding, { query: `?ids=${id}` });
      await ask(restore, { params });
    }
  });
  it('of riggings', async () => {
    const { id, version, document } = await ask(API.createRigging, {
      body: API.createRigging.example,
    });
    const params = { id };
    await ask(API.listRiggings);
    await ask(API.readRigging, { params });
    await ask(API.saveRigging, { params, body: { ...document, title: 'Another' }, version });
    await ask(API.riggingHistory, { params });
    const at = { ...params, version: '1' };
    await ask(API.riggingRevision, { params: at });
    await ask(API.nameRiggingRevision, { params: at, body: { name: null } });
    await ask(API.deleteRigging, { params });
    await ask(API.restoreRigging, { params });
  });
  it('of the locker', async () => {
    const { id, version, document } = await ask(API.createGear, { body: API.createGear.example });
    const params = { id };
    await ask(API.listGear, { query: '?state=all' });
    await ask(API.fitGear, { query: '?lengthM=5' });
    await ask(API.gearStanding, { query: `?ids=${id}` });
    await ask(API.gearByCode, { params: { code: document.code } });
    await ask(API.readGear, { params });
    await ask(API.saveGear, { params, body: { ...document, name: 'Named' }, version });
    const { history } = await ask(API.gearHistory, { params });
    const inspection = { ...API.recordGear.example, seen: history[0]!.id };
    const damaged = await ask(API.recordGear, { params, body: inspection });
    expect(damaged.standing.inspections).toBe(1);
    const cuts = [{ gearId: id, pieces: [{ lengthM: 1 }] }];
    await ask(API.recordCuts, { body: { cuts } });
    expect((await ask(API.gearHistory, { params })).history).toHaveLength(3);
    const raw = 'tag,material,size (mm),length (m)\nI-1,manila,12,3\nI-2,wool,12,3\n';
    const report = await ask(API.importGear, { query: '?keep=good', raw, type: 'text/csv' });
    expect([report.kept, report.bad]).toEqual([1, 1]);
    await ask(API.deleteGear, { params });
    await ask(API.makeCalendar);
    await ask(API.endCalendar);
  });
  it('of the log', async () => {
    const { id } = await ask(API.addLogEntry, { body: API.addLogEntry.example });
    await ask(API.logEntry, { params: { id } });
    const { entries } = await ask(API.listLog);
    // Checks, cuts and inspections of before are in it too.
    expect(entries.length).toBeGreaterThan(2);
    expect((await ask(API.logCounts)).failed).toHaveLength(1);
  });
  it('of drills', async () => {
    await ask(API.review, { body: API.review.example });
    expect((await ask(API.listReviews)).reviews).toHaveLength(1);
    expect((await ask(API.today)).answeredToday).toBe(1);
    expect((await ask(API.tyings)).next).toBe('on-a-bar');
    expect((await ask(API.tie, { body: API.tie.example })).by).toHaveLength(1);
  });
  it('of sign-offs', async () => {
    const other = await ask(API.addMember, {
      body: { name: 'Tess Trainee', password, role: 'trainee' },
    });
    const { skills, people } = await ask(API.standing, { query: '?course=stage' });
    expect(people.some((p) => p.id === other.id)).toBe(true);
    const { id: skill, points } = skills[1]!;
    const signed = await ask(API.signOff, {
      body: {
        ...API.signOff.example,
        memberId: other.id,
        skill,
        points: points.map(() => true),
        password: `${password}!`,
      },
    });
    const params = { id: signed.id };
    await ask(API.signOffById, { params });
    await ask(API.revokeSignOff, { params, body: API.revokeSignOff.example });
    expect((await ask(API.listSignOffs, { query: `?member=${other.id}` })).signOffs).toHaveLength(
      1,
    );
    const { id } = await ask(API.createPlan, { body: demoDocument('carousel-crate') });
    expect((await ask(API.planPeople, { params: { id } })).skills.length).toBeGreaterThan(0);
  });
  it('of talks', async () => {
    expect((await ask(API.proposeTalk, { query: '?minutes=5' })).items).toHaveLength(4);
    const { id, code } = await ask(API.beginTalk, { body: { drills: ['name/overhand/plain'] } });
    const params = { id };
    expect((await ask(API.talkWall, { params })).people).toBe(0);
    const lead = cookie;
    await ask(API.joinTalk, { body: { code } });
    cookie = `${lead}; ${cookie}`;
    const body = { version: 1, item: 0, shown: false };
    const { asked, people } = await ask(API.stepTalk, { params, body });
    expect(people).toBe(1);
    const { asked: seen } = await ask(API.talkNow);
    expect(seen).toEqual(asked);
    if (asked?.ask !== 'name') throw new Error('a name was to be asked');
    const pick = asked.options[0]!.id;
    const answer = { ask: 'name', number: asked.number, pick };
    expect((await ask(API.answerTalk, { body: { item: 0, answer } })).answered).toBe(true);
    const shown = await ask(API.stepTalk, { params, body: { version: 2, item: 0, shown: true } });
    expect(shown.spread).toHaveLength(1);
    await ask(API.signTalk, { params, body: { password: `${password}!` } });
    expect((await ask(API.talkRecord, { params })).body.people).toHaveLength(1);
    expect((await ask(API.listTalks)).records).toHaveLength(1);
  });
  it('of what is computed', async () => {
    const computed = Object.values(COMPUTE_API).filter((e) => e !== API.rules);
    for (const e of [...computed, API.markAnswer, API.markLevel, API.strength] as Endpoint[])
      await ask(e, { body: e.example });
    for (const set of RULE_SET_IDS)
      await ask(API.rules, { params: { set }, body: API.rules.example });
    for (const name of ['carousel-crate', 'pipe-bundle', 'apple-bins'])
      await ask(API.assess, { body: demoDocument(name) });
  });
  it('of what is looked at together', async () => {
    const { id } = await ask(API.createPlan, { body: demoDocument('carousel-crate') });
    expect((await ask(API.planLive, { params: { id } })).version).toBe(1);
    const deck = await ask(API.createDeck, { body: API.createDeck.example });
    expect((await ask(API.deckLive, { params: { id: deck.id } })).others).toEqual([]);
  });
  it('of the end of a crew', async () => {
    await ask(API.deleteCrew, { body: { name: 'answers', password: `${password}!` } });
  });
  it('all of them were asked', () => {
    const left = ENDPOINTS.filter((e) => e.answers !== null && !checked.has(e));
    expect(left.map((e) => `${e.method} ${e.path}`)).toEqual([]);
  });
});
