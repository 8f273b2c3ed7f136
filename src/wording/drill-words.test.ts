import { describe, expect, it } from 'vitest';
import { wordAgain, wordSeconds } from './drill-words';

describe('when something is asked again', () => {
  const now = new Date('2026-06-01T07:00:00Z');
  it.each([
    ['2026-06-01T07:10:00Z', 'in a few minutes'],
    ['2026-06-02T07:00:00Z', 'tomorrow'],
    ['2026-06-13T08:00:00Z', 'in 12 days'],
  ])('%s: %s', (dueAt, words) => expect(wordAgain(dueAt, now)).toBe(words));
});

describe('a time of tying', () => {
  it.each([
    [null, '–'],
    [900, '0.9\u00a0s'],
    [12_440, '12.4\u00a0s'],
    [59_960, '1\u00a0min 00\u00a0s'],
    [125_000, '2\u00a0min 05\u00a0s'],
  ])('%s ms: %s', (ms, words) => expect(wordSeconds(ms)).toBe(words));
});
