import { plainRope } from '@/core/rope/plain';
import { inService } from './gear-facts';
import type { GearFacts, KeptFact } from '@/core/securement/locker-word';
import { parsePlan, type Plan } from '@/core/securement/plan';
import { RULE_SET_IDS } from '@/core/securement/rule-set-ids';
import type { EnoughWishes } from '@/core/securement/enough/vocabulary';
import type { Random } from '../verdict/search/random';

/** A small deck with a load, a locker and wishes, of which every securement can be tried one by one. */
export interface SmallDeck {
  readonly plan: Plan;
  readonly locker: GearFacts;
  readonly wishes: EnoughWishes;
}

const uuid = (n: number): string => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;

/** A locker of some ropes, and straps with ratchets. */
export function lockerOf(r: Random, ropes: number, straps: number): GearFacts {
  const facts = new Map<string, KeptFact>();
  let next = 0;
  const put = (item: Record<string, unknown>, lengthM: number | null): void => {
    next += 1;
    facts.set(uuid(next), inService({ code: `T-${next}`, lengthM, item }, lengthM));
  };
  for (let i = 0; i < ropes; i++)
    put(
      {
        kind: 'rope',
        material: r.pick(['polyester', 'nylon', 'polypropylene']),
        diameterM: r.pick([0.01, 0.012, 0.014]),
        mbsN: r.pick([12_000, 21_000, 30_000]),
      },
      r.pick([6, 8, 10, 15, 30]),
    );
  for (let i = 0; i < straps; i++) {
    put({ kind: 'webbing', widthM: 0.05, markedWllN: r.pick([10_000, 20_000]) }, r.pick([6, 9]));
    put({ kind: 'hardware', form: 'ratchet', markedWllN: r.pick([10_000, 20_000]) }, null);
  }
  return facts;
}

const lineThere = (id: string, left: string, right: string, handForceN: number) => ({
  id,
  name: id,
  kind: 'over',
  units: ['load'],
  elements: [
    { id: 'a', kind: 'anchor', at: { on: 'deck', anchorId: left } },
    { id: 'k', kind: 'knot', knot: 'bowline' },
    {
      id: 'r',
      kind: 'rope',
      rope: plainRope({ material: 'polyester', diameterM: 0.012, mbsN: 21_000 }),
    },
    { id: 'e1', kind: 'edge', shape: 'protected', bendDiameterM: 0.1 },
    { id: 'e2', kind: 'edge', shape: 'protected', bendDiameterM: 0.1 },
    { id: 't', kind: 'truckers', loop: 'alpine-butterfly', form: 'single', handForceN },
    { id: 'l', kind: 'lock', knot: 'two-half-hitches' },
    { id: 'b', kind: 'anchor', at: { on: 'deck', anchorId: right } },
  ],
});

/** A believable small deck. */
export function smallDeck(r: Random): SmallDeck {
  const ruleSet = r.pick(RULE_SET_IDS);
  const rings = r.int(2, 3);
  const [widthM, lengthM] = [r.pick([0.8, 1.2]), r.pick([0.8, 1.5, 2])];
  const there = r.int(0, 2);
  const raw = {
    format: 'vast-cleat/plan',
    version: 2,
    title: 'small deck',
    ruleSet,
    strength: { handLimitN: r.pick([150, 250, 400]) },
    units: [
      {
        id: 'load',
        name: 'load',
        massKg: r.pick([20, 40, 60, 90, 140, 300]),
        lengthM,
        widthM,
        heightM: r.pick([0.4, 0.8, 1.4]),
        cgHeightM: null,
        fromFrontM: r.pick([0, 0.3]),
        fromCentreM: r.pick([0, 0, 0, 0.1]),
        friction: r.chance(0.9)
          ? {
              known: 'pair',
              pair: r.pick(['sawn-wood-plywood', 'sawn-wood-smooth-steel', 'steel-plywood']),
            }
          : { known: 'no' },
        edges: r.pick([null, 'sharp', 'protected']),
        maxLineForceN: r.chance(0.15) ? 500 : null,
        against: r.chance(0.5) ? ['forward'] : [],
      },
    ],
    deck: {
      name: 'deck',
      lengthM: 3,
      widthM: 1.8,
      boards: {
        forward: { capacityN: r.pick([0, 300, 3000]), heightM: 1 },
        rearward: {},
        left: {},
        right: {},
      },
      anchors: ['L', 'R'].flatMap((side) =>
        Array.from({ length: rings }, (_, i) => ({
          id: `${side}${i + 1}`,
          name: `${side}${i + 1}`,
          fromFrontM: 0.2 + i * r.pick([0.5, 0.7]),
          fromCentreM: side === 'L' ? 0.85 : -0.85,
          rating: r.chance(0.93)
            ? { state: 'rated', wllN: r.pick([2000, 4000, 8000]) }
            : { state: 'unrated' },
          barDiameterM: 0.016,
        })),
      ),
    },
    lines: Array.from({ length: there }, (_, i) =>
      lineThere(`there ${i + 1}`, `L${i + 1}`, `R${i + 1}`, r.pick([150, 300])),
    ),
  };
  const parsed = parsePlan(raw);
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
  return {
    plan: parsed.value,
    locker: lockerOf(r, r.int(1, 2), ruleSet === 'us-cmv' ? r.int(1, 2) : 0),
    wishes: {
      marginPart: r.pick([0, 0, 0.1, 0.3]),
      mats: r.chance(0.5),
      protectors: r.pick([null, null, 2, 4]),
      mayTie: () => true,
    },
  };
}

/** A deck of twenty rings with six ropes, no two alike, and a load that asks for several of them. */
export function largeDeck(massKg: number, ruleSet: Plan['ruleSet'] = 'us-light'): SmallDeck {
  const raw = {
    format: 'vast-cleat/plan',
    version: 2,
    title: 'twenty rings, six ropes',
    ruleSet,
    strength: { handLimitN: 400 },
    units: [
      {
        id: 'load',
        name: 'load',
        massKg,
        lengthM: 4,
        widthM: 1.6,
        heightM: 1,
        cgHeightM: 0.5,
        fromFrontM: 0.5,
        friction: { known: 'pair', pair: 'sawn-wood-plywood' },
        edges: 'protected',
      },
    ],
    deck: {
      name: 'deck',
      lengthM: 6,
      widthM: 2.4,
      anchors: ['L', 'R'].flatMap((side) =>
        Array.from({ length: 10 }, (_, i) => ({
          id: `${side}${i + 1}`,
          name: `${side}${i + 1}`,
          fromFrontM: 0.3 + i * 0.5,
          fromCentreM: side === 'L' ? 1.15 : -1.15,
          rating: { state: 'rated', wllN: 6000 + 200 * i },
          barDiameterM: 0.016,
        })),
      ),
    },
  };
  const parsed = parsePlan(raw);
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
  const facts = new Map<string, KeptFact>();
  [
    ['polyester', 0.01, 16_000, 12],
    ['polyester', 0.012, 21_000, 15],
    ['nylon', 0.012, 24_000, 20],
    ['polyester', 0.014, 30_000, 10],
    ['polypropylene', 0.012, 18_000, 25],
    ['nylon', 0.014, 33_000, 14],
  ].forEach(([material, diameterM, mbsN, leftM], i) =>
    facts.set(
      uuid(i + 1),
      inService(
        { code: `T-${i + 1}`, lengthM: leftM, item: { kind: 'rope', material, diameterM, mbsN } },
        leftM as number,
      ),
    ),
  );
  return {
    plan: parsed.value,
    locker: facts,
    wishes: { marginPart: 0, mats: true, protectors: null, mayTie: () => true },
  };
}
