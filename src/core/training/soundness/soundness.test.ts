import { readFileSync } from 'node:fs';
import { beforeAll, describe, expect, it } from 'vitest';
import { randomOf } from '../../../../tests/support/knots';
import { allForms, type NamedForm } from '../../knot/catalogue';
import type { WrongForm } from '../../knot/catalogue/entry';
import { readForm } from '../../knot/form/form';
import type { Body } from '../../knot/shape/body';
import { bodyOfFrame, type ShippedForm } from '../../knot/shape/frames';
import { projected } from '../../knot/shape/project';
import { flipped } from '../../knot/topology/diagram';
import {
  LOOKED_THROUGH,
  markSoundness,
  mistakesOf,
  soundnessAsked,
  type SoundnessPlan,
  soundnessQuestion,
  type SoundnessQuestion,
} from './soundness';
import TOLD from './told.json';
import { tellingCrossings, whatIsWrong } from './told';
import { printOf, ropeCrossings, withTurned } from './turned';

const QUESTIONS = 5000;

const bodies = new Map<string, Body>();
function bodyOf({ name }: NamedForm): Body {
  const known = bodies.get(name);
  if (known) return known;
  const shipped = JSON.parse(
    readFileSync(`public/knot-forms/${name.replace('/', '--')}.json`, 'utf8'),
  ) as ShippedForm;
  const body = bodyOfFrame(shipped, shipped.frames[0]!);
  bodies.set(name, body);
  return body;
}
const form = (name: string): NamedForm => allForms().find((f) => f.name === name)!;
const formOf = (f: NamedForm) => {
  const read = readForm(f.name, f.form.spec);
  if (!read.ok) throw new Error(f.name);
  return read.value;
};

describe('a crossing turned over', () => {
  it('is the only thing that changes, and turned over again all is as it was', () => {
    for (const f of LOOKED_THROUGH.slice(0, 30)) {
      const body = bodyOf(f);
      const before = projected(body);
      for (const n of ropeCrossings(before, body.strands.length)) {
        const turned = withTurned(body, n);
        if (!turned) continue;
        expect(projected(turned).crossings).toEqual(flipped(before, n).crossings);
        const back = withTurned(turned, n)!;
        expect(projected(back).crossings).toEqual(before.crossings);
      }
    }
  });
});

describe('what is kept of what tells', () => {
  it('is of every form and every mistake that is asked; of one in six it is worked out again', () => {
    expect(Object.keys(TOLD.crossings)).toEqual(LOOKED_THROUGH.map((f) => f.name));
    LOOKED_THROUGH.forEach((f, i) => {
      const mistakes = mistakesOf(f);
      for (const m of mistakes) expect(TOLD.mistakes).toHaveProperty([m.name]);
      if (i % 6 !== 0) return;
      const kept = (TOLD.crossings as Record<string, number[]>)[f.name];
      expect(kept, f.name).toEqual(tellingCrossings(f, bodyOf(f)));
      for (const m of mistakes)
        expect((TOLD.mistakes as Record<string, unknown>)[m.name], m.name).toBe(
          whatIsWrong(f, m, bodyOf(m)),
        );
    });
  });
});

describe('is it right?', () => {
  let asked: { plan: SoundnessPlan; question: SoundnessQuestion | null }[] = [];
  let questions: SoundnessQuestion[] = [];
  beforeAll(() => {
    const random = randomOf(808);
    asked = Array.from({ length: QUESTIONS }, () => {
      const plan = soundnessAsked(random);
      return { plan, question: soundnessQuestion(plan, bodyOf(plan.shown)) };
    });
    questions = asked.flatMap(({ question }) => question ?? []);
  });

  it(`${QUESTIONS} by chance: almost all can be asked; right, one crossing, and more are all asked`, () => {
    expect(questions.length).toBeGreaterThan(0.97 * QUESTIONS);
    const share = (is: (q: SoundnessQuestion) => boolean): number =>
      questions.filter(is).length / questions.length;
    expect(share((q) => q.answer === 'right')).toBeGreaterThan(0.4);
    expect(share((q) => q.answer === 'right')).toBeLessThan(0.65);
    expect(share((q) => typeof q.answer === 'number')).toBeGreaterThan(0.2);
    expect(share((q) => q.answer === 'otherwise')).toBeGreaterThan(0.05);
    expect(new Set(questions.map((q) => q.meant.name)).size).toBe(LOOKED_THROUGH.length);
  });
  it('the answer is so by the proofs: what is right is the form, what is not is not, and one crossing alone mends it', () => {
    const seen = new Map<string, SoundnessQuestion>();
    for (const q of questions) seen.set(`${q.meant.name} ${q.mistake?.id} ${String(q.answer)}`, q);
    expect(seen.size).toBeGreaterThan(400);
    // One of four: the proofs of all take long.
    for (const [name, { meant, body, answer, mistake }] of [...seen].filter(
      (_, i) => i % 4 === 0,
    )) {
      const meantForm = formOf(meant);
      const right = printOf(meantForm, meantForm.diagram);
      const shown = mistake ? formOf(form(`${meant.entry.id}/wrong-${mistake.id}`)) : meantForm;
      if (
        shown.paths.length !== meantForm.paths.length ||
        shown.fixtures.length !== meantForm.fixtures.length
      ) {
        expect(answer, name).toBe('otherwise');
        continue;
      }
      const diagram = projected(body);
      const mends = ropeCrossings(diagram, meantForm.paths.length).flatMap((n, place) =>
        printOf(meantForm, flipped(diagram, n)) === right ? [place] : [],
      );
      if (answer === 'right') expect(printOf(meantForm, diagram), name).toBe(right);
      else {
        expect(printOf(meantForm, diagram), name).not.toBe(right);
        expect(mends, name).toEqual(answer === 'otherwise' ? [] : [answer]);
      }
    }
  });
  it('a place to point at is at every crossing of rope with rope, each apart from the others', () => {
    for (const { crossings, body } of questions.slice(0, 400)) {
      expect(crossings).toHaveLength(ropeCrossings(projected(body), body.strands.length).length);
      crossings.forEach((a, i) =>
        crossings
          .slice(i + 1)
          .forEach((b) => expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThan(0.1)),
      );
    }
  });
  it('what is shown as a mistake is one that is told from the form by what it is', () => {
    const mistakes = questions.flatMap((q) => (q.mistake ? [q.mistake] : []));
    expect(new Set(mistakes).size).toBeGreaterThan(10);
    expect(mistakes.every((m: WrongForm) => m.toldBy === 'invariants')).toBe(true);
  });
});

describe('an answer', () => {
  it('is right, half right where only the place is missed, or wrong', () => {
    expect(markSoundness('right', 'right')).toBe('right');
    expect(markSoundness(3, 3)).toBe('right');
    expect(markSoundness(3, 2)).toBe('seen');
    expect(markSoundness('otherwise', 2)).toBe('seen');
    expect(markSoundness(3, 'otherwise')).toBe('seen');
    expect(markSoundness(3, 'right')).toBe('wrong');
    expect(markSoundness('right', 'otherwise')).toBe('wrong');
  });
});
