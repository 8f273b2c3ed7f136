import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoPlan } from '../../../tests/support/demo';
import type { Plan } from '../securement/plan';
import { mergeOf } from './merge';

const plan = demoPlan('carousel-crate');
const [first, second] = plan.lines;
const lines = (p: Plan, change: (lines: Plan['lines']) => Plan['lines']): Plan => ({
  ...p,
  lines: change(p.lines),
});
const line = (id: string, part: Partial<Plan['lines'][number]>) => (p: Plan) =>
  lines(p, (all) => all.map((l) => (l.id === id ? { ...l, ...part } : l)));

describe('two who change one document', () => {
  it('of different things both have their way', () => {
    const mine = line(first!.id, { settling: 0.3 })({ ...plan, notes: 'mine' });
    const theirs = line(second!.id, { settling: 0.4 })({ ...plan, title: 'theirs' });
    const both = mergeOf(plan, mine, theirs)!;
    expect(both).toEqual({
      ...plan,
      notes: 'mine',
      title: 'theirs',
      lines: plan.lines.map((l) =>
        l.id === first!.id
          ? { ...l, settling: 0.3 }
          : l.id === second!.id
            ? { ...l, settling: 0.4 }
            : l,
      ),
    });
    expect(mergeOf(plan, theirs, mine)).toEqual(both);
  });
  it('of the same in two ways neither is taken', () => {
    expect(mergeOf(plan, { ...plan, notes: 'a' }, { ...plan, notes: 'b' })).toBeNull();
    expect(mergeOf(plan, { ...plan, notes: 'a' }, { ...plan, notes: 'a' })!.notes).toBe('a');
    const [a, b] = [line(first!.id, { settling: 0.3 }), line(first!.id, { settling: 0.4 })];
    expect(mergeOf(plan, a(plan), b(plan))).toBeNull();
  });
  it('what one takes away is gone if the other left it as it was, and not where the other changed it', () => {
    const without = lines(plan, (all) => all.slice(1));
    const other = line(second!.id, { settling: 0.4 })(plan);
    expect(mergeOf(plan, without, other)!.lines.map((l) => l.id)).toEqual(
      plan.lines.slice(1).map((l) => l.id),
    );
    const same = line(first!.id, { settling: 0.4 })(plan);
    expect(mergeOf(plan, without, same)).toBeNull();
    expect(mergeOf(plan, same, without)).toBeNull();
    expect(mergeOf(plan, without, without)).toEqual(without);
  });
  it('what both add is there once each, under ids of their own; one id for two things is none', () => {
    const added = (id: string, name: string) =>
      lines(plan, (all) => [...all, { ...first!, id, name }]);
    const both = mergeOf(plan, added('m', 'mine'), added('t', 'theirs'))!;
    expect(both.lines.map((l) => l.id)).toEqual([...plan.lines.map((l) => l.id), 't', 'm']);
    expect(mergeOf(plan, added('x', 'mine'), added('x', 'theirs'))).toBeNull();
  });
  it('an order that only one changed stands; two orders are none', () => {
    const turned = lines(plan, (all) => all.toReversed());
    const noted = { ...plan, notes: 'x' };
    const ids = (p: Plan | null) => p!.lines.map((l) => l.id);
    expect(ids(mergeOf(plan, turned, noted))).toEqual(ids(turned));
    expect(ids(mergeOf(plan, noted, turned))).toEqual(ids(turned));
    const rolled = lines(plan, ([head, ...tail]) => [...tail, head!]);
    expect(mergeOf(plan, turned, rolled)).toBeNull();
  });
  it('a line, a unit, an anchor is one thing: no figures of two hands in it', () => {
    const mine = line(first!.id, { settling: 0.3 })(plan);
    const theirs = line(first!.id, { temporary: true })(plan);
    expect(mergeOf(plan, mine, theirs)).toBeNull();
    const unit = (part: object): Plan => ({
      ...plan,
      units: plan.units.map((u) => ({ ...u, ...part })),
    });
    expect(mergeOf(plan, unit({ massKg: 300 }), unit({ heightM: 1.5 }))).toBeNull();
  });
  it('what was read on one deck does not come to stand on another', () => {
    const deck = (part: Partial<Plan['deck']>): Plan => ({
      ...plan,
      deck: { ...plan.deck, ...part },
    });
    const forward = { capacityN: 20_000, heightM: 1 };
    const read = deck({ boards: { ...plan.deck.boards, forward } });
    expect(mergeOf(plan, read, deck({ lengthM: 6 }))).toBeNull();
    expect(mergeOf(plan, deck({ name: 'the other truck' }), read)).toBeNull();
    // On the same deck an anchor and a board are two things.
    const [ring, ...rings] = plan.deck.anchors;
    const plate = { state: 'rated', wllN: 8000 } as const;
    const rated = deck({ anchors: [{ ...ring!, rating: plate }, ...rings] });
    const both = mergeOf(plan, read, rated)!;
    expect([both.deck.boards.forward, both.deck.anchors[0]!.rating]).toEqual([forward, plate]);
  });
  it('nothing of either is ever lost: random changes of random fields', () => {
    const fields = fc.dictionary(
      fc.constantFrom('a', 'b', 'c', 'd'),
      fc.record({ x: fc.integer({ min: 0, max: 3 }), y: fc.integer({ min: 0, max: 3 }) }),
    );
    fc.assert(
      fc.property(fields, fields, fields, (base, mine, theirs) => {
        const both = mergeOf<Record<string, unknown>>(base, mine, theirs);
        if (both === null) return;
        for (const key of ['a', 'b', 'c', 'd']) {
          const [b, m, t, r] = [base, mine, theirs, both].map((d) => JSON.stringify(d[key]));
          // Whoever changed it has their way; where nobody did it is as it was.
          expect(r).toBe(m !== b ? m : t);
        }
      }),
      { numRuns: 2000 },
    );
  });
});
