import { isIP, isIPv6 } from 'node:net';
import { networkInterfaces } from 'node:os';
import { startCluster } from './lib/cluster.mjs';
import { ensurePackages } from './lib/prerequisites.mjs';
import { ensureBuild, ensureDependencies, prepareDatabase } from './lib/project.mjs';
import { ended, exitCode, listening, noteRunning, serve, stopLeftOver } from './lib/serving.mjs';
import { main, portIsFree, say, Stop } from './lib/system.mjs';

const dev = process.argv.includes('--dev');
const port = Number(process.env.PORT ?? 3000);
const PARENT_MS = 500;

/** Where pages are found: on this machine alone, or in its network where `HOST` is an address of it. */
function addresses(at) {
  const { HOST: host = '' } = process.env;
  const url = (address) => `http://${isIPv6(address) ? `[${address}]` : address}:${at}`;
  if (!isIP(host)) {
    if (host) say(`HOST “${host}” is no address of a network: only this machine comes in`);
    return [url('127.0.0.1')];
  }
  if (host !== '0.0.0.0' && host !== '::') return [url(host)];
  const all = Object.values(networkInterfaces()).flat();
  return all.filter((a) => a.family === 'IPv4').map((a) => url(a.address));
}

/** Where the yard's network comes in, its address as a picture that a phone reads off the terminal. */
async function printForPhones([first]) {
  if (!isIP(process.env.HOST ?? '')) return;
  // Not there before everything is installed.
  const { default: qrcode } = await import('qrcode');
  console.log(await qrcode.toString(first, { type: 'terminal', small: true }));
}

/** The database given from outside, or our own. The demo goes into our own, into another only when it is asked for. */
async function openDatabase() {
  const { DATABASE_URL: given, DATABASE_DIRECT_URL: direct, DEMO: demo } = process.env;
  const adminUrl = process.env.DATABASE_ADMIN_URL || direct || given;
  if (given) return { url: given, adminUrl, demo: demo === 'yes' ? 'asked' : 'no', stop: () => {} };
  const cluster = await startCluster(undefined, [], `the start on port ${port}`);
  return { ...cluster, demo: demo === 'yes' ? 'asked' : demo === 'no' ? 'no' : 'if-empty' };
}

/** Calls `stop` when what started us is gone: npm does not pass on the signal that ends it. */
function watchParent(stop) {
  if (!process.env.npm_lifecycle_event) return;
  const parent = process.ppid;
  setInterval(() => process.ppid === parent || stop(0, 'npm is gone'), PARENT_MS).unref();
}

/** Runs the application until it ends or somebody stops it. First it, then the database. */
async function run(database) {
  let child = null;
  let forget = () => {};
  let stopping = false;
  const stop = async (code, why) => {
    if (stopping) return;
    stopping = true;
    if (why) say(`stopping (${why})`);
    if (child?.exitCode === null && child.signalCode === null) child.kill('SIGTERM');
    if (child) await ended(child);
    forget();
    database.stop();
    say('stopped');
    process.exit(code);
  };
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
    process.on(signal, () => void stop(0, signal));
  watchParent(stop);
  try {
    prepareDatabase(database);
    if (!dev) ensureBuild();
    child = serve({
      url: database.url,
      port,
      dev,
      env: { VAST_CLEAT_DEMO: database.demo === 'no' ? 'no' : 'yes' },
    });
    forget = noteRunning(child, port);
    void exitCode(child).then((code) => stop(code || 1, `the application ended with code ${code}`));
    if (await listening(child)) {
      await printForPhones(addresses(port));
      say(`open ${addresses(port).join(' or ')}  (Ctrl+C stops everything)`);
    }
  } catch (error) {
    database.stop();
    throw error;
  }
}

/** Everything from an empty machine to a page that answers. */
await main(async () => {
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Stop(`PORT must be a number from 1 to 65535, not “${process.env.PORT}”.`);
  await stopLeftOver();
  if (!(await portIsFree(port)))
    throw new Stop(
      `Port ${port} is taken, perhaps by an earlier start. Stop that one, or choose another: PORT=${port + 1} npm start`,
    );
  ensurePackages({ database: !process.env.DATABASE_URL, browser: false });
  ensureDependencies();
  await run(await openDatabase());
});
