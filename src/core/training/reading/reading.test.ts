import { describe, expect, it } from 'vitest';
import { chanceOf } from '../../chance';
import { assess } from '../../securement/assess';
import { LOCKER_NOT_ASKED } from '../../securement/locker-word';
import { faultsShown } from './faults';
import { askedToRead, READINGS, type ReadingQuestion } from './reading';

const SEEDS = 5000;

const question = (seed: number): ReadingQuestion => askedToRead(chanceOf(seed));

describe('a deck to be read', () => {
  it(`${SEEDS} by chance: one of four is so by the assessment, the others are not; every reading comes up`, () => {
    const seen = new Map<string, number>();
    for (let seed = 1; seed <= SEEDS; seed++) {
      const { answer, plan, assessment, options, lineIds } = question(seed);
      seen.set(answer, (seen.get(answer) ?? 0) + 1);
      const shown = faultsShown(assessment);
      expect(shown.length === 0 ? ['sound'] : shown, `seed ${seed}`).toEqual([answer]);
      expect(assessment.verdict === 'holds').toBe(answer === 'sound');
      expect(options).toHaveLength(4);
      expect(new Set(options).size).toBe(4);
      expect(options).toContain(answer);
      expect(options).toContain('sound');
      if (answer === 'one-side') expect(options).not.toContain('beyond-load');
      expect(lineIds.every((id) => plan.lines.some((l) => l.id === id))).toBe(true);
    }
    expect([...seen.keys()].toSorted()).toEqual([...READINGS].toSorted());
    // None so rare that it gives itself away.
    expect(Math.min(...seen.values())).toBeGreaterThan(SEEDS / READINGS.length / 2);
  });
  it('where lines are too few, one more strap would make it hold, and not one line is bad', () => {
    const few = Array.from({ length: 300 }, (_, i) => question(i + 1)).filter(
      (q) => q.answer === 'too-few',
    );
    expect(few.length).toBeGreaterThan(10);
    for (const { assessment } of few) {
      const bad = assessment.findings.filter((f) => f.effect !== 'notice' && f.lineId);
      expect(bad).toEqual([]);
      expect(['short', 'cannot-say']).toContain(assessment.verdict);
    }
  });
  it('the same seed is the same deck', () => {
    expect(JSON.stringify(question(11).plan)).toBe(JSON.stringify(question(11).plan));
    expect(assess(question(11).plan, LOCKER_NOT_ASKED).verdict).toBe(
      question(11).assessment.verdict,
    );
  });
});
