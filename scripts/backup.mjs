import path from 'node:path';
import { startCluster } from './lib/cluster.mjs';
import { ensurePackages, postgresBinaries } from './lib/prerequisites.mjs';
import { ensureDependencies, TSX } from './lib/project.mjs';
import { main, ROOT, run, Stop } from './lib/system.mjs';

/**
 * `backup [folder]` writes the database to a file, `restore <file>` puts one into an empty database: that of DATABASE_URL, by a role
 * that may make tables, or our own. The application may run meanwhile: a backup is of one moment.
 */
await main(async () => {
  const [what, said] = process.argv.slice(2);
  if (what === 'restore' && !said)
    throw new Stop('Say which file: npm run restore -- backups/vast-cleat-….dump');
  const at = path.resolve(said ?? path.join(ROOT, 'backups'));
  ensurePackages({ database: true, browser: false });
  ensureDependencies();
  const given = process.env.DATABASE_URL;
  const cluster = given ? null : await startCluster(undefined, [], `the ${what}`);
  try {
    run(process.execPath, [TSX, 'scripts/backup.ts', what, at], {
      env: {
        ...process.env,
        DATABASE_URL: given ?? cluster.adminUrl,
        POSTGRES_BIN: postgresBinaries()[0].bin,
      },
    });
  } finally {
    cluster?.stop();
  }
});
