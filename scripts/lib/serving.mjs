import { existsSync, mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { constants } from 'node:os';
import { identity, isStill, readMark } from './processes.mjs';
import { DATA, fingerprint, say, sleep, start } from './system.mjs';

const RUNNING = path.join(DATA, 'running');
/** Longer than the application takes to let requests finish. */
const PATIENCE_MS = 15_000;

/** Which edition of rules and program this is: verdicts of another are found again. */
export const editionOf = () => fingerprint(['src/core']).slice(0, 16);

/**
 * Starts the application on a port. It holds the other end of a channel and stops by itself when we are gone.
 * `options`: { url, port, dev, env, stdio }.
 */
export function serve({
  url,
  port,
  dev = false,
  env = {},
  stdio = ['inherit', 'inherit', 'inherit'],
}) {
  return start(
    process.execPath,
    ['--import', 'tsx', 'scripts/serve.ts', ...(dev ? ['--dev'] : [])],
    {
      env: {
        ...process.env,
        NODE_ENV: dev ? 'development' : 'production',
        NEXT_TELEMETRY_DISABLED: '1',
        DATABASE_URL: url,
        PORT: String(port),
        VAST_CLEAT_EDITION: editionOf(),
        ...env,
      },
      stdio: [...stdio, 'ipc'],
    },
  );
}

/** Waits until a child has ended; one that does not is killed. @returns its exit code, 128 and the signal's number when one killed it */
export async function ended(child, patienceMs = PATIENCE_MS) {
  const exit = exitCode(child);
  const timer = setTimeout(() => child.kill('SIGKILL'), patienceMs);
  const code = await exit;
  clearTimeout(timer);
  return code;
}

const codeOf = (code, signal) => (signal ? 128 + (constants.signals[signal] ?? 0) : (code ?? 1));

/** The exit code of a child when it ends. */
export const exitCode = (child) =>
  child.exitCode !== null || child.signalCode !== null
    ? Promise.resolve(codeOf(child.exitCode, child.signalCode))
    : new Promise((resolve) => child.once('exit', (code, signal) => resolve(codeOf(code, signal))));

/** Waits until the application says that it listens. @returns false when it ended before */
export const listening = (child) =>
  new Promise((resolve) => {
    child.once('message', () => resolve(true));
    child.once('exit', () => resolve(false));
  });

/** Writes down what this start runs, so that a later one finds it if this one is killed. */
export function noteRunning(child, port) {
  mkdirSync(RUNNING, { recursive: true });
  const file = path.join(RUNNING, `${process.pid}.json`);
  const mark = { start: identity(process.pid), application: identity(child.pid), port };
  writeFileSync(file, JSON.stringify(mark));
  return () => rmSync(file, { force: true });
}

/** Stops applications whose start script was killed, and says so. */
export async function stopLeftOver() {
  for (const name of existsSync(RUNNING) ? readdirSync(RUNNING) : []) {
    const file = path.join(RUNNING, name);
    const mark = readMark(file);
    if (mark !== null && isStill(mark.start)) continue;
    if (mark !== null && isStill(mark.application)) {
      say(`an earlier start was killed; stopping the application it left on port ${mark.port}`);
      await stopProcess(mark.application);
    }
    rmSync(file, { force: true });
  }
}

async function stopProcess(mark) {
  process.kill(mark.pid, 'SIGTERM');
  for (let waited = 0; waited < PATIENCE_MS && isStill(mark); waited += 100) await sleep(100);
  if (isStill(mark)) process.kill(mark.pid, 'SIGKILL');
}
