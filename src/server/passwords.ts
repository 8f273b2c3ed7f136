import { hash, verify } from '@node-rs/argon2';
import pLimit from 'p-limit';
import { refuse } from './problem';

/** Each hash takes 19 MiB and a processor for a while: more than these at once would starve everything else. */
const AT_ONCE = 2;
/** Whoever would have to wait behind so many had better come again. */
const MOST_WAITING = 40;
const turn = pLimit(AT_ONCE);

async function inTurn<T>(work: () => Promise<T>): Promise<T> {
  if (turn.pendingCount >= MOST_WAITING) throw refuse(503, 'busy', {}, [], { 'retry-after': '5' });
  return turn(work);
}

/** argon2id with the package's defaults (19 MiB, 2 passes: the OWASP minimum). @throws Refusal 503 when too many wait */
export const hashPassword = (password: string): Promise<string> => inTurn(() => hash(password));

/** Compared against when the name is unknown, so that the answer takes as long as for a known one. */
let decoy: Promise<string> | null = null;

/** Whether a password is the one of a hash; without a hash it takes as long and is not. @throws Refusal 503 when too many wait */
export async function matches(passwordHash: string | null, password: string): Promise<boolean> {
  decoy ??= hash('nobody');
  const known = passwordHash ?? (await decoy);
  return (await inTurn(() => verify(known, password))) && passwordHash !== null;
}
