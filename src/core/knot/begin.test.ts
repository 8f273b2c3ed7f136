import { describe, expect, it } from 'vitest';
import { beginning, roundOf } from './begin';
import type { Body } from './shape/body';
import { frameOf, type ShippedForm } from './shape/frames';
import { turnsRound } from './shape/turns';

/** A rope wound `turns` times round a bar along x, touching it. */
function wound(turns: number, radius: number): Body {
  const count = 60 * turns + 1;
  const at = new Float64Array(3 * count);
  for (let i = 0; i < count; i++) {
    const a = (i / 60) * 2 * Math.PI;
    at.set([i / 40, (radius + 0.5) * Math.cos(a), (radius + 0.5) * Math.sin(a)], 3 * i);
  }
  return {
    at,
    free: new Uint8Array(count).fill(1),
    strands: [{ first: 0, count, diameter: 1, u: new Float64Array(count) }],
    fixtures: [{ kind: 'bar', from: [-10, 0], to: [20, 0], radius }],
    lifts: [],
    sides: [],
    held: [],
  };
}

const shipped = (body: Body): Pick<ShippedForm, 'strands' | 'fixtures' | 'frames'> => ({
  strands: [{ diameter: 1, u: Array.from({ length: body.at.length / 3 }, () => 1) }],
  fixtures: body.fixtures,
  frames: [frameOf(body, 1)],
});

describe('turns round an object', () => {
  it.each([1, 2, 5])('%i are counted', (n) => {
    const body = wound(n, 3);
    expect(turnsRound(body, 0, body.fixtures[0] as { kind: 'bar' } & typeof BAR)).toBeCloseTo(n, 2);
    expect(roundOf(shipped(body))!.turns).toBeCloseTo(n, 1);
  });
  const BAR = { kind: 'bar', from: [0, 0], to: [1, 0], radius: 3 } as const;
  it('rope that passes far from it is not round it', () => {
    const body = wound(2, 3);
    expect(turnsRound(body, 0, { ...BAR, from: [-10, 0], to: [20, 0], radius: 1 })).toBe(0);
  });
});

describe('where to begin', () => {
  const round = { turns: 2, radiusD: 3 };
  it('drawn thickness takes what is drawn', () => {
    const { insideM, fromEndM } = beginning({ insideD: 70, tailD: 12, round }, 0.01, null);
    expect(insideM).toBeCloseTo(0.7, 9);
    expect(fromEndM).toBeCloseTo(0.82, 9);
    expect(beginning({ insideD: 70, tailD: 12, round }, 0.01, 0.06).insideM).toBeCloseTo(0.7, 9);
  });
  it('a tree of 300 mm costs its girth for every turn', () => {
    // Girth of a circle: two turns are longer by 2π(300 − 60) mm than round the 60 mm that are drawn.
    expect(beginning({ insideD: 70, tailD: 12, round }, 0.01, 0.3).insideM).toBeCloseTo(
      0.7 + 2 * Math.PI * 0.24,
      9,
    );
  });
  it('what is tied round nothing takes the same round anything', () =>
    expect(beginning({ insideD: 50, tailD: 8, round: null }, 0.01, 0.3).fromEndM).toBeCloseTo(
      0.58,
      9,
    ));
});
