import { startCluster } from './lib/cluster.mjs';
import { ensurePackages } from './lib/prerequisites.mjs';
import { ensureBuild, ensureDependencies, NEXT, prepareDatabase } from './lib/project.mjs';
import { main, portIsFree, say, start, Stop } from './lib/system.mjs';

const dev = process.argv.includes('--dev');
const port = Number(process.env.PORT ?? 3000);

/** Everything from an empty machine to a page that answers. */
await main(async () => {
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Stop(`PORT must be a number from 1 to 65535, not “${process.env.PORT}”.`);
  if (!(await portIsFree(port)))
    throw new Stop(
      `Port ${port} is taken, perhaps by an earlier start. Stop that one, or choose another: PORT=${port + 1} npm start`,
    );
  ensurePackages({ database: !process.env.DATABASE_URL, browser: false });
  ensureDependencies();
  const cluster = process.env.DATABASE_URL
    ? { url: process.env.DATABASE_URL, stop: () => {} }
    : await startCluster();
  let child = null;
  let stopping = false;
  const stop = (code) => {
    if (stopping) return;
    stopping = true;
    child?.kill('SIGTERM');
    cluster.stop();
    say('stopped');
    process.exit(code);
  };
  process.on('SIGINT', () => stop(0));
  process.on('SIGTERM', () => stop(0));
  process.on('SIGHUP', () => stop(0));
  try {
    prepareDatabase(cluster.url);
    if (!dev) ensureBuild();
    child = start(
      process.execPath,
      [NEXT, dev ? 'dev' : 'start', '-H', '127.0.0.1', '-p', String(port)],
      {
        env: { ...process.env, DATABASE_URL: cluster.url, NEXT_TELEMETRY_DISABLED: '1' },
      },
    );
    child.on('exit', (code) => stop(code ?? 0));
    say(`open http://127.0.0.1:${port}  (Ctrl+C stops everything)`);
  } catch (error) {
    cluster.stop();
    throw error;
  }
});
