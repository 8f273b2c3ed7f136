import { chmodSync, mkdtempSync } from 'node:fs';
import path from 'node:path';
import fc from 'fast-check';
import { type Ask, Ledger } from '../support/ledger';
import { clear, postmaster, Running, until } from '../support/running';

/**
 * Kills the application, the start script and the database at random, while programs write and devices lose and find their
 * network: nothing that was acknowledged may be lost or doubled, and nobody puts anything right by hand. What ends is started
 * again by the same command, as a service manager would.
 */
const ROUNDS = Number(process.argv[2] ?? 60);
const WRITERS = 6;
const PORT = 3391;
/** Writes to be acknowledged between one death and the next, at most. */
const BETWEEN = 24;

const place = mkdtempSync('/var/tmp/vast-cleat-rounds-');
chmodSync(place, 0o755);
const data = path.join(place, 'data');
let app = await Running.start(data, PORT);
const founded = await app.ask('POST', '/api/v1/crews', {
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({ crew: 'Rounds', name: 'Nan Round', password: 'long enough indeed' }),
});
const cookie = founded.headers.get('set-cookie')!.split(';')[0]!;
const ask: Ask = async (method, address, body, headers = {}) => {
  const response = await app.ask(method, `/api/v1${address}`, {
    headers: { cookie, 'content-type': 'application/json', ...headers },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
  return { status: response.status, json: (await response.json()) as Record<string, unknown> };
};

const ledgers = Array.from({ length: WRITERS }, (_, i) => new Ledger(ask, `w${i}`));
const acknowledged = (): number => ledgers.reduce((n, l) => n + l.acknowledged, 0);
let stop = false;
const writing = ledgers.map((l) => l.write(() => stop));

/** Each kind of death, and what is awaited after it. */
const DEATHS = {
  database: async () => {
    const gone = app.database;
    process.kill(gone, 'SIGKILL');
    await until(() => postmaster(data) !== null && postmaster(data) !== gone);
  },
  application: async () => {
    process.kill(app.application, 'SIGKILL');
    await app.ended;
    app = await Running.start(data, PORT);
  },
  start: async () => {
    app.child.kill('SIGKILL');
    await app.ended;
    app = await Running.start(data, PORT);
  },
} as const;
const KINDS = Object.keys(DEATHS) as (keyof typeof DEATHS)[];

const deaths = fc.sample(
  fc.record({ kind: fc.constantFrom(...KINDS), after: fc.integer({ min: 1, max: BETWEEN }) }),
  { numRuns: ROUNDS, seed: Number(process.env['SEED'] ?? 1) },
);
for (const [i, { kind, after }] of deaths.entries()) {
  const before = acknowledged();
  await until(() => acknowledged() >= before + after);
  await DEATHS[kind]();
  console.log(`round ${i + 1}: ${kind} killed, ${acknowledged()} writes acknowledged so far`);
}
const before = acknowledged();
await until(() => acknowledged() >= before + BETWEEN);
stop = true;
await Promise.all(writing);
const faults = (await Promise.all(ledgers.map((l) => l.faults()))).flat();
const statuses = new Map<number, number>();
for (const ledger of ledgers)
  for (const [status, n] of ledger.statuses) statuses.set(status, (statuses.get(status) ?? 0) + n);
console.log(
  `${acknowledged()} writes acknowledged; answers by status:`,
  Object.fromEntries(statuses),
);
const inLog = ledgers.reduce((n, l) => n + l.log.size, 0);
const lost = ledgers.reduce((n, l) => n + l.device.lost, 0);
console.log(`${inLog} notes in the log; ${lost} records of devices whose answer was lost`);
console.log(faults.length === 0 ? 'none lost, none doubled' : faults.join('\n'));
app.child.kill('SIGTERM');
await app.ended;
clear(data);
process.exit(faults.length === 0 ? 0 : 1);
