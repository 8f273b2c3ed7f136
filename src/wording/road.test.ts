import { describe, expect, it } from 'vitest';
import { roadClock } from '@/core/securement/road/clock';
import { wordDue } from './due';
import { wordChecksToCome, wordClock, wordFound } from './road';

const now = new Date('2026-11-29T08:48:00.000Z');
const off = { occasion: 'before-driving', at: '2026-11-29T08:00:00.000Z', drivenM: null } as const;

describe('when lines are to be checked', () => {
  it('is said in minutes, then in hours, and when it is overdue', () => {
    expect(wordDue('2026-11-29T09:00:30.000Z', now)).toBe('check due in 12 min');
    expect(wordDue('2026-11-29T11:00:00.000Z', now)).toBe('check due in 2 h 12 min');
    expect(wordDue('2026-11-29T08:43:00.000Z', now)).toBe('check overdue by 5 min');
  });
  it('names what may come first, in the driver’s units, and the rule', () => {
    expect(wordClock(roadClock('us-cmv', [off], 180), now, 'us')).toBe(
      'Check due in 12 min, or at 50 miles driven, or at a change of duty, whichever is first (49 CFR 392.9(b)).',
    );
    expect(wordClock(roadClock('eu-road', [off], 180), now, 'metric')).toBe(
      'Check due in 12 min (your crew’s interval).',
    );
    expect(wordClock(roadClock('eu-road', [], 180), now, 'metric')).toBe(
      'Check every line before driving.',
    );
  });
  it('stands on a card as lines for initials; nothing where nothing is driven', () => {
    expect(wordChecksToCome('us-cmv', roadClock('us-cmv', [], 180), 'us')).toEqual([
      'Before driving',
      'Within the first 50 miles',
      'Then every 150 miles or 3 h',
      'At a change of duty',
    ]);
    expect(wordChecksToCome('eu-road', roadClock('eu-road', [off], 180), 'metric')[0]).toBe(
      'Next: by 09:00 UTC',
    );
    expect(wordChecksToCome('site', roadClock('site', [off], 180), 'metric')).toEqual([]);
  });
});

describe('what was found on a line', () => {
  const line = { lineId: 'l', name: 'Over 1' };
  it('says first what to do', () => {
    expect(wordFound({ ...line, slackTimes: 1, damaged: false })).toContain('look at it first');
    expect(wordFound({ ...line, slackTimes: 2, damaged: false })).toContain('slack 2 times');
    expect(wordFound({ ...line, slackTimes: 5, damaged: true })).toContain('do not drive on');
  });
});
