import { describe, expect, it } from 'vitest';
import { type Plan, parsePlan } from './plan';
import { type Gear, gearSchema } from '../gear/schema';
import type { GearState } from '../gear/history';
import { ropeNeeded, ropeShortBy } from '../line/rope-needed';
import { bare, traced } from '../working/working';
import { elementsOf, ownAnchor } from '../../../tests/support/lines';
import { checkFormulas } from '../../../tests/support/working';
import { demoPlan, judge } from '../../../tests/support/demo';
import { assess } from './assess';
import { withoutGear } from './gear-facts';
import { type GearFact, LOCKER_NOT_ASKED } from './locker-word';

const ID = '0190b5a0-0000-7000-8000-000000000001';
const rope = (extra: Record<string, unknown> = {}): Record<string, unknown> => ({
  kind: 'rope',
  rope: { tag: 'PE', material: 'polyester', diameterM: '12 mm', mbsN: '21 kN', condition: 'good' },
  ...extra,
});
const gear = (item: Record<string, unknown> = {}): Gear =>
  gearSchema.parse({
    format: 'vast-cleat/gear',
    version: 1,
    code: 'PE',
    lengthM: 30,
    item: { kind: 'rope', material: 'polyester', diameterM: '12 mm', mbsN: '21 kN', ...item },
  });
const good: GearState = {
  state: 'in-service',
  condition: 'good',
  damagedAtM: [],
  remainingM: 30,
  place: '',
  inspectedOn: '2026-10-01',
  suspect: false,
  inspections: 1,
};

/** The demo's crate with the locker's rope on its first line. */
function planWith(element: Record<string, unknown> = {}, temporary = false): Plan {
  const plan = demoPlan('carousel-crate');
  const lines = plan.lines.map((l, i) =>
    i > 0
      ? l
      : {
          ...l,
          temporary,
          elements: l.elements.map((e) =>
            e.kind === 'rope' ? { ...e, gearId: ID, lengthM: 30, ...element } : e,
          ),
        },
  );
  const parsed = parsePlan({ ...plan, lines });
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
  return parsed.value;
}
const said = (plan: Plan, fact: Partial<GearFact> | null): string[] =>
  assess(
    plan,
    fact === null
      ? new Map()
      : new Map([
          [
            ID,
            { gear: gear(), state: good, due: 'later', removed: false, ...fact } satisfies GearFact,
          ],
        ]),
  )
    .findings.filter((f) => f.code.startsWith('gear-'))
    .map((f) => `${f.code} ${f.effect}`);

describe('what the locker says of a plan', () => {
  it('nothing while all is as planned; a locker that was not asked leaves CANNOT SAY', () => {
    expect(said(planWith(), {})).toEqual([]);
    expect(
      assess(planWith(), LOCKER_NOT_ASKED).findings.filter((f) => f.code === 'locker-not-asked'),
    ).toMatchObject([{ effect: 'cannot-say', lineId: 'l1', elementId: 'rope' }]);
  });
  it('retired and set aside bar the plan; nothing else outweighs that', () => {
    expect(said(planWith(), { state: { ...good, state: 'retired' } })).toEqual([
      'gear-retired barred',
    ]);
    expect(
      said(planWith(), { state: { ...good, state: 'set-aside', condition: 'damaged' } }),
    ).toEqual(['gear-set-aside barred']);
    expect(
      assess(
        planWith(),
        new Map([
          [ID, { gear: gear(), state: { ...good, state: 'retired' }, due: null, removed: false }],
        ]),
      ).verdict,
    ).toBe('barred');
  });
  it('damage isolated in a loop on a temporary line was planned so', () => {
    const isolated = planWith(
      {
        rope: {
          tag: 'PE',
          material: 'polyester',
          diameterM: 0.012,
          mbsN: 21000,
          condition: 'damaged',
          damageIsolated: true,
        },
      },
      true,
    );
    expect(
      said(isolated, { state: { ...good, state: 'set-aside', condition: 'damaged' } }),
    ).toEqual([]);
  });
  it('rope that counts less now than planned leaves CANNOT SAY; better or the same says nothing', () => {
    expect(said(planWith(), { state: { ...good, condition: 'worn' } })).toEqual([
      'gear-worse cannot-say',
    ]);
    expect(said(planWith(), { gear: gear({ mbsN: '18 kN' }) })).toEqual(['gear-worse cannot-say']);
    expect(said(planWith(), { gear: gear({ mbsN: null }) })).toEqual(['gear-worse cannot-say']);
    expect(said(planWith(), { gear: gear({ historyKnown: false }) })).toEqual([
      'gear-worse cannot-say',
    ]);
    expect(said(planWith(), { gear: gear({ material: 'manila' }) })).toEqual([
      'gear-worse cannot-say',
    ]);
    expect(said(planWith(), { state: { ...good, condition: 'new' } })).toEqual([]);
  });
  it('something happened to it: inspect first; overdue and gone are said', () => {
    expect(said(planWith(), { state: { ...good, suspect: true } })).toEqual([
      'gear-suspect cannot-say',
    ]);
    expect(said(planWith(), { due: 'overdue' })).toEqual(['gear-overdue notice']);
    expect(said(planWith(), null)).toEqual(['gear-gone cannot-say']);
  });
  it('one rope on two lines is said, and is short when it does not reach for both', () => {
    const plan = planWith();
    const first = plan.lines[0]!;
    const twice = (lengthM: number): string[] => {
      const line = {
        ...first,
        elements: first.elements.map((e) => (e.kind === 'rope' ? { ...e, lengthM } : e)),
      };
      return judge({ ...plan, lines: [line, { ...line, id: 'again', name: 'again' }] })
        .findings.filter((f) => f.code.startsWith('rope-'))
        .map((f) => `${f.code} ${f.effect}`);
    };
    expect(twice(40)).toEqual(['rope-shared notice']);
    expect(twice(12)).toEqual(['rope-shared-short short']);
    expect(withoutGear(first.elements).some((e) => 'gearId' in e && e.gearId !== null)).toBe(false);
  });
});

describe('length check', () => {
  const D = 0.012;
  const line = elementsOf([
    ownAnchor(5000),
    { kind: 'knot', knot: 'bowline' },
    rope({ lengthM: '6 m' }),
    { kind: 'truckers', loop: 'alpine-butterfly', passes: 1, shortStrandM: 0.3 },
    { kind: 'lock', knot: 'two-half-hitches' },
    ownAnchor(5000),
  ]);
  it('route, knots beyond their reach, tails, the hitch’s strands and a working end, computed by hand', () => {
    const bowline = (66.3 - 19.5) * D + 12 * D;
    const butterfly = (102.9 - 25.4) * D;
    // Two strands beside the line's own: short strand, knots drawing up (30 mm), a hand's width (100 mm); 18 in to haul with.
    const hitch = 2 * (0.3 + 0.03 + 0.1) + 0.45;
    const lock = (54.9 - 14.1) * D + 12 * D;
    expect(ropeNeeded(bare, line, 4, null)).toBeCloseTo(4 + bowline + butterfly + hitch + lock, 9);
    // Hauled to 1 kN it stretches by T × L ÷ EA, EA = 0.2 × 21 kN ÷ 4 %: each of the two strands begins that much longer.
    expect(ropeNeeded(bare, line, 4, 1000)! - ropeNeeded(bare, line, 4, null)!).toBeCloseTo(
      (2 * 1000 * 4) / ((0.2 * 21000) / 0.04),
      9,
    );
  });
  it('short by how much; nothing is said without a length or a route', () => {
    const needM = ropeNeeded(bare, line, 4, null)!;
    expect(ropeShortBy(needM, line)).toEqual({ haveM: 6, shortM: needM - 6 });
    expect(ropeShortBy(null, line)).toBeNull();
    expect(ropeShortBy(needM, elementsOf([rope()]))).toBeNull();
    expect(ropeNeeded(bare, line, null, null)).toBeNull();
  });
  it('a doubled rope goes the way twice; a double pass has four strands; joined ropes count together', () => {
    const doubled = elementsOf([
      { kind: 'rope', rope: { material: 'polyester', diameterM: D, mbsN: 21000, doubled: true } },
    ]);
    expect(ropeNeeded(bare, doubled, 5, null)).toBeCloseTo(10, 9);
    const hitch = (passes: 1 | 2): number =>
      ropeNeeded(
        bare,
        elementsOf([
          rope(),
          { kind: 'truckers', loop: 'alpine-butterfly', passes, shortStrandM: 0.3 },
        ]),
        4,
        null,
      )!;
    expect(hitch(2) - hitch(1)).toBeCloseTo(2 * 0.43, 9);
    const joined = elementsOf([
      rope({ lengthM: 5 }),
      { kind: 'bend', knot: 'zeppelin' },
      rope({ lengthM: 4 }),
    ]);
    expect(ropeShortBy(ropeNeeded(bare, joined, 8, null), joined)!.haveM).toBe(9);
    expect(ropeNeeded(bare, joined, 8, null)).toBeCloseTo(8 + 2 * ((31 - 14.3) * D + 12 * D), 9);
  });
  it('makes the plan SHORT, and says by how much', () => {
    const short = judge(planWith({ lengthM: 5 }));
    const finding = short.findings.find((f) => f.code === 'rope-too-short')!;
    expect(finding).toMatchObject({ effect: 'short', values: { haveM: 5 } });
    expect(Number(finding.values['shortM'])).toBeCloseTo(Number(finding.values['needM']) - 5, 9);
    expect(['short', 'barred']).toContain(short.verdict);
  });
  it('formulas shown are formulas used', () =>
    checkFormulas(
      ropeNeeded(
        traced,
        line,
        4,
        traced.given({
          label: 'hauled',
          symbol: 'T',
          value: 1000,
          unit: 'N',
          source: '',
          confidence: 'entered',
        }),
      ),
    ));
});

describe('the locker’s word on webbing, chain and hardware counts like its word on rope', () => {
  const made = (item: Record<string, unknown>) =>
    gearSchema.parse({
      format: 'vast-cleat/gear',
      version: 1,
      code: 'M-1',
      lengthM: item['kind'] === 'hardware' ? null : 10,
      item,
    });
  const strapped = (element: Record<string, unknown>): Plan => {
    const bins = demoPlan('apple-bins');
    const lines = bins.lines.map((l, i) =>
      i > 0
        ? l
        : {
            ...l,
            elements: l.elements.map((e) =>
              e.kind === element['kind'] ? { ...e, ...element, gearId: ID } : e,
            ),
          },
    );
    const parsed = parsePlan({ ...bins, lines });
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
    return parsed.value;
  };
  const web = strapped({ kind: 'webbing', widthM: 0.05, markedWllN: 25_000 });
  const webbing = (markedWllN: number | null, widthM = 0.05) => ({
    gear: made({ kind: 'webbing', widthM, markedWllN }),
  });
  it('as planned: nothing; doubtful, label corrected downward or gone, another thing under that id: CANNOT SAY', () => {
    expect(said(web, webbing(25_000))).toEqual([]);
    expect(said(web, { ...webbing(25_000), state: { ...good, condition: 'worn' } })).toEqual([]);
    expect(said(web, { ...webbing(25_000), state: { ...good, condition: 'doubtful' } })).toEqual([
      'gear-worse cannot-say',
    ]);
    expect(said(web, webbing(20_000))).toEqual(['gear-worse cannot-say']);
    expect(said(web, webbing(null))).toEqual(['gear-worse cannot-say']);
    expect(said(web, {})).toEqual(['gear-worse cannot-say']);
  });
  it('unmarked webbing and chain by their size and grade', () => {
    const bare = strapped({ kind: 'webbing', widthM: 0.05, markedWllN: null });
    expect(said(bare, webbing(null))).toEqual([]);
    expect(said(bare, webbing(null, 0.04))).toEqual(['gear-worse cannot-say']);
  });
  it('a ratchet or binder by its marking', () => {
    const ratchet = strapped({ kind: 'ratchet', rating: { state: 'rated', wllN: 25_000 } });
    const of = (markedWllN: number | null) => ({
      gear: made({ kind: 'hardware', form: 'ratchet', markedWllN }),
    });
    expect(said(ratchet, of(25_000))).toEqual([]);
    expect(said(ratchet, of(10_000))).toEqual(['gear-worse cannot-say']);
    expect(said(ratchet, { ...of(25_000), state: { ...good, state: 'retired' } })).toEqual([
      'gear-retired barred',
    ]);
  });
  it('removed from the locker: CANNOT SAY; retired, set aside or with an incident then: BARRED', () => {
    const gone = (state: Partial<GearFact['state']>) =>
      said(web, { ...webbing(25_000), removed: true, state: { ...good, ...state } });
    expect(gone({})).toEqual(['gear-gone cannot-say']);
    expect(gone({ state: 'retired' })).toEqual(['gear-gone-bad barred']);
    expect(gone({ state: 'set-aside', condition: 'damaged' })).toEqual(['gear-gone-bad barred']);
    expect(gone({ suspect: true })).toEqual(['gear-gone-bad barred']);
  });
});
