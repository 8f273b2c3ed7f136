/**
 * Mechanical advantage of the usual systems against polynomials in the pass efficiency e, written by hand strand by
 * strand from statics; and of the trucker's hitch against its own formula. At e = 1 virtual work must give the same.
 */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { type Rigging, type RiggingBody, riggingForces, type RiggingRope, travelRatio } from '@/core/tackle/rigging';
import { tackleFields } from '@/core/tackle/fields';
import { riggingOf } from '@/core/tackle/tackle';
import { truckersRigging } from '@/core/tackle/family';
import { tackleForces } from '@/core/tackle/rigging-working';
import { SYSTEM_IDS, SYSTEMS, type SystemId, systemRigging } from '@/core/tackle/systems';
import { frictionBand, haulingRatioOf, TRUCKERS_FORMS, type TruckersPull } from '@/core/tackle/truckers';
import { bare, traced, type Working } from '@/core/working/working';

const LOAD: RiggingBody = { id: 'load', kind: 'load', at: 0 };
const ANCHOR: RiggingBody = { id: 'anchor', kind: 'anchor', at: 10 };
const travelling = (id: string, at: number): RiggingBody => ({ id, kind: 'travelling', at });
/** A rope as “hand L A | L”: what it passes, and where it ends. `L` load, `A` anchor, other letters travelling bodies. */
const NAMES: Record<string, string> = { L: 'load', A: 'anchor' };
const rope = (text: string, e: number): RiggingRope => {
  const [from, ...rest] = text.split(' ').filter((w) => w !== '|').map((w) => NAMES[w] ?? w);
  return { from: from === 'hand' ? 'hand' : { body: from! }, passes: rest.slice(0, -1).map((body) => ({ body, efficiency: e })), to: rest.at(-1)! };
};
const system = (more: readonly RiggingBody[], ropes: readonly string[], handAngleRad = 0) => (e: number): Rigging => ({ bodies: [LOAD, ANCHOR, ...more], ropes: ropes.map((t) => rope(t, e)), handAngleRad });
const [P, Q] = [travelling('P', 4), travelling('Q', 6)];

const TABLE: readonly [string, number, (e: number) => Rigging, (e: number) => number][] = [
  ['1 to 1, straight', 1, system([], ['hand | L']), () => 1],
  ['1 to 1 over a redirect', 1, system([], ['hand A | L'], Math.PI), (e) => e],
  ['simple 2 to 1', 2, system([], ['hand L | A']), (e) => 1 + e],
  ['simple 2 to 1 over a redirect', 2, system([], ['hand A L | A'], Math.PI), (e) => e + e ** 2],
  ['simple 3 to 1', 3, system([], ['hand L A | L']), (e) => 1 + e + e ** 2],
  ['simple 4 to 1', 4, system([], ['hand L A L | A']), (e) => 1 + e + e ** 2 + e ** 3],
  ['simple 5 to 1', 5, system([], ['hand L A L A | L']), (e) => 1 + e + e ** 2 + e ** 3 + e ** 4],
  ['compound 4 to 1: 2 on 2', 4, system([P], ['hand P | A', 'P L | A']), (e) => (1 + e) ** 2],
  ['compound 6 to 1: 2 on 3', 6, system([P], ['hand P | A', 'P L A | L']), (e) => (1 + e) * (1 + e + e ** 2)],
  ['compound 6 to 1: 3 on 2', 6, system([P], ['hand P A | P', 'P L | A']), (e) => (1 + e + e ** 2) * (1 + e)],
  ['compound 9 to 1: 3 on 3', 9, system([P], ['hand P A | P', 'P L A | L']), (e) => (1 + e + e ** 2) ** 2],
  ['compound 8 to 1: 2 on 2 on 2', 8, system([P, Q], ['hand Q | A', 'Q P | A', 'P L | A']), (e) => (1 + e) ** 3],
  ['complex 5 to 1', 5, system([P], ['hand L P | L', 'P A | L']), (e) => 1 + e + 2 * e ** 2 + e ** 3],
  ['complex 7 to 1', 7, system([P], ['hand L P L | P', 'P A | L']), (e) => 1 + e + 2 * e ** 2 + 2 * e ** 3 + e ** 4],
  ['Spanish burton, single', 3, system([P], ['hand P | L', 'P A | L'], Math.PI), (e) => 2 * e + e ** 2],
];
const EFFICIENCIES = [1, 0.95, 0.9, 0.6, 0.5];
const forces = (r: Rigging, state: 'hauling' | 'holding' = 'hauling') => { const f = riggingForces(r, state); if (!f.ok) throw new Error(f.issues[0]!.code); return f.value; };

describe('systems against polynomials written by hand', () => {
  it.each(TABLE)('%s', (_, counted, make, polynomial) => {
    for (const e of EFFICIENCIES) expect(forces(make(e)).loadRatio, `e = ${e}`).toBeCloseTo(polynomial(e), 10);
    expect(polynomial(1)).toBe(counted);
    expect(forces(make(1)).loadRatio).toBeCloseTo(counted, 10);
    const travel = travelRatio(make(1));
    expect(travel.ok && travel.value, 'virtual work').toBeCloseTo(counted, 10);
  });
});

describe('the named systems are these', () => {
  const SAME: Record<SystemId, string> = {
    'simple-2': 'simple 2 to 1', 'simple-3': 'simple 3 to 1', 'simple-4': 'simple 4 to 1', 'simple-5': 'simple 5 to 1', redirect: '1 to 1 over a redirect',
    'compound-4': 'compound 4 to 1: 2 on 2', 'compound-6': 'compound 6 to 1: 2 on 3', 'compound-9': 'compound 9 to 1: 3 on 3', 'compound-8': 'compound 8 to 1: 2 on 2 on 2',
    'complex-5': 'complex 5 to 1', 'complex-7': 'complex 7 to 1', 'spanish-burton': 'Spanish burton, single',
  };
  it.each(SYSTEM_IDS)('%s', (id) => {
    const [, counted, , polynomial] = TABLE.find(([name]) => name === SAME[id])!;
    expect(SYSTEMS[id].counted).toBe(counted);
    expect(forces(systemRigging(SYSTEMS[id], 'plain-pulley')).loadRatio).toBeCloseTo(polynomial(0.9), 10);
  });
});

describe('the trucker’s family is of them', () => {
  const pull = (extra: Partial<TruckersPull> = {}): TruckersPull => ({ form: 'single', inLoop: 'rope-loop', roundAnchor: 'ring', loopEfficiency: 0.5, anchorEfficiency: 0.6, handAngleRad: 0, passes: 1, ...extra });
  it.each([[0, 1.8], [Math.PI / 2, 1.131], [Math.PI, 0.6]])('at (0.5, 0.6) and a hand at %d rad', (handAngleRad, ratio) => {
    expect(forces(truckersRigging(pull({ handAngleRad }))).loadRatio).toBeCloseTo(ratio, 3);
    expect(haulingRatioOf(pull({ handAngleRad }))).toBeCloseTo(ratio, 3);
  });
  it('the general solution and the family’s own formulas agree everywhere', () => {
    const e = fc.double({ min: 0.05, max: 1, noNaN: true });
    fc.assert(fc.property(fc.constantFrom(...TRUCKERS_FORMS), e, e, fc.double({ min: 0, max: Math.PI, noNaN: true }), fc.constantFrom(1 as const, 2 as const), (form, loopEfficiency, anchorEfficiency, handAngleRad, passes) => {
      const hitch = pull({ form, loopEfficiency, anchorEfficiency, handAngleRad, passes });
      const general = riggingForces(truckersRigging(hitch), 'hauling');
      // A hand square to the line or beyond it can pull less than nothing along it: then a rope would have to push, and the solver says so.
      if (!general.ok) return general.issues[0]!.code === 'rigging-pushes' && haulingRatioOf(hitch) < 1e-9;
      return Math.abs(general.value.loadRatio - haulingRatioOf(hitch)) < 1e-9 * Math.max(1, haulingRatioOf(hitch));
    }));
  });
  it('a second pass through the loop leaves the cube: 1 + 0.5³·1.6', () => expect(forces(truckersRigging(pull({ passes: 2 }))).loadRatio).toBeCloseTo(1 + 0.125 * 1.6, 12));
  it('both doubles: 3.24 with a second loop, 2.04 reeved twice; counted 9 and 5', () => {
    const smooth = { loopEfficiency: 1, anchorEfficiency: 1 };
    expect(forces(truckersRigging(pull({ form: 'second-loop' }))).loadRatio).toBeCloseTo(3.24, 10);
    expect(forces(truckersRigging(pull({ form: 'reeved-twice' }))).loadRatio).toBeCloseTo(2.04, 10);
    expect([forces(truckersRigging(pull({ form: 'second-loop', ...smooth }))).loadRatio, forces(truckersRigging(pull({ form: 'reeved-twice', ...smooth }))).loadRatio]).toEqual([9, 5]);
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
      bodies: r.bodies.toSorted((a, b) => a.at - b.at).map(({ id, kind }) => ({ id, kind })), handForceN: 250, handAngleRad: handAngleRad ?? r.handAngleRad,
      ropes: r.ropes.map((x) => ({ ...x, passes: x.passes.map((p) => ({ body: p.body, turn: { by: 'efficiency', efficiency: p.efficiency } })) })),
    });
  };
  it.each(TABLE)('%s: every strand as the solver finds it, with either tracer', (_, __, make) => {
    fc.assert(fc.property(fc.double({ min: 0.3, max: 1, noNaN: true }), fc.double({ min: 0, max: Math.PI, noNaN: true }), (e, angle) => {
      const t = tackle(make, e, angle);
      const solved = riggingForces(riggingOf(t), 'hauling');
      // A hand that pulls back may leave nothing for another rope to hold.
      if (!solved.ok) return;
      for (const mine of [tackleForces(traced, t), tackleForces(bare, t)]) {
        const value = (v: Working | number | null): number => (typeof v === 'number' || v === null ? v ?? NaN : v.value ?? NaN);
        mine.strandsN.forEach((rope, r) => rope.forEach((strand, i) => expect(value(strand)).toBeCloseTo(250 * solved.value.strands[r]![i]!, 8)));
        expect(value(mine.loadN)).toBeCloseTo(250 * solved.value.loadRatio, 8);
        for (const [id, n] of solved.value.anchors) expect(value(mine.bodiesN.get(id)!)).toBeCloseTo(250 * n, 8);
      }
    }), { numRuns: 20 });
  });
  it('bodies that hold each other are solved together, and the working says so', () => {
    // Two travelling bodies, each hanging on both open ropes: b + 0.5c = 0.81 + 0.729, 0.5b + c = 1.9 + 0.6561.
    const t = tackle(() => ({ bodies: [LOAD, P, Q, ANCHOR], handAngleRad: 0, ropes: [rope('hand Q A P A | Q', 0.9), rope('P L | Q', 0.5), rope('Q L | P', 0.5)] }), 0.9);
    const { strandsN } = tackleForces(traced, t);
    expect(strandsN[1]![0]!.source).toContain('together');
    const c = (2.5561 - 0.5 * 1.539) / 0.75;
    expect(strandsN[2]![0]!.value).toBeCloseTo(250 * c, 9);
    expect(strandsN[1]![0]!.value).toBeCloseTo(250 * (1.539 - 0.5 * c), 9);
  });
});

describe('what must hold of any of them', () => {
  const made = fc.constantFrom(...TABLE.map(([name, , make]) => ({ name, make })));
  const e = fc.double({ min: 0.3, max: 1, noNaN: true });
  it('more friction, less advantage; holding is never harder than hauling', () => {
    fc.assert(fc.property(made, e, e, ({ make }, a, b) => {
      const [low, high] = [Math.min(a, b), Math.max(a, b)];
      return forces(make(low)).loadRatio <= forces(make(high)).loadRatio + 1e-9 && forces(make(low), 'holding').loadRatio >= forces(make(low)).loadRatio - 1e-9;
    }));
  });
  it('along the line the forces of load, anchors and hand add up to nothing', () => {
    fc.assert(fc.property(made, e, ({ make }, x) => {
      const rigging = make(x);
      const f = forces(rigging);
      const anchors = [...f.anchors.values()].reduce((sum, v) => sum + v, 0);
      return Math.abs(f.loadRatio - anchors - Math.cos(rigging.handAngleRad)) < 1e-9;
    }));
  });
  it('a redirect without friction changes nothing but the anchor', () => {
    const [plain, redirected] = [system([], ['hand L A | L'])(1), system([], ['hand A L A | L'], Math.PI)(1)];
    expect(forces(redirected).loadRatio).toBe(forces(plain).loadRatio);
    expect(forces(redirected).anchors.get('anchor')).not.toBe(forces(plain).anchors.get('anchor'));
  });
  it('every strand of a rope falls from the hand on', () => {
    fc.assert(fc.property(made, e, ({ make }, x) => forces(make(x)).strands.every((rope) => rope.every((t, i) => i === 0 || t <= rope[i - 1]! + 1e-12))));
  });
});

describe('many bodies', () => {
  it('a 9 to 1 with three travelling bodies: 7.3441 at e = 0.9', () => {
    const grips = [travelling('G', 2), travelling('P', 4), travelling('Q', 6)];
    const nine = system(grips, ['hand Q A | Q', 'Q P', 'P G A | G', 'G L'])(0.9);
    expect(forces(nine).loadRatio).toBeCloseTo(2.71 ** 2, 10);
  });
});

describe('what cannot be solved is refused with the reason', () => {
  const why = (r: Rigging): string => { const f = riggingForces(r, 'hauling'); return f.ok ? 'ok' : f.issues[0]!.code; };
  const good = system([P], ['hand P | A', 'P L | A'])(0.9);
  it.each<[string, Rigging]>([
    ['rigging-undetermined', { ...good, bodies: [...good.bodies, Q] }],
    ['rigging-undetermined', { ...good, ropes: [...good.ropes, rope('P | L', 1)] }],
    ['rigging-one-hand', { ...good, ropes: good.ropes.slice(1) }],
    ['rigging-no-load-or-anchor', { ...good, bodies: good.bodies.filter((b) => b.kind !== 'anchor') }],
    ['rigging-unknown-body', { ...good, ropes: [good.ropes[0]!, rope('P X | A', 1)] }],
    ['rigging-strand-nowhere', { ...good, ropes: [good.ropes[0]!, rope('P P | A', 1)] }],
    ['rigging-efficiency', { ...good, ropes: [good.ropes[0]!, rope('P L | A', 1.1)] }],
    ['rigging-hand-angle', { ...good, handAngleRad: 4 }],
    ['rigging-body-twice', { ...good, bodies: [...good.bodies, P] }],
    ['rigging-pushes', { ...good, ropes: [good.ropes[0]!, rope('P | A', 1)] }],
  ])('%s', (code, rigging) => expect(why(rigging)).toBe(code));
  it('as it stands it is solved', () => expect(why(good)).toBe('ok'));
});
