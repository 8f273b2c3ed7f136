import { describe, expect, it } from 'vitest';
import { assess } from '@/core/securement/assess';
import { LOCKER_NOT_ASKED } from '@/core/securement/locker-word';
import type { Plan } from '@/core/securement/plan';
import { clearances, legReadings } from '@/core/securement/stage/readings';
import { sceneOf } from '@/core/securement/stage/scene';
import { METRIC, US_CUSTOMARY } from '@/core/units';
import { demoPlan } from '../../tests/support/demo';
import { lineBody, planOf, ringBody, unitBody } from '../../tests/support/units';
import { wordAnchor, wordClearances, wordFault, wordLegs, wordLine, wordUnit } from './stage';

const sceneFor = (plan: Plan) => sceneOf(plan, assess(plan, LOCKER_NOT_ASKED));
const plain = (words: string): string => words.replaceAll('\u00a0', ' ');

describe('everything on the deck in words', () => {
  const crate = sceneFor(demoPlan('carousel-crate'));
  it('says where a unit stands: left and right are the vehicle’s', () => {
    const scene = sceneFor(
      planOf([
        unitBody('a', { fromFrontM: 1.2, fromCentreM: 0.3, turnRad: Math.PI / 6 }),
        unitBody('b', { on: { kind: 'unit', unitId: 'a' }, fromFrontM: 1.2, fromCentreM: -0.2 }),
      ]),
    );
    expect(scene.load.map((p) => plain(wordUnit(p, scene, METRIC)))).toEqual([
      '1,000 kg, on the deck, 1.20 m behind the front edge, 0.300 m left of the middle, turned 30.0 ° to the left',
      '1,000 kg, on a, 1.00 m up, 1.20 m behind the front edge, 0.200 m right of the middle',
    ]);
    expect(wordUnit(scene.load[0]!, scene, US_CUSTOMARY)).toContain('ft behind the front edge');
  });
  it('says of a line where it leads, what it may carry and where it is weak, and whether it counts', () => {
    const [first, , third] = crate.lines;
    expect(plain(wordLine(first!, crate, METRIC))).toMatch(
      /^R2 to L2 over carousel crate; 2\.26 kN, weakest at bowline$/,
    );
    expect(plain(wordLine(third!, crate, METRIC))).toMatch(/not known at ring L1; not counted$/);
    expect(
      wordAnchor(
        crate.anchors.find((a) => a.anchor.id === 'L1')!,
        METRIC,
      ),
    ).toBe('plate not read, in use');
  });
  it('says what is wrong and what to do', () => {
    expect(crate.faults.map((f) => wordFault(f, crate, METRIC))).toEqual([
      'Read the plate on ring L1: line 3 pulls there.',
    ]);
    const wrong = sceneFor(
      planOf(
        [
          unitBody('a', { fromFrontM: 1, fromCentreM: 2.8 }),
          unitBody('b', { fromFrontM: 1, fromCentreM: 2.4 }),
          unitBody('c', { fromFrontM: 1.8, fromCentreM: 2.4, on: { kind: 'unit', unitId: 'b' } }),
          unitBody('d', { fromFrontM: 5 }),
        ],
        [lineBody('l', ['L', 'R'], ['d'])],
        [ringBody('L', 5.5, 2.8), ringBody('R', 5.5, -2.8)],
      ),
    );
    const said = wrong.faults.map((f) => plain(wordFault(f, wrong, METRIC)));
    expect(said).toContain('a and b stand in each other.');
    expect(said).toContain('a hangs over the edge of the deck by 0.300 m.');
    expect(said).toContain('Less than half of c stands on b.');
    expect(said).toContain('Lead line 1 more steeply: at 23.5 ° to the deck it hardly presses.');
  });
});

describe('what is read off while something is dragged', () => {
  it('names the two nearest things, and each leg with its angle and length', () => {
    const plan = planOf(
      [unitBody('a', { fromFrontM: 2 }), unitBody('b', { fromFrontM: 3.4 })],
      [lineBody('l', ['L', 'R'], ['a'])],
      [ringBody('L', 2.5, 1.5), ringBody('R', 2.5, -1.5)],
    );
    const scene = sceneFor(plan);
    const [a] = scene.load;
    expect(
      wordClearances(a!, clearances(a!, scene.load, plan.deck), scene, METRIC).map(plain),
    ).toEqual([
      'on the deck, 2.00 m behind the front edge, in the middle',
      '0.400 m to b behind',
      '2.00 m to the edge ahead',
    ]);
    // One up and one aside: 45° and √2 long.
    expect(wordLegs(legReadings(scene.lines[0]!.legs), METRIC).map(plain)).toEqual([
      'L: 45.0 °, 1.41 m',
      'R: 45.0 °, 1.41 m',
    ]);
  });
});
