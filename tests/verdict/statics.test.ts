/** The product's own limit analysis against a general solver for linear programmes (`highs`, registry), and against the round friction cone. */
import { beforeAll, describe, expect, it } from 'vitest';
import { parsePlan } from '@/core/securement/plan';
import { lineFactsOf } from '@/core/securement/assess';
import { holdLimit, HoldSearch } from '@/core/securement/hold/limit';
import { CONE_FACETS, motionAt, UPWARD } from '@/core/securement/hold/programme';
import { holdProblem, type Look } from '@/core/securement/hold/load-model';
import type { HoldProblem } from '@/core/securement/hold/problem';
import { Climb } from '@/core/securement/hold/climb';
import type { LinearProgramme } from '@/core/securement/hold/linear-programme';
import { Optimiser, type Solution } from '@/core/securement/hold/simplex';
import { staticsLoadOf } from '@/core/securement/hold/statics-load';
import { placeUnits } from '@/core/securement/load/placed';
import { RULE_SET_IDS } from '@/core/securement/rule-set-ids';
import { ruleSet } from '@/core/securement/rules';
import { lineBody, planOf, ringBody, unitBody } from '../support/units';
import { asRows, loadSolver, type Solver } from './search/highs';
import { makePlan } from './search/make-plan';
import { makeSeveral } from './search/make-several';
import { randomOf } from './search/random';

const PLANS = 2000;
const SEVERAL = 400;
type Solved = Extract<Solution, { status: 'optimal' }>;
let solver: Solver;
beforeAll(async () => {
  solver = await loadSolver();
});

/** Problems of random plans at both ends of their unknowns; some with edges that let legs differ. */
function problems(): HoldProblem[] {
  const list: HoldProblem[] = [];
  for (let seed = 1; list.length < PLANS; seed++) {
    const r = randomOf(seed);
    const parsed = parsePlan(makePlan(r));
    if (!parsed.ok) continue;
    const plan = parsed.value;
    const load = staticsLoadOf(plan, placeUnits(plan.units), lineFactsOf(plan));
    const look: Look = {
      end: r.pick(['worst', 'tension-free', 'best']),
      present: r.chance(0.5),
      cone: r.pick(['inscribed', 'circumscribed']),
    };
    const problem = holdProblem(load.parts[0]!, r.pick(ruleSet(plan.ruleSet).statics.boxes), look);
    if (problem)
      list.push({
        ...problem,
        lines: problem.lines.map((l) =>
          r.chance(0.2) ? { ...l, ratios: l.ratios.map(() => r.between(1, 3)) } : l,
        ),
      });
  }
  return list;
}

/** Problems of random plans of several units: of each plan the part with the most of them. */
function severalProblems(count: number): HoldProblem[] {
  const list: HoldProblem[] = [];
  for (let seed = 1; list.length < count; seed++) {
    const r = randomOf(seed);
    const parsed = parsePlan(makeSeveral(r, RULE_SET_IDS));
    if (!parsed.ok) continue;
    const plan = parsed.value;
    const { parts } = staticsLoadOf(plan, placeUnits(plan.units), lineFactsOf(plan));
    const part = parts.reduce((a, b) => (b.bodies.length > a.bodies.length ? b : a));
    const problem = holdProblem(part, r.pick(ruleSet(plan.ruleSet).statics.boxes), {
      end: r.pick(['worst', 'tension-free', 'best']),
      present: r.chance(0.5),
      cone: r.pick(['inscribed', 'circumscribed']),
    });
    if (problem && problem.bodies.length > 1)
      list.push({
        ...problem,
        lines: problem.lines.map((l) => {
          // Now and then hauled so hard that it drags what it lies on.
          const harder = r.chance(0.1) ? 30 : 1;
          const ratios = r.chance(0.2) ? l.ratios.map(() => r.between(1, 3)) : l.ratios;
          return { ...l, ratios, leastN: l.leastN * harder, mostN: l.mostN * harder };
        }),
      });
  }
  return list;
}

describe('limit analysis of random plans of several units', () => {
  const all = severalProblems(SEVERAL);
  it(`equals the general solver to 1e-6 on ${SEVERAL} of them: stacks, pairs, lines over several, boards`, () => {
    const seen = { held: 0, dragged: 0, stacked: 0, pushing: 0, three: 0 };
    all.forEach((problem, i) => {
      const motion = i % 17 === 0 ? UPWARD : motionAt((2 * Math.PI * (i % 16)) / 16);
      const own = holdLimit(problem, motion);
      const general = solver.maximum(asRows(new HoldSearch(problem).programme(motion)));
      seen.stacked += problem.bodies.some((b) => b.on !== null) ? 1 : 0;
      seen.pushing += problem.pushes.some((p) => p.from !== null) ? 1 : 0;
      seen.three += problem.bodies.length > 2 ? 1 : 0;
      if (general === null || own === null) {
        expect([i, own]).toEqual([i, general]);
        seen.dragged += 1;
        return;
      }
      expect(
        Math.abs(own.heldG - general),
        `plan ${i}: ${own.heldG} and ${general}`,
      ).toBeLessThanOrEqual(1e-6 * Math.max(1, general));
      seen.held += 1;
    });
    for (const [what, count] of Object.entries(seen))
      expect([what, count > (what === 'dragged' ? 3 : 20)]).toEqual([what, true]);
  });
  it('the parts of what is held add up to it', () => {
    for (const problem of all.slice(0, 200)) {
      const limit = holdLimit(problem, motionAt(2.3));
      if (!limit || limit.twists === null || problem.lines.some((l) => l.ratios.some((x) => x > 1)))
        continue;
      const sum =
        limit.weightG +
        limit.lines.reduce((s, l) => s + l.partG, 0) +
        limit.boards.reduce((s, b) => s + b.partG, 0);
      expect(Math.abs(sum - limit.heldG)).toBeLessThan(1e-6 * Math.max(1, limit.heldG));
    }
  });
});

/** A deck of many boxes of unlike size and weight that touch in a row, some with one on top, lines over them here and there. */
function fullProblem(seed: number): HoldProblem {
  const r = randomOf(seed);
  let front = 0.2;
  const row = Array.from({ length: 5 + Math.floor(r.between(0, 5)) }, (_, i) => {
    const lengthM = r.between(0.5, 1.1);
    front += lengthM;
    return { id: `u${i}`, fromFrontM: front - lengthM, lengthM, laden: r.chance(0.3) };
  });
  const units = row.flatMap(({ id, fromFrontM, lengthM, laden }) => {
    const size = { fromFrontM, lengthM, widthM: r.between(0.8, 1.8), heightM: r.between(0.4, 1.6) };
    const below = unitBody(id, { ...size, massKg: r.between(50, 900) });
    const on = { kind: 'unit', unitId: id };
    return laden
      ? [below, unitBody(`${id}t`, { fromFrontM, lengthM, massKg: r.between(30, 300), on })]
      : [below];
  });
  const tied = row
    .filter(() => r.chance(0.7))
    .map((u) => ({ ...u, middleM: u.fromFrontM + u.lengthM / 2 }));
  const plan = planOf(
    units,
    tied.map(({ id, laden }) => lineBody(`l${id}`, [`L${id}`, `R${id}`], [laden ? `${id}t` : id])),
    tied.flatMap(({ id, middleM }) => [
      ringBody(`L${id}`, middleM, 1.2),
      ringBody(`R${id}`, middleM, -1.2),
    ]),
  );
  const { parts } = staticsLoadOf(plan, placeUnits(plan.units), lineFactsOf(plan));
  return holdProblem(parts[0]!, ruleSet(plan.ruleSet).statics.boxes[0]!, {
    end: 'worst',
    present: true,
    cone: 'inscribed',
  })!;
}

/** By how much a solution fails to be in balance, and its multipliers to prove that there is no greater. */
function gapsOf(
  lp: LinearProgramme,
  { x, duals, value }: Solved,
): [balance: number, proof: number] {
  const column = (j: number): Float64Array => lp.matrix.subarray(j * lp.rows, (j + 1) * lp.rows);
  const over = Array.from(lp.right, (b) => -b);
  let bound = duals.reduce((sum, y, i) => sum + y * lp.right[i]!, 0);
  for (let j = 0; j < lp.columns; j++) {
    let reduced = lp.cost[j]!;
    column(j).forEach((a, i) => {
      over[i]! += a * x[j]!;
      reduced -= a * duals[i]!;
    });
    // Weak duality: no solution is worth more than this, whatever the multipliers are.
    if (reduced > 1e-9) bound += reduced * lp.upper[j]!;
    over.push(Math.max(0, -x[j]!), Math.max(0, x[j]! - lp.upper[j]!));
  }
  return [Math.max(...over.map(Math.abs)), bound - value];
}

describe('limit analysis of full decks', () => {
  it('equals the general solver to 1e-6; its forces balance, and its multipliers prove that no more is held', () => {
    let [most, stacked] = [0, 0];
    for (let seed = 1; seed <= 30; seed++) {
      const problem = fullProblem(seed);
      most = Math.max(most, problem.bodies.length);
      stacked += problem.bodies.filter((b) => b.on !== null).length;
      const motion = motionAt((2 * Math.PI * seed) / 16);
      const lp = new HoldSearch(problem).programme(motion);
      const solved = new Optimiser(lp, new Climb(lp)).maximum() as Solved;
      const plain = new Optimiser(lp).maximum() as Solved;
      expect(solved.value, `deck ${seed}`).toBeCloseTo(plain.value, 9);
      expect(solved.value, `deck ${seed}`).toBeCloseTo(holdLimit(problem, motion)!.heldG, 9);
      expect(solved.value, `deck ${seed}`).toBeCloseTo(solver.maximum(asRows(lp))!, 6);
      for (const gap of gapsOf(lp, solved))
        expect(Math.abs(gap), `deck ${seed}`).toBeLessThan(1e-7);
    }
    expect(most).toBeGreaterThan(9);
    expect(stacked).toBeGreaterThan(20);
  });
});

describe('limit analysis of random plans', () => {
  const all = problems();
  it(`equals the general solver to 1e-6 on ${PLANS} plans, infeasible ones included`, () => {
    const seen = { held: 0, dragged: 0 };
    all.forEach((problem, i) => {
      const motion = i % 17 === 0 ? UPWARD : motionAt((2 * Math.PI * (i % 16)) / 16);
      const [own, general] = [
        holdLimit(problem, motion),
        solver.maximum(asRows(new HoldSearch(problem).programme(motion))),
      ];
      if (general === null || own === null) {
        expect([i, own]).toEqual([i, general]);
        seen.dragged += 1;
        return;
      }
      expect(
        Math.abs(own.heldG - general),
        `plan ${i}: ${own.heldG} and ${general}`,
      ).toBeLessThanOrEqual(1e-6 * Math.max(1, general));
      seen.held += 1;
    });
    expect(seen.held).toBeGreaterThan(PLANS / 2);
    expect(seen.dragged).toBeGreaterThan(3);
  }, 300_000);
  it('is a balance that the round cone allows: forces inside it, moments and forces nothing over', () => {
    for (const problem of all.filter((p) => p.bodies[0]!.cone === 'inscribed').slice(0, 400)) {
      const lp = new HoldSearch(problem).programme(motionAt(1));
      const solved = new Optimiser(lp).maximum();
      if (solved.status !== 'optimal') continue;
      for (let row = 0; row < lp.rows; row++) {
        let sum = -lp.right[row]!;
        for (let j = 0; j < lp.columns; j++) sum += lp.matrix[j * lp.rows + row]! * solved.x[j]!;
        expect(Math.abs(sum)).toBeLessThan(
          1e-6 *
            Math.max(
              1,
              Math.abs(lp.right[row]!),
              ...[...solved.x].map(Math.abs).filter((v) => v < 1e5),
            ),
        );
      }
      // Columns of a foot: generators (μ cos, μ sin, 1), so the force lies inside the cone if they do.
      const facets = problem.bodies[0]!.friction > 0 ? CONE_FACETS.inscribed : 1;
      problem.bodies[0]!.feet.forEach((_, f) => {
        let [x, y, n] = [0, 0, 0];
        for (let k = 0; k < facets; k++) {
          const j = k * problem.bodies[0]!.feet.length + f;
          x += solved.x[j]! * lp.matrix[j * lp.rows]!;
          y += solved.x[j]! * lp.matrix[j * lp.rows + 1]!;
          n += solved.x[j]! * lp.matrix[j * lp.rows + 2]!;
        }
        expect(Math.hypot(x, y)).toBeLessThanOrEqual(
          problem.bodies[0]!.friction * n * (1 + 1e-9) + 1e-9,
        );
      });
    }
  });
  it('says the same whether a load is asked for one motion or for many in a row, dragged loads and boards included', () => {
    let dragged = 0;
    all.slice(0, 400).forEach((problem, i) => {
      const search = new HoldSearch(problem);
      for (const angleRad of [0, 1.5 * Math.PI, i, 0.5 * Math.PI, 0, Math.PI / 8]) {
        const [many, one] = [
          search.limit(motionAt(angleRad)),
          holdLimit(problem, motionAt(angleRad)),
        ];
        expect(many?.heldG ?? -1, `plan ${i} at ${angleRad}`).toBeCloseTo(one?.heldG ?? -1, 9);
        if (one === null) dragged += 1;
      }
    });
    expect(dragged).toBeGreaterThan(0);
    expect(all.slice(0, 400).filter((p) => p.boards.length > 0).length).toBeGreaterThan(20);
  });
  it('the parts of what is held add up to it', () => {
    for (const problem of all.slice(0, 500)) {
      const limit = holdLimit(problem, motionAt(2.3));
      if (!limit || limit.twists === null || problem.lines.some((l) => l.ratios.some((x) => x > 1)))
        continue;
      const sum =
        limit.weightG +
        limit.lines.reduce((s, l) => s + l.partG, 0) +
        limit.boards.reduce((s, b) => s + b.partG, 0);
      expect(Math.abs(sum - limit.heldG)).toBeLessThan(1e-6 * Math.max(1, limit.heldG));
    }
  });
});
