/**
 * Mechanical advantage of the usual systems against polynomials in the pass efficiency e, written by hand strand by
 * strand from statics; and of the trucker's hitch against its own formula. At e = 1 virtual work must give the same.
 */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { type Rigging, riggingForces, travelRatio } from '@/core/tackle/rigging';
import { tackleFields } from '@/core/tackle/fields';
import { riggingOf } from '@/core/tackle/tackle';
import { truckersRigging } from '@/core/tackle/family';
import { tackleForces } from '@/core/tackle/rigging-working';
import { SYSTEM_IDS, SYSTEMS, type SystemId, systemRigging } from '@/core/tackle/systems';
import {
  frictionBand,
  haulingRatioOf,
  TRUCKERS_FORMS,
  type TruckersPull,
} from '@/core/tackle/truckers';
import { bare, traced, type Working } from '@/core/working/working';
import { LOAD, ANCHOR, rope, TABLE, EFFICIENCIES, forces, P, Q } from '../support/riggings';

describe('systems against polynomials written by hand', () => {
  it.each(TABLE)('%s', (_, counted, make, polynomial) => {
    for (const e of EFFICIENCIES)
      expect(forces(make(e)).loadRatio, `e = ${e}`).toBeCloseTo(polynomial(e), 10);
    expect(polynomial(1)).toBe(counted);
    expect(forces(make(1)).loadRatio).toBeCloseTo(counted, 10);
    const travel = travelRatio(make(1));
    expect(travel.ok && travel.value, 'virtual work').toBeCloseTo(counted, 10);
  });
});

describe('the named systems are these', () => {
  const SAME: Record<SystemId, string> = {
    'simple-2': 'simple 2 to 1',
    'simple-3': 'simple 3 to 1',
    'simple-4': 'simple 4 to 1',
    'simple-5': 'simple 5 to 1',
    redirect: '1 to 1 over a redirect',
    'compound-4': 'compound 4 to 1: 2 on 2',
    'compound-6': 'compound 6 to 1: 2 on 3',
    'compound-9': 'compound 9 to 1: 3 on 3',
    'compound-8': 'compound 8 to 1: 2 on 2 on 2',
    'complex-5': 'complex 5 to 1',
    'complex-7': 'complex 7 to 1',
    'spanish-burton': 'Spanish burton, single',
  };
  it.each(SYSTEM_IDS)('%s', (id) => {
    const [, counted, , polynomial] = TABLE.find(([name]) => name === SAME[id])!;
    expect(SYSTEMS[id].counted).toBe(counted);
    expect(forces(systemRigging(SYSTEMS[id], 'plain-pulley')).loadRatio).toBeCloseTo(
      polynomial(0.9),
      10,
    );
  });
});

describe('the trucker’s family is of them', () => {
  const pull = (extra: Partial<TruckersPull> = {}): TruckersPull => ({
    form: 'single',
    inLoop: 'rope-loop',
    roundAnchor: 'ring',
    loopEfficiency: 0.5,
    anchorEfficiency: 0.6,
    handAngleRad: 0,
    passes: 1,
    ...extra,
  });
  it.each([
    [0, 1.8],
    [Math.PI / 2, 1.131],
    [Math.PI, 0.6],
  ])('at (0.5, 0.6) and a hand at %d rad', (handAngleRad, ratio) => {
    expect(forces(truckersRigging(pull({ handAngleRad }))).loadRatio).toBeCloseTo(ratio, 3);
    expect(haulingRatioOf(pull({ handAngleRad }))).toBeCloseTo(ratio, 3);
  });
  it('the general solution and the family’s own formulas agree everywhere', () => {
    const e = fc.double({ min: 0.05, max: 1, noNaN: true });
    fc.assert(
      fc.property(
        fc.constantFrom(...TRUCKERS_FORMS),
        e,
        e,
        fc.double({ min: 0, max: Math.PI, noNaN: true }),
        fc.constantFrom(1 as const, 2 as const),
        (form, loopEfficiency, anchorEfficiency, handAngleRad, passes) => {
          const hitch = pull({ form, loopEfficiency, anchorEfficiency, handAngleRad, passes });
          const general = riggingForces(truckersRigging(hitch), 'hauling');
          // A hand square to the line or beyond it can pull less than nothing along it: then a rope would have to push, and the solver says so.
          if (!general.ok)
            return general.issues[0]!.code === 'rigging-pushes' && haulingRatioOf(hitch) < 1e-9;
          return (
            Math.abs(general.value.loadRatio - haulingRatioOf(hitch)) <
            1e-9 * Math.max(1, haulingRatioOf(hitch))
          );
        },
      ),
    );
  });
  it('a second pass through the loop leaves the cube: 1 + 0.5³·1.6', () =>
    expect(forces(truckersRigging(pull({ passes: 2 }))).loadRatio).toBeCloseTo(
      1 + 0.125 * 1.6,
      12,
    ));
  it('both doubles: 3.24 with a second loop, 2.04 reeved twice; counted 9 and 5', () => {
    const smooth = { loopEfficiency: 1, anchorEfficiency: 1 };
    expect(forces(truckersRigging(pull({ form: 'second-loop' }))).loadRatio).toBeCloseTo(3.24, 10);
    expect(forces(truckersRigging(pull({ form: 'reeved-twice' }))).loadRatio).toBeCloseTo(2.04, 10);
    expect([
      forces(truckersRigging(pull({ form: 'second-loop', ...smooth }))).loadRatio,
      forces(truckersRigging(pull({ form: 'reeved-twice', ...smooth }))).loadRatio,
    ]).toEqual([9, 5]);
  });
  it('the ranges riggers know give 1.62 to 1.91 with a rope loop, 1.85 to 2.07 with a ring in it; “10 lb gives about 20 lb” (common practice) lies in the second only', () => {
    const [rope, ring] = [frictionBand(pull()), frictionBand(pull({ inLoop: 'ring' }))];
    expect([rope.least, rope.most].map((v) => v.toFixed(2))).toEqual(['1.62', '1.91']);
    expect([ring.least, ring.most].map((v) => v.toFixed(2))).toEqual(['1.85', '2.07']);
    const within = (b: { least: number; most: number }): boolean => b.least <= 2 && 2 <= b.most;
    expect([within(rope), within(ring)]).toEqual([false, true]);
  });
});

describe('the working of a tackle', () => {
  const tackle = (make: (e: number) => Rigging, e: number, handAngleRad?: number) => {
    const r = make(e);
    return z.object(tackleFields).parse({
      bodies: r.bodies.toSorted((a, b) => a.at - b.at).map(({ id, kind }) => ({ id, kind })),
      handForceN: 250,
      handAngleRad: handAngleRad ?? r.handAngleRad,
      ropes: r.ropes.map((x) => ({
        ...x,
        passes: x.passes.map((p) => ({
          body: p.body,
          turn: { by: 'efficiency', efficiency: p.efficiency },
        })),
      })),
    });
  };
  it.each(TABLE)('%s: every strand as the solver finds it, with either tracer', (_, __, make) => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 1, noNaN: true }),
        fc.double({ min: 0, max: Math.PI, noNaN: true }),
        (e, angle) => {
          const t = tackle(make, e, angle);
          const solved = riggingForces(riggingOf(t), 'hauling');
          // A hand that pulls back may leave nothing for another rope to hold.
          if (!solved.ok) return;
          for (const mine of [tackleForces(traced, t), tackleForces(bare, t)]) {
            const value = (v: Working | number | null): number =>
              typeof v === 'number' || v === null ? (v ?? NaN) : (v.value ?? NaN);
            mine.strandsN.forEach((rope, r) =>
              rope.forEach((strand, i) =>
                expect(value(strand)).toBeCloseTo(250 * solved.value.strands[r]![i]!, 8),
              ),
            );
            expect(value(mine.loadN)).toBeCloseTo(250 * solved.value.loadRatio, 8);
            for (const [id, n] of solved.value.anchors)
              expect(value(mine.bodiesN.get(id)!)).toBeCloseTo(250 * n, 8);
          }
        },
      ),
      { numRuns: 20 },
    );
  });
  it('bodies that hold each other are solved together, and the working says so', () => {
    // Two travelling bodies, each hanging on both open ropes: b + 0.5c = 0.81 + 0.729, 0.5b + c = 1.9 + 0.6561.
    const t = tackle(
      () => ({
        bodies: [LOAD, P, Q, ANCHOR],
        handAngleRad: 0,
        ropes: [rope('hand Q A P A | Q', 0.9), rope('P L | Q', 0.5), rope('Q L | P', 0.5)],
      }),
      0.9,
    );
    const { strandsN } = tackleForces(traced, t);
    expect(strandsN[1]![0]!.source).toContain('together');
    const c = (2.5561 - 0.5 * 1.539) / 0.75;
    expect(strandsN[2]![0]!.value).toBeCloseTo(250 * c, 9);
    expect(strandsN[1]![0]!.value).toBeCloseTo(250 * (1.539 - 0.5 * c), 9);
  });
});
