import { RULE_SET_IDS } from '../rule-set-ids';
import { describe, expect, it } from 'vitest';
import type { Plan } from '../plan';
import { demoNames, demoPlan, judge, withLoad } from '../../../../tests/support/demo';
import type { KnotId } from '../../knot/knots';
import { knotsIn } from '../../line/elements';
import { candidatesFor } from './candidates';
import { ANY_KNOT } from './may-tie';
import { helpfulChanges } from './one-change';

const crate = demoPlan('carousel-crate');

const rated = (plan: Plan): Plan => ({
  ...plan,
  deck: {
    ...plan.deck,
    anchors: plan.deck.anchors.map((a) => ({ ...a, rating: { state: 'rated', wllN: 8000 } })),
  },
});

describe('the one change that helps', () => {
  it('has the plate of the unrated ring read first, without a HOLDS before somebody has; nothing is said about a plan that holds', () => {
    const [first, ...others] = helpfulChanges(crate, new Map());
    expect(first).toMatchObject({
      code: 'enter-rating',
      verdict: 'cannot-say',
      values: { anchors: 'ring L1' },
    });
    expect(first!.plan).toBe(crate);
    expect(others.filter((c) => c.verdict === 'holds')).toEqual([]);
    const read = (wllN: number): string =>
      judge({
        ...crate,
        deck: {
          ...crate.deck,
          anchors: crate.deck.anchors.map((a) =>
            a.rating.state === 'unrated' ? { ...a, rating: { state: 'rated', wllN } } : a,
          ),
        },
      }).verdict;
    expect(read(Number(first!.values['enoughN']))).toBe('holds');
    expect(read(Number(first!.values['enoughN']) / 3)).not.toBe('holds');
    expect(helpfulChanges(demoPlan('apple-bins'), new Map())).toEqual([]);
  });
  it('where knots are forbidden the compliant gear comes first', () =>
    expect(helpfulChanges(demoPlan('water-tote'), new Map())[0]).toMatchObject({
      code: 'use-webbing',
      verdict: 'holds',
    }));
  it('asks for no knot that may not be tied, but for the next best that may', () => {
    /** Knots that a change asks for: those its lines did not have. */
    const newIn = (before: Plan, { plan }: { plan: Plan }): KnotId[] =>
      plan.lines.flatMap((line) => {
        const old = before.lines.find((l) => l.id === line.id)?.elements.flatMap(knotsIn) ?? [];
        return line.elements.flatMap(knotsIn).filter((k) => !old.includes(k));
      });
    let nextBest = 0;
    let newKnots = 0;
    for (const name of demoNames()) {
      const plan = rated(demoPlan(name));
      const now = judge(plan);
      const all = candidatesFor(plan, now, ANY_KNOT);
      for (const knot of new Set(all.flatMap((c) => newIn(plan, c)))) {
        newKnots += 1;
        const may = candidatesFor(plan, now, (k) => k !== knot);
        expect(may.some((c) => newIn(plan, c).includes(knot))).toBe(false);
        if (may.some((c) => c.code === 'use-instead')) nextBest += 1;
      }
      const none = candidatesFor(plan, now, () => false);
      expect(none.flatMap((c) => newIn(plan, c))).toEqual([]);
      // What needs no other knot is proposed all the same.
      for (const c of all.filter((x) => x.code !== 'use-instead' && newIn(plan, x).length === 0))
        expect(none).toContainEqual(c);
    }
    expect(newKnots).toBeGreaterThan(0);
    expect(nextBest).toBeGreaterThan(0);
  });
  it('every change really does what it says', () => {
    for (const name of demoNames())
      for (const change of helpfulChanges(demoPlan(name), new Map()))
        expect(judge(change.plan).verdict).toBe(change.verdict);
  });
  it('of several pulls the gentlest that holds is named', () => {
    const pulled = (handForceN: number): Plan => ({
      ...rated(crate),
      lines: rated(crate).lines.map((l) => ({
        ...l,
        elements: l.elements.map((e) => (e.kind === 'truckers' ? { ...e, handForceN } : e)),
      })),
    });
    const weak = pulled(100);
    const pull = helpfulChanges(weak, new Map()).find((c) => c.code === 'pull-harder')!;
    const gentler = pulled(Number(pull.values['toN']) - 50);
    expect(pull.verdict).toBe('holds');
    expect(judge(gentler).verdict).not.toBe('holds');
  });
  it('no hand is asked for more than the crew lets it; beyond that a second loop is put in', () => {
    const asked = (handLimitN: number) =>
      helpfulChanges({ ...crate, strength: { ...crate.strength, handLimitN } }, new Map()).map(
        (c) => [c.code, c.values['toN'] ?? c.values['pullN']] as const,
      );
    for (const limit of [250, 300, 400])
      for (const [code, pullN] of asked(limit))
        if (code === 'pull-harder' || code === 'second-loop')
          expect(Number(pullN)).toBeLessThanOrEqual(limit);
    expect(asked(250).map(([code]) => code)).toContain('second-loop');
    expect(asked(250).map(([code]) => code)).not.toContain('pull-harder');
  });
  it('no proposal holds by a guess, and new lines lie on anchors that the deck has', () => {
    for (const name of demoNames()) {
      const plan = demoPlan(name);
      const had = new Set(plan.deck.anchors.map((a) => a.id));
      const unread = (p: Plan) => p.deck.anchors.filter((a) => a.rating.state === 'unrated').length;
      for (const ruleSet of RULE_SET_IDS)
        for (const c of helpfulChanges({ ...plan, ruleSet }, new Map())) {
          expect(c.plan.deck.anchors.every((a) => had.has(a.id))).toBe(true);
          expect(unread(c.plan)).toBe(unread(plan));
          if (c.code === 'pull-harder' || c.code === 'second-loop' || c.code === 'put-tackle')
            expect(Number(c.values['toN'] ?? c.values['pullN'])).toBeLessThanOrEqual(
              plan.strength.handLimitN,
            );
        }
    }
  });
  it('says what it costs: more rope for more lines, a ratchet and a strap for each knotted line, time for all', () => {
    const tote = demoPlan('water-tote');
    const webbing = helpfulChanges(tote, new Map()).find((c) => c.code === 'use-webbing')!;
    const knotted = Number(webbing.values['lines']);
    expect(webbing.cost.things).toContainEqual({ what: 'ratchet', count: knotted });
    expect(webbing.cost.minutes).toBe(5 * knotted);
    const few = { ...rated(crate), lines: rated(crate).lines.slice(0, 1) };
    const more = helpfulChanges(few, new Map()).find((c) => c.code === 'add-lines')!;
    const [before, after] = [judge(few), judge(more.plan)];
    const rope = (a: typeof before) => a.lines.reduce((s, l) => s + l.rope.value!, 0);
    expect(more.cost.ropeM).toBeCloseTo(rope(after) - rope(before), 9);
    expect(more.cost.pieceM).toBeGreaterThan(4);
  });
  it('a line that statics do not credit is no advice', () => {
    // The only over-line lies before the load: more of them would do nothing either.
    const beyond = withLoad(crate, { fromFrontM: 1.5 });
    expect(judge(beyond).findings.map((f) => f.code)).toContain('over-beyond-load');
    const only = {
      ...beyond,
      lines: beyond.lines.filter((l) =>
        judge({ ...beyond, lines: [l] }).findings.some((f) => f.code === 'over-beyond-load'),
      ),
    };
    expect(helpfulChanges(only, new Map()).map((c) => c.code)).not.toContain('add-lines');
  });
});
