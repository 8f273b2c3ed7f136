import { throwAwayCluster } from './lib/cluster.mjs';
import { ensurePackages } from './lib/prerequisites.mjs';
import { ensureBuild, ensureDependencies, NEXT, prepareDatabase, TSX } from './lib/project.mjs';
import { freePort, main, run, say, sleep, start } from './lib/system.mjs';

/** Measures what is named in the README, on a throw-away database and the production build. */
await main(async () => {
  ensurePackages({ database: true, browser: true });
  ensureDependencies();
  ensureBuild();
  const cluster = await throwAwayCluster();
  let child = null;
  try {
    prepareDatabase(cluster.url);
    const port = await freePort();
    const env = {
      ...process.env,
      DATABASE_URL: cluster.url,
      APP_URL: `http://127.0.0.1:${port}`,
      VAST_CLEAT_LIMITER: 'off',
      NEXT_TELEMETRY_DISABLED: '1',
    };
    child = start(process.execPath, [NEXT, 'start', '-H', '127.0.0.1', '-p', String(port)], {
      env,
      stdio: ['ignore', 'ignore', 'inherit'],
    });
    await sleep(2500);
    say('measuring');
    run(process.execPath, [TSX, 'tests/bench/bench.ts'], { env });
  } finally {
    child?.kill('SIGTERM');
    cluster.stop();
  }
});
