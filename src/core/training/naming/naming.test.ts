import { describe, expect, it } from 'vitest';
import { randomOf } from '../../../../tests/support/knots';
import { allForms, entryOf } from '../../knot/catalogue';
import KNOWN from '../../knot/trace/known.json';
import { entryIdOf, type Known } from '../../knot/trace/known';
import { askedToName } from './naming';

const known: Known = KNOWN;
const QUESTIONS = 5000;

describe('which knot is it?', () => {
  const random = randomOf(4_242);
  const questions = Array.from({ length: QUESTIONS }, () => askedToName(known, random));
  it(`${QUESTIONS} by chance: four knots that exist, each once, one of them right`, () => {
    for (const { form, options, frame } of questions) {
      expect(new Set(options).size).toBe(4);
      expect(options.every((id) => entryOf(id) !== null)).toBe(true);
      expect(options.filter((id) => id === form.entry.id)).toHaveLength(1);
      expect(form.wrong).toBe(false);
      expect(frame).toBeLessThan(4);
    }
  });
  it('no other answer is right as well: none of them has what is shown under its own name', () => {
    const prints = new Map(known.map((k) => [k.name, k.prints]));
    for (const { form, options } of questions) {
      const shown = new Set(prints.get(form.name));
      for (const id of options.filter((o) => o !== form.entry.id))
        for (const k of known.filter((x) => entryIdOf(x.name) === id))
          expect(
            k.prints.filter((p) => shown.has(p)),
            `${form.name} and ${k.name}`,
          ).toEqual([]);
    }
  });
  it('every right form comes up, from both sides and with either hand; the right place is any', () => {
    const names = new Set(questions.map((q) => q.form.name));
    expect([...names].length).toBe(allForms().filter((f) => !f.wrong).length);
    for (const side of ['mine', 'facing'] as const)
      for (const leftHanded of [true, false])
        expect(
          questions.filter((q) => q.view.side === side && q.view.leftHanded === leftHanded).length,
        ).toBeGreaterThan(QUESTIONS / 5);
    for (const place of [0, 1, 2, 3])
      expect(
        questions.filter((q) => q.options.indexOf(q.form.entry.id) === place).length,
      ).toBeGreaterThan(QUESTIONS / 5);
  });
});
