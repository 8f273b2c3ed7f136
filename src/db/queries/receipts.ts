import { z } from 'zod';
import { type Database, maybeOne, one } from '../pool';

/** What was answered under a key. */
export interface Receipt {
  readonly requestHash: Buffer;
  readonly status: number;
  readonly answer: unknown;
}

/**
 * Takes a key for what is about to be done. Call inside the transaction that does it: whoever comes with the same key
 * meanwhile waits for its end. @returns the receipt when it was done before, else null
 */
export async function takeKey(
  db: Database,
  crewId: string,
  memberId: string,
  key: string,
  requestHash: Buffer,
  now: Date,
): Promise<Receipt | null> {
  const taken = await maybeOne(
    db,
    z.object({ key: z.uuid() }),
    'INSERT INTO receipt (crew_id, key, member_id, request_hash, at) VALUES ($1, $2, $3, $4, $5) ON CONFLICT DO NOTHING RETURNING key',
    [crewId, key, memberId, requestHash, now],
  );
  if (taken) return null;
  const row = await one(
    db,
    z.object({ request_hash: z.instanceof(Buffer), status: z.number(), answer: z.unknown() }),
    'SELECT request_hash, status, answer FROM receipt WHERE crew_id = $1 AND key = $2',
    [crewId, key],
  );
  return { requestHash: row.request_hash, status: row.status, answer: row.answer };
}

/** Keeps what was answered under a key, for a month. Call inside the same transaction. */
export async function keepReceipt(
  db: Database,
  crewId: string,
  key: string,
  status: number,
  answer: unknown,
): Promise<void> {
  await db.query('UPDATE receipt SET status = $3, answer = $4 WHERE crew_id = $1 AND key = $2', [
    crewId,
    key,
    status,
    JSON.stringify(answer),
  ]);
  await db.query(`DELETE FROM receipt WHERE at < now() - interval '31 days'`);
}
