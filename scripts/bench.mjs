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
  const children = [];
  try {
    prepareDatabase(cluster);
    const env = { VAST_CLEAT_LIMITER: 'off', VAST_CLEAT_DEMO: 'yes', LOG_LEVEL: 'error' };
    // The second is idle but for what is measured between the two.
    const urls = [];
    for (let i = 0; i < 2; i++) {
      const port = await freePort();
      const child = serve({ url: cluster.url, port, env });
      children.push(child);
      if (!(await listening(child))) throw new Stop('The application did not start.');
      urls.push(`http://127.0.0.1:${port}`);
    }
    say('measuring');
    run(process.execPath, [TSX, 'tests/bench/bench.ts'], {
      env: {
        ...process.env,
        DATABASE_URL: cluster.adminUrl,
        APP_URL: urls[0],
        OTHER_URL: urls[1],
      },
    });
  } finally {
    for (const child of children) {
      child.kill('SIGTERM');
      await ended(child);
    }
    cluster.stop();
  }
});
