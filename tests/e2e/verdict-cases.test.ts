import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { request } from '../support/api';

interface Case {
  readonly name: string;
  readonly expected: string;
  readonly plan: unknown;
}
const folder = new URL('../verdict/cases/', import.meta.url);
const cases = readdirSync(folder)
  .filter((f) => f.endsWith('.json'))
  .sort()
  .map((f) => JSON.parse(readFileSync(new URL(f, folder), 'utf8')) as Case);

interface Assessed {
  readonly verdict: string;
  readonly findings: readonly {
    code: string;
    effect: string;
    message: string;
    lineId?: string;
    elementId?: string;
  }[];
  readonly statics: readonly {
    direction: string;
    heldG: number | null;
    verdict: string;
    mechanismInWords: string;
  }[];
  readonly lines: readonly { wllN: number | null }[];
}

describe('plans that were judged wrongly, through the programming interface', () => {
  it.each(cases.map((c) => [c.name, c] as const))('%s', async (_, { expected, plan }) => {
    const { status, json } = await request('POST', '/assess', { body: plan });
    const a = json as unknown as Assessed;
    expect(status).toBe(200);
    const right = {
      holds: a.verdict === 'holds',
      short: a.verdict === 'short',
      barred: a.verdict === 'barred',
      'cannot-say': a.verdict === 'cannot-say' || a.verdict === 'short',
      'short or holds': a.verdict === 'short' || a.verdict === 'holds',
      'a finding': a.verdict !== 'holds' && a.findings.length > 0,
      'a finding, not holds': a.verdict !== 'holds' && a.findings.length > 0,
      'wll 1800': a.lines[0]!.wllN === 1800,
      'wll 1000': a.lines[0]!.wllN === 1000,
      'wll 1800 or cannot-say':
        a.verdict === 'cannot-say' || a.verdict === 'short' || a.lines[0]!.wllN === 1800,
    }[expected];
    expect(right, `${expected}, got ${a.verdict}`).toBe(true);
    // Both opinions come with it, each direction with what gives way, each finding in words and at its place.
    expect(new Set(a.statics.map((r) => r.direction)).size).toBeGreaterThanOrEqual(4);
    for (const r of a.statics) expect(r.mechanismInWords.length).toBeGreaterThan(5);
    for (const f of a.findings) {
      expect(f.message).not.toBe(f.code);
      if (f.elementId) expect(f.lineId).toBeDefined();
    }
  });
  it('all of them', () => expect(cases).toHaveLength(37));
});
