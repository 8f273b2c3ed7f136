import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isBurst, type Keystroke } from './reader';

/** What a reader sends for a code: its characters and Enter, each so long after the one before. */
const burstOf = (code: string, gapMs: number): Keystroke[] =>
  [...code, 'Enter'].map((key, i) => ({ key, atMs: i * gapMs }));

describe('a tag reader that types', () => {
  it('is told from hands by its pace: every burst of the stand-in is heard, no typing is', () => {
    fc.assert(
      fc.property(
        fc.stringMatching(/^[A-Z0-9][A-Z0-9.-]{1,14}[A-Z0-9]$/),
        fc.integer({ min: 0, max: 40 }),
        fc.integer({ min: 60, max: 400 }),
        (code, fast, slow) => {
          const at = (gap: number): boolean => {
            const keys = burstOf(code, gap);
            return isBurst(keys.slice(0, -1), keys.at(-1)!.atMs);
          };
          expect(at(fast)).toBe(true);
          expect(at(slow)).toBe(false);
        },
      ),
    );
  });
  it('one slow key, too few keys, or what is no code is no burst', () => {
    const keys = burstOf('PE-12-1', 8);
    expect(isBurst(keys.slice(0, -1), keys.at(-1)!.atMs + 100)).toBe(false);
    expect(isBurst(burstOf('AB', 8).slice(0, -1), 16)).toBe(false);
    expect(isBurst(burstOf('so?no', 8).slice(0, -1), 40)).toBe(false);
  });
});
