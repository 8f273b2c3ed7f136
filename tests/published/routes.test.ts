/** Length and angles of a line along its route against geometry by hand, to 1e-9. Source: plane geometry, exact. */
import { describe, expect, it } from 'vitest';
import { firstShape, lineBody, lugBody, planOf, ringBody, unitBody } from '../support/units';

const [L, R] = [ringBody('L', 3, 2), ringBody('R', 3, -2)];
const box = (id: string, more: Record<string, unknown> = {}) =>
  unitBody(id, { fromFrontM: 2.5, ...more });
/** One over-line from L to R over units. */
const over = (
  units: readonly Record<string, unknown>[],
  names: readonly string[],
  anchors = [L, R],
) => firstShape(planOf(units, [lineBody('l', [anchors[0]!.id, anchors[1]!.id], names)], anchors));
const sines = (shape: ReturnType<typeof over>) => shape.legs.map((l) => l.sinAlpha);
const close = (values: readonly (number | null)[], expected: readonly number[]) => {
  expect(values).toHaveLength(expected.length);
  values.forEach((v, i) => expect(Math.abs(v! - expected[i]!)).toBeLessThan(1e-9));
};

describe('a line over units, by hand', () => {
  it('1 · over one box: up 1 in 1.5, over 1, down 1 in 1.5', () => {
    const s = over([box('A')], ['A']);
    close(
      [s.routeLengthM, ...sines(s)],
      [2 * Math.hypot(1.5, 1) + 1, 1 / Math.hypot(1.5, 1), 1 / Math.hypot(1.5, 1)],
    );
  });
  it('2 · over two boxes of one height side by side it is straight from edge to edge and presses each at its outer edge', () => {
    const s = over([box('A', { fromCentreM: 0.5 }), box('B', { fromCentreM: -0.5 })], ['A', 'B']);
    close([s.routeLengthM, ...sines(s)], [2 * Math.SQRT2 + 2, Math.SQRT1_2, Math.SQRT1_2]);
    expect(s.pulls.map((p) => [p.unitId, p.towardId])).toEqual([
      ['A', null],
      ['A', 'B'],
      ['B', 'A'],
      ['B', null],
    ]);
  });
  it('3 · over two of unlike height: from the low edge to the high one, over it and down', () => {
    // B is 2 m high: from L (2, 0) the straight way to B’s left edge (0, 2) passes A’s left edge (1, 1) exactly; A is 1.2 m high and lifts it.
    const s = over(
      [box('A', { fromCentreM: 0.5, heightM: 1.2 }), box('B', { fromCentreM: -0.5, heightM: 2 })],
      ['A', 'B'],
    );
    close(
      [s.routeLengthM, ...sines(s)],
      [
        Math.hypot(1, 1.2) + Math.hypot(1, 0.8) + 1 + Math.hypot(1, 2),
        1.2 / Math.hypot(1, 1.2),
        2 / Math.hypot(1, 2),
      ],
    );
  });
  it('4 · a low one between it and a high one is passed above, and gets nothing', () => {
    const s = over(
      [box('A', { fromCentreM: 0.5, heightM: 0.9 }), box('B', { fromCentreM: -0.5, heightM: 2 })],
      ['A', 'B'],
    );
    close(
      [s.routeLengthM, ...sines(s)],
      [Math.hypot(2, 2) + 1 + Math.hypot(1, 2), Math.SQRT1_2, 2 / Math.hypot(1, 2)],
    );
    expect(new Set(s.pulls.map((p) => p.unitId))).toEqual(new Set(['B']));
  });
  it('5 · round a lying cylinder: two tangents and the arc between them', () => {
    const r = 0.5;
    const drum = box('D', {
      shape: { kind: 'cylinder-lying', axis: 'length' },
      widthM: 2 * r,
      heightM: 2 * r,
    });
    const s = over([drum], ['D']);
    // From (2, 0) to a circle of radius r about (0, r): tangent length and the angle it leaves the deck with.
    const far = Math.hypot(2, r);
    const tangent = Math.sqrt(far * far - r * r);
    const rises = Math.atan2(r, 2) + Math.asin(r / far);
    close(
      [s.routeLengthM, ...sines(s)],
      [2 * tangent + r * 2 * rises, Math.sin(rises), Math.sin(rises)],
    );
  });
  it('6 · unlike legs: a ring near on one side, far on the other', () => {
    const s = over([box('A')], ['A'], [ringBody('L', 3, 0.9), ringBody('R', 3, -2.5)]);
    close(
      [s.routeLengthM, ...sines(s)],
      [Math.hypot(0.4, 1) + 1 + Math.hypot(2, 1), 1 / Math.hypot(0.4, 1), 1 / Math.hypot(2, 1)],
    );
  });
  it('7 · over a load off the middle', () => {
    const s = over([box('A', { fromCentreM: 0.75 })], ['A']);
    close(
      [s.routeLengthM, ...sines(s)],
      [
        Math.hypot(0.75, 1) + 1 + Math.hypot(2.25, 1),
        1 / Math.hypot(0.75, 1),
        1 / Math.hypot(2.25, 1),
      ],
    );
  });
  it('8 · over a box turned by 45°: across its diagonal', () => {
    const s = over([box('A', { turnRad: Math.PI / 4 })], ['A']);
    const half = Math.SQRT1_2;
    close(
      [s.routeLengthM, ...sines(s)],
      [
        2 * Math.hypot(2 - half, 1) + 2 * half,
        1 / Math.hypot(2 - half, 1),
        1 / Math.hypot(2 - half, 1),
      ],
    );
  });
  it('9 · over a box turned by 30°, off its middle: where the upright plane meets its sides', () => {
    // Ends 0.1 m behind the middle. In the box’s own frame its left and right sides are y' = ±0.5.
    const turnRad = Math.PI / 6;
    const behind = 0.1;
    const s = over(
      [box('A', { turnRad })],
      ['A'],
      [ringBody('L', 3 + behind, 2), ringBody('R', 3 + behind, -2)],
    );
    // Sides y' = ±0.5 with y' = −x·sin + y·cos, x = −behind: y = (±0.5 − behind·sin)/cos.
    const [sin, cos] = [Math.sin(turnRad), Math.cos(turnRad)];
    const [left, right] = [(0.5 - behind * sin) / cos, (-0.5 - behind * sin) / cos];
    close(
      [s.routeLengthM, ...sines(s)],
      [
        Math.hypot(2 - left, 1) + (left - right) + Math.hypot(2 + right, 1),
        1 / Math.hypot(2 - left, 1),
        1 / Math.hypot(2 + right, 1),
      ],
    );
  });
  it('10 · over a stack: down past the lower one from the top of the upper', () => {
    const s = over(
      [box('A'), box('B', { on: { kind: 'unit', unitId: 'A' }, heightM: 0.5 })],
      ['B'],
    );
    close(
      [s.routeLengthM, ...sines(s)],
      [2 * Math.hypot(1.5, 1.5) + 1, Math.SQRT1_2, Math.SQRT1_2],
    );
  });
  it('11 · from a ring on a post 0.4 m up to one on the deck', () => {
    const s = over([box('A')], ['A'], [ringBody('L', 3, 2, { on: 'post', heightM: 0.4 }), R]);
    close(
      [s.routeLengthM, ...sines(s)],
      [
        Math.hypot(1.5, 0.6) + 1 + Math.hypot(1.5, 1),
        0.6 / Math.hypot(1.5, 0.6),
        1 / Math.hypot(1.5, 1),
      ],
    );
  });
  it('12 · from one unit to another: its length and its angle, and no leg to the deck', () => {
    const plan = planOf(
      [box('A'), box('B', { fromFrontM: 5.5 })],
      [
        lineBody('l', [], ['A', 'B'], {
          kind: 'direct',
          points: [
            { unitId: 'A', fromFrontM: 3.5, fromCentreM: 0.5, heightM: 0.8 },
            { unitId: 'B', fromFrontM: 5.5, fromCentreM: -0.5, heightM: 0.2 },
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
    const s = firstShape(plan);
    const length = Math.hypot(2, 1, 0.6);
    close(
      [s.routeLengthM, ...s.pulls.map((p) => p.leg.sinAlpha), ...s.pulls.map((p) => p.leg.forward)],
      [length, 0.6 / length, -0.6 / length, -2 / Math.hypot(2, 1), 2 / Math.hypot(2, 1)],
    );
    expect(s.legs).toEqual([]);
  });
  it('13 · round the rear of a load by two points: two legs forward and the width between', () => {
    const s = firstShape(
      planOf(
        [box('A')],
        [
          lineBody('l', ['L', 'R'], ['A'], {
            kind: 'loop',
            points: [0.5, -0.5].map((fromCentreM) => ({
              unitId: 'A',
              fromFrontM: 3.5,
              fromCentreM,
              heightM: 0.5,
            })),
          }),
        ],
        [ringBody('L', 1, 1), ringBody('R', 1, -1)],
      ),
    );
    const leg = Math.hypot(2.5, 0.5, 0.5);
    close([s.routeLengthM, ...sines(s)], [2 * leg + 1, 0.5 / leg, 0.5 / leg]);
  });
});

describe('routes that say nothing', () => {
  it('askew over a lying cylinder; beside a named unit; from one side', () => {
    const drum = box('D', { shape: { kind: 'cylinder-lying', axis: 'length' } });
    expect(over([drum], ['D'], [L, ringBody('R', 3.2, -2)]).problem).toBe('round-askew');
    expect(over([box('A'), box('B', { fromFrontM: 9 })], ['A', 'B']).problem).toBe(
      'over-beyond-load',
    );
    expect(over([box('A', { turnRad: 0.1 })], ['A'], [L, ringBody('R', 3, 1.2)]).problem).toBe(
      'over-one-side',
    );
  });
  it('points off the unit, points that would lift off it, a line that names nothing', () => {
    const along = (points: readonly Record<string, unknown>[], kind = 'loop') =>
      firstShape(
        planOf(
          [box('A')],
          [lineBody('l', ['L', 'R'], ['A'], { kind, points })],
          [ringBody('L', 1, 1), ringBody('R', 1, -1)],
        ),
      ).problem;
    const at = (fromFrontM: number, fromCentreM: number) => ({
      unitId: 'A',
      fromFrontM,
      fromCentreM,
      heightM: 0.5,
    });
    expect(along([at(6, 0)])).toBe('attached-outside-load');
    expect(along([at(3.5, 0.5), at(3.5, -0.5)])).toBeNull();
    // Before its front face and back to rings before it: nothing is held.
    expect(along([at(2.5, 0.5), at(2.5, -0.5)])).toBe('route-leaves-load');
    expect(firstShape(planOf([box('A')], [lineBody('l', ['L', 'R'], [])], [L, R])).problem).toBe(
      'line-holds-nothing',
    );
  });
});
