import { createHash } from 'node:crypto';
import { validate as isUuid } from 'uuid';
import { type Database, transaction } from '@/db/pool';
import type { Member } from '@/db/queries/members';
import { keepReceipt, takeKey } from '@/db/queries/receipts';
import { refuse } from './problem';
import { json } from './route';

/** Names a record: whoever sends it again after a lost answer gets the first answer, and it is done once. */
export const KEY_HEADER = 'idempotency-key';

/** What is recorded, as far as it is told apart from another record under the same key. */
interface Call {
  readonly request: Request;
  readonly body?: unknown;
  readonly member: Member;
  readonly now: Date;
}

export interface Done {
  readonly status: number;
  readonly body: unknown;
  readonly headers?: Record<string, string>;
}

const hashOf = ({ request, body }: Call): Buffer =>
  createHash('sha256')
    .update(
      `${request.method} ${new URL(request.url).pathname}${new URL(request.url).search}\n${JSON.stringify(body ?? null)}`,
    )
    .digest();

const answered = ({ status, body, headers }: Done): Response => json(body, status, headers);

/**
 * Does something that is recorded, in one transaction, once for each key. Without a key it is done each time it is sent.
 * What is refused leaves no trace: the key is still good.
 * @throws Refusal 422 when the key is none, or was used for something else
 */
export async function once(
  call: Call,
  work: (db: Database) => Promise<Done>,
  run: typeof transaction = transaction,
): Promise<Response> {
  const key = call.request.headers.get(KEY_HEADER);
  if (key === null) return answered(await run(work));
  if (!isUuid(key)) throw refuse(422, 'key-unusable', {}, [KEY_HEADER]);
  const { crewId, id } = call.member;
  const hash = hashOf(call);
  return run(async (db) => {
    const before = await takeKey(db, crewId, id, key, hash, call.now);
    if (before && !before.requestHash.equals(hash)) throw refuse(422, 'key-used', {}, [KEY_HEADER]);
    if (before) {
      const { status, answer } = before;
      return json(answer, status, { 'idempotency-replayed': 'true' });
    }
    const done = await work(db);
    await keepReceipt(db, crewId, key, done.status, done.body);
    return answered(done);
  });
}
