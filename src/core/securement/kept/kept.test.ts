import { describe, expect, it } from 'vitest';
import { demoPlan } from '../../../../tests/support/demo';
import { makeSeveral } from '../../../../tests/verdict/search/make-several';
import { type Random, randomOf } from '../../../../tests/verdict/search/random';
import { assess } from '../assess';
import { LOCKER_NOT_ASKED, type GearFacts, type KeptFact, partIdsOf } from '../locker-word';
import { parsePlan, type Plan } from '../plan';
import { strengthSchema } from '../schema';
import { VERDICTS } from '../verdict';
import { begunPlan } from './begin';
import { type KeptDeck, readKeptDeck, readKeptLoad } from './schema';
import { asKeptNow, deckToKeep, isAsKept, loadToKeep, onKeptDeck, withKeptLoad } from './take';

const DECK = '0190b5a0-0000-7000-8000-000000000001';
const LOAD = '0190b5a0-0000-7000-8000-000000000002';
const AT_1 = { id: DECK, version: 1 };

const bins = demoPlan('apple-bins');
const kept = deckToKeep(bins);
const taken = onKeptDeck(bins, AT_1, kept);
const facts = (...entries: (readonly [string, KeptFact])[]): GearFacts => new Map(entries);
const fact = (deck = kept.deck, version = 1, removed = false): GearFacts =>
  facts([DECK, { deck, version, removed }]);
const codes = (plan: Plan, word: Parameters<typeof assess>[1]): string[] =>
  assess(plan, word)
    .findings.map((f) => f.code)
    .filter((c) => /^(deck|load|kept)-/.test(c));

describe('documents of what is kept', () => {
  it('come back as they were put in; what is unknown in them, and what is later, is refused', () => {
    expect(readKeptDeck(structuredClone(kept))).toEqual({ ok: true, value: kept });
    const load = loadToKeep(bins.units[0]!);
    expect(readKeptLoad(structuredClone(load))).toEqual({ ok: true, value: load });
    expect(readKeptDeck({ ...kept, deck: { ...kept.deck, colour: 'red' } }).ok).toBe(false);
    expect(readKeptDeck({ ...kept, version: 2 })).toMatchObject({ why: { reason: 'too-new' } });
    expect(readKeptLoad({ ...load, version: 9 })).toMatchObject({ why: { reason: 'too-new' } });
  });
});

describe('a plan on a kept deck', () => {
  it('is the same plan, and holds on the crew’s word alone', () => {
    expect(partIdsOf(taken)).toEqual([DECK]);
    expect(assess(bins, fact()).verdict).toBe('holds');
    expect(assess(taken, fact()).verdict).toBe('holds');
    expect(codes(taken, LOCKER_NOT_ASKED)).toEqual(['kept-not-asked']);
    expect(assess(taken, LOCKER_NOT_ASKED).verdict).toBe('cannot-say');
    expect(assess(taken, facts()).verdict).toBe('cannot-say');
    expect(codes(taken, fact(kept.deck, 1, true))).toEqual(['deck-gone']);
  });
  it.each([
    ['rated lower', { rating: { state: 'rated', wllN: 10 } }],
    ['not read any more', { rating: { state: 'unrated' } }],
    ['elsewhere', { fromFrontM: 55 }],
    ['of a thinner bar', { barDiameterM: 0.006 }],
    ['of a bar that nobody measured', { barDiameterM: null }],
    ['of wood', { surface: 'wood' }],
    ['on a board', { on: 'board' }],
    ['not there', null],
  ] as const)('does not hold on an anchor that the crew has found %s', (_, change) => {
    const used = bins.lines[0]!.elements.find((e) => e.kind === 'anchor' && e.at.on === 'deck')!;
    const id = used.kind === 'anchor' && used.at.on === 'deck' ? used.at.anchorId : '';
    const anchors = kept.deck.anchors.flatMap((a) =>
      a.id !== id ? [a] : change === null ? [] : [{ ...a, ...change }],
    );
    for (const version of [1, 2]) {
      const word = fact({ ...kept.deck, anchors }, version);
      expect(codes(taken, word)).toEqual(['deck-worse']);
      expect(assess(taken, word).verdict).not.toBe('holds');
    }
  });
  it('is told of other changes, and goes on holding', () => {
    const word = fact({ ...kept.deck, name: 'repainted' }, 2);
    expect(codes(taken, word)).toEqual(['deck-changed']);
    expect(assess(taken, word).verdict).toBe('holds');
    expect(codes(onKeptDeck(taken, { id: DECK, version: 2 }, kept), word)).toEqual([]);
  });
  it.each([
    ['shorter', { lengthM: 5 }],
    ['narrower', { widthM: 2 }],
    ['of another floor', { surface: 'smooth-steel' }],
  ] as const)('does not hold where the deck was found %s', (_, change) => {
    const word = fact({ ...kept.deck, ...change }, 2);
    expect(codes(taken, word)).toEqual(['deck-worse']);
    expect(assess(taken, word).verdict).not.toBe('holds');
  });
  it('that blocks does not hold on a board that was found to take less', () => {
    const fair = demoPlan('fair-flatbed');
    const d = (['forward', 'rearward', 'left', 'right'] as const).find((x) =>
      fair.units.some((u) => u.against.includes(x)),
    )!;
    const boards = { ...fair.deck.boards, [d]: { capacityN: 20_000, heightM: 0.6 } };
    const own = { ...fair, deck: { ...fair.deck, boards } };
    const document = deckToKeep(own);
    const plan = onKeptDeck(own, AT_1, document);
    expect(codes(plan, fact(document.deck))).toEqual([]);
    for (const board of [
      { capacityN: 10_000, heightM: 0.6 },
      { capacityN: null, heightM: 0.6 },
      { capacityN: 20_000, heightM: 0.3 },
    ])
      expect(codes(plan, fact({ ...document.deck, boards: { ...boards, [d]: board } }))).toEqual([
        'deck-worse',
      ]);
  });
});

describe('a unit that stands against a board', () => {
  const [first] = bins.units;
  const atFront: Plan = {
    ...bins,
    units: [{ ...first!, fromFrontM: 0, against: ['forward', 'rearward'] }],
    deck: { ...bins.deck, lengthM: first!.lengthM },
    lines: [],
  };
  it('stands against it no longer on a deck whose board is elsewhere', () => {
    const { deck } = deckToKeep(atFront);
    const longer = onKeptDeck(atFront, AT_1, { deck: { ...deck, lengthM: deck.lengthM + 1 } });
    expect(longer.units[0]!.against).toEqual(['forward']);
    expect(onKeptDeck(atFront, AT_1, { deck }).units).toEqual(atFront.units);
  });
  it('nor once it is found shorter; what was said of a board it never reached stays', () => {
    const { unit } = loadToKeep(first!);
    const at = { id: LOAD, version: 2 };
    const shorter = { unit: { ...unit, lengthM: unit.lengthM - 0.5 } };
    expect(asKeptNow(atFront, first!.id, at, shorter).units[0]!.against).toEqual(['forward']);
    const aside: Plan = {
      ...atFront,
      units: atFront.units.map((u) => ({ ...u, against: ['left'] as const })),
    } as unknown as Plan;
    expect(asKeptNow(aside, first!.id, at, { unit }).units[0]!.against).toEqual(['left']);
  });
});

describe('a load that comes back', () => {
  const load = loadToKeep(bins.units[0]!);
  const keptAs = { id: LOAD, version: 1 };
  const units = bins.units.map((u, i) => (i === 0 ? { ...u, keptAs } : u));
  const plan: Plan = { ...bins, units };
  const word = (massKg: number, version: number, removed = false): GearFacts =>
    facts([LOAD, { unit: { ...load.unit, massKg }, version, removed }]);
  const mass = load.unit.massKg!;
  it('weighed anew makes the plan CANNOT SAY until it is taken as it is now, or said to be otherwise', () => {
    expect(assess(plan, word(mass, 1)).verdict).toBe('holds');
    expect(codes(plan, word(mass, 2))).toEqual([]);
    expect(codes(plan, word(mass + 90, 2))).toEqual(['load-changed']);
    expect(assess(plan, word(mass + 90, 2)).verdict).toBe('cannot-say');
    const now = asKeptNow(
      plan,
      units[0]!.id,
      { id: LOAD, version: 2 },
      {
        unit: { ...load.unit, massKg: mass + 90 },
      },
    );
    expect(now.units[0]).toMatchObject({ massKg: mass + 90, fromFrontM: units[0]!.fromFrontM });
    expect(codes(now, word(mass + 90, 2))).toEqual([]);
    expect(codes(plan, LOCKER_NOT_ASKED)).toEqual(['kept-not-asked']);
    expect(codes(plan, facts())).toEqual(['load-gone']);
  });
  it('is put on a deck behind what stands there, as it was kept', () => {
    const put = withKeptLoad(bins, keptAs, load).units.at(-1)!;
    const rear = Math.max(...bins.units.map((u) => u.fromFrontM + u.lengthM));
    expect(put).toMatchObject({ keptAs, fromFrontM: rear, on: { kind: 'deck' }, against: [] });
    expect(isAsKept(put, load.unit)).toBe(true);
    expect(isAsKept({ ...put, massKg: 1 }, load.unit)).toBe(false);
    expect(parsePlan(withKeptLoad(bins, keptAs, load))).toMatchObject({ ok: true });
  });
});

describe('a plan that is begun', () => {
  const strength = strengthSchema.parse({});
  it('with a kept deck and load has a verdict at once: a line lies over the load in its middle', () => {
    const plan = begunPlan(
      {
        deck: { keptAs: AT_1, document: kept },
        load: { keptAs: { id: LOAD, version: 1 }, document: loadToKeep(bins.units[0]!) },
        own: {},
        rope: null,
      },
      strength,
      'metric',
    );
    expect(parsePlan(plan)).toMatchObject({ ok: true });
    expect(plan.units).toHaveLength(1);
    const [unit] = plan.units;
    expect(unit!.fromFrontM + unit!.lengthM / 2).toBeCloseTo(plan.deck.lengthM / 2, 2);
    expect(assess(plan, LOCKER_NOT_ASKED).lines[0]!.shape.problem).toBeNull();
  });
  it('with nothing claims nothing', () => {
    const plan = begunPlan({ deck: null, load: null, own: {}, rope: null }, strength, 'us');
    expect(parsePlan(plan)).toMatchObject({ ok: true });
    expect(plan.units[0]!.massKg).toBeNull();
    expect(assess(plan, LOCKER_NOT_ASKED).verdict).toBe('cannot-say');
    const own = { name: 'hives', massKg: 290, heightM: 0.8 };
    const hives = begunPlan({ deck: null, load: null, own, rope: null }, strength, 'metric');
    expect([hives.title, hives.units[0]!.massKg]).toEqual(['hives', 290]);
  });
});

/** A kept deck as it might be found later: some of it better, some worse, some elsewhere. */
function foundLater(deck: KeptDeck['deck'], r: Random): KeptDeck['deck'] {
  const size = (m: number): number => (r.chance(0.1) ? m * r.between(0.6, 1.4) : m);
  const board = (b: KeptDeck['deck']['boards']['left']): typeof b =>
    r.chance(0.8)
      ? b
      : {
          capacityN: r.chance(0.3) ? null : r.between(1, 1e5),
          heightM: r.chance(0.3) ? null : r.between(0.05, 2),
        };
  const { forward, rearward, left, right } = deck.boards;
  return {
    ...deck,
    lengthM: size(deck.lengthM),
    widthM: size(deck.widthM),
    surface: r.chance(0.9) ? deck.surface : 'smooth-steel',
    boards: {
      forward: board(forward),
      rearward: board(rearward),
      left: board(left),
      right: board(right),
    },
    anchors: deck.anchors.flatMap((a) => {
      if (r.chance(0.03)) return [];
      const rating = { state: 'rated' as const, wllN: r.between(1, 1e5) };
      return [
        {
          ...a,
          ...(r.chance(0.15)
            ? { rating: r.chance(0.2) ? { state: 'unrated' as const } : rating }
            : {}),
          ...(r.chance(0.1) ? { barDiameterM: r.chance(0.3) ? null : r.between(0.004, 0.04) } : {}),
          ...(r.chance(0.05) ? { fromFrontM: a.fromFrontM + r.between(0, 0.4) } : {}),
          ...(r.chance(0.05) ? { surface: 'wood' as const } : {}),
        },
      ];
    }),
  };
}

describe('what the crew keeps', () => {
  it('never makes a plan hold that would not hold alone, nor on the deck as it was found, in random plans', () => {
    const r = randomOf(20_261_130);
    const seen = { holds: 0, others: 0 };
    for (let i = 0; i < 260; i++) {
      const parsed = parsePlan(makeSeveral(r, ['eu-road', 'us-light']));
      if (!parsed.ok) continue;
      const own = parsed.value;
      const document = deckToKeep(own);
      const plan = onKeptDeck(own, AT_1, document);
      const deck = r.chance(0.3) ? document.deck : foundLater(document.deck, r);
      const word = fact(deck, r.int(1, 3), r.chance(0.05));
      const said = assess(plan, word).verdict;
      const alone = assess(own, new Map()).verdict;
      expect(VERDICTS.indexOf(said)).toBeLessThanOrEqual(VERDICTS.indexOf(alone));
      if (said !== 'holds') {
        seen.others += 1;
        continue;
      }
      const now = onKeptDeck(plan, { id: DECK, version: 3 }, { deck });
      expect(assess(now, fact(deck, 3)).verdict, `plan ${i}`).toBe('holds');
      seen.holds += 1;
    }
    expect(seen.holds).toBeGreaterThan(10);
    expect(seen.others).toBeGreaterThan(60);
  });
});
