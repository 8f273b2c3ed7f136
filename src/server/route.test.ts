import { afterEach, describe, expect, it } from 'vitest';
import { endpoint } from './api/endpoint';
import { json, route } from './route';

const OPEN = endpoint({
  method: 'POST',
  path: '/open',
  summary: '',
  body: null,
  action: null,
  answers: null,
  answer: '',
});
const context = { params: Promise.resolve({}) };
const handle = route(OPEN, async () => json({ ok: true }));
const from = (origin: string): Promise<Response> =>
  handle(
    new Request('http://inside:3000/api/v1/open', {
      method: 'POST',
      headers: { origin, host: 'inside:3000' },
    }),
    context,
  );

afterEach(() => {
  delete process.env['PUBLIC_URL'];
});

describe('where a write may come from', () => {
  it('pages of the address that was asked', async () => {
    expect((await from('http://inside:3000')).status).toBe(200);
    expect((await from('https://elsewhere.example')).status).toBe(403);
    expect((await from('null')).status).toBe(403);
  });
  it('pages of the public address, where a proxy writes another in its place', async () => {
    process.env['PUBLIC_URL'] = 'https://loads.example/';
    expect((await from('https://loads.example')).status).toBe(200);
    expect((await from('http://loads.example')).status).toBe(403);
    expect((await from('https://loads.example.evil')).status).toBe(403);
  });
});

describe('what breaks', () => {
  it('because the database is away may be asked again; anything else is ours', async () => {
    const away = route(OPEN, async () => {
      throw Object.assign(new Error('connect ECONNREFUSED'), { code: 'ECONNREFUSED' });
    });
    const full = route(OPEN, async () => {
      throw Object.assign(new Error('no space left'), { code: '53100', severity: 'ERROR' });
    });
    const broken = route(OPEN, async () => {
      throw new Error('a mistake of ours');
    });
    const ask = () => new Request('http://here/', { method: 'POST' });
    for (const handler of [away, full]) {
      const answer = await handler(ask(), context);
      expect([answer.status, answer.headers.get('retry-after')]).toEqual([503, '5']);
    }
    const answer = await broken(ask(), context);
    expect(answer.status).toBe(500);
    expect(await answer.text()).not.toContain('mistake');
  });
});
