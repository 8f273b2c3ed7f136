import { describe, expect, it } from 'vitest';
import { accentsOf } from '../drawing/step';
import { readForm } from '../form/form';
import type { Diagram } from '../topology/diagram';
import type { Passage } from '../path/meetings';
import { allForms } from '.';
import type { Step, TiedForm } from './entry';

/** Where along its rope a crossing is met, in control points. */
function controlAt({ ropes }: Diagram, { rope, piece, along }: Passage): number {
  const pieces = ropes[rope]!;
  const { control } = pieces[piece]!;
  const first = pieces.findIndex((p) => p.control === control);
  const count = pieces.filter((p) => p.control === control).length;
  return control + (piece - first + along) / count;
}

/** Whether a place of a rope is shown in a step. */
function isShown({ shown }: Step, rope: number, u: number): boolean {
  if (typeof shown === 'string') return true;
  return 'upTo' in shown
    ? u <= (shown.upTo[rope] ?? Infinity)
    : u < shown.bight[0] || u > shown.bight[1];
}

/** Up to this control point of a rope its standing part is met, in every form of the catalogue. */
const STANDING = 4.9;

type Pass = 'over' | 'under' | 'over the standing part' | 'under the standing part';

/** How what a step adds passes what is there by then: over it, under it. */
function added(form: TiedForm, index: number): ReadonlySet<Pass> {
  const read = readForm(form.id, form.spec);
  if (!read.ok) throw new Error(form.id);
  const { diagram, paths } = read.value;
  const step = form.steps[index]!;
  const accents = accentsOf(form.steps, index, paths.length).filter(
    (a) => a.from < paths[a.strand]!.points.length - 1,
  );
  const isNew = (p: Passage): boolean =>
    accents.some(
      (a) => a.strand === p.rope && controlAt(diagram, p) > a.from && controlAt(diagram, p) <= a.to,
    );
  // Nothing of the rope is new: the bar is put through it, over what passes under it and the other way round.
  if (accents.length === 0)
    return new Set(
      diagram.crossings.flatMap(({ over, under }) => [
        ...(over.rope >= paths.length ? (['over'] as const) : []),
        ...(under.rope >= paths.length ? (['under'] as const) : []),
      ]),
    );
  const isThere = (p: Passage): boolean =>
    p.rope >= paths.length || isShown(step, p.rope, controlAt(diagram, p));
  const isStanding = (p: Passage): boolean =>
    p.rope < paths.length && controlAt(diagram, p) < STANDING;
  const passes = (me: Passage, other: Passage, how: 'over' | 'under'): Pass[] =>
    !isNew(me) || !isThere(other)
      ? []
      : isStanding(other)
        ? [how, `${how} the standing part`]
        : [how];
  return new Set(
    diagram.crossings.flatMap(({ over, under }) => [
      ...passes(over, under, 'over'),
      ...passes(under, over, 'under'),
    ]),
  );
}

const OVER = /\b(over|in front|on top)\b/i;
const UNDER = /\b(under|underneath|behind|beneath)\b/i;

const OVER_STANDING = /\b(over|in front of|on top of) the standing part/i;
const UNDER_STANDING = /\b(under|behind) the standing part/i;

const steps = allForms()
  .filter((f) => !f.wrong)
  .flatMap(({ name, form }) =>
    (form as TiedForm).steps.flatMap((step, i) =>
      step.shown === 'drawn up' ? [] : [[`${name} ${i + 1}`, form as TiedForm, i, step] as const],
    ),
  );

describe('words of a step and the crossings it adds', () => {
  it.each(steps)('%s', (_, form, i, step) => {
    const words = `${step.say} ${step.look}`;
    const crossings = added(form, i);
    if (OVER.test(words)) expect([...crossings], words).toContain('over');
    if (UNDER.test(words)) expect([...crossings], words).toContain('under');
    // Where the bar is put through, the rope has no crossing of its own.
    if (/\btoggle\b/i.test(step.say)) return;
    if (OVER_STANDING.test(words))
      expect([...crossings], words).toContain('over the standing part');
    if (UNDER_STANDING.test(words))
      expect([...crossings], words).toContain('under the standing part');
  });
});
