/**
 * Part of breaking strength that knots leave, entry by entry. Seamanship and field school: common practice, no source;
 * rope-rescue pull tests: from memory. A range counts at its lower end.
 */
import { describe, expect, it } from 'vitest';
import { knotEfficiency, type KnotSchoolChoice } from '@/core/knot/efficiency';
import { KNOTS, type KnotId, knotsFor } from '@/core/knot/knots';
import { bendFactor } from '@/core/rope/bend';
import { FRICTION_PAIRS, SURFACE_CEILING } from '@/core/securement/friction';
import { ROPE_MATERIALS } from '@/core/rope/materials';

const of = (id: KnotId, school: KnotSchoolChoice) =>
  Math.round(knotEfficiency(id, school, 'polyester').value! * 100);

describe('knot strength by school, percent', () => {
  it.each([
    ['overhand-on-bight', 45, 60, null],
    ['reef', 45, null, null],
    ['figure-eight-on-bight', null, null, 75],
    ['bowline', 60, 70, 67],
    ['perfection-loop', null, 70, null],
    ['double-fishermans', null, 60, 79],
    ['clove-hitch', 55, 60, null],
    ['timber-hitch', 70, null, null],
    ['sheet-bend', 55, null, null],
    ['fishermans-bend', 76, null, null],
    ['alpine-butterfly', null, null, 75],
    ['wrap-hitch', null, 100, 100],
  ] as const)('%s: seamanship %s, field %s, rescue %s', (id, seamanship, field, rescue) => {
    const known = [seamanship, field, rescue].filter((v) => v !== null);
    const lowest = Math.min(...known);
    expect([of(id, 'seamanship'), of(id, 'field'), of(id, 'rescue')]).toEqual([
      seamanship ?? lowest,
      field ?? lowest,
      rescue ?? lowest,
    ]);
    expect(of(id, 'lowest')).toBe(lowest);
  });
  it('a proper knot costs 30 to 40 %: the recommended attachments with a value keep 55 % or more', () => {
    for (const id of knotsFor('attachment')) {
      if (Object.keys(KNOTS[id].efficiency).length > 0 && id !== 'overhand-on-bight')
        expect(of(id, 'lowest'), id).toBeGreaterThanOrEqual(55);
    }
  });
});

describe('bend over an edge or pin, rope makers, from memory', () => {
  it.each([
    [1, 0.5],
    [2, 0.65],
    [3, 0.75],
    [4, 0.82],
    [6, 0.9],
    [8, 0.95],
    [12, 1],
    [40, 1],
  ])('D/d %d: %d', (ratio, factor) => expect(bendFactor(ratio)).toBe(factor));
  it('linear between entries, nothing below 1', () => {
    expect(bendFactor(5)).toBeCloseTo(0.86, 12);
    expect(bendFactor(10)).toBeCloseTo(0.975, 12);
    expect([bendFactor(0.99), bendFactor(0), bendFactor(NaN)]).toEqual([null, null, null]);
  });
  it('never falls as the bend gets wider', () => {
    for (let r = 1; r < 14; r += 0.05)
      expect(bendFactor(r + 0.05)!).toBeGreaterThanOrEqual(bendFactor(r)! - 1e-12);
  });
});

describe('friction, EN 12195-1 Annex B / CTU Code, from memory', () => {
  it('pairs', () =>
    expect(Object.fromEntries(Object.entries(FRICTION_PAIRS).map(([id, p]) => [id, p.mu]))).toEqual(
      {
        'sawn-wood-plywood': 0.45,
        'sawn-wood-grooved-aluminium': 0.4,
        'sawn-wood-smooth-steel': 0.3,
        'planed-wood-plywood': 0.3,
        'plastic-pallet-plywood': 0.2,
        'steel-plywood': 0.45,
        'rough-concrete-sawn-wood': 0.7,
        'smooth-concrete-sawn-wood': 0.55,
        'anti-slip-mat': 0.6,
        'unmarked-mat': 0.5,
      },
    ));
  it('not swept at most 0.20, ice or grease 0.10', () =>
    expect(SURFACE_CEILING).toEqual({ clean: 1, unswept: 0.2, icy: 0.1 }));
});

describe('stretch near 20 % of breaking strength, rope makers, from memory', () => {
  it.each([
    ['nylon', 0.1],
    ['nylon-braid', 0.08],
    ['polyester', 0.04],
    ['polyester-double-braid', 0.03],
    ['polypropylene', 0.05],
    ['manila', 0.04],
    ['paracord', 0.12],
    ['kernmantle', 0.03],
    ['hmpe', 0.01],
  ] as const)('%s %d', (id, strain) => expect(ROPE_MATERIALS[id].workingStrain).toBe(strain));
});
