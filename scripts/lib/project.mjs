import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { editionOf } from './serving.mjs';
import { fingerprint, ROOT, run, say } from './system.mjs';

const INSTALLED = 'node_modules/.vast-cleat-installed';
const BUILT = '.next/vast-cleat-built';

/** Runs `step` only when the fingerprint of `sources` differs from the one kept in `stamp`. */
function whenChanged(sources, stamp, step) {
  const now = fingerprint(sources);
  const file = path.join(ROOT, stamp);
  if (existsSync(file) && readFileSync(file, 'utf8') === now) return false;
  step();
  mkdirSync(path.dirname(file), { recursive: true });
  writeFileSync(file, now);
  return true;
}

export function ensureDependencies() {
  whenChanged(['package-lock.json'], INSTALLED, () => {
    say('installing packages (about two minutes)');
    run('npm', ['ci', '--no-audit', '--no-fund']);
  });
}

export const TSX = path.join(ROOT, 'node_modules/tsx/dist/cli.mjs');

/** Production build, when sources changed since the last one. */
export function ensureBuild() {
  whenChanged(
    [
      'src',
      'next.config.ts',
      'package-lock.json',
      'tsconfig.json',
      'scripts/lib/offline-worker.mjs',
    ],
    BUILT,
    () => {
      say('building (about a minute)');
      run(process.execPath, [path.join(ROOT, 'node_modules/next/dist/bin/next'), 'build'], {
        env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
      });
      // Only now is it known what there is to keep; and it needs what was installed meanwhile.
      run(process.execPath, [path.join(ROOT, 'scripts/lib/offline-worker.mjs')]);
    },
  );
}

/**
 * Migrations, what the application's own role may do, and the demo: `if-empty`, `asked` (also beside other crews) or `no`.
 * `adminUrl` may change the database's structure; `url` is what the application connects by.
 */
export function prepareDatabase({ url, adminUrl, demo = 'if-empty' }) {
  run(process.execPath, [TSX, 'scripts/prepare-database.ts', `--demo=${demo}`], {
    env: {
      ...process.env,
      DATABASE_URL: adminUrl,
      APPLICATION_URL: url,
      VAST_CLEAT_EDITION: editionOf(),
    },
  });
}
