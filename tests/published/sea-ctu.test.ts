/**
 * Sea areas of the CTU Code, from memory: A 0.5, B 0.7, C 0.8 across with the whole weight on the deck; lengthwise 0.3, 0.3,
 * 0.4 with 0.5, 0.3, 0.2 of it. Maximum securing load of fibre rope 33 % of its breaking strength (CSS Code Annex 13, from
 * memory). Statics by hand.
 */
import { describe, expect, it } from 'vitest';
import { STANDARD_GRAVITY } from '@/core/units';
import { holdMap } from '@/core/securement/hold/map';
import { staticsLoadOf } from '@/core/securement/hold/statics-load';
import { placeUnits } from '@/core/securement/load/placed';
import { ruleSet } from '@/core/securement/rules';
import { bareBox, demoPlan, judge, withLoad } from '../support/demo';

const AREAS = [
  { id: 'sea-ctu-a', across: 0.5, along: 0.3, cz: 0.5 },
  { id: 'sea-ctu-b', across: 0.7, along: 0.3, cz: 0.3 },
  { id: 'sea-ctu-c', across: 0.8, along: 0.4, cz: 0.2 },
] as const;

describe.each(AREAS)('$id', ({ id, across, along, cz }) => {
  it('asks along with what is left of the weight, and across with all of it', () => {
    const press = 2 * 2 * 3500 * (0.9 / Math.hypot(0.9, 0.35));
    const added = (0.3 * press) / (540 * STANDARD_GRAVITY);
    const { rows } = judge({ ...demoPlan('bandstand-deck'), ruleSet: id });
    expect(rows.map((r) => [r.direction, r.required.value])).toEqual([
      ['forward', along],
      ['rearward', along],
      ['sideways', across],
    ]);
    expect(rows[0]!.provided.value).toBeCloseTo(cz * 0.3 + added, 9);
    expect(rows[2]!.provided.value).toBeCloseTo(0.3 + added, 9);
  });
  it('an untied box slides at μ across and at μ × c_z along: the boundary stands, the least less does not', () => {
    const needs = Math.max(across, along / cz);
    // No surface has more than 1: in the worst waves friction alone is never enough.
    if (needs > 1) return expect(judge(bareBox(id, { mu: 1 })).verdict).toBe('short');
    expect(judge(bareBox(id, { mu: needs })).verdict).toBe('holds');
    const less = judge(bareBox(id, { mu: needs - 1e-4 }));
    expect(less.verdict).toBe('short');
    const held = (d: string) => less.statics.find((r) => r.direction === d)!.held.value!;
    expect(held('forward')).toBeCloseTo(cz * (needs - 1e-4), 9);
    expect(held('left')).toBeCloseTo(needs - 1e-4, 9);
  });
  it('against a board it tips along at c_z × half its length over the height of its centre of gravity', () => {
    const forward = (part: number) => {
      const plan = bareBox(id, { mu: 1, lengthM: 2 * (along / cz) * part, cgHeightM: 1 });
      const board = { capacityN: 1e6, heightM: 1e-12 };
      const deck = { ...plan.deck, boards: { ...plan.deck.boards, forward: board } };
      return judge({ ...withLoad(plan, { against: ['forward'] }), deck }).statics.find(
        (r) => r.direction === 'forward',
      )!;
    };
    expect(forward(1).held.value).toBeCloseTo(along, 9);
    expect(forward(1).verdict).toBe('holds');
    expect(forward(0.99).verdict).toBe('short');
    expect(forward(0.99).mechanism!.kind).toBe('tips');
  });
  it('a rope counts by 33 % of its breaking strength times its knots, not by the design factor', () => {
    const plan = demoPlan('carousel-crate');
    const sea = judge({ ...plan, ruleSet: id }).lines;
    const road = judge({ ...plan, ruleSet: 'eu-road' }).lines;
    const rope = (lines: typeof sea) =>
      lines[0]!.capacity.places.find((p) => p.part === 'rope')!.capacity.value!;
    expect(rope(sea) / rope(road)).toBeCloseTo(0.33 * 5, 9);
  });
  it('its map never says more in a named direction than its rows do', () => {
    const plan = bareBox(id, { mu: 0.6 });
    const assessed = judge(plan);
    const map = holdMap(
      staticsLoadOf(plan, placeUnits(plan.units), assessed.lines),
      ruleSet(id).statics,
    )!;
    const [forward, left] = [map.points[0]!.heldG!, map.points[map.points.length / 4]!.heldG!];
    expect(forward).toBeCloseTo(0.6 * cz, 9);
    expect(left).toBeCloseTo(0.6, 9);
    for (const p of map.points) expect(p.heldG).toBeLessThanOrEqual(0.6 + 1e-9);
    expect(map.required).toEqual({ forward: along, rearward: along, left: across, right: across });
  });
});
