import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import path from 'node:path';
import { throwAwayCluster } from './lib/cluster.mjs';
import { ensurePackages } from './lib/prerequisites.mjs';
import { ensureBuild, ensureDependencies, prepareDatabase } from './lib/project.mjs';
import { ended, listening, serve } from './lib/serving.mjs';
import { freePort, main, ROOT, say, start, Stop } from './lib/system.mjs';

/** Everything: lint, types, unit and published checks, database, end to end. The last line counts it all. */
const total = { passed: 0, failed: 0 };
/** What failed, told once more in the end: a run is long, and its last lines are what is read. */
const failures = [];
/** No clock decides a check: what waits for the database or a thread waits as long as a slow and busy machine needs. */
const SLOW = { VAST_CLEAT_PATIENCE: '25' };
const reports = mkdtempSync(path.join(tmpdir(), 'vast-cleat-reports-'));

/** Runs a step of its own and says what it said when it failed. */
async function step(name, command, args) {
  say(name);
  const child = start(command, args, { stdio: ['ignore', 'pipe', 'pipe'] });
  const out = [];
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (part) => out.push(part));
  const code = await new Promise((resolve) => child.on('close', resolve));
  if (code === 0) return void (total.passed += 1);
  total.failed += 1;
  const said = Buffer.concat(out).toString();
  console.log(said);
  failures.push(`${name}\n${shortened(said)}`);
}

const shortened = (text) => text.split('\n').slice(0, 12).join('\n');

/** Notes the failed tests of a report, and files that did not load. */
function note(project, { testResults }) {
  for (const { name, status, message, assertionResults } of testResults) {
    const file = path.relative(ROOT, name);
    const failed = assertionResults.filter((a) => a.status === 'failed');
    for (const { fullName, failureMessages } of failed)
      failures.push(`${project}: ${file}: ${fullName}\n${shortened(failureMessages.join('\n'))}`);
    if (status === 'failed' && failed.length === 0)
      failures.push(`${project}: ${file}\n${shortened(message)}`);
  }
}

/** Runs one Vitest project and adds its counts; a run that broke off without a report counts as a failure. */
async function vitest(project, env = {}, workers = Math.max(2, availableParallelism())) {
  say(`tests: ${project}`);
  const report = path.join(reports, `${project}.json`);
  const args = [
    path.join(ROOT, 'node_modules/vitest/vitest.mjs'),
    'run',
    '--project',
    project,
    '--reporter=default',
    '--reporter=json',
    `--outputFile.json=${report}`,
    `--maxWorkers=${workers}`,
  ];
  const child = start(process.execPath, args, { env: { ...process.env, ...env } });
  const code = await new Promise((resolve) => child.on('exit', resolve));
  if (!existsSync(report)) {
    failures.push(`${project}: broke off`);
    return void (total.failed += 1);
  }
  const told = JSON.parse(readFileSync(report, 'utf8'));
  const { numPassedTests, numFailedTests, numFailedTestSuites } = told;
  note(project, told);
  total.passed += numPassedTests;
  // A file that fails to load has no failed test of its own.
  total.failed +=
    numFailedTests + (numFailedTests === 0 && (numFailedTestSuites > 0 || code !== 0) ? 1 : 0);
}

/** The production build on its own port, with the demo loaded. The limiter of requests is off: the fuzz test sends thousands. */
async function application(cluster) {
  prepareDatabase(cluster);
  ensureBuild();
  const port = await freePort();
  const child = serve({
    url: cluster.url,
    port,
    env: {
      VAST_CLEAT_LIMITER: 'off',
      VAST_CLEAT_DEMO: 'yes',
      TRUST_PROXY: 'loopback',
      LOG_LEVEL: 'error',
      ...SLOW,
    },
    stdio: ['ignore', 'inherit', 'inherit'],
  });
  if (!(await listening(child))) throw new Stop('The application did not start.');
  return {
    base: `http://127.0.0.1:${port}`,
    stop: () => {
      child.kill('SIGTERM');
      return ended(child);
    },
  };
}

await main(async () => {
  const began = Date.now();
  ensurePackages({ database: true, browser: true });
  ensureDependencies();
  // What the checks of types generate is read by none of the others, so all three run at once.
  await Promise.all(
    ['lint:code', 'lint:format', 'typecheck'].map((name) =>
      step(name, 'npm', ['run', '--silent', name]),
    ),
  );
  await vitest('unit');
  const cluster = await throwAwayCluster();
  let server = null;
  const clean = async () => {
    await server?.stop();
    cluster.stop();
    rmSync(reports, { recursive: true, force: true });
  };
  process.on('SIGINT', () => void clean().then(() => process.exit(130)));
  process.on('SIGTERM', () => void clean().then(() => process.exit(143)));
  try {
    await vitest('database', { DATABASE_URL: cluster.adminUrl, ...SLOW });
    server = await application(cluster);
    // Starting and stopping is waiting for the most part, needs no browser and has a database of its own.
    await Promise.all([
      vitest('end-to-end', { APP_URL: server.base, DATABASE_URL: cluster.adminUrl, ...SLOW }, 2),
      vitest('starting'),
    ]);
  } catch (error) {
    total.failed += 1;
    failures.push(String(error));
    console.error(error);
  } finally {
    await clean();
  }
  for (const failure of failures) console.log(`\nFAILED ${failure}`);
  say(`took ${Math.round((Date.now() - began) / 1000)} s`);
  console.log(`${total.passed} passed, ${total.failed} failed`);
  process.exitCode = total.failed > 0 ? 1 : 0;
});
