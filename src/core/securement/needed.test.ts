import { describe, expect, it } from 'vitest';
import { demoPlan, judge, withLoad } from '../../../tests/support/demo';
import { neededUnder } from './needed';
import type { Plan } from './plan';
import { RULE_SET_IDS } from './rule-set-ids';

const NOBODY = new Map();
const bins = demoPlan('apple-bins');

describe('how much a rule set asks for', () => {
  it('EN 12195-1, over-lashing by hand: n ≥ f_s·(c − μ)·m·g ÷ (2·μ·sin α·F_T), rounded up', () => {
    // Slick floor, so that more than what is there is needed forward.
    const slick = withLoad(bins, { friction: { known: 'entered', mu: 0.3 } });
    const line = judge(slick).lines[0]!;
    const sines = line.shape.legs.reduce((s, l) => s + l.sinAlpha, 0);
    const F = line.tension.pretension.value!;
    const asked = (1.25 * (0.8 - 0.3) * 2280 * 9.80665) / (0.3 * sines * F);
    expect(neededUnder(slick, 'eu-road', NOBODY)!.lines).toBe(Math.ceil(asked));
  });
  it('the same tension by hand: F_T = f_s·(c − μ)·m·g ÷ (n·μ·Σ sin α), to a hundredth', () => {
    const slick = withLoad(bins, { friction: { known: 'entered', mu: 0.4 } });
    const sines = judge(slick).lines.map((l) => l.shape.legs.reduce((s, g) => s + g.sinAlpha, 0));
    const asked = (1.25 * (0.8 - 0.4) * 2280 * 9.80665) / (0.4 * sines.reduce((a, b) => a + b, 0));
    const kept = neededUnder(slick, 'eu-road', NOBODY)!.keptN!;
    expect(kept).toBeGreaterThanOrEqual(asked * (1 - 1e-9));
    expect(kept).toBeLessThan(asked * 1.011);
  });
  it('with fewer lines, or less tension, it does not hold: under every set', () => {
    for (const id of RULE_SET_IDS) {
      const needed = neededUnder(bins, id, NOBODY)!;
      if (needed.lines === null || needed.lines === 0 || needed.lines > bins.lines.length) continue;
      const fewer: Plan = { ...bins, ruleSet: id, lines: bins.lines.slice(0, needed.lines - 1) };
      expect(judge(fewer).verdict, id).not.toBe('holds');
      const enough: Plan = { ...bins, ruleSet: id, lines: bins.lines.slice(0, needed.lines) };
      expect(judge(enough).verdict, id).toBe('holds');
    }
  });
  it('a plan without a line over it has nothing to count with', () =>
    expect(neededUnder({ ...bins, lines: [] }, 'eu-road', NOBODY)).toBeNull());
});
