/** Turns over hooks let 0.55 through: common practice, no source; figures of the four legs by hand. */
import { describe, expect, it } from 'vitest';
import { bare, traced } from '../working/working';
import { haulAgain, legTensions, partsOf, type RopeRun, slackAfter, spreadOf } from './rope-run';

const hook = { efficiency: 0.55, locked: false };
const lock = { efficiency: 0.55, locked: true };
const run = (...turns: RopeRun['turns']): RopeRun => ({ handN: 250, haulingRatio: 1.8, turns });
const FOUR = run(hook, hook, hook);

describe('a run of four legs over hooks at 0.55', () => {
  it('hauled from one end the legs have 1, 0.55, 0.30 and 0.17 of the first', () => {
    const legs = legTensions(bare, FOUR, 'from-one-end') as number[];
    expect(legs[0]).toBeCloseTo(450, 9);
    expect(legs.map((n) => Number((n / legs[0]!).toFixed(2)))).toEqual([1, 0.55, 0.3, 0.17]);
    expect(legs[3]! / legs[0]!).toBeCloseTo(0.55 ** 3, 12);
  });
  it('hauled leg by leg each has the hand’s pull, the one at the form the form’s, and what it pulls through is less', () => {
    expect(legTensions(bare, FOUR, 'leg-by-leg')).toEqual([450, 250, 250, 250]);
  });
  it('a form that pulls more than a turn holds draws on the next leg too', () => {
    const strong = { ...FOUR, haulingRatio: 3 };
    const legs = legTensions(bare, strong, 'leg-by-leg') as number[];
    expect(legs[1]).toBeCloseTo(750 * 0.55, 9);
    expect(legs[2]).toBe(250);
  });
  it('no leg has more than a turn can hold against its neighbour nearer the hand, nor less', () => {
    for (const order of ['from-one-end', 'leg-by-leg'] as const)
      for (const haulingRatio of [1, 1.8, 3, 6]) {
        const legs = legTensions(bare, { ...FOUR, haulingRatio }, order) as number[];
        legs.slice(1).forEach((n, i) => {
          expect(n / legs[i]!).toBeGreaterThanOrEqual(0.55 - 1e-12);
          expect(n / legs[i]!).toBeLessThanOrEqual(1 / 0.55 + 1e-12);
        });
      }
  });
  it('with its working the same', () =>
    expect(legTensions(traced, FOUR, 'leg-by-leg').map((w) => w.value)).toEqual(
      legTensions(bare, FOUR, 'leg-by-leg'),
    ));
});

describe('locks part a run', () => {
  const parted = run(hook, lock, hook, lock, hook);
  it('into legs held at both their ends', () => {
    expect(partsOf(FOUR)).toEqual([[1, 2, 3, 4]]);
    expect(partsOf(parted)).toEqual([
      [1, 2],
      [3, 4],
      [5, 6],
    ]);
  });
  it('the leg at a lock has what its form pulls', () =>
    expect(legTensions(bare, parted, 'leg-by-leg')).toEqual([450, 250, 450, 250, 450, 250]));
  it('each part has a least, a greatest and a mean', () => {
    const legs = legTensions(bare, parted, 'leg-by-leg') as number[];
    expect(spreadOf(parted, legs)[1]).toEqual({
      legs: [3, 4],
      leastN: 250,
      greatestN: 450,
      meanN: 350,
    });
  });
  it('a cut leg takes its part with it; without locks everything goes slack', () => {
    expect(slackAfter(parted, { kind: 'leg', leg: 4 })).toEqual([3, 4]);
    expect(slackAfter(FOUR, { kind: 'leg', leg: 2 })).toEqual([1, 2, 3, 4]);
  });
  it('a lock that lets go takes the parts on both its sides, the hauled end its own', () => {
    expect(slackAfter(parted, { kind: 'lock', turn: 2 })).toEqual([1, 2, 3, 4]);
    expect(slackAfter(parted, { kind: 'lock', turn: 4 })).toEqual([3, 4, 5, 6]);
    expect(slackAfter(parted, { kind: 'lock', turn: 0 })).toEqual([1, 2]);
  });
});

describe('hauling again', () => {
  const parted = run(hook, lock, hook, lock, hook);
  const said = (slack: number[]): string =>
    haulAgain(parted, slack)
      .map((s) => `${s.do} ${s.number}`)
      .join(', ');
  it('undoes from the hauled end back to the slack leg, hauls toward the hand, and locks on the way', () => {
    expect(said([3, 4])).toBe('undo 0, undo 2, haul 4, haul 3, lock 2, haul 2, haul 1, lock 0');
    expect(said([1, 2])).toBe('undo 0, haul 2, haul 1, lock 0');
    expect(said([])).toBe('');
  });
  it('every lock that was undone is tied again, and every slack leg is hauled once', () => {
    for (const slack of [
      [5, 6],
      [3, 4, 5, 6],
      [1, 2],
    ]) {
      const steps = haulAgain(parted, slack);
      const of = (what: string) =>
        steps
          .filter((s) => s.do === what)
          .map((s) => s.number)
          .sort((a, b) => a - b);
      expect(of('lock')).toEqual(of('undo'));
      for (const leg of slack) expect(of('haul').filter((n) => n === leg)).toHaveLength(1);
    }
  });
});
