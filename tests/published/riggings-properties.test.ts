import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Rigging, riggingForces } from '@/core/tackle/rigging';
import { TABLE, forces, system, rope, travelling, P, Q } from '../support/riggings';

describe('what must hold of any of them', () => {
  const made = fc.constantFrom(...TABLE.map(([name, , make]) => ({ name, make })));
  const e = fc.double({ min: 0.3, max: 1, noNaN: true });
  it('more friction, less advantage; holding is never harder than hauling', () => {
    fc.assert(
      fc.property(made, e, e, ({ make }, a, b) => {
        const [low, high] = [Math.min(a, b), Math.max(a, b)];
        return (
          forces(make(low)).loadRatio <= forces(make(high)).loadRatio + 1e-9 &&
          forces(make(low), 'holding').loadRatio >= forces(make(low)).loadRatio - 1e-9
        );
      }),
    );
  });
  it('along the line the forces of load, anchors and hand add up to nothing', () => {
    fc.assert(
      fc.property(made, e, ({ make }, x) => {
        const rigging = make(x);
        const f = forces(rigging);
        const anchors = [...f.anchors.values()].reduce((sum, v) => sum + v, 0);
        return Math.abs(f.loadRatio - anchors - Math.cos(rigging.handAngleRad)) < 1e-9;
      }),
    );
  });
  it('a redirect without friction changes nothing but the anchor', () => {
    const [plain, redirected] = [
      system([], ['hand L A | L'])(1),
      system([], ['hand A L A | L'], Math.PI)(1),
    ];
    expect(forces(redirected).loadRatio).toBe(forces(plain).loadRatio);
    expect(forces(redirected).anchors.get('anchor')).not.toBe(forces(plain).anchors.get('anchor'));
  });
  it('every strand of a rope falls from the hand on', () => {
    fc.assert(
      fc.property(made, e, ({ make }, x) =>
        forces(make(x)).strands.every((rope) =>
          rope.every((t, i) => i === 0 || t <= rope[i - 1]! + 1e-12),
        ),
      ),
    );
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
  const why = (r: Rigging): string => {
    const f = riggingForces(r, 'hauling');
    return f.ok ? 'ok' : f.issues[0]!.code;
  };
  const good = system([P], ['hand P | A', 'P L | A'])(0.9);
  it.each<[string, Rigging]>([
    ['rigging-undetermined', { ...good, bodies: [...good.bodies, Q] }],
    ['rigging-undetermined', { ...good, ropes: [...good.ropes, rope('P | L', 1)] }],
    ['rigging-one-hand', { ...good, ropes: good.ropes.slice(1) }],
    [
      'rigging-no-load-or-anchor',
      { ...good, bodies: good.bodies.filter((b) => b.kind !== 'anchor') },
    ],
    ['rigging-unknown-body', { ...good, ropes: [good.ropes[0]!, rope('P X | A', 1)] }],
    ['rigging-strand-nowhere', { ...good, ropes: [good.ropes[0]!, rope('P P | A', 1)] }],
    ['rigging-efficiency', { ...good, ropes: [good.ropes[0]!, rope('P L | A', 1.1)] }],
    ['rigging-hand-angle', { ...good, handAngleRad: 4 }],
    ['rigging-body-twice', { ...good, bodies: [...good.bodies, P] }],
    ['rigging-pushes', { ...good, ropes: [good.ropes[0]!, rope('P | A', 1)] }],
  ])('%s', (code, rigging) => expect(why(rigging)).toBe(code));
  it('as it stands it is solved', () => expect(why(good)).toBe('ok'));
});
