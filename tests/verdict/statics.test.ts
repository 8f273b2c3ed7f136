/** The product's own limit analysis against a general solver for linear programmes (`highs`, registry), and against the round friction cone. */
import { beforeAll, describe, expect, it } from 'vitest';
import { parsePlan } from '@/core/securement/plan';
import { lineFactsOf } from '@/core/securement/assess';
import { holdLimit, HoldSearch } from '@/core/securement/hold/limit';
import { CONE_FACETS, motionAt, UPWARD } from '@/core/securement/hold/programme';
import { holdProblem, type Look } from '@/core/securement/hold/load-model';
import type { HoldProblem } from '@/core/securement/hold/problem';
import { Optimiser } from '@/core/securement/hold/simplex';
import { staticsLoadOf } from '@/core/securement/hold/statics-load';
import { placeUnits } from '@/core/securement/load/placed';
import { RULE_SET_IDS } from '@/core/securement/rule-set-ids';
import { ruleSet } from '@/core/securement/rules';
import { asRows, loadSolver, type Solver } from './search/highs';
import { makePlan } from './search/make-plan';
import { makeSeveral } from './search/make-several';
import { randomOf } from './search/random';

const PLANS = 2000;
const SEVERAL = 400;
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
