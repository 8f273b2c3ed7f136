import { throwAwayCluster } from './lib/cluster.mjs';
import { ensurePackages } from './lib/prerequisites.mjs';
import { ensureBuild, ensureDependencies, prepareDatabase, TSX } from './lib/project.mjs';
import { ended, listening, serve } from './lib/serving.mjs';
import { freePort, main, run, say, Stop } from './lib/system.mjs';

/** Measures what is named in the README, on a throw-away database and the production build. */
await main(async () => {
  ensurePackages({ database: true, browser: true });
  ensureDependencies();
  ensureBuild();
  const cluster = await throwAwayCluster();
  let child = null;
  try {
    prepareDatabase(cluster);
    const port = await freePort();
    const env = { VAST_CLEAT_LIMITER: 'off', VAST_CLEAT_DEMO: 'yes', LOG_LEVEL: 'error' };
    child = serve({ url: cluster.url, port, env });
    if (!(await listening(child))) throw new Stop('The application did not start.');
    say('measuring');
    run(process.execPath, [TSX, 'tests/bench/bench.ts'], {
      env: { ...process.env, DATABASE_URL: cluster.adminUrl, APP_URL: `http://127.0.0.1:${port}` },
    });
  } finally {
    child?.kill('SIGTERM');
    if (child) await ended(child);
    cluster.stop();
  }
});
