import { describe, expect, it } from 'vitest';
import { randomOf } from '../../../../tests/support/knots';
import { UNITS } from '../../units';
import { askedByChance, type Question, RECKONING_IDS } from './kinds';
import { dimensionOf, hiddenLevels, levelsOf, mark, markLevel, TOLERANCE } from './mark';
import { oneOf, roundNumber, shuffled } from '../../chance';
import { SLIPS, type SlipCode } from './reckoning';

const QUESTIONS = 5000;
/** In the units of its dimension, each written so finely that rounding is far below the tolerance. */
const typedIn = (question: Question, value: number): string[] =>
  Object.entries(UNITS)
    .filter(([, u]) => u.dimension === dimensionOf(question))
    .map(([id, u]) => `${(value / u.si).toFixed(9)} ${id}`);

describe.each(RECKONING_IDS)('%s', (kind) => {
  const random = randomOf(20_261_130);
  const questions = Array.from({ length: QUESTIONS }, () => askedByChance(kind, random));
  it(`${QUESTIONS} by chance: one right answer, every slip another figure`, () => {
    for (const { facts, reckoned } of questions) {
      const right = reckoned.sheet.value!;
      expect(right, JSON.stringify(facts)).toBeGreaterThan(0);
      const figures = [right, ...reckoned.slips.map((s) => s.value)];
      for (const [i, a] of figures.entries())
        for (const b of figures.slice(i + 1))
          expect(Math.abs(a - b), JSON.stringify(facts)).toBeGreaterThan(
            2 * TOLERANCE * Math.max(a, b),
          );
    }
  });
  it('almost every question has a mistake to be recognised', () =>
    expect(questions.filter((q) => q.reckoned.slips.length > 0).length).toBeGreaterThan(
      0.9 * QUESTIONS,
    ));
  it('the right answer is right in every unit, at both ends of what is allowed; each slip is told as itself', () => {
    for (const question of questions.slice(0, 400)) {
      const { sheet, slips } = question.reckoned;
      for (const off of [0, 0.99 * TOLERANCE, -0.99 * TOLERANCE])
        for (const typed of typedIn(question, sheet.value! * (1 + off)))
          expect(mark(question, typed, 'N'), typed).toMatchObject({
            ok: true,
            value: { kind: 'right' },
          });
      for (const slip of slips)
        expect(mark(question, typedIn(question, slip.value)[0]!, 'N')).toMatchObject({
          ok: true,
          value: { kind: 'slip', code: slip.code },
        });
    }
  });
  it('levels are reckoned one by one, each from figures before it or given, the answer last', () => {
    for (const { reckoned } of questions.slice(0, 200)) {
      const levels = levelsOf(reckoned.sheet);
      expect(levels.at(-1)).toBe(reckoned.sheet);
      levels.forEach((level, i) => {
        for (const input of level.inputs.filter((w) => w.formula !== ''))
          expect(levels.slice(0, i).some((l) => l.label === input.label)).toBe(true);
      });
    }
  });
});

describe('marking', () => {
  const question = askedByChance('hauling', randomOf(3));
  it('what is no quantity, or no force, is not marked but said', () => {
    expect(mark(question, 'about ninety', 'N')).toMatchObject({ ok: false });
    expect(mark(question, '', 'N')).toMatchObject({ ok: false });
    expect(mark(question, '12 m', 'N')).toMatchObject({ ok: false });
  });
  it('any other figure is wrong', () =>
    expect(mark(question, '1 N', 'N')).toMatchObject({ ok: true, value: { kind: 'wrong' } }));
});

describe('slips', () => {
  it('each comes up by chance, except those that only an answer can show', () => {
    const random = randomOf(7);
    const seen = new Set<SlipCode>();
    for (const kind of RECKONING_IDS)
      for (let i = 0; i < 600; i++)
        for (const { code } of askedByChance(kind, random).reckoned.slips) seen.add(code);
    expect(SLIPS.filter((code) => !seen.has(code))).toEqual(['dan-as-kgf']);
  });
});

describe('numbers by chance', () => {
  it('stay within their ends and on their steps', () => {
    const random = randomOf(11);
    const seen = new Set<number>();
    for (let i = 0; i < 2000; i++) seen.add(roundNumber(random, 10, 30, 5));
    expect([...seen].sort((a, b) => a - b)).toEqual([10, 15, 20, 25, 30]);
    expect(oneOf(() => 0.999_999, [1, 2, 3])).toBe(3);
    expect(oneOf(() => 0, [1, 2, 3])).toBe(1);
    // A generator that gives 1 itself does not fall off the end.
    expect(roundNumber(() => 1, 10, 30, 5)).toBe(30);
    expect(oneOf(() => 1, [1, 2, 3])).toBe(3);
    expect(shuffled(() => 1, [1, 2, 3]).sort()).toEqual([1, 2, 3]);
  });
});

describe('one step at a time', () => {
  const random = randomOf(77);
  const questions = RECKONING_IDS.flatMap((kind) =>
    Array.from({ length: 60 }, () => askedByChance(kind, random)),
  );
  it('every step typed as the core has it is right, three per cent beside it is not', () => {
    for (const question of questions) {
      const levels = levelsOf(question.reckoned.sheet);
      expect(hiddenLevels(question)).toHaveLength(levels.length);
      levels.forEach((step, i) => {
        const { dimension } = hiddenLevels(question)[i]!;
        const unit = dimension === 'force' ? 'N' : dimension === 'mass' ? 'kg' : 'm';
        const typed = (factor: number): string =>
          `${step.value! * factor}${dimension === 'angle' ? ' rad' : ''}`;
        const marked = (factor: number) => markLevel(question, i, typed(factor), unit);
        expect(marked(1), `${question.kind} ${step.label} ${typed(1)}`).toEqual({
          ok: true,
          value: true,
        });
        if (step.value !== 0) expect(marked(1.03)).toEqual({ ok: true, value: false });
      });
    }
  });
  it('no figure of a step stands in what is shown of it before', () => {
    for (const question of questions) {
      const shown = JSON.stringify(hiddenLevels(question));
      for (const { value } of levelsOf(question.reckoned.sheet))
        expect(shown).not.toContain(String(value).slice(0, 7).padEnd(4, '~'));
    }
  });
  it('a part may be typed as per cents; what is no number is refused, and so is a step there is not', () => {
    const question = questions.find((q) => hiddenLevels(q).some((l) => l.dimension === null))!;
    const i = hiddenLevels(question).findIndex((l) => l.dimension === null);
    const { value } = levelsOf(question.reckoned.sheet)[i]!;
    expect(markLevel(question, i, `${value! * 100} %`, 'N')).toEqual({ ok: true, value: true });
    expect(markLevel(question, i, 'a lot', 'N').ok).toBe(false);
    expect(markLevel(question, 40, '1', 'N').ok).toBe(false);
  });
});
