import { migrate } from '@/db/migrate';
import { pool, transaction } from '@/db/pool';
import { anyCrew } from '@/db/queries/crews';
import { loadDemo } from './lib/demo';

/** Brings the database up to date; with --demo loads the demo when the database is empty. */
const url = process.env['DATABASE_URL'];
if (!url) throw new Error('DATABASE_URL is not set');
await migrate(url);
if (process.argv.includes('--demo') && !(await anyCrew(pool())))
  await transaction((db) => loadDemo(db));
await pool().end();
