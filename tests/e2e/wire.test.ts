import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { BASE, foundCrew, request } from '../support/api';

const METER = '/meter?hauledN=1000&keptN=800&since=0';

describe('the meter’s slots end with their connection', () => {
  it('neither asking for the head nor breaking off takes one', async () => {
    const cookie = await foundCrew('slots');
    for (let i = 0; i < 60; i++)
      expect((await request('HEAD', METER, { cookie })).status).toBe(200);
    for (let i = 0; i < 60; i++) {
      const gone = new AbortController();
      const asked = fetch(`${BASE}/api/v1${METER}`, { headers: { cookie }, signal: gone.signal });
      if (i % 2 === 0) gone.abort();
      const answer = await asked.catch(() => null);
      gone.abort();
      // Another may only be refused while the one before is still being ended.
      expect([undefined, 200, 429]).toContain(answer?.status);
    }
    await expect
      .poll(async () => {
        const gone = new AbortController();
        const { status } = await fetch(`${BASE}/api/v1${METER}`, {
          headers: { cookie },
          signal: gone.signal,
        });
        gone.abort();
        return status;
      })
      .toBe(200);
  });
});

describe('what is no request is refused, not broken', () => {
  it.each([
    ['GET', '/gear?ids=------------------------------------', 422],
    ['GET', '/gear?after=W10', 422],
    ['GET', '/plans/%25', 404],
    ['GET', '/plans/9999-12-31', 404],
    ['GET', '/crew/trail?after=------------------------------------', 422],
    ['GET', '/plans/00000000-0000-4000-8000-000000000000/revisions?after=x', 422],
  ])('%s %s → %i', async (method, path, status) => {
    const cookie = await foundCrew('refused');
    const answer = await request(method, path, { cookie });
    expect(answer.status).toBe(status);
  });
  it('240 tags fit into an address; one longer than anything here needs is refused', async () => {
    const cookie = await foundCrew('long');
    const ids = Array.from({ length: 240 }, () => randomUUID()).join(',');
    const tags = await request('GET', `/gear/tags.pdf?${new URLSearchParams({ ids })}`, { cookie });
    expect([tags.status, tags.json['issues']]).toMatchObject([422, [{ code: 'no-tags' }]]);
    const long = await request('GET', `/gear?search=${'x'.repeat(11_000)}`, { cookie });
    expect(long.status).toBe(414);
  });
  it('a header of seven kilobytes, an escape that is no letter', async () => {
    const long = await fetch(`${BASE}/api/v1/health/live`, {
      headers: { 'x-forwarded-for': '9'.repeat(7000) },
    });
    expect(long.status).toBe(200);
    for (const path of ['/loads/%ff', '/%c0%af', '/api/v1/plans/%zz'])
      expect((await fetch(BASE + path)).status).toBe(400);
  });
});

describe('an answer says under which number it was written down', () => {
  it('and whether all is well', async () => {
    const answer = await fetch(`${BASE}/api/v1/health/ready`);
    expect(answer.headers.get('x-request-id')).toMatch(/^[0-9a-f-]{36}$/);
    expect(await answer.json()).toEqual({ ok: true });
  });
});
