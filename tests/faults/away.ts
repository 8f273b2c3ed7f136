import { chmodSync, mkdtempSync } from 'node:fs';
import path from 'node:path';
import { type Ask, Ledger } from '../support/ledger';
import { clear, databaseProcesses, Running, until } from '../support/running';

/**
 * The database is away for some time while people write: each of them is told so and for how long to wait, nothing that
 * was acknowledged is lost, and all goes on by itself. `node … tests/faults/away.ts [seconds]`
 */
const AWAY_S = Number(process.argv[2] ?? 20);
const WRITERS = 6;
/** Whoever asks just when the database falls silent is told when patience with it ends, sooner than this, ms. */
const TOLD_MS = 10_000;

const place = mkdtempSync('/var/tmp/vast-cleat-away-');
chmodSync(place, 0o755);
const data = path.join(place, 'data');
const app = await Running.start(data, 3392);
const founded = await app.ask('POST', '/api/v1/crews', {
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({ crew: 'Away', name: 'Nan Away', password: 'long enough indeed' }),
});
const cookie = founded.headers.get('set-cookie')!.split(';')[0]!;
let slowest = 0;
const ask: Ask = async (method, address, body, headers = {}) => {
  const began = performance.now();
  const response = await app.ask(method, `/api/v1${address}`, {
    headers: { cookie, 'content-type': 'application/json', ...headers },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
  const json = (await response.json()) as Record<string, unknown>;
  slowest = Math.max(slowest, performance.now() - began);
  return { status: response.status, json };
};

const ledgers = Array.from({ length: WRITERS }, (_, i) => new Ledger(ask, `a${i}`));
const acknowledged = (): number => ledgers.reduce((n, l) => n + l.acknowledged, 0);
const answered = (status: number): number =>
  ledgers.reduce((n, l) => n + (l.statuses.get(status) ?? 0), 0);
let stop = false;
const writing = ledgers.map((l) => l.write(() => stop));
await until(() => acknowledged() > 30);
const processes = databaseProcesses(app.database);
processes.forEach((pid) => process.kill(pid, 'SIGSTOP'));
const before = acknowledged();
const page = await until(async () => {
  const response = await app.ask('GET', '/today', { headers: { cookie } });
  return response.status === 503 ? response : null;
});
console.log(
  `a page meanwhile: 503, again after ${page.headers.get('retry-after')} s; says ${JSON.stringify(
    (await page.text())
      .replace(/<(style|script)[^>]*>.*?<\/\1>|<[^>]*>/gs, ' ')
      .replace(/\s+/g, ' ')
      .trim()
      .slice(0, 160),
  )}`,
);
await new Promise((resolve) => setTimeout(resolve, AWAY_S * 1000));
const told = answered(503);
processes.forEach((pid) => process.kill(pid, 'SIGCONT'));
const back = performance.now();
await until(() => acknowledged() > before + 10);
console.log(
  `went on by itself, ten writes ${Math.round(performance.now() - back)} ms after it was back`,
);
stop = true;
await Promise.all(writing);
const faults = (await Promise.all(ledgers.map((l) => l.faults()))).flat();
if (told === 0) faults.push('nobody was told');
if (slowest > TOLD_MS) faults.push(`somebody waited ${Math.round(slowest)} ms`);
console.log(
  `away for ${AWAY_S} s: ${acknowledged()} writes acknowledged, ${told} times told to come again, slowest answer ${Math.round(slowest)} ms`,
);
console.log(faults.length === 0 ? 'none lost, none doubled' : faults.join('\n'));
app.child.kill('SIGTERM');
await app.ended;
clear(data);
process.exit(faults.length === 0 ? 0 : 1);
