import { type Reading, type Unreadable, issuesOfUnreadable } from '@/core/exchange/read';
import type { Issue } from '@/core/result';

/** A document that is kept but cannot be read by this program. It stays untouched. */
export class UnreadableError extends Error {
  constructor(readonly why: Unreadable) {
    super(`document ${why.reason}`);
  }

  /** The reason in codes that have words. */
  get issues(): readonly Issue[] {
    if (this.why.reason !== 'broken') return issuesOfUnreadable(this.why);
    const path = this.why.issues[0]?.path.join(' › ') ?? '';
    return [{ code: 'document-broken', path: [], values: { path } }];
  }
}

/** What was read. @throws UnreadableError */
export function readable<T>(reading: Reading<T>): T {
  if (!reading.ok) throw new UnreadableError(reading.why);
  return reading.value;
}
