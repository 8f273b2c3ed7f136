import { describe, expect, it } from 'vitest';
import { DONE_UNDER_IDS } from '../standing/done-under';
import { nextUnder, type Tied, timesUnder, tyingSummary } from './tying';

const tied = (under: Tied['under'], ...times: (number | 'fumbled')[]): Tied[] =>
  times.map((t) =>
    t === 'fumbled'
      ? { under, tookMs: 30_000, clean: false }
      : { under, tookMs: t * 1000, clean: true },
  );

describe('times', () => {
  it('best, typical, fumbles and how many clean ones running', () => {
    expect(timesUnder('gloves', tied('gloves', 12, 'fumbled', 9, 15, 11))).toEqual({
      under: 'gloves',
      tied: 5,
      fumbled: 1,
      running: 3,
      bestMs: 9000,
      typicalMs: 12_000,
    });
    expect(timesUnder('gloves', tied('gloves', 12, 9))).toMatchObject({
      running: 2,
      typicalMs: 12_000,
    });
    expect(timesUnder('gloves', tied('gloves', 9, 'fumbled'))).toMatchObject({ running: 0 });
    expect(timesUnder('gloves', [])).toMatchObject({ running: 0, bestMs: null, typicalMs: null });
  });
  it('of one condition say nothing of another', () => {
    const times = [...tied('on-a-bar', 5, 5), ...tied('gloves', 20)];
    expect(timesUnder('on-a-bar', times)).toMatchObject({ tied: 2, bestMs: 5000 });
  });
});

describe('what to tie under next', () => {
  it('one new condition at a time, after three clean running; a fumble begins anew', () => {
    expect(nextUnder([])).toBe('on-a-bar');
    expect(nextUnder(tied('on-a-bar', 9, 9))).toBe('on-a-bar');
    expect(nextUnder(tied('on-a-bar', 9, 9, 9))).toBe('on-the-thing');
    expect(nextUnder(tied('on-a-bar', 9, 9, 9, 'fumbled'))).toBe('on-a-bar');
    expect(nextUnder([...tied('on-a-bar', 9, 9, 9), ...tied('on-the-thing', 9, 9, 9)])).toBe(
      'gloves',
    );
  });
  it('where all is sure, the hardest', () => {
    const all = DONE_UNDER_IDS.flatMap((under) => tied(under, 9, 9, 9));
    expect(nextUnder(all)).toBe(DONE_UNDER_IDS.at(-1));
    expect(tyingSummary(all).by).toHaveLength(DONE_UNDER_IDS.length);
  });
});
