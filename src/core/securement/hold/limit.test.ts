/** Statics of one load against closed forms. Source of every figure: statics, exact. */
import { describe, expect, it } from 'vitest';
import { holdLimit } from './limit';
import { MOTIONS, motionAt, UNLIMITED_G } from './programme';
import type { HoldBoard, HoldBody, HoldLeg, HoldLine, HoldProblem } from './problem';

const W = 10_000;
const box = (extra: Partial<HoldBody> = {}, size = { l: 2, w: 1 }): HoldBody => ({
  weightN: W,
  weightPart: 1,
  cone: 'inscribed',
  centre: { x: 0, y: 0, z: 0.6 },
  friction: 0.3,
  on: null,
  feet: [
    [1, 1],
    [1, -1],
    [-1, 1],
    [-1, -1],
  ].map(([sx, sy]) => ({ x: (sx! * size.l) / 2, y: (sy! * size.w) / 2, z: 0 })),
  ...extra,
});
const unit = (x: number, y: number, z: number) => {
  const n = Math.hypot(x, y, z);
  return { x: x / n, y: y / n, z: z / n };
};
const line = (
  id: string,
  legs: readonly Pick<HoldLeg, 'at' | 'pull'>[],
  leastN: number,
  mostN: number,
  ratio = 1,
): HoldLine => ({
  id,
  legs: legs.map((leg, stretch) => ({ ...leg, body: 0, stretch })),
  leastN,
  mostN,
  ratios: legs.slice(1).map(() => ratio),
});
const problem = (
  body: HoldBody,
  lines: HoldLine[] = [],
  boards: HoldBoard[] = [],
): HoldProblem => ({ bodies: [body], pushes: [], lines, boards });
const held = (p: HoldProblem, motion: Parameters<typeof holdLimit>[1] = MOTIONS.forward) =>
  holdLimit(p, motion)!.heldG;

describe('an untied box', () => {
  it.each([0.05, 0.2, 0.45, 0.7])('slides at μ %d in every direction', (friction) => {
    for (let k = 0; k < 16; k++)
      expect(
        held(
          problem(box({ friction, centre: { x: 0, y: 0, z: 0.05 } })),
          motionAt((k * Math.PI) / 8),
        ),
      ).toBeCloseTo(friction, 9);
  });
  it.each([
    [2, 1, 1.8],
    [0.3, 0.3, 1.5],
    [1, 0.9, 3],
  ])('tips at b/h: %d × %d m, %d m up', (l, w, z) => {
    const p = problem(box({ friction: 5, centre: { x: 0, y: 0, z } }, { l, w }));
    expect(held(p)).toBeCloseTo(l / 2 / z, 9);
    expect(held(p, MOTIONS.left)).toBeCloseTo(w / 2 / z, 9);
  });
  it.each([1, 0.5, 0.3, 0.2])(
    'with %d of its weight on the deck it slides and tips at that part',
    (weightPart) => {
      const low = problem(box({ friction: 0.45, weightPart, centre: { x: 0, y: 0, z: 0.05 } }));
      expect(held(low)).toBeCloseTo(weightPart * 0.45, 9);
      const tall = problem(box({ friction: 5, weightPart, centre: { x: 0, y: 0, z: 1.8 } }));
      expect(held(tall)).toBeCloseTo((weightPart * 1) / 1.8, 9);
      expect(held(tall, MOTIONS.left)).toBeCloseTo((weightPart * 0.5) / 1.8, 9);
    },
  );
  it('off its middle it tips sooner over the nearer edge', () => {
    const p = problem(box({ friction: 5, centre: { x: 0.4, y: 0, z: 1 } }));
    expect(held(p)).toBeCloseTo(0.6, 9);
    expect(held(p, MOTIONS.rearward)).toBeCloseTo(1.4, 9);
  });
  it('on ice nothing holds it', () =>
    expect(held(problem(box({ friction: 0 })))).toBeCloseTo(0, 12));
});

describe('lines', () => {
  const over = (F: number, sin = 1): HoldLine =>
    line(
      'o',
      [0.5, -0.5].map((y) => ({
        at: { x: 0, y, z: 1.2 },
        pull: { x: 0, y: Math.sign(y) * Math.sqrt(1 - sin * sin), z: -sin },
      })),
      F,
      F,
    );
  it('an over-line adds 2·μ·F·sin α/W', () => {
    for (const sin of [1, 0.8, 0.5])
      expect(held(problem(box({ centre: { x: 0, y: 0, z: 0.3 } }), [over(3000, sin)]))).toBeCloseTo(
        0.3 + (0.3 * 2 * 3000 * sin) / W,
        9,
      );
  });
  it('against tipping an over-line holds F·w·sin α and no more: the flat part of its legs cancels', () => {
    const p = problem(box({ friction: 5, centre: { x: 0, y: 0, z: 2 } }), [over(3000, 0.8)]);
    expect(held(p, MOTIONS.left)).toBeCloseTo((W * 0.5 + 3000 * 1 * 0.8) / (W * 2), 9);
  });
  it('a symmetric direct pair: μ + T·(cos α + μ·sin α)·2/W', () => {
    const [T, a] = [1500, Math.PI / 6];
    const pair = [0.5, -0.5].map((y, i) =>
      line(
        `d${i}`,
        [{ at: { x: -1, y, z: 0.6 }, pull: { x: -Math.cos(a), y: 0, z: -Math.sin(a) } }],
        0,
        T,
      ),
    );
    expect(held(problem(box(), pair))).toBeCloseTo(
      0.3 + (2 * T * (Math.cos(a) + 0.3 * Math.sin(a))) / W,
      9,
    );
    // The same pair pulls the wrong way for a load that moves rearward: it goes slack and nothing is gained.
    expect(held(problem(box(), pair), MOTIONS.rearward)).toBeCloseTo(0.3, 9);
  });
  it('a half loop along one side gives no pull lengthwise, and with friction at the edge what e^{μθ} lets it', () => {
    const legs = [1, -1].map((s) => ({ at: { x: 0, y: -0.5, z: 0 }, pull: unit(s, 0, 0) }));
    const body = box({ centre: { x: 0, y: -0.5, z: 0 }, friction: 0.3 });
    expect(held(problem(body, [line('l', legs, 0, 5000)]))).toBeCloseTo(0.3, 9);
    expect(held(problem(body, [line('l', legs, 0, 5000, 2)]))).toBeCloseTo(
      0.3 + (5000 - 2500) / W,
      9,
    );
  });
  it('unlike legs drag: F·(cos α₁ − cos α₂) against μ·(W + V), by hand', () => {
    const legs = [unit(0, 2, -1), unit(0, -1, -2)].map((pull, i) => ({
      at: { x: 0, y: i === 0 ? 0.01 : -0.01, z: 0 },
      pull,
    }));
    const F = 2000;
    const [h, v] = [(F * (2 - 1)) / Math.sqrt(5), (F * (1 + 2)) / Math.sqrt(5)];
    const p = problem(box({ centre: { x: 0, y: 0, z: 0.01 } }), [line('u', legs, F, F)]);
    expect(held(p, MOTIONS.left)).toBeCloseTo((0.3 * (W + v) - h) / W, 6);
    expect(held(p, MOTIONS.right)).toBeCloseTo((0.3 * (W + v) + h) / W, 6);
  });
  it('a kept tension that drags the load by itself: no equilibrium', () => {
    const legs = [{ at: { x: 0, y: 0, z: 0.6 }, pull: { x: 0, y: 1, z: 0 } }];
    expect(holdLimit(problem(box(), [line('x', legs, 4000, 4000)]), MOTIONS.forward)).toBeNull();
    expect(holdLimit(problem(box(), [line('x', legs, 0, 4000)]), MOTIONS.forward)).not.toBeNull();
  });
});

describe('boards', () => {
  const board = (heightM: number, capacityN: number): HoldBoard => ({
    direction: 'forward',
    capacityN,
    faces: [
      { body: 0, corners: [0.5, -0.5].flatMap((y) => [0, heightM].map((z) => ({ x: 1, y, z }))) },
    ],
  });
  it('adds its capacity, and none of it rearward', () => {
    const p = problem(box({ centre: { x: 0, y: 0, z: 0.3 } }), [], [board(0.3, 2500)]);
    expect(held(p)).toBeCloseTo(0.3 + 0.25, 9);
    expect(held(p, MOTIONS.rearward)).toBeCloseTo(0.3, 9);
  });
  it('the load tips over its upper edge: (b·W + …) about the foot, B at height h', () => {
    // Without friction the board carries m·a at its edge h_b: it tips once a·(h − h_b) = b.
    const p = problem(box({ friction: 0, centre: { x: 0, y: 0, z: 2 } }), [], [board(0.5, 1e9)]);
    expect(held(p)).toBeCloseTo(1 / (2 - 0.5), 9);
  });
  it('as high as the centre of gravity it holds whatever it can', () =>
    expect(
      held(problem(box({ friction: 0, centre: { x: 0, y: 0, z: 0.5 } }), [], [board(0.5, 1e12)])),
    ).toBeCloseTo(UNLIMITED_G, 6));
  it('swings round the corner of a board that reaches over half its face only: yaw by hand', () => {
    // Board from the middle to the left corner, no friction: at the middle it still holds; the centre of gravity 0.2 m right of its end swings past.
    const half: HoldBoard = {
      direction: 'forward',
      capacityN: 1e9,
      faces: [{ body: 0, corners: [0, 0.5].flatMap((y) => [0, 1].map((z) => ({ x: 1, y, z }))) }],
    };
    expect(
      held(problem(box({ friction: 0, centre: { x: 0, y: 0.1, z: 0.5 } }), [], [half])),
    ).toBeCloseTo(UNLIMITED_G, 6);
    expect(
      held(problem(box({ friction: 0, centre: { x: 0, y: -0.2, z: 0.5 } }), [], [half])),
    ).toBeCloseTo(0, 9);
  });
});

describe('the parts add up', () => {
  it('weight, lines and boards make up what is held (duality)', () => {
    const lines = [
      line('a', [{ at: { x: -1, y: 0.5, z: 0.8 }, pull: unit(-1, 0.3, -0.4) }], 0, 1200),
      line('b', [{ at: { x: -1, y: -0.5, z: 0.8 }, pull: unit(-1, -0.3, -0.4) }], 0, 900),
    ];
    const boards: HoldBoard[] = [
      {
        direction: 'forward',
        capacityN: 700,
        faces: [{ body: 0, corners: [0.5, -0.5].map((y) => ({ x: 1, y, z: 0 })) }],
      },
    ];
    for (let k = 0; k < 16; k++) {
      const r = holdLimit(problem(box(), lines, boards), motionAt((k * Math.PI) / 8))!;
      expect(
        r.weightG +
          r.lines.reduce((s, l) => s + l.partG, 0) +
          r.boards.reduce((s, b) => s + b.partG, 0),
      ).toBeCloseTo(r.heldG, 9);
    }
  });
});
