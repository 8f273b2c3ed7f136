import { describe, expect, it } from 'vitest';
import { randomOf } from '../../../../tests/support/knots';
import { entryOf } from '../../knot/catalogue';
import { SUITS } from '../../knot/which/suits';
import { whichKnots } from '../../knot/which/which';
import { askedToChoose, CHOSEN_FOR } from './choosing';

const QUESTIONS = 5000;

describe('which knot for it?', () => {
  const random = randomOf(90_210);
  const questions = Array.from({ length: QUESTIONS }, () => askedToChoose(random));
  it(`${QUESTIONS} by chance: four knots, each once; one suits without any care, the others do not`, () => {
    for (const { job, conditions, options } of questions) {
      expect(new Set(options.map((o) => o.entry)).size).toBe(4);
      const which = whichKnots({ job, conditions }, 'polyester');
      const suits = new Map(which.suits.map((c) => [c.entry.id, c]));
      const out = new Set(which.out.map((c) => c.entry.id));
      for (const o of options) {
        if (o.is === 'suits') {
          expect(suits.get(o.entry)!.reasons.every((r) => r.says === 'suits')).toBe(true);
        } else {
          expect(suits.has(o.entry), `${job} ${o.entry}`).toBe(false);
          expect(out.has(o.entry)).toBe(o.is === 'out');
          if (o.is === 'out') expect(o.reasons.length).toBeGreaterThan(0);
        }
      }
      expect(options.filter((o) => o.is === 'suits')).toHaveLength(1);
    }
  });
  it('a knot for something else is of no family of which another serves', () => {
    for (const { job, options } of questions)
      for (const o of options.filter((x) => x.is === 'for something else')) {
        expect(SUITS[o.entry].jobs).not.toContain(job);
        expect(SUITS[o.entry].jobs.length).toBeGreaterThan(0);
        const { family } = entryOf(o.entry)!;
        expect(options.some((x) => x.is === 'suits' && entryOf(x.entry)!.family === family)).toBe(
          false,
        );
      }
  });
  it('every job that leaves a choice comes up', () => {
    expect(new Set(questions.map((q) => q.job)).size).toBe(CHOSEN_FOR.length);
    expect(CHOSEN_FOR.length).toBeGreaterThan(10);
  });
});
