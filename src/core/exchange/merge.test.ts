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
  it('a thing that became of another kind is no sum', () => {
    const base = { at: { kind: 'a', x: 1, y: 1 } };
    const became = { at: { kind: 'b', z: 1 } };
    const moved = { at: { kind: 'a', x: 2, y: 1 } };
    expect(mergeOf<object>(base, became, moved)).toBeNull();
    expect(mergeOf<object>(base, became, base)).toEqual(became);
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
        for (const key of ['a', 'b', 'c', 'd'])
          for (const part of ['x', 'y'] as const) {
            const [b, m, t, r] = [base, mine, theirs, both].map(
              (d) => (d as typeof base)[key]?.[part],
            );
            // Whoever changed it has their way; where nobody did it is as it was.
            if (m !== b) expect(r).toBe(m);
            else expect(r).toBe(t);
          }
      }),
      { numRuns: 2000 },
    );
  });
});
