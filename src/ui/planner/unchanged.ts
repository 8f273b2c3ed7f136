import equal from 'fast-deep-equal';
import type { Assessment } from '@/core/securement/assess';

/** What is as it was stays the thing it was: of many lines only those are drawn again of which something has changed. */
export function unchangedKept(before: Assessment, now: Assessment): Assessment {
  const known = new Map(before.lines.map((facts) => [facts.line, facts]));
  const lines = now.lines.map((facts) => {
    const old = known.get(facts.line);
    return old !== undefined && equal(old, facts) ? old : facts;
  });
  return { ...now, lines };
}
