import { describe, expect, it } from 'vitest';
import { randomOf } from '../../tests/support/knots';
import { askedByChance, questionOf, RECKONING_IDS } from '@/core/training/reckoning/kinds';
import { METRIC, N_PER_LBF, US_CUSTOMARY } from '@/core/units';
import { askOf, RECKONING_TITLES, SLIP_WORDS } from './training';

describe('questions in words', () => {
  it.each(RECKONING_IDS)(
    '%s: asks something, in either system, with every figure there',
    (kind) => {
      const random = randomOf(99);
      for (let i = 0; i < 300; i++) {
        const question = askedByChance(kind, random);
        for (const units of [METRIC, US_CUSTOMARY]) {
          const words = askOf(question, units);
          expect(words.endsWith('?')).toBe(true);
          expect(words).not.toMatch(/NaN|undefined|Infinity|null/);
        }
      }
      expect(RECKONING_TITLES[kind].length).toBeGreaterThan(5);
    },
  );
  it('in the units of who is asked', () => {
    const question = questionOf('rope-line', {
      breakingN: 1800 * N_PER_LBF,
      divisor: 5,
      knots: [0.6, 0.45],
      wet: true,
      fittingN: 150 * N_PER_LBF,
    });
    expect(askOf(question, US_CUSTOMARY).replaceAll('\u00a0', ' ')).toBe(
      'A new braided nylon rope breaks at 1,800 lbf dry, and it is wet. Design factor 5. At one end a knot that leaves 60 %, at the other one that leaves 45 %. The ring is marked WLL 150 lbf. What may the line carry?',
    );
    expect(askOf(question, METRIC)).toContain('8.007\u00a0kN');
  });
  it('every mistake is explained in a sentence', () => {
    for (const words of Object.values(SLIP_WORDS)) expect(words).toMatch(/^[A-Z].*\.$/);
  });
});
