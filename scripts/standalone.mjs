import { cpSync, mkdirSync, readdirSync, rmSync } from 'node:fs';
import path from 'node:path';
import { ensureBuild, ensureDependencies } from './lib/project.mjs';
import { main, ROOT, run, say, Stop } from './lib/system.mjs';

/** What the application needs beside its packages. */
const NEEDED = [
  'public',
  'src',
  'scripts',
  'demo',
  'package.json',
  'package-lock.json',
  '.npmrc',
  'tsconfig.json',
  'next.config.ts',
];
const STAMP = 'node_modules/.vast-cleat-installed';

/** A folder that holds everything to run the application, built, without what only building and testing need. */
await main(async () => {
  const to = path.resolve(process.argv[2] ?? 'dist');
  mkdirSync(to, { recursive: true });
  if (readdirSync(to).length > 0) throw new Stop(`${to} is not empty.`);
  ensureDependencies();
  ensureBuild();
  for (const name of NEEDED)
    cpSync(path.join(ROOT, name), path.join(to, name), { recursive: true });
  cpSync(path.join(ROOT, '.next'), path.join(to, '.next'), { recursive: true });
  rmSync(path.join(to, '.next/cache'), { recursive: true, force: true });
  run('npm', ['ci', '--omit=dev', '--no-audit', '--no-fund'], { cwd: to });
  // As it was installed and built here, so it stays.
  cpSync(path.join(ROOT, STAMP), path.join(to, STAMP));
  say(`${to} is ready: node scripts/start.mjs there`);
});
