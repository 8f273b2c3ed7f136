import { describe, expect, it } from 'vitest';
import { demoPlan } from '../../tests/support/demo';
import { METRIC, UNIT_CHOICES } from '@/core/units';
import {
  wordAgainst,
  wordCheaper,
  wordEnoughCost,
  wordEnoughProgress,
  wordProposed,
  wordWhy,
} from './enough';

const plain = (text: string): string => text.replaceAll('\u00a0', ' ');
const about = {
  by: 'statics',
  code: 'statics',
  direction: 'forward',
  unit: 'g',
  clause: '',
  required: 0.5,
} as const;
const short = { kind: 'compared', about, needs: 0.55, reached: 0.4126 } as const;

describe('what is enough, in words', () => {
  it('says what it costs, in the units of who reads it', () => {
    const cost = { lines: 1, ropeDm: 63, steps: 6 };
    expect(plain(wordEnoughCost(cost, METRIC))).toBe(
      '1 line, 6.30 m of rope and strap, 6 things to do',
    );
    expect(wordEnoughCost(cost, UNIT_CHOICES.us)).toContain('ft');
    expect(wordEnoughCost({ lines: 0, ropeDm: 0, steps: 0 }, METRIC)).toBe('no line at all');
  });
  it('rounds what is reached down and what is asked up', () => {
    expect(plain(wordAgainst(short, METRIC))).toBe('0.412 g of 0.550 g forward, by statics');
    expect(plain(wordAgainst({ ...short, reached: null }, METRIC))).toContain('nobody can say');
  });
  it('tells what is certain from what was only tried', () => {
    expect(wordCheaper({ kind: 'short', surely: true, against: short }, '2 lines', METRIC)).toMatch(
      /^With 2 lines, at most: 0.412/,
    );
    expect(
      wordCheaper({ kind: 'short', surely: false, against: short }, '2 lines', METRIC),
    ).toMatch(/^With 2 lines, the best that was tried: 0.412/);
    expect(wordCheaper({ kind: 'none' }, 'less rope', METRIC)).toContain('not the things');
  });
  it('says how far a search is', () => {
    const far = { least: 2, steps: 9, judged: 3, best: null };
    expect(wordEnoughProgress(far, METRIC)).toBe(
      'Looking: 3 securements judged; fewer than 2 lines are not enough.',
    );
  });
  it('says what is open where it was not looked through: lines, or rope', () => {
    const found = { cost: { lines: 3, ropeDm: 200, steps: 9 } };
    const told = (open: { lines: number; ropeDm: number } | null): string =>
      plain(
        wordWhy(
          {
            refused: [],
            found,
            open,
            why: null,
            nothing: null,
            against: null,
            pairsLeftOut: 0,
          } as never,
          METRIC,
        )[0]!,
      );
    expect(told(null)).toBe('Nothing cheaper is enough: everything was looked through.');
    expect(told({ lines: 2, ropeDm: 0 })).toContain('whether 2 lines could be enough is open');
    expect(told({ lines: 3, ropeDm: 180 })).toContain('up to 2.00 m less rope is not ruled out');
  });
  it('says what was not tried', () => {
    const none = { refused: [], found: null, open: null, why: null, nothing: null };
    const [said] = wordWhy({ ...none, against: null, pairsLeftOut: 7 } as never, METRIC);
    expect(said).toContain('7 more askew were not');
  });
  it('names what to lay: the rope, its rings and the pull', () => {
    const plan = demoPlan('carousel-crate');
    const words = plain(
      wordProposed({ kind: 'add', line: plan.lines[0]! }, plan.deck.anchors, METRIC),
    );
    expect(words).toMatch(/^Over, rear third: .+, ring R2 to ring L2; pull \d+ N$/);
    expect(wordProposed({ kind: 'mats' }, [], METRIC)).toContain('mats');
  });
});
