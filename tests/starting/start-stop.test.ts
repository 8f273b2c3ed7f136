import { mkdtempSync } from 'node:fs';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type Ask, Ledger } from '../support/ledger';
import {
  clear,
  databaseProcesses,
  freePort,
  postmaster,
  Running,
  runs,
  until,
} from '../support/running';

/** A place of its own that the database's user can enter. */
const place = mkdtempSync('/var/tmp/vast-cleat-started-');
const data = path.join(place, 'data');
let app: Running;
let port: number;
let cookie: string;

const ask: Ask = async (method, address, body, headers = {}) => {
  const response = await app.ask(method, `/api/v1${address}`, {
    headers: { cookie, 'content-type': 'application/json', ...headers },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
  return { status: response.status, json: (await response.json()) as Record<string, unknown> };
};
const ready = (): Promise<true> =>
  until(() =>
    app.ask('GET', '/api/v1/health/ready').then(
      (r) => r.ok,
      () => false,
    ),
  ) as Promise<true>;
const start = async (by?: 'npm'): Promise<void> => {
  app = await Running.start(data, port, by);
};

beforeAll(async () => {
  const { chmodSync } = await import('node:fs');
  chmodSync(place, 0o755);
  port = await freePort();
  await start();
  const founded = await app.ask('POST', '/api/v1/crews', {
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ crew: 'Starts', name: 'Nan Start', password: 'long enough indeed' }),
  });
  cookie = founded.headers.get('set-cookie')!.split(';')[0]!;
});
afterAll(async () => {
  app.child.kill('SIGTERM');
  await app.ended;
  clear(data);
});

describe('starting, stopping, failing', () => {
  it('the database is killed: what asks meanwhile is told to come again, and it goes on by itself', async () => {
    const ledger = new Ledger(ask, 'away');
    let stop = false;
    const writing = ledger.write(() => stop);
    await until(() => ledger.acknowledged > 4);
    const gone = app.database;
    process.kill(gone, 'SIGKILL');
    await until(() => postmaster(data) !== null && postmaster(data) !== gone);
    await ready();
    const before = ledger.acknowledged;
    await until(() => ledger.acknowledged > before + 4);
    stop = true;
    await writing;
    expect([...ledger.statuses.keys()].filter((s) => s >= 500 && s !== 503)).toEqual([]);
    expect(await ledger.faults()).toEqual([]);
    expect(app.said).toMatch(/the database is gone[\s\S]*the database is back/);
  });
  it('a frozen database hangs nobody: 503 with the time to wait, and on it goes when it thaws', async () => {
    const processes = databaseProcesses(app.database);
    processes.forEach((pid) => process.kill(pid, 'SIGSTOP'));
    const refused = await until(() =>
      app
        .ask('GET', '/api/v1/plans', { headers: { cookie } })
        .then((r) => (r.status === 503 ? r : null)),
    );
    expect(refused.headers.get('retry-after')).toBe('5');
    processes.forEach((pid) => process.kill(pid, 'SIGCONT'));
    await ready();
    expect((await ask('GET', '/plans')).status).toBe(200);
  });
  it('the application is killed: the start script ends with what it died of', async () => {
    process.kill(app.application, 'SIGKILL');
    expect(await app.ended).toBe(137);
    expect(postmaster(data)).toBeNull();
    await start();
    expect((await ask('GET', '/plans')).status).toBe(200);
  });
  it('the start script is killed: the application stops by itself, and the next start takes the database over', async () => {
    const { application } = app;
    app.child.kill('SIGKILL');
    await until(() => !runs(application));
    expect(runs(postmaster(data)!)).toBe(true);
    await start();
    expect(app.said).toContain('takes over the database');
    expect((await ask('GET', '/plans')).status).toBe(200);
  });
  it('a second start joins; the first may stop, and the second goes on', async () => {
    const second = await Running.start(data, await freePort(), 'node', '127.0.0.1');
    // Told which network it serves, it prints its address as a picture for phones.
    expect(second.said).toContain('▄▄▄▄▄▄▄');
    expect(app.said).not.toContain('▄▄▄▄▄▄▄');
    expect(second.said).toContain(`joins the database that the start on port ${port} uses`);
    app.child.kill('SIGTERM');
    expect(await app.ended).toBe(0);
    expect((await second.ask('GET', '/api/v1/health/ready')).status).toBe(200);
    second.child.kill('SIGTERM');
    expect(await second.ended).toBe(0);
    expect(postmaster(data)).toBeNull();
    await start();
  });
  it('stopped under load: what was accepted is answered, none with 500, and all of it is there afterwards', async () => {
    const ledgers = Array.from({ length: 8 }, (_, i) => new Ledger(ask, `stop${i}`));
    let stop = false;
    const writing = ledgers.map((l) => l.write(() => stop));
    await until(() => ledgers.every((l) => l.acknowledged > 2));
    app.child.kill('SIGTERM');
    expect(await app.ended).toBe(0);
    expect(app.said).not.toContain('request broke');
    await start();
    stop = true;
    await Promise.all(writing);
    for (const ledger of ledgers) {
      expect([...ledger.statuses.keys()].filter((s) => s >= 500 && s !== 503)).toEqual([]);
      expect(await ledger.faults()).toEqual([]);
    }
    app.child.kill('SIGTERM');
    await app.ended;
  });
  it('npm is stopped: nothing is left running', async () => {
    await start('npm');
    const [application, database] = [app.application, app.database];
    app.child.kill('SIGTERM');
    await until(() => !runs(application) && !runs(database));
    await until(() => postmaster(data) === null);
  });
});
