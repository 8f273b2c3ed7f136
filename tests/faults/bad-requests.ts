import fc from 'fast-check';
import { API, ENDPOINTS } from '@/server/api/endpoints';
import type { Endpoint } from '@/server/api/endpoint';
import { ROLES } from '@/db/queries/members';
import { badBodies } from '../support/bad-bodies';
import { demoDocument } from '../support/demo';

/**
 * Thousands of bad requests to a running application, by every role and by nobody: none may break anything, none may take
 * long, and nothing of another crew may come out. `node … tests/faults/bad-requests.ts [requests]`, against `APP_URL`.
 */
const REQUESTS = Number(process.argv[2] ?? 20_000);
const BASE = process.env['APP_URL'] ?? 'http://127.0.0.1:3000';
const AT_ONCE = 8;
const SLOW_MS = 2000;
/** Stands in everything of the other crew. */
const SECRET = 'zanzibar';

const send = (method: string, path: string, init: RequestInit = {}): Promise<Response> =>
  fetch(`${BASE}${path}`, { method, ...init });
const api = async (method: string, path: string, cookie: string, body: unknown) => {
  const response = await send(method, `/api/v1${path}`, {
    headers: { cookie, 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  if (response.status !== 201) throw new Error(`${path}: ${await response.text()}`);
  return { json: (await response.json()) as Record<string, string>, response };
};
const cookieOf = (response: Response): string => response.headers.getSetCookie()[0]!.split(';')[0]!;

/** A crew with a plan, a rigging and a rope; everything it has is called by a word. */
async function crew(word: string) {
  const password = 'long enough indeed';
  const stamp = `${word} ${Date.now()}`;
  const founded = await api('POST', '/crews', '', { crew: stamp, name: `Lead ${stamp}`, password });
  const cookie = cookieOf(founded.response);
  const people = new Map<string, string>([['lead', cookie]]);
  for (const role of ROLES.filter((r) => r !== 'lead')) {
    const name = `${role} ${stamp}`;
    const { json } = await api('POST', '/members', cookie, { name, password, role });
    const entered = await send('POST', '/api/v1/session', {
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ name: json['signInName'], password }),
    });
    people.set(role, cookieOf(entered));
  }
  const plan = { ...(demoDocument('apple-bins') as object), title: `Plan ${word}` };
  const rigging = { ...(API.createRigging.example as object), title: `Rigging ${word}` };
  const gear = { ...API.createGear.example.gear, code: word.toUpperCase(), name: word };
  return {
    people,
    ids: [
      (await api('POST', '/plans', cookie, plan)).json['id']!,
      (await api('POST', '/riggings', cookie, rigging)).json['id']!,
      (await api('POST', '/gear', cookie, { gear })).json['id']!,
    ],
  };
}

const theirs = await crew(SECRET);
const ours = await crew('ourselves');
const callers: [string, string][] = [['nobody', ''], ...ours.people];

const odd = fc.constantFrom(
  '%ff',
  '%',
  '%00',
  '..%2f..',
  '-'.repeat(36),
  '0',
  '\u{1fa22}',
  "'; DROP TABLE plan; --",
  'x'.repeat(6000),
  '9999-12-31',
  '0000-00-00',
  '2026-02-30',
  'null',
  '__proto__',
  '1e309',
  '-1',
  '<script>alert(1)</script>',
);
const word = fc.oneof(odd, fc.string({ unit: 'binary', maxLength: 40 }));
const wantedIds = fc.constantFrom(...theirs.ids, ...ours.ids);
const bodies = new Map<Endpoint, string[]>(
  ENDPOINTS.filter((e) => e.body !== null).map((e) => [e, badBodies(e, 400)]),
);

interface Bad {
  readonly e: Endpoint;
  readonly caller: [string, string];
  readonly method: string;
  readonly path: string;
  readonly body: string | undefined;
  readonly headers: Record<string, string>;
}

const bad: fc.Arbitrary<Bad> = fc
  .record({
    e: fc.constantFrom(...ENDPOINTS.filter((e) => e !== API.meter)),
    caller: fc.constantFrom(...callers),
    other: fc.oneof(
      { weight: 9, arbitrary: fc.constant(null) },
      {
        weight: 1,
        arbitrary: fc.constantFrom('GET', 'POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS', 'HEAD'),
      },
    ),
    id: fc.oneof({ weight: 3, arbitrary: wantedIds }, { weight: 1, arbitrary: word }),
    query: fc.array(fc.tuple(word, word), { maxLength: 2 }),
    known: fc.boolean(),
    at: fc.nat(),
    version: fc.oneof(
      fc.constant('"1"'),
      fc.constantFrom('', '*', 'W/"x"', '"-1"', '"99999999999"'),
    ),
  })
  .map(({ e, caller, other, id, query, known, at, version }) => {
    const list = bodies.get(e);
    const asked = new URLSearchParams(
      query.map(([k, v]) => [known ? (e.query?.[at % (e.query.length || 1)] ?? k) : k, v]),
    );
    const path = e.path.replace(/\{\w+\}/g, () => (/[%\s?#]/.test(id) ? encodeURI(id) : id));
    return {
      e,
      // Whoever signs out on the way would be nobody from then on.
      caller: /session/.test(e.path) ? callers[0]! : caller,
      method: other ?? e.method,
      path: `/api/v1${path}${asked.size > 0 ? `?${asked}` : ''}`,
      body: list?.[at % list.length] ?? (at % 3 === 0 ? '{"odd":1}' : undefined),
      headers: {
        'content-type': e.file ? e.file[at % e.file.length]! : 'application/json',
        'if-match': version,
      },
    };
  });

const statuses = new Map<number, number>();
const faults: string[] = [];
let slowest = 0;

async function one({ caller: [who, cookie], method, path, body, headers }: Bad): Promise<void> {
  const bodied = body !== undefined && !['GET', 'HEAD'].includes(method);
  const began = performance.now();
  let status = 0;
  let text = '';
  try {
    const response = await send(method, path, {
      headers: { ...headers, ...(cookie ? { cookie } : {}) },
      redirect: 'manual',
      ...(bodied ? { body } : {}),
    });
    status = response.status;
    // A stream of events says nothing more, and never ends by itself.
    if (response.headers.get('content-type')?.includes('event-stream'))
      await response.body?.cancel();
    else text = await response.text();
  } catch (error) {
    faults.push(`no answer: ${method} ${path.slice(0, 120)} (${String(error)})`);
  }
  const ms = performance.now() - began;
  slowest = Math.max(slowest, ms);
  statuses.set(status, (statuses.get(status) ?? 0) + 1);
  const where = `${who}: ${method} ${path.slice(0, 160)} ${body?.slice(0, 120) ?? ''}`;
  if (status >= 500) faults.push(`${status} ${where}`);
  if (ms > SLOW_MS) faults.push(`${ms.toFixed(0)} ms ${where}`);
  if (text.toLowerCase().includes(SECRET) && !path.toLowerCase().includes(SECRET))
    faults.push(`of another crew: ${where}\n  ${text.slice(0, 200)}`);
}

const sample = fc.sample(bad, { numRuns: REQUESTS, seed: Number(process.env['SEED'] ?? 1) });
for (let i = 0; i < sample.length; i += AT_ONCE)
  await Promise.all(sample.slice(i, i + AT_ONCE).map(one));
console.log(
  `${REQUESTS} requests, slowest ${slowest.toFixed(0)} ms; answers by status`,
  Object.fromEntries([...statuses].sort()),
);
// The other crew's things are all there, as they were.
const [plan] = theirs.ids;
const still = await send('GET', `/api/v1/plans/${plan}`, {
  headers: { cookie: theirs.people.get('lead')! },
});
const isWhole = still.status === 200 && ((await still.json()) as { version: number }).version === 1;
if (!isWhole) faults.push('a plan of the other crew was changed');
console.log(
  faults.length === 0 ? 'no fault' : `${faults.length} faults\n${faults.slice(0, 20).join('\n')}`,
);
process.exitCode = faults.length === 0 ? 0 : 1;
