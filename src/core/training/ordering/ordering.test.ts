import { describe, expect, it } from 'vitest';
import { randomOf } from '../../../../tests/support/knots';
import type { TiedForm } from '../../knot/catalogue/entry';
import { askedToOrder, firstMisplaced, ORDERED, rightOrder } from './ordering';

const QUESTIONS = 5000;

describe('steps in order', () => {
  const random = randomOf(5_150);
  const questions = Array.from({ length: QUESTIONS }, () => askedToOrder(random));
  it(`${QUESTIONS} by chance: never in order already; one order is right, every other is not`, () => {
    for (const q of questions) {
      const order = rightOrder(q);
      expect(q.shown.every((s, i) => s === i)).toBe(false);
      expect(order.map((place) => q.shown[place])).toEqual(q.shown.map((_, i) => i));
      expect(firstMisplaced(q, order)).toBeNull();
      const [i, j] = [0, 1 + Math.floor(random() * (order.length - 1))];
      const swapped = order.with(i, order[j]!).with(j, order[i]!);
      expect(firstMisplaced(q, swapped)).toBe(0);
    }
  });
  it('each picture shows all that the one before it shows, and more: no two could change places', () => {
    for (const { form } of ORDERED.map((form) => ({ form }))) {
      const { steps } = form.form as TiedForm;
      const length = (i: number): number => {
        const { shown } = steps[i]!;
        if (typeof shown === 'string') return shown === 'whole' ? 1e6 : 1e7;
        return 'upTo' in shown ? shown.upTo.reduce((a, b) => a + b, 0) : NaN;
      };
      for (let i = 1; i < steps.length; i++)
        expect(length(i), `${form.name} ${i}`).toBeGreaterThan(length(i - 1));
    }
  });
  it('every form that can be ordered comes up, with either hand', () => {
    expect(new Set(questions.map((q) => q.form.name)).size).toBe(ORDERED.length);
    expect(questions.filter((q) => q.leftHanded).length).toBeGreaterThan(QUESTIONS / 3);
  });
});
