import { describe, expect, it } from 'vitest';
import { allForms } from '../catalogue';
import { after, formsIn, LOOK_ALIKES, type Question } from './sets';

const names = new Set(allForms().map((f) => f.name));

/** All rows of answers that end at a form, with the form. */
function ends(question: Question, path: readonly number[] = []): [readonly number[], string][] {
  return question.answers.flatMap((a, i): [readonly number[], string][] =>
    typeof a.then === 'string' ? [[[...path, i], a.then]] : ends(a.then, [...path, i]),
  );
}

describe('look-alikes', () => {
  it.each(LOOK_ALIKES.map((s) => [s.id, s] as const))(
    '%s: every picture and every end is a form; each form is reached in two or three looks, by one way',
    (_, { question }) => {
      for (const form of formsIn(question)) expect(names).toContain(form);
      const reached = ends(question);
      expect(new Set(reached.map(([, form]) => form)).size).toBe(reached.length);
      for (const [path, form] of reached) {
        expect(path.length).toBeLessThanOrEqual(3);
        expect(after(question, path)).toBe(form);
      }
    },
  );
  it('an answer that is not there leads nowhere', () => {
    const { question } = LOOK_ALIKES[0]!;
    expect(after(question, [7])).toBeNull();
    expect(after(question, [1, 0])).toBeNull();
    expect(after(question, [])).toBe(question);
  });
  it('a mistake and what it is mistaken for stand in one set', () => {
    for (const { question } of LOOK_ALIKES) {
      const reached = ends(question).map(([, form]) => form);
      for (const f of allForms().filter((x) => x.wrong && reached.includes(x.name)))
        expect(reached.some((r) => r.startsWith(`${f.entry.id}/`) && !r.includes('/wrong-'))).toBe(
          true,
        );
    }
  });
});
