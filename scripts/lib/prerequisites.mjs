import { existsSync, mkdirSync, readdirSync, writeFileSync } from 'node:fs';
import { capture, isRoot, run, say, Stop } from './system.mjs';

const PG_ROOT = '/usr/lib/postgresql';

/** Folders with PostgreSQL server binaries, newest first: [{ major, bin }]. */
export function postgresBinaries() {
  if (!existsSync(PG_ROOT)) return [];
  return readdirSync(PG_ROOT)
    .filter((major) => existsSync(`${PG_ROOT}/${major}/bin/initdb`))
    .map((major) => ({ major, bin: `${PG_ROOT}/${major}/bin` }))
    .sort((a, b) => Number(b.major) - Number(a.major));
}

/** Where a browser is that shows nothing; the one without windows of its own needs a fifth less. */
export const chromiumPath = () =>
  [process.env.CHROMIUM, '/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find(
    (p) => p && existsSync(p),
  ) ?? null;

/** The one command that installs what is missing. */
const installCommand = (packages) =>
  `apt-get update && apt-get -o DPkg::Lock::Timeout=300 install -y --no-install-recommends ${packages.join(' ')}`;

function install(packages) {
  say(`installing ${packages.join(', ')} (about two minutes)`);
  // Without this Debian would create and start a cluster of its own.
  mkdirSync('/etc/postgresql-common', { recursive: true });
  if (packages.includes('postgresql'))
    writeFileSync('/etc/postgresql-common/createcluster.conf', 'create_main_cluster = false\n');
  run('sh', ['-c', installCommand(packages)], {
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  });
}

/**
 * Makes sure that the needed Debian packages are there: installs them as root, otherwise prints the one command and stops.
 * `database` is not needed when DATABASE_URL names another server; `browser` (and what turns PDF into pictures) is needed for tests only.
 */
export function ensurePackages({ database, browser }) {
  const missing = [
    ...(database && postgresBinaries().length === 0 ? ['postgresql'] : []),
    ...(browser && !chromiumPath() ? ['chromium-headless-shell'] : []),
    ...(browser && !existsSync('/usr/bin/pdftoppm') ? ['poppler-utils'] : []),
  ];
  if (missing.length === 0) return;
  if (!existsSync('/usr/bin/apt-get'))
    throw new Stop(
      `Missing: ${missing.join(', ')}. This is not Debian: install them your system’s way, or set DATABASE_URL.`,
      3,
    );
  if (!isRoot)
    throw new Stop(
      `Missing: ${missing.join(', ')}. Run this once as root, then start again:\n\n  ${installCommand(missing)}\n`,
      3,
    );
  install(missing);
}

/** A user without a passwd entry cannot run PostgreSQL. */
export function ensureUserExists() {
  if (capture('id', ['-un']).status !== 0)
    throw new Stop(
      'This user id has no name in /etc/passwd, and PostgreSQL refuses to run for such a user. Start as another user, or set DATABASE_URL.',
    );
}
