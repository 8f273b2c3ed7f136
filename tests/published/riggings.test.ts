/**
 * Mechanical advantage of the usual systems against polynomials in the pass efficiency e, written by hand strand by
 * strand from statics; and of the trucker's hitch against its own formula. At e = 1 virtual work must give the same.
 */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Rigging, type RiggingBody, riggingForces, type RiggingRope, travelRatio } from '@/core/tackle/rigging';
import { haulingRatioOf } from '@/core/tackle/truckers';

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

describe('the trucker’s hitch is one of them', () => {
  const truckers = (eLoop: number, eAnchor: number, handAngleRad: number): Rigging => ({
    bodies: [LOAD, ANCHOR, travelling('loop', 5)], handAngleRad,
    ropes: [{ from: 'hand', passes: [{ body: 'loop', efficiency: eLoop }, { body: 'anchor', efficiency: eAnchor }], to: 'loop' }, { from: { body: 'loop' }, passes: [], to: 'load' }],
  });
  it.each([[0, 1.8], [Math.PI / 2, 1.131], [Math.PI, 0.6]])('at (0.5, 0.6) and a hand at %d rad', (angle, ratio) => expect(forces(truckers(0.5, 0.6, angle)).loadRatio).toBeCloseTo(angle === Math.PI ? 0.6 : ratio, 3));
  it('the general solution and the hitch’s own formula agree everywhere', () => {
    fc.assert(fc.property(fc.double({ min: 0.05, max: 1, noNaN: true }), fc.double({ min: 0.05, max: 1, noNaN: true }), fc.double({ min: 0, max: Math.PI, noNaN: true }), (eLoop, eAnchor, angle) => {
      const own = haulingRatioOf({ loopEfficiency: eLoop, anchorEfficiency: eAnchor, handAngleRad: angle, passes: 1 });
      const general = riggingForces(truckers(eLoop, eAnchor, angle), 'hauling');
      return general.ok && Math.abs(general.value.loadRatio - own) < 1e-9;
    }));
  });
  it('both doubles: 3.24 with a second loop, 2.04 reeved twice; counted 9 and 5', () => {
    const second = (eL: number, eA: number): Rigging => ({
      bodies: [LOAD, ANCHOR, travelling('loop', 5), travelling('second', 7)], handAngleRad: 0,
      ropes: [
        { from: 'hand', passes: [{ body: 'second', efficiency: eL }, { body: 'anchor', efficiency: eA }], to: 'second' },
        { from: { body: 'second' }, passes: [{ body: 'loop', efficiency: eL }, { body: 'anchor', efficiency: eA }], to: 'loop' },
        { from: { body: 'loop' }, passes: [], to: 'load' },
      ],
    });
    const twice = (eL: number, eA: number): Rigging => ({
      bodies: [LOAD, ANCHOR, travelling('loop', 5)], handAngleRad: 0,
      ropes: [{ from: 'hand', passes: [['loop', eL], ['anchor', eA], ['loop', eL], ['anchor', eA]].map(([body, efficiency]) => ({ body: body as string, efficiency: efficiency as number })), to: 'loop' }, { from: { body: 'loop' }, passes: [], to: 'load' }],
    });
    expect(forces(second(0.5, 0.6)).loadRatio).toBeCloseTo(3.24, 10);
    expect(forces(twice(0.5, 0.6)).loadRatio).toBeCloseTo(2.04, 10);
    expect([forces(second(1, 1)).loadRatio, forces(twice(1, 1)).loadRatio]).toEqual([9, 5]);
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
