import { describe, expect, it } from 'vitest';
import { mechanismWords } from '../../../wording/mechanism';
import { holdLimit } from './limit';
import { type Motion, MOTIONS, motionAt, UPWARD } from './programme';
import { mechanismOf } from './mechanism';
import type { HoldBoard, HoldBody, HoldLine, HoldProblem } from './problem';

const W = 10_000;
const body = (extra: Partial<HoldBody> = {}, l = 2, w = 1): HoldBody => ({
  weightN: W,
  weightPart: 1,
  cone: 'inscribed',
  centre: { x: 0, y: 0, z: 0.5 },
  friction: 0.3,
  on: null,
  feet: [
    [1, 1],
    [1, -1],
    [-1, 1],
    [-1, -1],
  ].map(([x, y]) => ({ x: (x! * l) / 2, y: (y! * w) / 2, z: 0 })),
  ...extra,
});
const words = (problem: HoldProblem, motion: Motion): string =>
  mechanismWords(mechanismOf(problem, holdLimit(problem, motion), motion));
const strap = (
  id: string,
  x: number,
  y: number,
  toX: number,
  toY: number,
  mostN = 20_000,
): HoldLine => {
  const n = Math.hypot(toX - x, toY - y, 0.5);
  return {
    id,
    legs: [
      {
        body: 0,
        stretch: 0,
        at: { x, y, z: 0.5 },
        pull: { x: (toX - x) / n, y: (toY - y) / n, z: -0.5 / n },
      },
    ],
    leastN: 0,
    mostN,
    ratios: [],
  };
};
const board = (heightM: number): HoldBoard => ({
  direction: 'forward',
  capacityN: 1e9,
  faces: [
    { body: 0, corners: [0.5, -0.5].flatMap((y) => [0, heightM].map((z) => ({ x: 1, y, z }))) },
  ],
});

describe('how a load gives way', () => {
  it('slides where nothing but friction holds it, in each direction', () => {
    const alone = { bodies: [body()], pushes: [], lines: [], boards: [] };
    expect(words(alone, MOTIONS.forward)).toBe('nothing holds it forward but friction');
    expect(words(alone, MOTIONS.rearward)).toBe('nothing holds it rearward but friction');
    expect(words(alone, MOTIONS.left)).toBe('nothing holds it to the left but friction');
    expect(words(alone, MOTIONS.right)).toBe('nothing holds it to the right but friction');
  });
  it('tips over the edge toward the motion, over a board where one stands there', () => {
    const tall = body({ friction: 2, centre: { x: 0, y: 0, z: 2 } });
    expect(words({ bodies: [tall], pushes: [], lines: [], boards: [] }, MOTIONS.left)).toBe(
      'nothing but its own weight keeps it from tipping to the left over its left edge',
    );
    expect(
      words({ bodies: [tall], pushes: [], lines: [], boards: [] }, MOTIONS.rearward),
    ).toContain('over its rear edge');
    expect(
      words(
        { bodies: [{ ...tall, friction: 0 }], pushes: [], lines: [], boards: [board(0.5)] },
        MOTIONS.forward,
      ),
    ).toContain('tips forward over the headboard');
  });
  it('swings round the held end when only one end has side lines', () => {
    const long = body({}, 5, 1);
    const front = [strap('l', 2.4, -0.5, 2.4, 2), strap('r', 2.4, 0.5, 2.4, -2)];
    expect(words({ bodies: [long], pushes: [], lines: front, boards: [] }, MOTIONS.left)).toMatch(
      /^swings round its front (left|right) corner$/,
    );
    const rear = [strap('l', -2.4, -0.5, -2.4, 2), strap('r', -2.4, 0.5, -2.4, -2)];
    expect(words({ bodies: [long], pushes: [], lines: rear, boards: [] }, MOTIONS.right)).toMatch(
      /^swings round its rear (left|right) corner$/,
    );
  });
  it('slides against lines that give in, lifts, is dragged, stands', () => {
    const pair = [strap('a', 1, 0.5, -2, 0.5, 1000), strap('b', 1, -0.5, -2, -0.5, 1000)];
    expect(words({ bodies: [body()], pushes: [], lines: pair, boards: [] }, MOTIONS.forward)).toBe(
      'slides forward',
    );
    expect(words({ bodies: [body()], pushes: [], lines: [], boards: [] }, UPWARD)).toBe(
      'lifts off',
    );
    expect(
      words(
        {
          bodies: [body()],
          pushes: [],
          lines: [{ ...strap('x', 1, 0, 4, 0), leastN: 20_000 }],
          boards: [],
        },
        MOTIONS.forward,
      ),
    ).toBe('its own lines drag it');
    expect(
      words(
        { bodies: [body({ friction: 0 })], pushes: [], lines: [], boards: [board(1)] },
        MOTIONS.forward,
      ),
    ).toBe('nothing gives way');
  });
  it('askew it takes the nearer of the four names', () => {
    const alone = { bodies: [body()], pushes: [], lines: [], boards: [] };
    expect(words(alone, motionAt(0.3))).toContain('forward');
    expect(words(alone, motionAt(Math.PI / 2 - 0.3))).toContain('to the left');
  });
});
