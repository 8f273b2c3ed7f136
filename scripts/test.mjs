import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import path from 'node:path';
import { throwAwayCluster } from './lib/cluster.mjs';
import { ensurePackages } from './lib/prerequisites.mjs';
import { ensureBuild, ensureDependencies, NEXT, prepareDatabase } from './lib/project.mjs';
import { capture, freePort, main, ROOT, say, sleep, start, Stop } from './lib/system.mjs';

/** Everything: lint, types, unit and published checks, database, end to end. The last line counts it all. */
const total = { passed: 0, failed: 0 };
const reports = mkdtempSync(path.join(tmpdir(), 'vast-cleat-reports-'));

function step(name, command, args) {
  say(name);
  const { status, out } = capture(command, args, { maxBuffer: 1 << 26 });
  if (status === 0) return void (total.passed += 1);
  total.failed += 1;
  console.log(out);
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
  if (!existsSync(report)) return void (total.failed += 1);
  const { numPassedTests, numFailedTests, numFailedTestSuites } = JSON.parse(
    readFileSync(report, 'utf8'),
  );
  total.passed += numPassedTests;
  // A file that fails to load has no failed test of its own.
  total.failed +=
    numFailedTests + (numFailedTests === 0 && (numFailedTestSuites > 0 || code !== 0) ? 1 : 0);
}

async function answers(url) {
  for (let i = 0; i < 150; i++) {
    try {
      if ((await fetch(url)).ok) return;
    } catch {
      /* not yet */
    }
    await sleep(200);
  }
  throw new Stop('The application did not answer within 30 seconds.');
}

/** The production build on its own port, with the demo loaded. The limiter of requests is off: the fuzz test sends thousands. */
async function serve(url) {
  prepareDatabase(url);
  ensureBuild();
  const port = await freePort();
  const child = start(process.execPath, [NEXT, 'start', '-H', '127.0.0.1', '-p', String(port)], {
    env: {
      ...process.env,
      DATABASE_URL: url,
      VAST_CLEAT_LIMITER: 'off',
      NEXT_TELEMETRY_DISABLED: '1',
    },
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  const base = `http://127.0.0.1:${port}`;
  await answers(base);
  return { base, stop: () => child.kill('SIGTERM') };
}

await main(async () => {
  const began = Date.now();
  ensurePackages({ database: true, browser: true });
  ensureDependencies();
  step('lint', 'npm', ['run', '--silent', 'lint']);
  step('types', 'npm', ['run', '--silent', 'typecheck']);
  await vitest('unit');
  const cluster = await throwAwayCluster();
  let server = null;
  const clean = () => {
    server?.stop();
    cluster.stop();
    rmSync(reports, { recursive: true, force: true });
  };
  process.on('SIGINT', () => {
    clean();
    process.exit(130);
  });
  process.on('SIGTERM', () => {
    clean();
    process.exit(143);
  });
  try {
    await vitest('database', { DATABASE_URL: cluster.url });
    server = await serve(cluster.url);
    await vitest('end-to-end', { APP_URL: server.base, DATABASE_URL: cluster.url }, 2);
  } catch (error) {
    total.failed += 1;
    console.error(error);
  } finally {
    clean();
  }
  say(`took ${Math.round((Date.now() - began) / 1000)} s`);
  console.log(`${total.passed} passed, ${total.failed} failed`);
  process.exitCode = total.failed > 0 ? 1 : 0;
});
