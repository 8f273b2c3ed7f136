import { describe, expect, it } from 'vitest';
import { knotReach } from '../knot/shape/measure';
import { bodyOfFrame, type ShippedForm } from '../knot/shape/frames';
import { M_PER_FT, M_PER_IN } from '../units/constants';
import { bare, traced } from '../working/working';
import { checkFormulas } from '../../../tests/support/working';
import { randomOf } from '../../../tests/support/knots';
import { bendFor, bestJoin, joinedLength } from './joining';
import { cutLength, END_KNOT_IDS } from './piece';
import { cutPlan } from './plan';
import { assignmentOf, type CutJob, cutProblem } from './problem';
import { type CutProgress, CutSearch } from './search';

function solved(job: CutJob, most = Infinity): { progress: CutProgress; search: CutSearch } {
  const search = new CutSearch(job);
  let progress = search.run(0);
  while (!progress.done && progress.nodes < most) progress = search.run(5000);
  return { progress, search };
}

/** Every way to cut, by trying them all. */
function bruteForce(job: CutJob): number {
  const problem = cutProblem(job);
  const from = new Int32Array(problem.piece.length);
  let best = Infinity;
  const place = (i: number): void => {
    if (i === from.length) {
      best = Math.min(best, assignmentOf(problem, from).value);
      return;
    }
    for (let h = -1; h < problem.capacity.length; h++) {
      from[i] = h;
      place(i + 1);
    }
  };
  place(0);
  return best;
}

const hank = (id: string, lengthM: number, pricePerM: number | null = null) => ({
  id,
  lengthM,
  pricePerM,
});
const pieces = (...lengths: number[]) => lengths.map((lengthM, i) => ({ id: `p${i}`, lengthM }));

describe('the plan that wastes least', () => {
  it('is the one brute force finds, on 200 random small jobs with prices, too little rope and rests worth keeping', () => {
    const random = randomOf(20261125);
    let short = 0;
    for (let run = 0; run < 200; run++) {
      const job: CutJob = {
        hanks: Array.from({ length: 1 + Math.floor(random() * 3) }, (_, i) =>
          hank(
            `h${i}`,
            2 + Math.round(random() * 60) / 10,
            random() < 0.3 ? null : 1 + Math.floor(random() * 3),
          ),
        ),
        pieces: Array.from({ length: 1 + Math.floor(random() * 7) }, (_, i) => ({
          id: `p${i}`,
          lengthM: 0.3 + Math.round(random() * 25) / 10,
        })),
        keepM: random() < 0.5 ? 0.5 : 2,
      };
      const { progress } = solved(job);
      expect(progress.proven, JSON.stringify(job)).toBe(true);
      expect(progress.best.value, JSON.stringify(job)).toBeCloseTo(bruteForce(job), 6);
      if (cutPlan(cutProblem(job), progress.best).missing.length > 0) short += 1;
    }
    expect(short).toBeGreaterThan(20);
  });
  it('60 pieces from 12 hanks: proven', () => {
    const random = randomOf(60);
    for (const fill of [0.5, 0.85, 0.97]) {
      const hanks = Array.from({ length: 12 }, (_, i) =>
        hank(`h${i}`, 20 + Math.round(random() * 200) / 10),
      );
      const total = hanks.reduce((sum, h) => sum + h.lengthM, 0);
      const raw = Array.from({ length: 60 }, () => 1 + random() * 9);
      const scale = (total * fill) / raw.reduce((a, b) => a + b, 0);
      const { progress } = solved({
        hanks,
        pieces: pieces(...raw.map((l) => Math.round(l * scale * 100) / 100)),
        keepM: 1,
      });
      expect(progress.proven).toBe(true);
    }
  });
  it('a search that is not finished has its best so far and a bound that the best never falls under', () => {
    const random = randomOf(5);
    const job = {
      hanks: Array.from({ length: 12 }, (_, i) =>
        hank(`h${i}`, 20 + Math.round(random() * 80) / 4, 1 + (i % 2)),
      ),
      pieces: pieces(...Array.from({ length: 60 }, () => 2 + Math.round(random() * 24) / 4)),
      keepM: 1,
    };
    const search = new CutSearch(job);
    const first = search.run(0);
    const later = search.run(20_000);
    expect(later.best.value).toBeLessThanOrEqual(first.best.value);
    expect(later.bound).toBeLessThanOrEqual(later.best.value + 1e-9);
    expect(assignmentOf(search.problem, later.best.from).value).toBeCloseTo(later.best.value, 6);
  });
  it('more than 60 pieces stop after a budget, with a plan that can be cut', () => {
    const random = randomOf(9);
    const { progress, search } = solved({
      hanks: Array.from({ length: 20 }, (_, i) => hank(`h${i}`, 25 + i)),
      pieces: pieces(...Array.from({ length: 150 }, () => 0.5 + Math.round(random() * 40) / 10)),
      keepM: 0.5,
    });
    expect(progress.done).toBe(true);
    expect(cutPlan(search.problem, progress.best).missing).toEqual([]);
  });
  it('cheap cord goes first, and a plan that cuts fewer ropes is taken of two that cost the same', () => {
    const { progress, search } = solved({
      hanks: [hank('dear', 10, 2), hank('cheap', 40, 0.5)],
      pieces: pieces(5, 4.9),
      keepM: 1,
    });
    expect(cutPlan(search.problem, progress.best).cuts.map((c) => c.hankId)).toEqual(['cheap']);
    const even = solved({
      hanks: [hank('a', 30), hank('b', 30), hank('c', 30)],
      pieces: pieces(6, 6, 6, 6),
      keepM: 1,
    });
    expect(even.progress.best.opened).toBe(1);
  });
  it('when there is too little rope, as few pieces as possible are missing', () => {
    const { progress, search } = solved({
      hanks: [hank('a', 10)],
      pieces: pieces(6, 5, 5),
      keepM: 1,
    });
    expect(cutPlan(search.problem, progress.best).missing).toEqual(['p0']);
  });
  it('an empty list needs nothing', () =>
    expect(solved({ hanks: [hank('a', 10)], pieces: [], keepM: 1 }).progress).toMatchObject({
      done: true,
      proven: true,
    }));
});

describe('the kit out of a 100 ft hank (common practice, no source)', () => {
  const cord = 0.004;
  const kit = (count: number, sevenM: number): CutJob => ({
    hanks: [hank('hank', 100 * M_PER_FT)],
    pieces: pieces(35 * M_PER_FT, ...Array.from({ length: count }, () => sevenM)),
    keepM: 1,
  });
  it('one 35 ft line and nine 7 ft pieces come out, two feet are waste; a tenth piece does not', () => {
    const nine = solved(kit(9, 7 * M_PER_FT));
    const plan = cutPlan(nine.search.problem, nine.progress.best);
    expect(plan.missing).toEqual([]);
    // 100 − 35 − 9 × 7 = 2 ft.
    expect(plan.scrapM).toBeCloseTo(2 * M_PER_FT, 9);
    expect(plan.cuts[0]!.restIsScrap).toBe(true);
    const ten = solved(kit(10, 7 * M_PER_FT));
    expect(cutPlan(ten.search.problem, ten.progress.best).missing).toHaveLength(1);
  });
  it('a “six-foot” with an end loop and a stopper takes about seven feet, by the knots’ own geometry', () => {
    for (const loop of ['bowline', 'overhand-on-bight', 'slip-loop'] as const) {
      const feet =
        cutLength(
          bare,
          { finishedM: 6 * M_PER_FT, ends: [loop, 'figure-eight'], secures: false },
          cord,
        )! / M_PER_FT;
      expect(feet, loop).toBeGreaterThan(6.6);
      expect(feet, loop).toBeLessThan(7.6);
    }
  });
  it('so the hank gives a line of 30 to 40 ft and eight to ten such pieces', () => {
    const sixFoot = cutLength(
      bare,
      { finishedM: 6 * M_PER_FT, ends: ['bowline', 'figure-eight'], secures: false },
      cord,
    )!;
    for (const lineFt of [30, 35, 40]) {
      const count = Math.floor(((100 - lineFt) * M_PER_FT) / sixFoot);
      expect(count, `${lineFt} ft`).toBeGreaterThanOrEqual(8);
      expect(count, `${lineFt} ft`).toBeLessThanOrEqual(10);
    }
  });
});

describe('length to cut', () => {
  it('plain ends add nothing; each knot adds more in thicker rope; a secured load asks for tails of 100 mm', () => {
    const at = (
      ends: readonly [(typeof END_KNOT_IDS)[number], (typeof END_KNOT_IDS)[number]],
      d: number,
      secures = false,
    ): number => cutLength(bare, { finishedM: 3, ends, secures }, d)!;
    expect(at(['none', 'none'], 0.012)).toBe(3);
    for (const id of END_KNOT_IDS.filter((k) => k !== 'none')) {
      expect(at([id, 'none'], 0.004), id).toBeGreaterThan(3);
      expect(at([id, 'none'], 0.012), id).toBeGreaterThan(at([id, 'none'], 0.004));
    }
    // 12 diameters of 4 mm are 48 mm: the rule of 100 mm adds 52.
    expect(at(['bowline', 'none'], 0.004, true) - at(['bowline', 'none'], 0.004)).toBeCloseTo(
      0.052,
      9,
    );
    // Above 8⅓ mm the knot's own tail is longer.
    expect(at(['bowline', 'none'], 0.012, true)).toBeCloseTo(at(['bowline', 'none'], 0.012), 9);
  });
  it('its formulas are what was computed', () =>
    checkFormulas(
      cutLength(
        traced,
        { finishedM: 2, ends: ['bowline', 'double-overhand'], secures: true },
        0.01,
      ),
    ));
});

describe('joining', () => {
  const rope = (
    id: string,
    material: 'polyester' | 'hmpe' | 'paracord',
    diameterM: number,
    lengthM: number,
  ) => ({ id, material, diameterM, lengthM });
  it('the bend goes by thickness, then by fibre (common practice); never a reef', () => {
    const bend = (
      a: number,
      b: number,
      material: 'polyester' | 'hmpe' | 'paracord' = 'polyester',
    ) => bendFor({ material, diameterM: a }, { material, diameterM: b });
    expect(bend(0.012, 0.012)).toEqual({ bend: 'zeppelin', because: 'alike', bightIn: null });
    expect(bend(0.008, 0.012)).toEqual({
      bend: 'double-sheet-bend',
      because: 'unequal',
      bightIn: 1,
    });
    expect(bend(0.012, 0.008)).toMatchObject({ bightIn: 0 });
    expect(bend(0.004, 0.004, 'paracord').bend).toBe('double-fishermans');
    expect(bend(0.008, 0.012, 'hmpe')).toMatchObject({
      bend: 'double-fishermans',
      because: 'slick',
    });
    expect(bend((5 / 16) * M_PER_IN, 0.008).bend).toBe('zeppelin');
  });
  it('what the bend takes is off the length, and the two with least left over are joined', () => {
    const [a, b, c] = [
      rope('a', 'polyester', 0.012, 10),
      rope('b', 'polyester', 0.012, 8),
      rope('c', 'polyester', 0.012, 6),
    ];
    const zeppelin = bendFor(a, b);
    // 31 diameters inside less 14.3 of reach, and tails of 12 diameters, each.
    expect(joinedLength(a, b, zeppelin)).toBeCloseTo(18 - 2 * (31 - 14.3 + 12) * 0.012, 9);
    expect(bestJoin([a, b, c], 13)!.ropes.map((r) => r.id)).toEqual(['b', 'c']);
    expect(bestJoin([a, b, c], 15)!.ropes.map((r) => r.id)).toEqual(['a', 'c']);
    expect(bestJoin([a, b, c], 30)).toBeNull();
  });
});

describe('reach of a knot', () => {
  it('a straight rope reaches nowhere; a turn reaches as far as it goes', () => {
    const form: Pick<ShippedForm, 'strands' | 'fixtures'> = {
      strands: [{ diameter: 1, u: [0, 100, 100, 100, 100, 100, 100] }],
      fixtures: [],
    };
    const line = (points: readonly (readonly [number, number])[]): number => {
      const flat = points.flatMap(([x, y]) => [x * 100, y * 100, 0]);
      const at = flat.map((v, i) => (i < 3 ? v : v - flat[i - 3]!));
      return knotReach(bodyOfFrame(form, { drawn: 1, at }), 0);
    };
    expect(
      line([
        [0, 0],
        [1, 0],
        [2, 0],
        [3, 0],
        [4, 0],
        [5, 0],
        [6, 0],
      ]),
    ).toBe(0);
    // Out along x for 3, up for 2, back: beyond where it leaves the straight it reaches no farther.
    expect(
      line([
        [0, 0],
        [1, 0],
        [2, 0],
        [3, 0.2],
        [4, 1],
        [3.5, 2],
        [2, 2.4],
      ]),
    ).toBeCloseTo(0, 6);
  });
});
