import { BackupError, backUp, restore } from '@/db/backup/backup';

/** `backup FOLDER` and `restore FILE` for the database of DATABASE_URL; POSTGRES_BIN is where its programs are. */
const [what, at = ''] = process.argv.slice(2);
const { DATABASE_URL: url = '', POSTGRES_BIN: bin = '' } = process.env;
try {
  if (what === 'backup') {
    const file = await backUp(url, at, bin, new Date());
    console.log(`vast-cleat: kept in ${file}, with what it holds beside it`);
  } else {
    const tables = Object.values(await restore(url, at, bin));
    const rows = tables.reduce((n, t) => n + t.rows, 0);
    console.log(
      `vast-cleat: restored: ${rows} rows in ${tables.length} tables, each as it was kept`,
    );
  }
} catch (error) {
  console.error(error instanceof BackupError ? `vast-cleat: ${error.message}` : error);
  process.exitCode = 1;
}
