import { readFileSync } from 'node:fs';
import { chanceOf } from '@/core/chance';
import { rope } from '../support/gear';
import { demoDocument } from '../support/demo';
import { percentile } from './report';

/**
 * Many people at once, each doing what people do, for some time: requests a second, and how long each route took.
 * `node … tests/bench/load.ts [seconds] [people]`, against `APP_URL`; `APP_PID` names the process whose memory is told.
 * `PAUSE_MS`: how long somebody looks at an answer in the mean before asking again; 0: nobody looks, which says how much goes
 * through and not how long people wait.
 */
const SECONDS = Number(process.argv[2] ?? 180);
const CLIENTS = Number(process.argv[3] ?? 30);
const PAUSE_MS = Number(process.env['PAUSE_MS'] ?? 1000);
/** A process that has just begun compiles as it goes: what the first people wait is told by itself, s. */
const WARM_S = Math.min(60, SECONDS / 10);
const CREWS = 6;
const BASE = process.env['APP_URL'] ?? 'http://127.0.0.1:3000';
const PLANS = 60;
const THINGS = 40;

const times = new Map<string, number[]>();
const warming: number[] = [];
let warm = false;
const statuses = new Map<number, number>();

/** Asks and takes the time under the name of the route. */
async function ask(
  name: string,
  method: string,
  path: string,
  cookie: string,
  body?: unknown,
  headers: Record<string, string> = {},
): Promise<{ status: number; json: Record<string, unknown> }> {
  const began = performance.now();
  const response = await fetch(`${BASE}${path}`, {
    method,
    headers: {
      cookie,
      ...(body === undefined ? {} : { 'content-type': 'application/json' }),
      ...headers,
    },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
  const text = await response.text();
  if (name) {
    const list = times.get(name) ?? [];
    if (warm) list.push(performance.now() - began);
    else warming.push(performance.now() - began);
    times.set(name, list);
    statuses.set(response.status, (statuses.get(response.status) ?? 0) + 1);
  }
  const isJson = (response.headers.get('content-type') ?? '').includes('json');
  return {
    status: response.status,
    json: isJson ? (JSON.parse(text) as Record<string, unknown>) : {},
  };
}

interface Crew {
  readonly cookie: string;
  readonly plans: readonly string[];
  readonly things: readonly string[];
}

const plan = demoDocument('apple-bins') as Record<string, unknown>;

async function foundCrew(n: number): Promise<Crew> {
  const name = `Load ${Date.now()} ${n}`;
  const response = await fetch(`${BASE}/api/v1/crews`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', 'x-forwarded-for': `2001:db8::${n + 1}` },
    body: JSON.stringify({ crew: name, name: `Lead ${name}`, password: 'long enough indeed' }),
  });
  if (response.status !== 201) throw new Error(await response.text());
  const cookie = response.headers.getSetCookie()[0]!.split(';')[0]!;
  const make = async (count: number, path: string, body: (i: number) => unknown) => {
    const ids: string[] = [];
    for (let i = 0; i < count; i++)
      ids.push(String((await ask('', 'POST', path, cookie, body(i))).json['id']));
    return ids;
  };
  return {
    cookie,
    plans: await make(PLANS, '/api/v1/plans', (i) => ({ ...plan, title: `Plan ${i}` })),
    things: await make(THINGS, '/api/v1/gear', (i) => ({
      gear: rope({ code: `L-${i}` }),
      start: {},
    })),
  };
}

let stop = false;

/** Somebody looks at what came: evenly from nothing to twice the mean. */
const look = (chance: () => number): Promise<void> =>
  new Promise((resolve) => setTimeout(resolve, 2 * PAUSE_MS * chance()));

/** One person: looks at lists, opens a plan, saves it now and then, records a move, writes into the log. */
async function client(crew: Crew, n: number): Promise<void> {
  const [planId, thingId] = [crew.plans[n % PLANS]!, crew.things[n % THINGS]!];
  const chance = chanceOf(n);
  const api = async (name: string, method: string, path: string, body?: unknown, headers = {}) => {
    const answer = await ask(name, method, `/api/v1${path}`, crew.cookie, body, headers);
    if (name) await look(chance);
    return answer;
  };
  let version = Number((await api('', 'GET', `/plans/${planId}`)).json['version']);
  for (let round = n; !stop; round++) {
    await api('list of plans', 'GET', '/plans');
    await api('one plan', 'GET', `/plans/${crew.plans[round % PLANS]!}`);
    const saved = await api(
      'save a plan',
      'PUT',
      `/plans/${planId}`,
      { ...plan, title: `Plan of ${n}, ${round}` },
      { 'if-match': `"${version}"` },
    );
    if (saved.status === 200) version = Number(saved.json['version']);
    await api('locker', 'GET', '/gear');
    await api('search the locker', 'GET', `/gear?search=l-${round % THINGS}`);
    await api('history of a thing', 'GET', `/gear/${thingId}/history`);
    if (round % 4 === 0)
      await api('record a move', 'POST', `/gear/${thingId}/history`, {
        kind: 'moved',
        place: `Van ${round}`,
      });
    await api('judge a plan', 'POST', '/assess', plan);
    if (round % 4 === 2)
      await api('write into the log', 'POST', '/log', {
        entry: { kind: 'note', what: `Seen by ${n}, ${round}` },
      });
    await api('the log', 'GET', '/log');
    await api('today', 'GET', '/today');
    if (round % 4 === 1) await ask('page of the list', 'GET', '/loads', crew.cookie);
    if (round % 4 === 3) await ask('page of the locker', 'GET', '/locker', crew.cookie);
  }
}

const residentMb = (): string => {
  const pid = process.env['APP_PID'];
  if (!pid) return 'not asked';
  const kb = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1];
  return `${Math.round(Number(kb) / 1024)} MB`;
};

const crews: Crew[] = [];
for (let i = 0; i < CREWS; i++) crews.push(await foundCrew(i));
console.log(`memory before ${residentMb()}`);
const began = performance.now();
const running = Array.from({ length: CLIENTS }, (_, n) => client(crews[n % CREWS]!, n));
setTimeout(() => (warm = true), WARM_S * 1000);
setTimeout(() => (stop = true), SECONDS * 1000);
await Promise.all(running);
const seconds = (performance.now() - began) / 1000 - WARM_S;
const all = [...times.values()].flat();
const row = (name: string, list: number[]): string =>
  `${name.padEnd(22)} ${String(list.length).padStart(7)} ${(list.length / seconds).toFixed(1).padStart(8)} ${percentile(list, 0.5).toFixed(0).padStart(8)} ${percentile(list, 0.99).toFixed(0).padStart(8)}`;
console.log(
  `${CLIENTS} people, ${seconds.toFixed(0)} s, ${PAUSE_MS} ms between answer and question`,
);
console.log(`${'route'.padEnd(22)} requests  a second   p50 ms   p99 ms`);
for (const [name, list] of times) console.log(row(name, list));
console.log(row('all', all));
console.log(row(`(first ${WARM_S} s)`, warming));
console.log('answers by status', Object.fromEntries(statuses));
console.log(`memory after ${residentMb()}`);
