import { isIP } from 'node:net';
import next from 'next';
import { DatabaseWatch } from '@/server/front/database-watch';
import { Front } from '@/server/front/front';
import { readTrust } from '@/server/front/client';
import { keepJudging } from '@/server/keep-judging';
import { endThreads } from '@/server/jobs/pool';
import { log } from '@/server/log';
import { configuredStore, keepSending } from '@/server/statements';
import { tokens } from '@/ui/theme/tokens';

/** The application on one address. Started by the start script, which holds its other end: without it, it stops. */
const { DATABASE_URL, PUBLIC_URL, TRUST_PROXY } = process.env;
/** This machine alone, unless an address of it is given; what else a shell calls its host is of no account. */
const LOOPBACK = '127.0.0.1';
const host = isIP(process.env['HOST'] ?? '') ? process.env['HOST']! : LOOPBACK;
const port = Number(process.env['PORT']);
const dev = process.argv.includes('--dev');
if (!DATABASE_URL) throw new Error('DATABASE_URL is not set');

const trust = readTrust(TRUST_PROXY);
const database = new DatabaseWatch(DATABASE_URL);
let answer: ReturnType<ReturnType<typeof next>['getRequestHandler']> | null = null;
const front = new Front({
  handle: (request, response) => answer!(request, response),
  database,
  trust,
  publicUrl: PUBLIC_URL,
  tokens,
});
const app = next({ dev, dir: process.cwd(), hostname: host, port, httpServer: front.server });
await app.prepare();
answer = app.getRequestHandler();
if (dev) front.server.on('upgrade', app.getUpgradeHandler());
await front.listen(port, host);
log.info({ port, host }, 'listening');
process.send?.('listening');
const judging = keepJudging();
const store = configuredStore(process.env);
const sending = store ? keepSending(store) : null;

let stopping = false;
/** First no new requests, then those under way; what holds the database ends after us. */
async function stop(why: string): Promise<void> {
  if (stopping) return;
  stopping = true;
  judging.stop();
  sending?.stop();
  const cutOff = await front.stop();
  await endThreads();
  log.info({ why, cutOff }, 'stopped');
  process.exit(0);
}
process.on('SIGTERM', () => void stop('SIGTERM'));
process.on('SIGINT', () => void stop('SIGINT'));
process.on('SIGHUP', () => void stop('SIGHUP'));
process.on('disconnect', () => void stop('the start script is gone'));
