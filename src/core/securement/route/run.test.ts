/** One rope over several hooks. Source of the figures: a turn lets 0.55 through, common practice, no source; the rest is geometry. */
import { describe, expect, it } from 'vitest';
import { judge } from '../../../../tests/support/demo';
import { lineBody, planOf, ringBody, unitBody } from '../../../../tests/support/units';
import type { Plan } from '../plan';
import { againstMotion, pressingPart } from '../rules/shared';
import { tieDownOf } from '../rule-input';
import { runLegs, slackLegs } from './run';

const rings = [1, 2].flatMap((i) => [
  ringBody(`L${i}`, 2 + i * 0.5, 1.5),
  ringBody(`R${i}`, 2 + i * 0.5, -1.5),
]);
const hook = (anchorId: string, more: Record<string, unknown> = {}) => ({
  id: `h${anchorId}`,
  kind: 'hook',
  anchorId,
  ...more,
});

/** A rope of four legs over three hooks: L1, over to R1, back to L2, over to R2; its ratchet at the end. */
function led(hooks: readonly Record<string, unknown>[], more: Record<string, unknown> = {}): Plan {
  const line = lineBody('run', ['L1', 'R2'], ['A'], more);
  const [first, web, ratchet, last] = line.elements;
  return planOf(
    [unitBody('A', { fromFrontM: 2, lengthM: 2, friction: { known: 'entered', mu: 0.4 } })],
    [{ ...line, elements: [first, web, ...hooks, ratchet, last] }],
    [...rings.map((r) => ({ ...r, barDiameterM: 0.2 }))],
  );
}
const zigzag = led([hook('R1'), hook('L2')]);

describe('one rope led back and forth', () => {
  it('keeps 1, 0.55, 0.30 of the hauled leg, counted from the hauled end', () => {
    const parts = runLegs(zigzag.lines[0]!).map((l) => l.part);
    expect(parts[2]).toBeCloseTo(1, 12);
    expect(parts[1]).toBeCloseTo(0.55, 12);
    expect(parts[0]).toBeCloseTo(0.55 ** 2, 12);
    expect(runLegs(zigzag.lines[0]!).map((l) => [l.from, l.to])).toEqual([
      ['L1', 'R1'],
      ['R1', 'L2'],
      ['L2', 'R2'],
    ]);
  });
  it('presses with each leg’s own part: the sum over its legs, by hand', () => {
    const { lines } = judge(zigzag);
    const td = tieDownOf(lines[0]!);
    const straight = 1 / Math.hypot(1, 1);
    // The legs to the other side run half a metre along as well: unfolded over sides and top, from edge to edge.
    const along = (0.5 * Math.SQRT2) / (2 * Math.SQRT2 + 1);
    const askew = 1 / Math.hypot(1, 1, along);
    expect(pressingPart(td)).toBeCloseTo(2 * (straight * (1 + 0.55 ** 2) + askew * 0.55), 9);
    expect(againstMotion(td, 'left')).toBeCloseTo(0, 9);
  });
  it('is one tie-down, however many legs', () => {
    const cmv = judge({ ...zigzag, ruleSet: 'us-cmv' });
    expect(cmv.rows.find((r) => r.code === 'tie-down-count')!.provided.value).toBe(1);
  });
  it('a hook on the way bears both its legs', () => {
    const { places } = judge(zigzag).lines[0]!.capacity;
    const share = (name: string) =>
      places.find((p) => p.part === 'hook' && p.name === `ring ${name}`)!.share.value!;
    // The hauled leg and the one behind it; farther back two weak legs bear less than the whole line.
    expect(share('L2')).toBeGreaterThan(1.4);
    expect(share('L2')).toBeLessThanOrEqual(1.55 + 1e-9);
    expect(share('R1')).toBe(1);
  });
  it('a lock that lets go takes the legs on both its sides; the hauled end its own part', () => {
    const locked = led([hook('R1', { locked: true }), hook('L2')], { hauling: 'leg-by-leg' });
    expect(runLegs(locked.lines[0]!).map((l) => l.part)).toEqual([1, 0.55, 1]);
    expect(slackLegs(locked.lines[0]!, 0)).toEqual([0, 1, 2]);
    expect(slackLegs(locked.lines[0]!, null)).toEqual([1, 2]);
    expect(slackLegs(zigzag.lines[0]!, null)).toEqual([0, 1, 2]);
  });
  it('a leg beside the load presses nothing; hooks on a direct line are not reckoned; a hook that is gone leaves it unplaced', () => {
    const beside = led([hook('L2'), hook('R1')]);
    expect(
      judge(beside)
        .lines[0]!.shape.pulls.map((p) => p.leg.anchorId)
        .toSorted(),
    ).toEqual(['L2', 'R1']);
    expect(judge(led([hook('nowhere')])).lines[0]!.shape.problem).toBe('line-not-placed');
    const line = { ...zigzag.lines[0]!, kind: 'loop' as const };
    expect(judge({ ...zigzag, lines: [line] }).lines[0]!.shape.problem).toBe('hooks-not-over');
  });
  it('statics hold less with it than with as many lines of their own', () => {
    const apart = planOf(
      zigzag.units.map((u) => ({ ...u })),
      ['1', '2'].map((n) => lineBody(`o${n}`, [`L${n}`, `R${n}`], ['A'])),
      rings,
    );
    const held = (p: Plan) => judge(p).statics.find((r) => r.direction === 'forward')!.held.value!;
    expect(held(zigzag)).toBeLessThan(held(apart));
    expect(held(zigzag)).toBeGreaterThan(0.4);
  });
});
