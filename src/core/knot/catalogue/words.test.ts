import { describe, expect, it } from 'vitest';
import { accentsOf } from '../drawing/step';
import { turnedWords, TURNING_WORDS } from '../drawing/turned-words';
import { MY_SIDE, type View } from '../drawing/view';
import { readForm } from '../form/form';
import type { Diagram } from '../topology/diagram';
import type { Passage } from '../path/meetings';
import { allForms, type NamedForm } from '.';
import { laidOf } from './by-form';
import type { Step, TiedForm, WrongForm } from './entry';

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
  if (typeof shown === 'string' || 'laid' in shown) return true;
  return 'upTo' in shown
    ? u <= (shown.upTo[rope] ?? Infinity)
    : u < shown.bight[0] || u > shown.bight[1];
}

/** Up to this control point of a rope its standing part is met, in every form of the catalogue. */
const STANDING = 4.9;

type Pass = 'over' | 'under' | 'over the standing part' | 'under the standing part';

/** How what a step adds passes what is there by then: over it, under it. */
function added(form: TiedForm, index: number): ReadonlySet<Pass> {
  const step = form.steps[index]!;
  const laid = laidOf(form).find((l) => l.step === index)?.laid;
  const read = readForm(form.id, (laid ?? form).spec);
  if (!read.ok) throw new Error(form.id);
  const { diagram, paths } = read.value;
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

const VIEWS: readonly View[] = (['mine', 'facing'] as const).map((side) => ({
  side,
  leftHanded: false,
}));

const steps = allForms()
  .filter((f) => !f.wrong)
  .flatMap(({ name, form }) =>
    (form as TiedForm).steps.flatMap((step, i) =>
      step.shown === 'drawn up' ? [] : [[`${name} ${i + 1}`, form as TiedForm, i, step] as const],
    ),
  );

describe('words of a step and the crossings it adds', () => {
  /** What is over from the tier's side is under for who faces them. */
  const seen = (crossings: ReadonlySet<Pass>, { side }: View): Pass[] =>
    side === 'mine'
      ? [...crossings]
      : [...crossings].map((c) =>
          c.startsWith('over')
            ? (c.replace('over', 'under') as Pass)
            : (c.replace('under', 'over') as Pass),
        );
  it.each(
    steps.flatMap(([n, ...rest]) => VIEWS.map((v) => [`${n}, ${v.side}`, v, ...rest] as const)),
  )('%s', (_, view, form, i, step) => {
    const words = turnedWords(`${step.say} ${step.look}`, view);
    const crossings = seen(added(form, i), view);
    if (OVER.test(words)) expect(crossings, words).toContain('over');
    if (UNDER.test(words)) expect(crossings, words).toContain('under');
    // Where the bar is put through, the rope has no crossing of its own.
    if (/\btoggle\b/i.test(step.say)) return;
    if (OVER_STANDING.test(words)) expect(crossings, words).toContain('over the standing part');
    if (UNDER_STANDING.test(words)) expect(crossings, words).toContain('under the standing part');
  });
});

describe('words that turn with the view', () => {
  const said = ({ entry, form, wrong }: NamedForm): string[] => {
    if (wrong) return [(form as WrongForm).says];
    const { steps: all, checks = entry.checks, note } = form as TiedForm;
    return [...all.flatMap((s) => [s.say, s.look]), ...checks, note];
  };
  /** Said of what is above or of something else, not of what lies before. */
  const UPWARD = /\b(over the (rail|pole|post)|over a load|under load|under the least pull)\b/gi;
  it.each(allForms().map((f) => [f.name, f] as const))('%s', (_, named) => {
    for (const text of said(named)) {
      for (const [, word] of text.matchAll(/\{([^}]+)\}/g))
        expect(TURNING_WORDS).toContain(word!.toLowerCase());
      const bare = text.replace(/\{[^}]+\}/g, '').replace(UPWARD, '');
      expect(bare).not.toMatch(/\b(left|right|over|under|behind|in front|on top|underneath)\b/i);
      for (const view of [...VIEWS, { side: 'mine', leftHanded: true } as const])
        expect(turnedWords(text, view)).not.toMatch(/[{}]/);
    }
  });
  it('left is right for who faces the tier, and for the left hand; for both at once it is left again', () => {
    const say = (side: View['side'], leftHanded: boolean): string =>
      turnedWords('{Over} the line to the {left}, {behind} it, out {in front}.', {
        side,
        leftHanded,
      });
    expect(say('mine', false)).toBe('Over the line to the left, behind it, out in front.');
    expect(say('mine', true)).toBe('Over the line to the right, behind it, out in front.');
    expect(say('facing', false)).toBe('Under the line to the right, in front of it, out behind.');
    expect(say('facing', true)).toBe('Under the line to the left, in front of it, out behind.');
    expect(turnedWords('plain', MY_SIDE)).toBe('plain');
  });
});
