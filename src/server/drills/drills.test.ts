import { describe, expect, it } from 'vitest';
import { chanceOf } from '@/core/chance';
import { DISAGREED } from '@/core/training/disagreed';
import { ASKS, DRILL_IDS, partsOf, SUBJECTS } from '@/core/training/schedule/drill-ids';
import { INSPECTION_CHECKS } from '@/core/inspection/checks';
import { DECISIONS } from '@/core/training/inspecting/inspecting';
import { METRIC } from '@/core/units';
import { Refusal } from '../problem';
import { type Marked, markOf } from './marks';
import { numberFor } from './numbers';
import type { Asked, AskedAs } from './question';
import { askedOf, practice, soundnessOf } from './questions';

const half = (): number => 0.5;
type MarkedAs<A extends Marked['ask']> = Extract<Marked, { readonly ask: A }>;
const asked = async <A extends Asked['ask']>(ask: A, number: number): Promise<AskedAs<A>> =>
  (await askedOf(ask, number, 'hauling', METRIC)) as AskedAs<A>;

describe('the drills’ questions', () => {
  it('a number is always the same question; numbers side by side are different ones', async () => {
    for (const ask of ASKS) {
      const said = async (n: number): Promise<string> => {
        const { number, ...question } = await asked(ask, n);
        expect(number).toBe(n);
        return JSON.stringify(question);
      };
      expect(await said(7)).toBe(await said(7));
      const all = await Promise.all(Array.from({ length: 60 }, (_, i) => said(i + 1)));
      expect(new Set(all).size, ask).toBeGreaterThan(35);
    }
  });
  it('an address that says nothing, or nonsense, gives a question by chance', async () => {
    for (const address of [{}, { ask: 'nothing', n: '-4' }, { n: '1.5' }, { n: ['x', '2'] }]) {
      const page = await practice(address, METRIC, half);
      expect(page.asked.ask).toBe('name');
      expect(page.asked.number).toBe(page.next);
    }
  });
  it('for every drill a number is found whose question is of it', async () => {
    const chance = chanceOf(99);
    for (const id of DRILL_IDS.filter((_, i) => i % 7 === 0)) {
      const { ask } = partsOf(id);
      const number = numberFor(id, chance);
      const given = {
        name: { ask: 'name', number, pick: 'reef' },
        look: { ask: 'look', number, says: 'right' },
        order: { ask: 'order', number, order: [0] },
        choose: { ask: 'choose', number, pick: 'reef' },
        read: { ask: 'read', number, says: 'sound' },
        govern: { ask: 'govern', number, says: 'friction' },
        inspect: { ask: 'inspect', number, place: 'none', decision: 'goes-on' },
        reckon: { ask: 'reckon', number, kind: partsOf(id).subject, typed: '1 N', unit: 'N' },
      }[ask];
      if (ask === 'reckon' && !/line|hauling|pull|span|held/.test(id)) continue;
      expect((await markOf(given as Parameters<typeof markOf>[0])).drill).toBe(id);
    }
  });
});

describe('nothing that is sent tells the answer', () => {
  it('a knot to be named is not named, nor is it called by its file', async () => {
    for (let n = 1; n <= 40; n++) {
      const { marked } = await markOf({ ask: 'name', number: n, pick: 'bowline' });
      const { entry, form } = marked as MarkedAs<'name'>;
      const { options, ...question } = await asked('name', n);
      expect(options.map((o) => o.id)).toContain(entry);
      const sent = JSON.stringify(question);
      expect(sent).not.toContain(entry);
      expect(sent).not.toContain(`"${form}"`);
      expect(sent).not.toContain('source');
    }
  });
  it('a knot to be looked at is sent as if it were right: names, count of places and file are those of the right one', async () => {
    for (let n = 1; n <= 60; n++) {
      const question = await soundnessOf(n);
      const sent = await asked('look', n);
      expect(sent.name).toBe(question.meant.entry.name);
      expect(Object.keys(sent).toSorted()).toEqual(
        ['ask', 'crossings', 'drawn', 'name', 'number', 'title', 'view', 'way'].toSorted(),
      );
      expect(Object.keys(sent.drawn.frame).toSorted()).toEqual(['at', 'drawn']);
      const text = JSON.stringify(sent);
      expect(text).not.toContain('wrong');
      if (question.mistake) expect(text).not.toContain(question.mistake.id);
    }
  });
  it('steps to be ordered are sent without their words and numbers', async () => {
    for (let n = 1; n <= 20; n++) {
      const { marked } = await markOf({ ask: 'order', number: n, order: [0] });
      const { steps } = marked as MarkedAs<'order'>;
      const sent = JSON.stringify(await asked('order', n));
      for (const { say } of steps) expect(sent).not.toContain(say);
    }
  });
  it('a choice is sent as names alone', async () => {
    for (let n = 1; n <= 20; n++)
      for (const option of (await asked('choose', n)).options)
        expect(Object.keys(option)).toEqual(['id', 'name']);
  });
});

describe('a deck to be read', () => {
  it('is sent with nothing marked; what is wrong is told and marked afterwards', async () => {
    for (let n = 1; n <= 30; n++) {
      const { scene, options } = await asked('read', n);
      expect(scene.faults).toEqual([]);
      expect(scene.motion).toBeNull();
      expect(scene.lines.every((l) => l.counted && !l.weakest && l.weak === null)).toBe(true);
      const marks = await Promise.all(
        options.map((o) => markOf({ ask: 'read', number: n, says: o.id })),
      );
      expect(marks.filter((m) => m.marked.grade === 'good')).toHaveLength(1);
      const { answer, says, words } = marks[0]!.marked as MarkedAs<'read'>;
      expect(options.find((o) => o.id === answer)!.name).toBe(words);
      expect(says.length).toBeGreaterThan(0);
      expect(says.join(' ')).not.toContain('undefined');
    }
  });
});

describe('a deck of which is asked what governs', () => {
  it('is sent with nothing marked; one of what is offered is right, and it is told how the load gives way', async () => {
    for (let n = 1; n <= 30; n++) {
      const { scene, options } = await asked('govern', n);
      expect(scene.motion).toBeNull();
      expect(scene.lines.every((l) => l.counted && !l.weakest && l.usedPart === null)).toBe(true);
      const marks = await Promise.all(
        options.map((o) => markOf({ ask: 'govern', number: n, says: o.id })),
      );
      expect(marks.filter((m) => m.marked.grade === 'good')).toHaveLength(1);
      const { answer, says, scene: after } = marks[0]!.marked as MarkedAs<'govern'>;
      expect(options.map((o) => o.id)).toContain(answer);
      expect(says[0]).toMatch(/^It gives way so: /);
      expect(says.join(' ')).not.toContain('undefined');
      expect(after.lines.filter((l) => l.weakest).map((l) => l.id)).toEqual(
        answer.startsWith('l') ? [answer] : [],
      );
    }
  });
});

describe('a rope to be inspected', () => {
  it('is sent as shapes and what is felt: the name of its damage is in neither', async () => {
    for (let n = 1; n <= 80; n++) {
      const { marked } = await markOf({
        ask: 'inspect',
        number: n,
        place: 'none',
        decision: 'goes-on',
      });
      const { says } = marked as MarkedAs<'inspect'>;
      const { decisions, title, stretches, ...rest } = await asked('inspect', n);
      expect(decisions.map((d) => d.id)).toEqual([...DECISIONS]);
      const sent = JSON.stringify([rest, stretches]);
      const [name = '', extent = ''] = says[0]!.split(/: |\. /);
      if (extent && !says[0]!.startsWith('No check')) {
        expect(sent).not.toContain(name);
        expect(sent).not.toContain(`"${extent}"`);
      }
      for (const { id } of INSPECTION_CHECKS.rope) expect(sent).not.toContain(`"${id}"`);
      const keys = stretches.flatMap((s) => Object.keys(s));
      expect(new Set(keys)).toEqual(new Set(['lay', 'lengthD', 'begins', 'bumps', 'marks']));
    }
  });
});

describe('marking', () => {
  it('where crews disagree both are right forms, and what is safer is said', async () => {
    for (const [entry, { safer }] of Object.entries(DISAGREED)) {
      const form = SUBJECTS.name.find((name) => name.startsWith(`${entry}/`))!;
      const number = numberFor(`name/${form as `${string}/${string}`}`, chanceOf(5));
      const { marked } = await markOf({ ask: 'name', number, pick: entry as 'reef' });
      expect(marked).toMatchObject({ grade: 'good', disagreed: { safer } });
    }
    const plain = await markOf({ ask: 'name', number: 5, pick: 'reef' });
    expect(Object.keys(plain.marked)).toContain('disagreed');
    for (const both of ['bowline/facing-away', 'bowline/tail-outside', 'sheet-bend/double'])
      expect(SUBJECTS.name).toContain(both);
  });
  it('one of four names is right', async () => {
    const { options } = await asked('name', 5);
    const marks = await Promise.all(
      options.map((o) => markOf({ ask: 'name', number: 5, pick: o.id })),
    );
    expect(marks.filter((m) => m.marked.grade === 'good')).toHaveLength(1);
    expect(marks.filter((m) => m.instead === null)).toHaveLength(1);
  });
  it('of a knot to be looked at one answer is right, another that sees it wrong is half right', async () => {
    for (let n = 1; n <= 40; n++) {
      const { crossings } = await asked('look', n);
      const all = ['right', 'otherwise', ...crossings.keys()] as const;
      const marks = await Promise.all(
        all.map(async (says) => (await markOf({ ask: 'look', number: n, says })).marked.grade),
      );
      expect(marks.filter((g) => g === 'good')).toHaveLength(1);
      const isRight = marks[0] === 'good';
      expect(marks.filter((g) => g === 'hard')).toHaveLength(isRight ? 0 : crossings.length);
    }
  });
  it('of steps the right order is right, and what is said first misplaced is', async () => {
    const { marked } = await markOf({ ask: 'order', number: 3, order: [0] });
    const { order } = marked as MarkedAs<'order'>;
    expect((await markOf({ ask: 'order', number: 3, order: [...order] })).marked.grade).toBe(
      'good',
    );
    const swapped = order.with(0, order[1]!).with(1, order[0]!);
    const wrong = (await markOf({ ask: 'order', number: 3, order: swapped })).marked;
    expect(wrong).toMatchObject({ grade: 'again', misplaced: 0 });
  });
  it('of a choice one suits, and of every one it is said why or why not', async () => {
    const { options } = await asked('choose', 11);
    const marks = await Promise.all(
      options.map((o) => markOf({ ask: 'choose', number: 11, pick: o.id })),
    );
    expect(marks.filter((m) => m.marked.grade === 'good')).toHaveLength(1);
    const said = marks[0]!.marked as MarkedAs<'choose'>;
    expect(said.options.every((o) => o.says.length > 0)).toBe(true);
  });
  it('a figure that cannot be read is refused where it was typed', async () => {
    const typed = (text: string) =>
      markOf({ ask: 'reckon', kind: 'hauling', number: 7, typed: text, unit: 'kN' });
    await expect(typed('much')).rejects.toThrow(Refusal);
    await expect(typed('1,5 kN')).rejects.toThrow(Refusal);
    expect((await typed('1.5 kN')).drill).toBe('reckon/hauling');
  });
});
