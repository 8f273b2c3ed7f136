import { type ChildProcess, execFileSync, spawn } from 'node:child_process';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { createServer } from 'node:net';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

const ROOT = fileURLToPath(new URL('../..', import.meta.url));

/** Waits until something is so; ends by itself only with the test. */
export async function until<T>(look: () => T | Promise<T>): Promise<NonNullable<T>> {
  for (;;) {
    const found = await look();
    if (found) return found as NonNullable<T>;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
}

/** A port that is free now. */
export const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port: free } = server.address() as { port: number };
      server.close(() => resolve(free));
    });
  });

/** The application as a person starts it, in a place of its own. */
export class Running {
  private text = '';
  /** The exit code once it has ended. */
  readonly ended: Promise<number>;

  private constructor(
    readonly child: ChildProcess,
    readonly port: number,
    readonly data: string,
  ) {
    child.stdout!.on('data', (chunk) => (this.text += String(chunk)));
    child.stderr!.on('data', (chunk) => (this.text += String(chunk)));
    this.ended = new Promise((resolve) =>
      child.once('exit', (code, signal) => resolve(signal ? 128 : (code ?? -1))),
    );
  }

  /** Starts it and waits until it answers, or has ended. `by`: npm, or the script that npm runs; `host`: the network it is to serve; `more`: settings. */
  static async start(
    data: string,
    port: number,
    by: 'npm' | 'node' = 'node',
    host?: string,
    more: Readonly<Record<string, string>> = {},
  ): Promise<Running> {
    const [command, ...args] =
      by === 'npm' ? ['npm', 'start'] : [process.execPath, 'scripts/start.mjs'];
    const env = { ...process.env };
    for (const name of ['DATABASE_URL', 'NODE_ENV', 'VITEST', 'DEMO', 'HOST']) delete env[name];
    const child = spawn(command!, args, {
      cwd: ROOT,
      env: {
        ...env,
        PORT: String(port),
        ...(host === undefined ? {} : { HOST: host }),
        VAST_CLEAT_DATA: data,
        VAST_CLEAT_LIMITER: 'off',
        TRUST_PROXY: 'loopback',
        LOG_LEVEL: 'error',
        ...more,
      },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    const running = new Running(child, port, data);
    let over = false;
    void running.ended.then(() => (over = true));
    await until(() => over || running.said.includes('open http'));
    return running;
  }

  /** Everything it said so far. */
  get said(): string {
    return this.text;
  }

  /** Process numbers: the start script's own, and what it wrote down of the application. */
  get application(): number {
    const folder = path.join(this.data, 'running');
    const marks = readdirSync(folder).map(
      (f) => JSON.parse(readFileSync(path.join(folder, f), 'utf8')) as Mark,
    );
    return marks.find((m) => m.port === this.port)!.application.pid;
  }

  /** The database's process. */
  get database(): number {
    return postmaster(this.data)!;
  }

  ask(method: string, address: string, init: RequestInit = {}): Promise<Response> {
    return fetch(`http://127.0.0.1:${this.port}${address}`, { method, ...init });
  }
}

interface Mark {
  readonly port: number;
  readonly application: { readonly pid: number };
}

/** Where the database of a place lives: a mark may lead elsewhere. */
const homeOf = (data: string): string => {
  const mark = path.join(data, 'cluster');
  return existsSync(mark) ? readFileSync(mark, 'utf8').trim() : data;
};

/** The database server of a place, or null. */
export function postmaster(data: string): number | null {
  const file = path.join(homeOf(data), 'data/postmaster.pid');
  return existsSync(file) ? Number(readFileSync(file, 'utf8').split('\n')[0]) : null;
}

/** The database's process and those of its connections. */
export function databaseProcesses(pid: number): number[] {
  const children = readdirSync('/proc').flatMap((name) => {
    if (!/^\d+$/.test(name)) return [];
    try {
      const parent = readFileSync(`/proc/${name}/stat`, 'utf8')
        .replace(/^.*\) /s, '')
        .split(' ')[1];
      return Number(parent) === pid ? [Number(name)] : [];
    } catch {
      return [];
    }
  });
  return [pid, ...children];
}

/** Whether a process runs. */
export function runs(pid: number): boolean {
  const stat = `/proc/${pid}/stat`;
  try {
    return !/\) Z/.test(readFileSync(stat, 'utf8'));
  } catch {
    return false;
  }
}

/** Takes away what a place holds, once nothing of it runs. */
export function clear(data: string): void {
  const pid = postmaster(data);
  if (pid !== null && runs(pid)) process.kill(pid, 'SIGQUIT');
  execFileSync('rm', ['-rf', data, homeOf(data)]);
}
