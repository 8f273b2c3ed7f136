import { existsSync, mkdirSync, renameSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import path from 'node:path';
import { spawnSync } from 'node:child_process';
import { afterAll, describe, expect, it } from 'vitest';
// The scripts are plain JavaScript: they run before any package is installed.
// @ts-expect-error no types
import { binariesFor, clusterHome, startCluster } from '../../scripts/lib/cluster.mjs';

const scratch = mkdtempSync('/var/tmp/vast-cleat-scripts-');
afterAll(() => rmSync(scratch, { recursive: true, force: true }));

describe('the private cluster', () => {
  it('of another major version is refused, named, and left alone', () => {
    const data = path.join(scratch, 'old');
    mkdirSync(data);
    writeFileSync(path.join(data, 'PG_VERSION'), '9\n');
    expect(() => binariesFor(data, [{ major: '15', bin: '/x' }])).toThrow(
      /made by PostgreSQL 9; here is 15.*Nothing was changed/s,
    );
  });
  it('picks its own version’s binaries, the newest for a new one', () => {
    const data = path.join(scratch, 'own');
    mkdirSync(data);
    expect(
      binariesFor(data, [
        { major: '17', bin: '/a' },
        { major: '15', bin: '/b' },
      ]),
    ).toEqual({ major: '17', bin: '/a' });
    writeFileSync(path.join(data, 'PG_VERSION'), '15\n');
    expect(
      binariesFor(data, [
        { major: '17', bin: '/a' },
        { major: '15', bin: '/b' },
      ]),
    ).toEqual({ major: '15', bin: '/b' });
  });
  it('lies under /var/tmp when the database user cannot enter the clone', () => {
    if (process.getuid?.() !== 0)
      return expect(clusterHome(scratch)).toBe(path.join(scratch, '.data'));
    const closed = path.join(scratch, 'closed');
    mkdirSync(closed, { mode: 0o700 });
    const home = clusterHome(closed);
    expect(home).toMatch(/^\/var\/tmp\/vast-cleat-[0-9a-f]{12}$/);
    // Found again by its mark, whatever the folder is called by then.
    renameSync(closed, `${closed}-renamed`);
    expect(clusterHome(`${closed}-renamed`)).toBe(home);
    expect(clusterHome('/')).toBe('/.data');
  });
  it('a half-finished set-up is put aside and begun again; a second start joins; the last to stop ends it', async () => {
    const home = path.join(scratch, 'half');
    mkdirSync(path.join(home, 'data'), { recursive: true });
    writeFileSync(path.join(home, 'data', 'rubbish'), 'kept');
    spawnSync('chmod', ['755', scratch]);
    const first = await startCluster(home, ['fsync=off']);
    expect(
      spawnSync('sh', ['-c', `cat ${home}/data.unfinished-*/rubbish`], { encoding: 'utf8' }).stdout,
    ).toBe('kept');
    const second = await startCluster(home);
    expect(second.url).toBe(first.url);
    first.stop();
    second.stop();
    expect(existsSync(path.join(home, 'data/postmaster.pid'))).toBe(false);
  });
});

describe('npm start', () => {
  const start = (env: Record<string, string>) =>
    spawnSync(process.execPath, ['scripts/start.mjs'], {
      encoding: 'utf8',
      env: { ...process.env, ...env },
    });
  it('says so when the port is taken, and changes nothing', async () => {
    const server = createServer();
    const port = await new Promise<number>((resolve) =>
      server.listen(0, '127.0.0.1', () => resolve((server.address() as { port: number }).port)),
    );
    // The port is held by this process, so the child must find it taken.
    const result = start({ PORT: String(port) });
    server.close();
    expect(result.status).toBe(1);
    expect(result.stderr).toContain(`Port ${port} is taken`);
  });
  it('refuses a port that is none', () =>
    expect(start({ PORT: 'x' }).stderr).toContain('PORT must be a number'));
});
