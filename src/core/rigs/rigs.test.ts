import { describe, expect, it } from 'vitest';
import { entryOf } from '../knot/catalogue';
import { knotEfficiency } from '../knot/efficiency';
import type { RigInputs } from './rig';
import { RIGS, rigOf } from './rigs';

const INPUTS: RigInputs = { loadN: 400, count: 3, spanM: 10, sagM: 0.5, designFactor: 5 };
const loads = (id: string, inputs: Partial<RigInputs> = {}) =>
  rigOf(id)!.loads({ ...INPUTS, ...inputs });

describe('rigs', () => {
  it.each(RIGS.map((r) => [r.id, r] as const))(
    '%s: every joint is a form that is taught; what its rope must bear follows from its load',
    (_, rig) => {
      const { joints, bearings } = rig.loads(INPUTS);
      expect(joints.length).toBeGreaterThan(1);
      expect(bearings.length).toBeGreaterThan(0);
      for (const { stage, loadN, neededN } of joints) {
        expect(entryOf(stage.entry)!.forms.map((f) => f.id)).toContain(stage.form);
        expect(loadN.value).toBeGreaterThan(0);
        expect(neededN.value).toBeGreaterThanOrEqual(5 * loadN.value!);
      }
      expect(rig.notFor).not.toBe('');
    },
  );

  it('a bowline with 400 N at a design factor of 5 wants 400 × 5 ÷ what a bowline leaves', () => {
    const [load] = loads('hanger').joints;
    const left = knotEfficiency('bowline', 'lowest', 'polyester').value!;
    expect(load!.neededN.value).toBeCloseTo((400 * 5) / left, 6);
  });

  it('raised over a branch with the most friction: 0.35 of the pull is left, so 400 N want 1,143 N and the branch bears both', () => {
    // Least that a half turn on a post leaves: common practice, no source.
    const { joints, bearings } = loads('hanger');
    expect(joints[1]!.loadN.value).toBeCloseTo(400 / 0.35, 6);
    expect(bearings[0]!.loadN.value).toBeCloseTo(400 + 400 / 0.35, 6);
  });

  it('a level line with its load in the middle: (P/2)·√(1 + (L/2s)²)', () => {
    // Textbook formula for a weightless line, from memory.
    const end = (p: number): number => (p / 2) * Math.hypot(1, 10 / (2 * 0.5));
    expect(loads('ridge').bearings[0]!.loadN.value).toBeCloseTo(end(400), 6);
    expect(loads('row').bearings[0]!.loadN.value).toBeCloseTo(end(3 * 400), 6);
  });

  it('a row hung anywhere gives no more than all of it in the middle', () => {
    const [L, s, w] = [10, 0.5, 400];
    const worst = loads('row').bearings[0]!.loadN.value!;
    // Three equal loads at the quarters, the lowest point sagging as far: moments about the middle give H.
    const H = (1.5 * w * (L / 2) - w * (L / 4)) / s;
    expect(Math.hypot(H, 1.5 * w)).toBeLessThanOrEqual(worst);
  });

  it('half the sag is nearly twice the tension', () => {
    const at = (sagM: number): number => loads('ridge', { sagM }).bearings[0]!.loadN.value!;
    expect(at(0.25) / at(0.5)).toBeCloseTo(2, 1);
  });
});
