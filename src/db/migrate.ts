import { fileURLToPath } from 'node:url';
import { runner } from 'node-pg-migrate';

/** Brings the database up to the newest migration. Takes an advisory lock, so several starts at once are safe. */
export async function migrate(databaseUrl: string): Promise<number> {
  const applied = await runner({
    databaseUrl,
    dir: fileURLToPath(new URL('./migrations', import.meta.url)),
    direction: 'up',
    migrationsTable: 'migration',
    log: () => {},
    checkOrder: true,
    singleTransaction: true,
  });
  return applied.length;
}
