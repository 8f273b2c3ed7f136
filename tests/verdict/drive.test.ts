/**
 * The test drive against the hold map, over random plans: what elastic lines reach is never more than what statics allow, because
 * any state in balance is one that the linear programme may choose too. Source: lower bound theorem of limit analysis, with the
 * friction cone drawn round the true one.
 */
import { describe, expect, it } from 'vitest';
import { type Credit, driveLoadOf, driveModelOf, facedBy } from '@/core/securement/drive/build';
import { courseOf, piecesOf } from '@/core/securement/drive/course';
import { elasticLimit } from '@/core/securement/drive/elastic-limit';
import { unclosed } from '@/core/securement/drive/energy';
import type { DriveModel } from '@/core/securement/drive/model';
import { driveAlong } from '@/core/securement/drive/pieces';
import { slowDrive } from '@/core/securement/drive/slow';
import { stepOf } from '@/core/securement/drive/swing';
import { HoldSearch } from '@/core/securement/hold/limit';
import { mapBoxes } from '@/core/securement/hold/map';
import { PartStatics } from '@/core/securement/hold/part-statics';
import { type Motion, motionAt } from '@/core/securement/hold/programme';
import { parsePlan } from '@/core/securement/plan';
import { RULE_SET_IDS } from '@/core/securement/rule-set-ids';
import { ruleSet } from '@/core/securement/rules';
import { makePlan } from './search/make-plan';
import { makeSeveral } from './search/make-several';
import { randomOf } from './search/random';

const PLANS = 500;
/** As many are driven to the end. */
const DRIVEN = 8;

interface Case {
  readonly seed: number;
  readonly motion: Motion;
  readonly weightPart: number;
  model(credit: Credit): DriveModel;
  /** What statics surely do not exceed, g. */
  readonly mostG: number;
}

/** Parts of the random plan of a seed, each with a direction of its own. */
function casesOf(seed: number): Case[] {
  const r = randomOf(seed);
  const raw = seed % 3 === 0 ? makeSeveral(r, RULE_SET_IDS) : makePlan(r, RULE_SET_IDS);
  const plan = parsePlan(raw);
  if (!plan.ok) return [];
  const load = driveLoadOf(plan.value);
  const { statics } = ruleSet(plan.value.ruleSet);
  const box = mapBoxes(statics)[0]!;
  const motion = motionAt(((seed % 16) * Math.PI) / 8);
  return load.parts.flatMap((part): Case[] => {
    const { problem } = new PartStatics(part, statics).atWorst(box, motion);
    if (problem === null) return [];
    const round = {
      ...problem,
      bodies: problem.bodies.map((b) => ({ ...b, cone: 'circumscribed' as const })),
    };
    return [
      {
        seed,
        motion,
        weightPart: box.weightPart ?? 1,
        model: (credit) =>
          driveModelOf(
            part,
            credit === 'as-the-map' ? facedBy(problem, motion) : problem,
            load.lines,
            credit,
          ),
        mostG: new HoldSearch(round).limit(motion)?.heldG ?? 0,
      },
    ];
  });
}
const range = (from: number, count: number): number[] =>
  Array.from({ length: count }, (_, i) => from + i);

describe('over random plans', () => {
  it(`what elastic lines reach is never more than what statics allow, ${PLANS} plans`, () => {
    let reached = 0;
    let less = 0;
    for (const c of range(1, PLANS).flatMap(casesOf)) {
      const limit = elasticLimit(c.model('as-the-map'), c.motion.along, c.weightPart, 2);
      const limitG = limit?.limitG ?? 0;
      expect(limitG, `seed ${c.seed}`).toBeLessThanOrEqual(c.mostG * 1.002 + 2e-5);
      if (limitG > 0.01) reached += 1;
      if (limitG < 0.9 * Math.min(2, c.mostG)) less += 1;
    }
    // The comparison says something: most reach something, and for some sharing matters.
    expect(reached).toBeGreaterThan(PLANS / 2);
    expect(less).toBeGreaterThan(PLANS / 50);
  });
  it('every drive closes its energy to 1e-3, and half the step gives the same to 1 %', () => {
    const course = courseOf(piecesOf(['brake', 'swerve-left', 'bump']));
    let compared = 0;
    for (const c of range(7000, DRIVEN).flatMap(casesOf)) {
      const model = c.model('as-they-are');
      const slow = slowDrive(model, c.motion.along, 1.2);
      const whole = driveAlong(model, course);
      expect(slow === null).toBe(whole === null);
      if (slow === null || whole === null) continue;
      for (const { energy } of [slow, whole])
        expect(unclosed(energy), `seed ${c.seed}`).toBeLessThan(1e-3);
      // Once it has gone, or something has broken, where it goes is not worth a per cent.
      if (whole.gaveWayAtG !== null || whole.events.some((e) => /parts|breaks/.test(e.kind)))
        continue;
      const half = driveAlong(model, course, stepOf(model) / 2)!;
      compared += 1;
      expect(Math.abs(whole.mostMovedM - half.mostMovedM), `seed ${c.seed}`).toBeLessThan(
        0.01 * half.mostMovedM + 2e-5,
      );
      whole.lines.forEach((line, i) => {
        const most = (run: typeof whole): number =>
          Math.max(...run.frames.map((f) => f.tensionN[i] ?? 0));
        expect(Math.abs(most(whole) - most(half)), `seed ${c.seed}, ${line.id}`).toBeLessThan(
          0.01 * most(half) + 1,
        );
      });
    }
    expect(compared).toBeGreaterThan(3);
  });
});
