import { describe, expect, it } from 'vitest';
import { demoPlan } from '../../../tests/support/demo';
import { plainRope } from '../rope/plain';
import { stiffness } from '../rope/strength';
import { bare, traced } from '../working/working';
import { lineFactsOf } from './assess';
import { storedEnergies } from './stored-energy';

describe('stored energy', () => {
  it('2 kN in 10 m of 12 mm nylon is about 330 J; half of that in polyester. Source: worked example of the field, from memory', () => {
    const of = (material: 'nylon' | 'polyester', mbsN: number): number => {
      const EA = stiffness(bare, { ...plainRope({ material, diameterM: 0.012 }), mbsN })!;
      return (2000 ** 2 * 10) / (2 * EA);
    };
    // 30 kN of breaking strength give EA 60 kN in nylon, 150 kN in polyester.
    expect(of('nylon', 30_000)).toBeCloseTo(333, 0);
    expect(of('polyester', 30_000) / of('nylon', 30_000)).toBeCloseTo(0.4, 9);
  });
  it('of every line that holds is T²·L/(2·EA), with its working; its zones lie beyond both ends of each leg', () => {
    const plan = demoPlan('water-tote');
    const facts = lineFactsOf(plan);
    const found = storedEnergies(traced, facts);
    expect(found.map((e) => e.lineId)).toEqual(plan.lines.map((l) => l.id));
    for (const [i, e] of found.entries()) {
      const [T, L, EA] = e.energy.inputs.map((w) => w.value!);
      expect(T).toBe(facts[i]!.tension.kept.value);
      expect(e.energy.value).toBeCloseTo((T! ** 2 * L!) / (2 * EA!), 9);
      expect(e.atLimit.value! / e.energy.value!).toBeCloseTo(
        (facts[i]!.capacity.wll.value! / T!) ** 2,
        6,
      );
      expect(e.zones).toHaveLength(2 * facts[i]!.shape.legs.length);
      for (const zone of e.zones) expect(zone.lengthM).toBe(facts[i]!.shape.routeLengthM);
      // The first zone of a leg goes on past its anchor, away from the load.
      const [leg] = facts[i]!.shape.legs;
      const [zone] = e.zones;
      const out =
        Math.cos(zone!.towardRad!) * leg!.forward + Math.sin(zone!.towardRad!) * leg!.left;
      expect(out).toBeCloseTo(1, 9);
    }
  });
  it('is not known where a tension or a strength is not, and nothing is said of what does not hold', () => {
    const plan = demoPlan('water-tote');
    const [first, ...others] = plan.lines;
    const open = { ...first!, elements: first!.elements.filter((e) => e.kind !== 'truckers') };
    const found = storedEnergies(traced, lineFactsOf({ ...plan, lines: [open, ...others] }));
    for (const e of found.filter((x) => x.lineId === open.id)) expect(e.energy.value).toBeNull();
    expect(storedEnergies(traced, lineFactsOf({ ...plan, units: [] }))).toEqual([]);
  });
});
