import { migrate } from '@/db/migrate';
import { pool, transaction } from '@/db/pool';
import { allowApplication } from '@/db/roles';
import { anyCrew } from '@/db/queries/crews';
import { makeLogMonths } from '@/db/queries/log-entries';
import { anyDemo } from '@/db/queries/members';
import { loadDemo } from './lib/demo';

/** Brings the database up to date, lets the application's own role work in it, and loads the demo where it is wanted. */
const { DATABASE_URL: url, APPLICATION_URL: applicationUrl = url } = process.env;
if (!url || !applicationUrl) throw new Error('DATABASE_URL is not set');
await migrate(url);
await makeLogMonths(pool(), new Date());
if (applicationUrl !== url) await allowApplication(pool(), new URL(applicationUrl));
const wanted = process.argv.find((a) => a.startsWith('--demo='))?.slice('--demo='.length) ?? 'no';
const load =
  (wanted === 'if-empty' && !(await anyCrew(pool()))) ||
  (wanted === 'asked' && !(await anyDemo(pool())));
if (load) await transaction((db) => loadDemo(db));
await pool().end();
