import { beforeAll, describe, expect, it } from 'vitest';
import { API, ENDPOINTS } from '@/server/api/endpoints';
import { demoDocument } from '../support/demo';
import { foundCrew, request } from '../support/api';
import { BASE } from '../support/browser';

describe('plans over the programming interface', () => {
  let cookie: string;
  const document = demoDocument('apple-bins');
  beforeAll(async () => {
    cookie = await foundCrew('API');
  });

  it('create, read, save with If-Match, refuse a stale version with the other one, delete, restore', async () => {
    const created = await request('POST', '/plans', { body: document, cookie });
    expect([created.status, created.headers.get('etag')]).toEqual([201, '"1"']);
    const path = `/plans/${created.json['id'] as unknown as string}`;
    expect((await request('PUT', path, { body: document, cookie })).status).toBe(428);
    const saved = await request('PUT', path, {
      body: { ...document, title: 'Mine' },
      cookie,
      headers: { 'if-match': '"1"' },
    });
    expect([saved.status, saved.headers.get('etag')]).toEqual([200, '"2"']);
    const history = (await request('GET', `${path}/revisions`, { cookie })).json[
      'revisions'
    ] as unknown as { version: number; savedBy: string }[];
    expect(history.map((r) => [r.version, r.savedBy])).toEqual([
      [2, 'Lead of API'],
      [1, 'Lead of API'],
    ]);
    expect((await request('GET', `${path}/revisions/1`, { cookie })).json).toMatchObject({
      title: document['title'],
    });
    expect((await request('GET', `${path}/revisions/9`, { cookie })).status).toBe(404);
    const stale = await request('PUT', path, {
      body: { ...document, title: 'Late' },
      cookie,
      headers: { 'if-match': '"1"' },
    });
    expect(stale.status).toBe(409);
    expect(stale.headers.get('content-type')).toBe('application/problem+json');
    expect(
      (stale.json['current'] as unknown as { document: { title: string } }).document.title,
    ).toBe('Mine');
    expect((await request('DELETE', path, { cookie })).status).toBe(200);
    expect((await request('GET', path, { cookie })).status).toBe(404);
    expect((await request('POST', `${path}/restore`, { cookie })).status).toBe(200);
    expect((await request('POST', `${path}/duplicate`, { cookie })).json['document']).toMatchObject(
      { title: 'Mine (copy)' },
    );
  });

  it('no crew reads or changes another’s plan by any route', async () => {
    const { json } = await request('POST', '/plans', {
      body: { ...document, title: 'Ours alone' },
      cookie,
    });
    const id = json['id'] as unknown as string;
    const kept = await request('POST', '/riggings', {
      body: { ...API.createRigging.example, title: 'Ours alone' },
      cookie,
    });
    const riggingId = kept.json['id'] as unknown as string;
    const gear = await request('POST', '/gear', {
      body: {
        ...API.createGear.example,
        gear: { ...API.createGear.example.gear, name: 'Ours alone', code: 'OURS-1' },
      },
      cookie,
    });
    const gearId = gear.json['id'] as unknown as string;
    const crew = await request('GET', '/crew', { cookie });
    const memberId = (crew.json['members'] as unknown as { id: string }[])[0]!.id;
    const other = await foundCrew('Other');
    const withId = ENDPOINTS.filter((e) => e.path.includes('{id}'));
    expect(withId.length).toBeGreaterThanOrEqual(5);
    for (const e of withId) {
      const family = e.path.split('/')[1]!;
      const its = { riggings: riggingId, gear: gearId, plans: id, members: memberId }[family]!;
      const body = e.example ?? document;
      const answer = await request(
        e.method,
        e.path.replace('{id}', its).replace('{version}', '1'),
        { cookie: other, ...(e.body ? { body, headers: { 'if-match': '"1"' } } : {}) },
      );
      expect(answer.status, `${e.method} ${e.path}`).toBe(404);
      expect(JSON.stringify(answer.json)).not.toContain('Ours alone');
    }
    for (const e of ENDPOINTS.filter((x) => x.method === 'GET' && !x.path.includes('{'))) {
      expect(
        (await request('GET', `${e.path}?search=ours`, { cookie: other })).text,
        e.path,
      ).not.toContain('Ours alone');
    }
    for (const page of [
      `/loads/${id}`,
      `/loads/${id}/print`,
      `/loads/${id}/history`,
      '/loads',
      `/bench/${riggingId}`,
      '/bench/library',
      '/bench/compare',
      '/locker',
      `/locker/${gearId}`,
      `/locker/${gearId}/inspect`,
      '/locker/cuts',
      `/locker/tags?ids=${gearId}`,
    ]) {
      const html = await (await fetch(`${BASE}${page}`, { headers: { cookie: other } })).text();
      expect(html, page).not.toContain('Ours alone');
    }
    expect((await request('GET', `/plans/${id}`, { cookie })).json['version']).toBe(1);
    expect((await request('GET', `/riggings/${riggingId}`, { cookie })).json['version']).toBe(1);
    expect((await request('GET', `/gear/${gearId}`, { cookie })).json['version']).toBe(1);
    expect((await request('GET', '/tags/OURS-1', { cookie: other })).status).toBe(404);
    expect(
      (await request('GET', `/gear/standing?ids=${gearId}`, { cookie: other })).json['gear'],
    ).toEqual([]);
    expect(
      (
        await request('POST', '/gear/cuts', {
          cookie: other,
          body: { cuts: [{ gearId, pieces: [{ lengthM: 1 }] }] },
        })
      ).status,
    ).toBe(404);
  });

  it('every route that needs a member refuses without a session', async () => {
    for (const e of ENDPOINTS.filter((x) => x.action !== null)) {
      const answer = await request(
        e.method,
        e.path
          .replace('{id}', '0190b5a0-0000-7000-8000-000000000000')
          .replace('{version}', '1')
          .replace('{code}', 'X'),
        e.body ? { body: {} } : {},
      );
      expect(answer.status, `${e.method} ${e.path}`).toBe(401);
    }
  });

  it('a filter that is misspelt is refused with the name that was meant, and one said twice', async () => {
    const asked = (path: string) => request('GET', path, { cookie });
    expect(await asked('/plans?serch=hay')).toMatchObject({
      status: 422,
      json: {
        issues: [{ code: 'unknown-key', path: ['?', 'serch'], values: { nearest: 'search' } }],
      },
    });
    expect((await asked('/gear?state=all&state=retired')).json['issues']).toMatchObject([
      { code: 'said-twice', path: ['?', 'state'] },
    ]);
    expect((await asked('/crew?x=1')).status).toBe(422);
    expect((await asked('/gear/standing?ids=------------------------------------')).status).toBe(
      200,
    );
  });
  it('settings of the crew: an older tab does not overwrite a newer one', async () => {
    const settings = async () => (await request('GET', '/crew', { cookie })).json;
    const { strength, version } = (await settings()) as unknown as {
      strength: object;
      version: number;
    };
    const begun = version;
    const put = (designFactor: number, seen: number | null) =>
      request('PUT', '/crew', {
        cookie,
        body: { strength: { ...strength, designFactor } },
        headers: seen === null ? {} : { 'if-match': `"${seen}"` },
      });
    expect((await put(12, null)).status).toBe(428);
    expect(await put(12, begun)).toMatchObject({
      status: 200,
      json: { version: begun + 1, strength: { designFactor: 12 } },
    });
    expect(await put(5, begun)).toMatchObject({
      status: 409,
      json: { current: { version: begun + 1, strength: { designFactor: 12 } } },
    });
    expect((await settings())['strength']).toMatchObject({ designFactor: 12 });
  });
  it.each([
    ['2026-02-30T01:02:03.456789Z', '/plans'],
    ['0000-01-01T00:00:00.000000Z', '/plans'],
    ['2026-02-30', '/gear'],
    ['0000-01-01', '/gear'],
  ])('a page marker with the day %s is refused, at %s', async (key, path) => {
    const marker = Buffer.from(
      JSON.stringify([key, '0190b5a0-0000-7000-8000-000000000000']),
    ).toString('base64url');
    const sort = path === '/gear' ? '&sort=due' : '';
    expect((await request('GET', `${path}?after=${marker}${sort}`, { cookie })).status).toBe(422);
  });
  it('days at the end of the calendar and names of two lines are refused where they stand', async () => {
    const gear = {
      format: 'vast-cleat/gear',
      version: 1,
      code: 'END-1',
      lengthM: 30,
      item: { kind: 'rope', material: 'polyester', diameterM: '12 mm' },
      boughtOn: '9999-12-31',
    };
    expect(await request('POST', '/gear', { cookie, body: { gear } })).toMatchObject({
      status: 422,
      json: { issues: [{ code: 'day-out-of-range', path: ['gear', 'boughtOn'] }] },
    });
    const crew = 'Rope\r\nEND:VEVENT';
    expect(
      await request('POST', '/crews', { body: { crew, name: 'A', password: 'long enough' } }),
    ).toMatchObject({
      status: 422,
      json: { issues: [{ code: 'control-character', path: ['crew'] }] },
    });
  });
  it('a misspelt name in a plan is refused where it stands, not dropped', async () => {
    const cargo = { ...(document['cargo'] as object), surfaceState: 'icy' };
    for (const [path, method] of [
      ['/assess', 'POST'],
      ['/plans', 'POST'],
    ] as const)
      expect(await request(method, path, { cookie, body: { ...document, cargo } })).toMatchObject({
        status: 422,
        json: {
          issues: [
            {
              code: 'unknown-key',
              path: ['cargo', 'surfaceState'],
              message: '“surfaceState” is not known here. Did you mean “surface”?',
            },
          ],
        },
      });
  });
  it('an address that does not exist answers as a problem, too', async () => {
    for (const method of ['GET', 'POST', 'PUT', 'DELETE']) {
      const answer = await request(method, '/moon/rover', method === 'GET' ? {} : { body: {} });
      expect([answer.status, answer.headers.get('content-type')]).toEqual([
        404,
        'application/problem+json',
      ]);
    }
  });

  it('requests from another site are refused', async () => {
    expect(
      (
        await request('POST', '/plans', {
          body: document,
          cookie,
          headers: { origin: 'https://elsewhere.example' },
        })
      ).status,
    ).toBe(403);
  });

  it('odd addresses and page markers are refused, never a fault of ours', async () => {
    for (const path of [
      '/plans/1',
      '/plans/%00',
      '/plans?after=x',
      '/plans?after=WyJhIiwiYiJd',
      '/plans?sort=colour',
      `/plans?after=${Buffer.from('["2026-99-99T00:00:00.0Z","0190b5a0-0000-7000-8000-000000000000"]').toString('base64url')}`,
    ]) {
      const { status } = await request('GET', path, { cookie });
      expect([400, 404, 422], path).toContain(status);
    }
    expect(
      (await request('GET', `/plans?search=${encodeURIComponent('%_\\\'";--\0')}`, { cookie }))
        .status,
    ).toBe(200);
  });
});
