import pg from 'pg';
import { lastAway } from '@/db/away';
import { patient } from '@/db/patience';

const ASK_AGAIN_MS = 1000;
const PATIENCE_MS = patient(2000);

/** Knows whether the database answers, without asking it more than once a second. */
export class DatabaseWatch {
  private readonly pool: pg.Pool;
  private asked: { at: number; answer: Promise<boolean> } | null = null;

  constructor(url: string) {
    this.pool = new pg.Pool({
      connectionString: url,
      max: 1,
      connectionTimeoutMillis: PATIENCE_MS,
      query_timeout: PATIENCE_MS,
    });
    this.pool.on('error', () => {});
  }

  /** Whether it answered within the last second, or does now. */
  answers(now = Date.now()): Promise<boolean> {
    const fresh = this.asked !== null && now - this.asked.at < ASK_AGAIN_MS;
    if (!fresh || lastAway() > this.asked!.at)
      this.asked = {
        at: now,
        answer: this.pool.query('SELECT 1').then(
          () => true,
          () => false,
        ),
      };
    return this.asked!.answer;
  }

  close(): Promise<void> {
    return this.pool.end();
  }
}
