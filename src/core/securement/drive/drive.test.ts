/**
 * The test drive against reckoning by hand. Source of each: statics of a rigid body, Hooke's law and Coulomb friction, worked
 * out beside the check.
 */
import { describe, expect, it } from 'vitest';
import { STANDARD_GRAVITY as g } from '../../units/constants';
import { ALONG, boxModel, pulling, walled } from '../../../../tests/support/drive-model';
import { elasticLimit } from './elastic-limit';
import { unclosed } from './energy';
import type { DriveModel } from './model';
import { driveAlong } from './pieces';
import type { DriveFrame, DriveRun } from './run';
import { slowDrive } from './slow';

const box = { massKg: 500, lengthM: 1.2, widthM: 1, heightM: 0.6, friction: 0.4 };
const behind = (z = 0.3) =>
  [
    { x: -0.6, y: 0, z },
    { x: -3.6, y: 0, z },
  ] as const;
const slow = (model: DriveModel, along: { x: number; y: number } = ALONG.forward): DriveRun => {
  const run = slowDrive(model, along)!;
  expect(unclosed(run.energy)).toBeLessThan(1e-3);
  return run;
};
/** The picture at a push, in g: the nearest of a slow drive. */
const at = (run: DriveRun, pushG: number): DriveFrame =>
  run.frames.reduce((a, b) =>
    Math.abs(b.push.forwardG - pushG) < Math.abs(a.push.forwardG - pushG) ? b : a,
  );

describe('without lines', () => {
  it.each([0.2, 0.4, 0.55])('a low box slides at its friction, %f', (friction) => {
    const run = slow(boxModel({ ...box, friction }));
    expect(run.way).toBe('slides');
    expect(run.gaveWayAtG).toBeCloseTo(friction, 3);
    expect(elasticLimit(boxModel({ ...box, friction }), ALONG.forward)!.limitG).toBeCloseTo(
      friction,
      3,
    );
  });
  it('a tall box tips at half its width over the height of its weight', () => {
    const tall = boxModel({ ...box, heightM: 3, friction: 0.9 });
    const run = slow(tall, ALONG.left);
    expect(run.way).toBe('tips');
    // 0.5 m to the edge, 1.5 m up; what it stands on gives 1 mm at most and takes as much off.
    expect(run.gaveWayAtG! / (0.5 / 1.5)).toBeCloseTo(1, 2);
    expect(elasticLimit(tall, ALONG.left)!.limitG / (0.5 / 1.5)).toBeCloseTo(1, 2);
  });
  it('stands still for an hour, on a slope of inertia too', () => {
    const quiet = { forwardG: -0.39, leftG: 0, upG: 0 };
    const hour = [
      { atS: 0, forwardG: 0, leftG: 0, upG: 0 },
      { atS: 1, ...quiet },
      { atS: 3601, ...quiet },
    ];
    const run = driveAlong(boxModel(box), hour, 0.25)!;
    const [after, last] = [run.frames.find((f) => f.atS > 3)!, run.frames.at(-1)!];
    expect(Math.abs(last.movedM - after.movedM)).toBeLessThan(1e-7);
    expect(last.movedM).toBeLessThan(0.002);
  });
});

describe('lines', () => {
  it('one spring without friction: it moves (m·a − T₀)/k once m·a is more than T₀', () => {
    const [k, keptN] = [40_000, 1000];
    const free = { ...box, friction: 0 };
    // What the line keeps presses the load against a wall behind it, which lets go when the push has used that up.
    const run = slow(
      walled(boxModel(free, [pulling('a', ...behind(), k, keptN)]), free, ['forward']),
    );
    expect(at(run, 0.15).movedM).toBeLessThan(0.0005);
    for (const pushG of [0.3, 0.5, 0.7]) {
      const frame = at(run, pushG);
      const force = 500 * frame.push.forwardG * g;
      expect(frame.tensionN[0]! / force).toBeCloseTo(1, 3);
      expect(frame.movedM / ((force - keptN) / k)).toBeCloseTo(1, 1);
    }
  });
  it('what nothing balances draws the load until it is slack; it is driven from there', () => {
    const [k, keptN] = [40_000, 1000];
    const run = slow(boxModel({ ...box, friction: 0 }, [pulling('a', ...behind(), k, keptN)]));
    const frame = at(run, 0.5);
    expect(run.frames[0]!.tensionN[0]).toBeCloseTo(0, 0);
    expect(frame.movedM / ((500 * frame.push.forwardG * g) / k)).toBeCloseTo(1, 1);
  });
  it('with friction: nothing moves before μ·N and the kept tension are used up', () => {
    const [k, keptN] = [40_000, 1000];
    const run = slow(boxModel(box, [pulling('a', ...behind(), k, keptN)]));
    const looseG = 0.4 + keptN / (500 * g);
    expect(at(run, looseG - 0.01).movedM).toBeLessThan(0.0015);
    const frame = at(run, 0.9);
    expect(frame.tensionN[0]! - keptN).toBeCloseTo(500 * g * (frame.push.forwardG - looseG), -1);
  });
  it('two unlike springs share as k₁ : k₂; the stiff one is over its limit first', () => {
    const [stiff, soft] = [60_000, 20_000];
    const free = { ...box, friction: 0 };
    const line = (id: string, y: number, k: number) =>
      pulling(id, { x: -0.6, y, z: 0.3 }, { x: -3.6, y, z: 0.3 }, k, 0, { wllN: 3000 });
    // Walls on both sides keep it straight.
    const model = walled(
      boxModel(free, [line('stiff', 0.2, stiff), line('soft', -0.2, soft)]),
      free,
      ['left', 'right'],
    );
    const limit = elasticLimit(model, ALONG.forward)!;
    expect(limit.end).toEqual({ kind: 'line', lineId: 'stiff' });
    // 3,000 N in the stiff one, a third of it in the soft one: 4,000 N of the 6,000 that perfect sharing would credit.
    expect(limit.tensionN[1]! / limit.tensionN[0]!).toBeCloseTo(soft / stiff, 1);
    expect(limit.limitG).toBeCloseTo(4000 / (500 * g), 1);
  });
  it('of two opposite lines the far one goes slack when movement × k is its kept tension; until then the pair is twice as stiff', () => {
    const [k, keptN] = [30_000, 900];
    const model = boxModel({ ...box, friction: 0 }, [
      pulling('near', ...behind(), k, keptN),
      pulling('far', { x: 0.6, y: 0, z: 0.3 }, { x: 3.6, y: 0, z: 0.3 }, k, keptN),
    ]);
    const run = slow(model);
    const slack = run.events.find((e) => e.kind === 'line-slack')!;
    expect(slack.lineId).toBe('far');
    expect(slack.movedM).toBeCloseTo(keptN / k, 3);
    expect(slack.pushG).toBeCloseTo((2 * keptN) / (500 * g), 2);
    const [before, after] = [at(run, 0.2), at(run, 0.6)];
    expect(before.movedM).toBeCloseTo((500 * g * before.push.forwardG) / (2 * k), 3);
    // From then on one line alone.
    expect(after.tensionN[0]).toBeCloseTo(500 * g * after.push.forwardG, -1);
  });
  it('tipping with a slack side: moments about the edge by hand', () => {
    const tall = { ...box, heightM: 2, friction: 1 };
    const [k, keptN] = [50_000, 400];
    const model = boxModel(tall, [
      pulling('left', { x: 0, y: 0.5, z: 2 }, { x: 0, y: 3.5, z: 2 }, k, keptN),
      pulling('right', { x: 0, y: -0.5, z: 2 }, { x: 0, y: -3.5, z: 2 }, k, keptN),
    ]);
    const run = slow(model, ALONG.left);
    const frame = run.frames.find((f) => f.push.leftG > 0.8 && f.tensionN[0] === 0)!;
    // About the left foot: m·a·1 m = m·g·0.5 m + T·2 m, once the left line is slack.
    const byHand = (500 * g * (frame.push.leftG * 1 - 0.5)) / 2;
    expect(frame.tensionN[1]! / byHand).toBeCloseTo(1, 1);
  });
  it('an over-line presses little more when the load moves sideways: its length changes by the square of the way', () => {
    const [k, keptN, high] = [30_000, 2000, 0.6];
    const leg = (y: number) => ({
      part: 1,
      from: { body: 0, at: { x: 0, y, z: high } },
      to: { body: null, at: { x: 0, y, z: 0 } },
    });
    const over = {
      ...pulling('over', { x: 0, y: 0, z: 1 }, { x: 0, y: 0, z: 0 }, k, keptN),
      stretches: [{ stiffnessNPerM: k, segments: [leg(0.5), leg(-0.5)] }],
    };
    const run = slow(boxModel(box, [over]));
    const frame = run.frames.find((f) => f.movedM > 0.05)!;
    const u = frame.moved[0]!;
    const longer = 2 * (Math.hypot(high, u) - high);
    expect(frame.tensionN[0]! - keptN).toBeCloseTo(k * longer, -1);
    // A direct line of that stiffness would have gained ten times as much.
    expect(frame.tensionN[0]! - keptN).toBeLessThan((k * u) / 10);
    expect(
      elasticLimit(
        boxModel(box, [{ ...over, stretches: [{ ...over.stretches[0]!, stiffnessNPerM: 0 }] }]),
        ALONG.forward,
      )!.limitG,
    ).toBeCloseTo(0.4 * (1 + (2 * keptN) / (500 * g)), 3);
  });
  it('over an edge the two sides differ by no more than e^{μθ}', () => {
    const side = (y: number) => ({
      stiffnessNPerM: 40_000,
      segments: [
        {
          part: 1,
          from: { body: 0, at: { x: 0, y, z: 0.6 } },
          to: { body: null, at: { x: 0, y: 3 * y, z: 0 } },
        },
      ],
    });
    const ratio = Math.exp(0.2 * Math.PI);
    const line = {
      ...pulling('over', { x: 0, y: 0, z: 1 }, { x: 0, y: 0, z: 0 }, 1, 1500),
      ratios: [ratio],
      stretches: [side(0.5), side(-0.5)],
    };
    const run = slow(boxModel({ ...box, friction: 0.1 }, [line]), ALONG.left);
    expect(run.energy.frictionJ).toBeGreaterThan(0);
    const model = boxModel({ ...box, friction: 0.1 }, [line]);
    const limit = elasticLimit(model, ALONG.left)!;
    expect(limit.tensionN[0]).toBeGreaterThan(1500);
  });
});

describe('what the answer does not depend on', () => {
  const held = (stiffer: number) =>
    boxModel({ ...box, stiffer }, [
      pulling('a', ...behind(), 40_000, 500),
      pulling('b', { x: -0.6, y: 0.3, z: 0.5 }, { x: -2.6, y: 1, z: 0 }, 25_000, 300),
    ]);
  const stop = [
    { atS: 0, forwardG: 0, leftG: 0, upG: 0 },
    { atS: 0.2, forwardG: -0.8, leftG: 0.1, upG: 0 },
    { atS: 1.5, forwardG: -0.8, leftG: 0.1, upG: 0 },
    { atS: 1.7, forwardG: 0, leftG: 0, upG: 0 },
    { atS: 3, forwardG: 0, leftG: 0, upG: 0 },
  ];
  const most = (run: DriveRun) => [
    run.mostMovedM,
    ...run.lines.map((_, i) => Math.max(...run.frames.map((f) => f.tensionN[i] ?? 0))),
  ];
  it('the length of a step: half of it gives the same to 1 %', () => {
    const [whole, half] = [driveAlong(held(1), stop)!, driveAlong(held(1), stop, 0.001)!];
    most(whole).forEach((v, i) => expect(v / most(half)[i]!).toBeCloseTo(1, 2));
    for (const run of [whole, half]) expect(unclosed(run.energy)).toBeLessThan(1e-3);
  });
  it('how stiff the deck is: twice as stiff gives the same limit', () => {
    const [one, two] = [1, 2].map((s) =>
      elasticLimit(
        { ...held(s), lines: held(s).lines.map((l) => ({ ...l, wllN: 2500 })) },
        ALONG.forward,
      )!,
    );
    expect(one!.end.kind).toBe('line');
    expect(two!.limitG / one!.limitG).toBeCloseTo(1, 2);
  });
});

describe('what breaks', () => {
  it('a line that reaches what it breaks at parts and is gone; the load goes on', () => {
    const run = slow(
      boxModel({ ...box, friction: 0.2 }, [
        pulling('a', ...behind(), 40_000, 0, { wllN: 500, breakingN: 1200 }),
      ]),
    );
    const told = run.events.map((e) => e.kind);
    expect(told).toEqual(['moves', 'line-over', 'line-parts', 'gives-way']);
    expect(run.events[2]!.pushG).toBeCloseTo(0.2 + 1200 / (500 * g), 2);
    expect(run.frames.at(-1)!.tensionN).toEqual([null]);
    expect(run.energy.brokenJ).toBeGreaterThan(0);
  });
  it('a board that bears more than it can breaks', () => {
    const model = boxModel({ ...box, friction: 0.2 });
    const board: DriveModel = {
      ...model,
      limits: [{ name: 'forward', capacityN: 1500 }],
      contacts: [
        ...model.contacts,
        ...[0.5, -0.5].flatMap((y) =>
          [0, 0.6].map((z) => ({
            body: 0,
            from: null,
            at: { x: 0.6, y, z },
            normal: { x: -1, y: 0, z: 0 },
            friction: 0,
            stiffnessNPerM: 3e6,
            limit: 0,
          })),
        ),
      ],
    };
    expect(elasticLimit(board, ALONG.forward)!.limitG).toBeCloseTo(0.2 + 1500 / (500 * g), 2);
    const run = slow(board);
    expect(run.events.find((e) => e.kind === 'board-breaks')).toMatchObject({ limit: 'forward' });
    expect(run.way).toBe('slides');
  });
});
