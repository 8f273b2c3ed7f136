import equal from 'fast-deep-equal';
import type { Assessment } from '@/core/securement/assess';

/**
 * What is as it was stays the thing it was: of many lines only those are drawn again of which something has changed. In steps, a
 * line each: there is much to compare.
 */
export function* keepingUnchanged(
  before: Assessment,
  now: Assessment,
): Generator<void, Assessment> {
  const known = new Map(before.lines.map((facts) => [facts.line, facts]));
  const lines: Assessment['lines'][number][] = [];
  for (const facts of now.lines) {
    yield;
    const old = known.get(facts.line);
    lines.push(old !== undefined && equal(old, facts) ? old : facts);
  }
  return { ...now, lines };
}
