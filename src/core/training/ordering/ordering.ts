import { allForms, type NamedForm } from '../../knot/catalogue';
import type { Shown, TiedForm } from '../../knot/catalogue/entry';
import { type Chance, oneOf, shuffled } from '../../chance';

/** Fewer steps are no order to find, more are not overlooked on a phone. */
const FEWEST = 3;
const MOST = 7;

/** How far a picture of a step goes; null where it does not follow from the picture what comes before it. */
function reach(shown: Shown): number | null {
  if (shown === 'drawn up') return Infinity;
  if (shown === 'whole') return Number.MAX_VALUE;
  return 'upTo' in shown ? shown.upTo.reduce((sum, u) => sum + u, 0) : null;
}

/** Whether each step shows all that the one before it showed, and more: then their pictures have one order only. */
function growing(steps: TiedForm['steps']): boolean {
  const reached = steps.map((s) => reach(s.shown));
  const rising = reached.every((r, i) => r !== null && (i === 0 || r > reached[i - 1]!));
  const each = steps.every(({ shown }, i) => {
    const before = steps[i - 1]?.shown;
    if (typeof shown === 'string' || typeof before !== 'object' || !('upTo' in before)) return true;
    return 'upTo' in shown && before.upTo.every((u, rope) => u <= (shown.upTo[rope] ?? 0));
  });
  return rising && each;
}

const stepsOf = (f: NamedForm): TiedForm['steps'] => (f.form as TiedForm).steps;

/** Forms whose steps can be put in order from their pictures. */
export const ORDERED: readonly NamedForm[] = allForms().filter(
  (f) =>
    !f.wrong && stepsOf(f).length >= FEWEST && stepsOf(f).length <= MOST && growing(stepsOf(f)),
);

/** Steps as they are laid out to be ordered: `steps[shown[0]]` is the first picture. */
export interface OrderingQuestion {
  readonly form: NamedForm;
  readonly leftHanded: boolean;
  readonly shown: readonly number[];
}

/** By chance: a form, a hand, and its steps mixed, never as they are right already. */
export function askedToOrder(chance: Chance): OrderingQuestion {
  const form = oneOf(chance, ORDERED as [NamedForm, ...NamedForm[]]);
  const leftHanded = chance() < 0.5;
  const right = stepsOf(form).map((_, i) => i);
  let shown = shuffled(chance, right);
  if (shown.every((s, i) => s === i)) shown = [...right.slice(1), 0];
  return { form, leftHanded, shown };
}

/** The right order of the pictures, as numbers of places they are shown at. */
export const rightOrder = ({ shown }: OrderingQuestion): number[] =>
  shown.map((_, step) => shown.indexOf(step));

/** From which place on an order is not right; null where all is. */
export function firstMisplaced(
  question: OrderingQuestion,
  order: readonly number[],
): number | null {
  const wrong = rightOrder(question).findIndex((place, i) => order[i] !== place);
  return wrong < 0 ? null : wrong;
}
