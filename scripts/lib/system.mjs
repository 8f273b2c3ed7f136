import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { createServer } from 'node:net';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

/** Root of this clone. */
export const ROOT = fileURLToPath(new URL('../..', import.meta.url)).replace(/\/$/, '');
/** Where this clone keeps what it runs: its database, and marks of what is running. */
export const DATA = process.env.VAST_CLEAT_DATA ?? path.join(ROOT, '.data');
export const isRoot = process.getuid?.() === 0;

/** A failure with a message for the person at the terminal; `code` is the exit code. */
export class Stop extends Error {
  constructor(message, code = 1) {
    super(message);
    this.code = code;
  }
}

export const say = (text) => console.log(`vast-cleat: ${text}`);

/** Runs a main function; a Stop prints its message without a stack. */
export async function main(run) {
  try {
    await run();
  } catch (error) {
    console.error(error instanceof Stop ? `vast-cleat: ${error.message}` : error);
    process.exit(error instanceof Stop ? error.code : 1);
  }
}

/** Runs a command to its end, output shown; throws Stop when it fails. */
export function run(command, args, options = {}) {
  const { status, error } = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
  if (error || status !== 0)
    throw new Stop(
      `“${[command, ...args].join(' ')}” failed${error ? `: ${error.message}` : ` (exit ${status})`}.`,
    );
}

/** Runs a command and returns what it printed; status is left to the caller. */
export function capture(command, args, options = {}) {
  const result = spawnSync(command, args, { cwd: ROOT, encoding: 'utf8', ...options });
  return {
    status: result.error ? 127 : result.status,
    out: `${result.stdout ?? ''}${result.stderr ?? ''}`,
  };
}

/** Starts a long-running child. `npm run` would not pass SIGTERM on, so children are started directly. */
export const start = (command, args, options = {}) =>
  spawn(command, args, { cwd: ROOT, stdio: 'inherit', ...options });

/** Whether a TCP port on loopback can be listened on. */
export const portIsFree = (port) =>
  new Promise((resolve) => {
    const server = createServer();
    server.once('error', () => resolve(false));
    server.listen(port, '127.0.0.1', () => server.close(() => resolve(true)));
  });

/** A free port on loopback. */
export const freePort = () =>
  new Promise((resolve, reject) => {
    const server = createServer();
    server.once('error', reject);
    server.listen(0, '127.0.0.1', () => {
      const { port } = server.address();
      server.close(() => resolve(port));
    });
  });

/** Fingerprint of the contents of files and folders, in a stable order. */
export function fingerprint(paths) {
  const hash = createHash('sha256');
  const visit = (file) => {
    const stat = statSync(file, { throwIfNoEntry: false });
    if (!stat) return;
    if (stat.isDirectory())
      for (const name of readdirSync(file).sort()) visit(path.join(file, name));
    else hash.update(path.relative(ROOT, file)).update(readFileSync(file));
  };
  for (const p of paths) visit(path.join(ROOT, p));
  return hash.digest('hex');
}

export const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
