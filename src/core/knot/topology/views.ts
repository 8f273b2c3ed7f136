import type { Form } from '../form/form';
import { type Closure, eachToItself, outward } from './closure';
import { cutDiagram, type Tip, tipsOf } from './cut-diagram';
import type { Diagram } from './diagram';

/**
 * How a form is closed for proving.
 * `ends`: every rope joined to itself, fixtures too, ropes in front of the fixtures' closing arcs; `behind`: the arcs
 * the other way round; `bend`: standing parts (starts) joined and tails joined; `cut n`: the rope cut at its nth bight;
 * `cut all`: at all its bights together.
 */
export type ClosureName = 'ends' | 'behind' | 'bend' | `cut ${number}` | 'cut all';

/** A diagram with the way it is to be closed. */
export interface ProofView {
  readonly name: ClosureName;
  readonly diagram: Diagram;
  readonly closure: Closure;
}

/** Standing parts joined over the top, tails below. */
const BEND: Closure = [
  [
    { rope: 0, end: 'start' },
    { rope: 1, end: 'start' },
  ],
  [
    { rope: 0, end: 'end' },
    { rope: 1, end: 'end' },
  ],
];

/** All views a form is judged by, as its path lies. */
export const viewsOf = (form: Form): ProofView[] => stateViews(form, form.diagram);

/** Every way in which a form is cut for proving: at each of its bights, and at all of several. */
function cutsOf(form: Form): (readonly [ClosureName, readonly Tip[]])[] {
  const tips = tipsOf(form);
  const each = tips.map((t, i) => [`cut ${i + 1}`, [t]] as const);
  return tips.length > 1 ? [...each, ['cut all', tips]] : each;
}

/** All views of a form in any state, cuts included: the same closures for its path and for a drawn-up frame. */
export const stateViews = (form: Form, diagram: Diagram): ProofView[] => [
  ...wholeViews(form, diagram),
  ...cutsOf(form).map(([name, tips]) =>
    cutDiagram({ ropes: form.paths.length, authored: form.diagram }, diagram, name, tips),
  ),
];

/** The views that need no cut, for a diagram of the form's ropes in any state. */
export function wholeViews(form: Form, diagram: Diagram): ProofView[] {
  const inFront = form.spec.tailInFront === true;
  const leaving = (closure: Closure): Closure =>
    closure.map(([a, b]) => [
      { ...a, out: outward(form.diagram.ropes[a.rope]!, a.end), inFront },
      { ...b, out: outward(form.diagram.ropes[b.rope]!, b.end), inFront },
    ]);
  const each = leaving(eachToItself(diagram.ropes.length));
  const views: ProofView[] = [{ name: 'ends', diagram, closure: each }];
  if (form.fixtures.some((f) => f.kind === 'bar' || (f.kind === 'post' && f.axis)))
    views.push({ name: 'behind', diagram, closure: [...each].reverse() });
  if (form.paths.length === 2 && form.fixtures.length === 0)
    views.push({ name: 'bend', diagram, closure: leaving(BEND) });
  return views;
}
