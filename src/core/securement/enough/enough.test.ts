import { describe, expect, it } from 'vitest';
import { inService } from '../../../../tests/support/gear-facts';
import { allAtOnce } from '../../steps';
import { assess } from '../assess';
import type { GearFacts } from '../locker-word';
import { parsePlan, type Plan } from '../plan';
import { proposed, withChange } from './proposal';
import { type EnoughResult, findingEnough } from './result';
import type { EnoughWishes } from './vocabulary';

const RINGS = [0.4, 1, 1.6];
const plan = (massKg: number, more: Record<string, unknown> = {}): Plan => {
  const parsed = parsePlan({
    format: 'vast-cleat/plan',
    version: 2,
    title: 'a box',
    ruleSet: 'us-light',
    strength: { handLimitN: 400 },
    units: [
      {
        id: 'box',
        name: 'box',
        massKg,
        lengthM: 1.6,
        widthM: 1.2,
        heightM: 0.8,
        cgHeightM: 0.4,
        fromFrontM: 0.2,
        friction: { known: 'pair', pair: 'sawn-wood-plywood' },
        edges: 'sharp',
      },
    ],
    deck: {
      name: 'deck',
      lengthM: 3,
      widthM: 1.8,
      anchors: ['L', 'R'].flatMap((side) =>
        RINGS.map((fromFrontM, i) => ({
          id: `${side}${i + 1}`,
          name: `${side}${i + 1}`,
          fromFrontM,
          fromCentreM: side === 'L' ? 0.85 : -0.85,
          rating: { state: 'rated', wllN: 4000 },
          barDiameterM: 0.016,
        })),
      ),
    },
    ...more,
  });
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
  return parsed.value;
};
const item = { kind: 'rope', material: 'polyester', diameterM: 0.012, mbsN: 21_000 };
const ropes = (...leftM: number[]): GearFacts =>
  new Map(
    leftM.map((m, i) => [
      `${i}`.padStart(8, '0') + '-0000-4000-8000-000000000000',
      inService({ code: `R-${i + 1}`, lengthM: m, item }, m),
    ]),
  );
const WISHES: EnoughWishes = { marginPart: 0, mats: false, protectors: null, mayTie: () => true };
const found = (p: Plan, locker: GearFacts, wishes: Partial<EnoughWishes> = {}): EnoughResult =>
  allAtOnce(findingEnough(p, locker, { ...WISHES, ...wishes }));

describe('the cheapest that is enough', () => {
  const locker = ropes(10, 10, 10);
  const light = found(plan(60), locker);
  it('is a plan that HOLDS, made of changes one can take one by one', () => {
    expect(light.found!.cost.lines).toBeGreaterThan(0);
    expect(assess(light.found!.plan, locker).verdict).toBe('holds');
    const one = light.found!.changes[0]!;
    expect(proposed(plan(60), one)).toBe(false);
    const taken = withChange(plan(60), one);
    expect(proposed(taken, one)).toBe(true);
    expect(withChange(taken, one).lines.length).toBe(taken.lines.length);
  });
  it('says what stands against one line fewer: for certain, with how far it reaches', () => {
    const { fewer } = light.why!;
    expect(fewer).toMatchObject({ kind: 'short', against: { kind: 'compared' } });
    if (fewer?.kind !== 'short' || fewer.against.kind !== 'compared') throw new Error('no figures');
    expect(fewer.against.reached!).toBeLessThan(fewer.against.needs);
  });
  it('asks for more where more margin is wanted, and for nothing beyond the things there are', () => {
    const [plain, more] = [found(plan(150), locker), found(plan(150), locker, { marginPart: 0.5 })];
    expect(more.found!.cost.lines).toBeGreaterThan(plain.found!.cost.lines);
    expect(found(plan(60), ropes(2, 2)).found).toBeNull();
    expect(found(plan(60), new Map()).found).toBeNull();
  });
  it('a mat takes the place of lines where there are any; without protectors nothing lies over sharp edges', () => {
    const [bare, mats] = [found(plan(300), locker), found(plan(300), locker, { mats: true })];
    expect(mats.found!.mats).toBe(true);
    expect(mats.found!.cost.lines).toBeLessThan(bare.found?.cost.lines ?? Infinity);
    expect(found(plan(60), locker, { protectors: 1 }).found).toBeNull();
  });
  it('asks for no knot that nobody may tie', () => {
    expect(found(plan(60), locker, { mayTie: () => false }).found).toBeNull();
    const { changes } = found(plan(60), locker, { mayTie: (k) => k !== 'bowline' }).found!;
    for (const c of changes)
      if (c.kind === 'add')
        expect(c.line.elements.some((e) => e.kind === 'knot' && e.knot === 'bowline')).toBe(false);
  });
  it('where knots are forbidden it proposes none', () => {
    expect(found(plan(60, { ruleSet: 'us-cmv' }), locker).found).toBeNull();
  });
  it('leaves alone what is enough with no line at all, and takes off what does nothing', () => {
    const held = plan(60, { ruleSet: 'site' });
    const withLine = { ...held, lines: light.found!.plan.lines };
    const { found: none } = found(withLine, locker);
    expect(none!.cost).toEqual({ lines: 0, ropeDm: 0, steps: 0 });
    expect(none!.changes.map((c) => c.kind)).toEqual(['take-off']);
  });
  it('is not looked for where something stands against the load whatever lies over it', () => {
    const { refused, found: nothing } = found(
      plan(60, { deck: { ...plan(60).deck, lengthM: 0.5 } }),
      locker,
    );
    expect(refused.map((f) => f.code)).toEqual(['load-off-deck']);
    expect(nothing).toBeNull();
  });
  it('says why no new line can be laid: rings nobody has measured', () => {
    const { deck } = plan(60);
    const unmeasured = plan(60, {
      deck: { ...deck, anchors: deck.anchors.map((a) => ({ ...a, barDiameterM: null })) },
    });
    expect(found(unmeasured, locker).against).not.toBeNull();
  });
  it('says where there are more pairs of rings than are tried', () => {
    const { deck } = plan(60);
    const rings = ['L', 'R'].flatMap((side) =>
      Array.from({ length: 14 }, (_, i) => ({
        ...deck.anchors[0]!,
        id: `${side}${i}`,
        name: `${side}${i}`,
        fromFrontM: 0.3 + 0.1 * i,
        fromCentreM: side === 'L' ? 0.85 : -0.85,
      })),
    );
    expect(found(plan(60), locker).pairsLeftOut).toBe(0);
    const many = found(plan(60, { deck: { ...deck, anchors: rings } }), ropes(10));
    expect(many.pairsLeftOut).toBeGreaterThan(0);
  });
  it('does not say that nothing is enough where more lines could be laid than are tried', () => {
    const { deck } = plan(60);
    const rings = ['L', 'R'].flatMap((side) =>
      Array.from({ length: 6 }, (_, i) => ({
        ...deck.anchors[0]!,
        id: `${side}${i}`,
        name: `${side}${i}`,
        fromFrontM: 0.3 + 0.25 * i,
        fromCentreM: side === 'L' ? 0.85 : -0.85,
      })),
    );
    const heavy = plan(20_000, { deck: { ...deck, anchors: rings } });
    const few = found(heavy, ropes(10, 10));
    expect([few.found, few.open]).toEqual([null, null]);
    const many = found(heavy, ropes(...Array.from({ length: 14 }, () => 10)));
    expect([many.found, many.open]).toEqual([null, { lines: 13, ropeDm: 0 }]);
  });
  it('stopped before mats were looked at, it counts what they may spare as open', () => {
    const search = findingEnough(plan(300), locker, { ...WISHES, mats: true });
    let step = search.next(false);
    while (!step.done) step = search.next(step.value.best !== null);
    const { open } = step.value as EnoughResult;
    expect(open).not.toBeNull();
    const cheapest = found(plan(300), locker, { mats: true }).found!.cost;
    expect(open!.lines).toBeLessThanOrEqual(cheapest.lines);
    if (open!.lines === cheapest.lines) expect(open!.ropeDm).toBeLessThanOrEqual(cheapest.ropeDm);
  });
  it('told to stop, says what is still open, and keeps what it has', () => {
    const search = findingEnough(plan(200), locker, { ...WISHES, mats: true });
    let step = search.next(false);
    while (!step.done && step.value.best === null) step = search.next(false);
    while (!step.done) step = search.next(true);
    const { found: kept, open } = step.value as EnoughResult;
    expect(kept).not.toBeNull();
    expect(open!.lines).toBeLessThanOrEqual(kept!.cost.lines);
  });
  it('told to stop while there is not everything to choose from yet, says whether what is there is enough', () => {
    const stopped = (p: Plan): EnoughResult => {
      const search = findingEnough(p, locker, WISHES);
      let step = search.next(false);
      while (!step.done) step = search.next(true);
      return step.value as EnoughResult;
    };
    const bare = stopped(plan(300));
    expect([bare.found, bare.open]).toEqual([null, { lines: 0, ropeDm: 0 }]);
    const enough = found(plan(300), locker).found!;
    const held = enough.changes.reduce(withChange, plan(300));
    const there = stopped(held);
    expect(there.found).toMatchObject({ changes: [], cost: { lines: held.lines.length } });
    expect(there.open).toEqual({ lines: 0, ropeDm: 0 });
    // Of what was not looked at nothing is said.
    expect(there.why).toEqual({ fewer: null, shorter: null });
  });
});
