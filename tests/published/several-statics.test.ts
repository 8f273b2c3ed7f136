/** Statics of several units against closed forms. Source of every figure: statics, exact. */
import { describe, expect, it } from 'vitest';
import { STANDARD_GRAVITY } from '@/core/units/constants';
import type { Plan } from '@/core/securement/plan';
import { judge } from '../support/demo';
import { lineBody, lugBody, planOf, ringBody, unitBody } from '../support/units';

type Way = 'forward' | 'rearward' | 'left' | 'right';
const rowOf = (plan: Plan, way: Way) => judge(plan).statics.find((r) => r.direction === way)!;
const held = (plan: Plan, way: Way): number | null => rowOf(plan, way).held.value;
const gives = (plan: Plan, way: Way) => {
  const { mechanism, moving } = rowOf(plan, way);
  return [mechanism?.kind, ...moving.toSorted()];
};
const mu = (value: number) => ({ friction: { known: 'entered', mu: value } });
const W = 1000 * STANDARD_GRAVITY;

describe('two boxes side by side', () => {
  const pair = (left: number, right: number, apart = 0): Plan =>
    planOf([
      unitBody('A', { fromFrontM: 2, fromCentreM: 0.5, cgHeightM: 0.1, ...mu(left) }),
      unitBody('B', {
        fromFrontM: 2,
        fromCentreM: -0.5 - apart,
        cgHeightM: 0.1,
        massKg: 3000,
        ...mu(right),
      }),
    ]);
  it('the one behind pushes the one before it: friction of both, each with its own weight', () => {
    expect(held(pair(0.6, 0.2), 'left')).toBeCloseTo((0.6 * 1 + 0.2 * 3) / 4, 9);
    expect(gives(pair(0.6, 0.2), 'left')).toEqual(['slides', 'A', 'B']);
  });
  it('the one that goes first goes alone', () => {
    expect(held(pair(0.6, 0.2), 'right')).toBeCloseTo(0.2, 9);
    expect(gives(pair(0.6, 0.2), 'right')).toEqual(['slides', 'B']);
    expect(held(pair(0.6, 0.2), 'forward')).toBeCloseTo(0.2, 9);
  });
  it('a hand apart neither holds the other', () =>
    expect(held(pair(0.6, 0.2, 0.1), 'left')).toBeCloseTo(0.2, 9));
  it('together they are wider than each by itself, but do not tip as one: nothing ties them', () => {
    const tall = planOf(
      [0.5, -0.5].map((fromCentreM, i) =>
        unitBody(`U${i}`, {
          fromFrontM: 2,
          fromCentreM,
          heightM: 2,
          cgHeightM: 1.25,
          ...mu(5 / 4),
        }),
      ),
    );
    // Each tips at 0.5 ÷ 1.25; the outer one can lean on nobody.
    expect(held(tall, 'left')).toBeCloseTo(0.4, 9);
  });
});

describe('a line over two boxes', () => {
  const rings = [ringBody('L', 2.5, 2), ringBody('R', 2.5, -2)];
  const tied = (apart: number, heightM = 1): Plan =>
    planOf(
      [
        unitBody('A', {
          fromFrontM: 2,
          fromCentreM: 0.5 + apart,
          heightM,
          cgHeightM: 0.1,
          ...mu(0.4),
        }),
        unitBody('B', {
          fromFrontM: 2,
          fromCentreM: -0.5 - apart,
          heightM,
          cgHeightM: 0.1,
          ...mu(0.4),
        }),
      ],
      [lineBody('l', ['L', 'R'], ['A', 'B'])],
      rings,
    );
  it('side by side: μ·(2·W + 2·F·sin α) ÷ 2·W, what it pulls inward one leaves to the other', () => {
    const sin = 1 / Math.SQRT2;
    for (const way of ['left', 'right'] as const)
      expect(held(tied(0), way)).toBeCloseTo(0.4 + (0.4 * 2 * 3000 * sin) / (2 * W), 9);
  });
  it('apart it drags each toward the other: F·(1 − cos α) is what friction must bear before anything moves', () => {
    const apart = 0.4;
    const [flat, up] = [2 - 1 - apart, 1];
    const [cos, sin] = [flat / Math.hypot(flat, up), up / Math.hypot(flat, up)];
    // A is pulled in by F·(1 − cos α): its top stretch is level. Toward the right it slides sooner, toward the left later.
    const drag = 3000 * (1 - cos);
    const friction = 0.4 * (W + 3000 * sin);
    expect(held(tied(apart), 'right')).toBeCloseTo((friction - drag) / W, 9);
    expect(gives(tied(apart), 'right')).toEqual(['slides', 'A']);
    expect(gives(tied(apart), 'left')).toEqual(['slides', 'B']);
  });
});

describe('a stack of two', () => {
  const stack = (lower: Record<string, unknown>, upper: Record<string, unknown>): Plan =>
    planOf([
      unitBody('lower', { fromFrontM: 2, ...lower }),
      unitBody('upper', { fromFrontM: 2, on: { kind: 'unit', unitId: 'lower' }, ...upper }),
    ]);
  it('the upper one slides on the lower where that is the slicker', () => {
    const plan = stack(mu(0.4), mu(0.2));
    expect(held(plan, 'forward')).toBeCloseTo(0.2, 9);
    expect(gives(plan, 'forward')).toEqual(['slides', 'upper']);
  });
  it('both slide where the deck is the slicker', () => {
    const plan = stack(mu(0.2), mu(0.4));
    expect(held(plan, 'forward')).toBeCloseTo(0.2, 9);
    expect(gives(plan, 'forward')).toEqual(['slides', 'lower', 'upper']);
  });
  it('a slim upper one tips by itself at b ÷ h', () => {
    const plan = stack(mu(1.4), {
      ...mu(1.4),
      lengthM: 0.4,
      fromFrontM: 2.3,
      heightM: 1.6,
      cgHeightM: 0.8,
    });
    expect(held(plan, 'forward')).toBeCloseTo(0.2 / 0.8, 9);
    expect(gives(plan, 'forward')).toEqual(['tips', 'upper']);
  });
  it('two cubes tip as one: half the width over the height of both centres of gravity together', () => {
    const plan = stack(mu(1.4), mu(1.4));
    expect(held(plan, 'left')).toBeCloseTo(0.5 / 1, 9);
    expect(gives(plan, 'left')).toEqual(['tips', 'lower', 'upper']);
    const heavy = stack(mu(1.4), { ...mu(1.4), massKg: 3000 });
    expect(held(heavy, 'left')).toBeCloseTo(0.5 / ((0.5 + 3 * 1.5) / 4), 9);
  });
  it('an upper one that stands half over its edge tips the sooner to that side', () => {
    const plan = stack({ ...mu(1.4), lengthM: 2 }, { ...mu(1.4), fromFrontM: 1.6 });
    // Of its foot 0.6 m stand on the lower one, its weight 0.1 m behind that edge.
    expect(held(plan, 'forward')).toBeCloseTo(0.1 / 0.5, 9);
    expect(gives(plan, 'forward')).toEqual(['tips', 'upper']);
  });
});

describe('a lying cylinder', () => {
  const r = 0.5;
  const drum = (chocks: Record<string, unknown> | null): Plan =>
    planOf([
      unitBody('drum', {
        fromFrontM: 2,
        lengthM: 1.5,
        widthM: 2 * r,
        heightM: 2 * r,
        cgHeightM: r,
        shape: { kind: 'cylinder-lying', axis: 'length', chocks },
        ...mu(0.4),
      }),
    ]);
  it('without chocks it rolls at nothing, and slides along its axis at μ', () => {
    expect(held(drum(null), 'left')).toBeCloseTo(0, 9);
    expect(gives(drum(null), 'left')[0]).toBe('rolls');
    expect(held(drum(null), 'forward')).toBeCloseTo(0.4, 9);
  });
  it('over a chock it rolls at √(2·r·h − h²) ÷ (r − h)', () => {
    for (const heightM of [0.05, 0.1, 0.2]) {
      const plan = drum({ heightM, capacityN: 1e6 });
      expect(held(plan, 'left')).toBeCloseTo(
        Math.sqrt(2 * r * heightM - heightM ** 2) / (r - heightM),
        9,
      );
      expect(gives(plan, 'left')[0]).toBe('rolls');
    }
  });
  it('a chock that takes little gives way first: C·√(2·r·h − h²) ÷ (r·W)', () => {
    const heightM = 0.2;
    const capacityN = 2000;
    const out = Math.sqrt(2 * r * heightM - heightM ** 2);
    expect(held(drum({ heightM, capacityN }), 'right')).toBeCloseTo((capacityN * out) / (r * W), 9);
  });
  it('chocks nobody knows the strength of hold nothing for sure', () => {
    expect(held(drum({ heightM: 0.2 }), 'left')).toBeCloseTo(0, 9);
    expect(rowOf(drum({ heightM: 0.2 }), 'left').verdict).toBe('cannot-say');
    expect(rowOf(drum(null), 'left').verdict).toBe('short');
  });
  it('a strap over it keeps it from rolling by nothing but what its friction on the deck lets it: pressed, it still rolls', () => {
    const plan = planOf(
      [{ ...drum(null).units[0]! }],
      [lineBody('l', ['L', 'R'], ['drum'])],
      [ringBody('L', 2.75, 1), ringBody('R', 2.75, -1)],
    );
    // Equal legs pull straight down through its axis: no moment against rolling.
    expect(held(plan, 'left')).toBeCloseTo(0, 9);
  });
});

describe('from one unit to another', () => {
  it('what is tied to a heavier one holds by the friction of both', () => {
    const plan = planOf(
      [
        unitBody('A', { fromFrontM: 2, cgHeightM: 0.1, heightM: 0.2, ...mu(0.1) }),
        unitBody('B', { fromFrontM: 5, cgHeightM: 0.1, heightM: 0.2, massKg: 4000, ...mu(0.5) }),
      ],
      [
        lineBody('l', [], ['A', 'B'], {
          kind: 'direct',
          points: [
            { unitId: 'A', fromFrontM: 3, fromCentreM: 0, heightM: 0.1 },
            { unitId: 'B', fromFrontM: 5, fromCentreM: 0, heightM: 0.1 },
          ],
          elements: [
            lugBody('a'),
            { id: 'w', kind: 'webbing', widthM: 0.05, markedWllN: 25_000 },
            { id: 't', kind: 'ratchet', rating: { state: 'rated', wllN: 25_000 } },
            lugBody('b'),
          ],
        }),
      ],
    );
    expect(held(plan, 'forward')).toBeCloseTo((0.1 * 1 + 0.5 * 4) / 5, 9);
    // Rearward it goes slack: A slides by itself.
    expect(held(plan, 'rearward')).toBeCloseTo(0.1, 9);
  });
});

describe('a turned box, a standing cylinder', () => {
  it('turned by 45° it tips over a corner: half its diagonal over h', () => {
    const plan = planOf([
      unitBody('A', { fromFrontM: 2, turnRad: Math.PI / 4, cgHeightM: 1, ...mu(1.4) }),
    ]);
    expect(held(plan, 'forward')).toBeCloseTo(Math.SQRT1_2, 9);
  });
  it('a standing cylinder tips at r ÷ h', () => {
    const plan = planOf([
      unitBody('A', {
        fromFrontM: 2,
        shape: { kind: 'cylinder-upright' },
        cgHeightM: 0.8,
        heightM: 1.6,
        ...mu(1.4),
      }),
    ]);
    for (const way of ['forward', 'rearward', 'left', 'right'] as const)
      expect(held(plan, way)).toBeCloseTo(0.5 / 0.8, 9);
  });
  it('a centre of gravity known to a hand’s width counts at its worst', () => {
    const plan = planOf([
      unitBody('A', {
        fromFrontM: 2,
        cgHeightM: 1,
        cgForwardWithinM: 0.1,
        cgHeightWithinM: 0.25,
        ...mu(1.4),
        heightM: 2,
      }),
    ]);
    expect(held(plan, 'forward')).toBeCloseTo(0.4 / 1.25, 9);
    expect(held(plan, 'rearward')).toBeCloseTo(0.4 / 1.25, 9);
    expect(held(plan, 'left')).toBeCloseTo(0.5 / 1.25, 9);
  });
});

describe('a board that several stand against', () => {
  it('takes no more from all of them together than it can', () => {
    const plan = planOf(
      [1, -1].map((y, i) =>
        unitBody(`U${i}`, {
          fromFrontM: 0,
          fromCentreM: y,
          against: ['forward'],
          cgHeightM: 0.1,
          ...mu(0.4),
        }),
      ),
      [],
      [],
      {
        deck: {
          name: 'deck',
          lengthM: 20,
          widthM: 6,
          boards: {
            forward: { capacityN: 4000, heightM: 1 },
            rearward: {},
            left: {},
            right: {},
          },
        },
      },
    );
    expect(held(plan, 'forward')).toBeCloseTo(0.4 + 4000 / (2 * W), 9);
    const rule = judge(plan).rows.filter((r) => r.code === 'sliding' && r.direction === 'forward');
    expect(rule.map((r) => r.of)).toEqual(['U0', 'U1']);
    for (const r of rule) expect(r.provided.value).toBeCloseTo(0.4 + 2000 / W, 9);
  });
});
