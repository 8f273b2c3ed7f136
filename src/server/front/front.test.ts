import { connect } from 'node:net';
import { afterEach, describe, expect, it } from 'vitest';
import type { IncomingMessage, ServerResponse } from 'node:http';
import { ADDRESS_HEADER, SECURE_HEADER } from './headers';
import { Front, type FrontOptions } from './front';
import { readTrust } from './client';

let front: Front | null = null;
afterEach(async () => {
  await front?.stop(0);
  front = null;
});

type Handle = (request: IncomingMessage, response: ServerResponse) => Promise<void>;
const hello: Handle = async (_, response) => void response.end('hello');

async function at(handle: Handle, options: Partial<FrontOptions> = {}): Promise<number> {
  front = new Front({
    handle,
    database: { answers: async () => true },
    trust: readTrust(undefined),
    publicUrl: undefined,
    tokens: '',
    ...options,
  });
  await front.listen(0, '127.0.0.1');
  return (front.server.address() as { port: number }).port;
}

/** A request as it is on the wire: no client puts it right first. */
const wire = (port: number, head: string): Promise<string> =>
  new Promise((resolve) => {
    const socket = connect(port, '127.0.0.1');
    let text = '';
    socket.on('data', (chunk) => (text += String(chunk)));
    socket.on('close', () => resolve(text));
    socket.end(`${head}\r\nHost: here\r\nConnection: close\r\n\r\n`);
  });

describe('what is no request', () => {
  it.each([
    ['GET /loads/%ff HTTP/1.1', 400],
    ['GET /api/v1/plans/%zz HTTP/1.1', 400],
    ['GET /%00 HTTP/1.1', 400],
    ['GET /loads%5c.. HTTP/1.1', 400],
    ['TRACE / HTTP/1.1', 405],
    ['PROPFIND /api/v1/plans HTTP/1.1', 405],
    [`GET /${'a'.repeat(11_000)} HTTP/1.1`, 414],
    // As long as a sheet of 240 tags.
    [`GET /?ids=${'a'.repeat(9400)} HTTP/1.1`, 200],
    [`GET / HTTP/1.1\r\nX-Forwarded-For: ${'9'.repeat(7000)}`, 200],
    [`GET / HTTP/1.1\r\nX-Long: ${'9'.repeat(70_000)}`, 431],
    ['GET /?q=%ff HTTP/1.1', 200],
  ])('%.40s → %i', async (head, status) => {
    const port = await at(hello);
    expect(await wire(port, head)).toMatch(new RegExp(`^HTTP/1.1 ${status} `));
  });
  it('programs are told as a problem, people on a page of words', async () => {
    const port = await at(hello);
    expect(await wire(port, 'GET /api/v1/plans/%zz HTTP/1.1')).toContain('"code":"address-broken"');
    expect(await wire(port, 'GET /loads/%ff HTTP/1.1')).toMatch(/<main><h1>[^<]+<\/h1>/);
  });
});

describe('who calls', () => {
  const echo: Handle = async (request, response) =>
    void response.end(
      JSON.stringify([
        request.headers[ADDRESS_HEADER],
        request.headers[SECURE_HEADER],
        request.headers['x-forwarded-host'] ?? null,
      ]),
    );
  const said = {
    'x-forwarded-for': '198.51.100.7, 192.0.2.5',
    'x-forwarded-proto': 'https',
    'x-forwarded-host': 'elsewhere',
    [ADDRESS_HEADER]: '203.0.113.1',
    [SECURE_HEADER]: 'yes',
  };
  it('is the address of the socket, whatever the caller says of itself', async () => {
    const port = await at(echo);
    const answer = await fetch(`http://127.0.0.1:${port}/`, { headers: said });
    expect(await answer.json()).toEqual(['127.0.0.1', 'no', null]);
    expect(answer.headers.get('strict-transport-security')).toBeNull();
  });
  it('is what a proxy that is named says; those it has it from are not believed', async () => {
    const port = await at(echo, { trust: readTrust('loopback') });
    const answer = await fetch(`http://127.0.0.1:${port}/`, { headers: said });
    expect(await answer.json()).toEqual(['192.0.2.5', 'yes', 'elsewhere']);
    expect(answer.headers.get('strict-transport-security')).toContain('max-age');
  });
  it('behind an encrypted public address everything is encrypted', async () => {
    const port = await at(echo, { publicUrl: 'https://loads.example' });
    expect(await (await fetch(`http://127.0.0.1:${port}/`)).json()).toEqual([
      '127.0.0.1',
      'yes',
      null,
    ]);
  });
});

describe('while the database is away', () => {
  it('programs and people are told to come again; what needs none goes on', async () => {
    const port = await at(hello, { database: { answers: async () => false } });
    const base = `http://127.0.0.1:${port}`;
    for (const path of ['/api/v1/plans', '/loads']) {
      const answer = await fetch(base + path);
      expect([answer.status, answer.headers.get('retry-after')]).toEqual([503, '5']);
    }
    expect(await (await fetch(`${base}/loads`)).text()).toContain('http-equiv="refresh"');
    expect((await fetch(`${base}/_next/static/x.js`)).status).toBe(200);
    expect((await fetch(`${base}/api/v1/health/live`)).status).toBe(200);
  });
});

describe('what is measured', () => {
  // The pool is counted, and asked for nothing.
  process.env['DATABASE_URL'] ??= 'postgres://nobody@127.0.0.1:1/none';

  it('is read by this machine, also while the database is away, and by nobody else', async () => {
    const port = await at(hello, {
      database: { answers: async () => false },
      trust: readTrust('loopback'),
    });
    const base = `http://127.0.0.1:${port}`;
    await fetch(`${base}/loads/0190b5a0?search=secret`);
    const text = await (await fetch(`${base}/metrics`)).text();
    expect(text).toMatch(
      /vast_cleat_request_seconds_count\{method="GET",room="\/loads",status="5xx"\} 1/,
    );
    expect(text).toContain('vast_cleat_refused_total{code="database-away"} 1');
    expect(text).not.toContain('secret');
    const far = { 'x-forwarded-for': '192.0.2.5' };
    expect((await fetch(`${base}/metrics`, { headers: far })).status).toBe(503);
  });
  it('is read with its token from anywhere, where there is one, and not without', async () => {
    process.env['METRICS_TOKEN'] = 'long and hard to guess';
    const port = await at(hello);
    const asked = async (authorization: string): Promise<string> =>
      (await fetch(`http://127.0.0.1:${port}/metrics`, { headers: { authorization } })).text();
    expect(await asked('Bearer long and hard to guess')).toContain('process_cpu_seconds_total');
    expect(await asked('Bearer long and hard to gues')).toBe('hello');
    expect(await asked('')).toBe('hello');
    delete process.env['METRICS_TOKEN'];
  });
});

describe('stopping', () => {
  it('what was accepted is answered, what comes after is refused, streams end', async () => {
    let release = (): void => {};
    const held = new Promise<void>((resolve) => (release = resolve));
    let arrived = 0;
    const port = await at(async (request, response) => {
      arrived += 1;
      if (request.url === '/stream') {
        response.setHeader('content-type', 'text/event-stream');
        response.write('data: 1\n\n');
        return;
      }
      await held;
      response.end('done');
    });
    const base = `http://127.0.0.1:${port}`;
    const slow = fetch(`${base}/slow`);
    const stream = await fetch(`${base}/stream`);
    await expect.poll(() => arrived).toBe(2);
    const stopped = front!.stop(60_000);
    await expect(stream.text()).rejects.toThrow();
    await expect(fetch(`${base}/late`)).rejects.toThrow();
    release();
    expect(await (await slow).text()).toBe('done');
    expect(await stopped).toBe(0);
  });
  it('what never ends is cut off after the patience, and counted', async () => {
    const port = await at(() => new Promise(() => {}));
    const never = fetch(`http://127.0.0.1:${port}/`).catch(() => 'cut');
    await expect.poll(() => front!.accepted).toBe(1);
    expect(await front!.stop(50)).toBe(1);
    expect(await never).toBe('cut');
  });
});
