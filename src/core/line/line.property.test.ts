import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { braidedNylon, elementsOf, context, ownAnchor } from '../../../tests/support/lines';
import { KNOT_SCHOOL_CHOICES, knotEfficiency } from '../knot/efficiency';
import { KNOTS, type KnotId, knotsFor } from '../knot/knots';
import { SCHOOL_IDS } from '../rope/schools';
import { demoNames, demoPlan, judge } from '../../../tests/support/demo';
import { checkFormulas as check } from '../../../tests/support/working';
import { bare, traced } from '../working/working';
import { alternatives } from './alternatives';
import { weightOf } from './doubts';
import { lineCapacity } from './line';

const force = fc.integer({ min: 50, max: 9000 });
const element = fc.oneof(
  fc.record({
    kind: fc.constant('knot'),
    knot: fc.constantFrom(...knotsFor('attachment').filter((k) => k !== 'wrap-hitch')),
  }),
  fc.record({ kind: fc.constant('bend'), knot: fc.constantFrom(...knotsFor('bend')) }),
  fc.record({ kind: fc.constant('loop'), knot: fc.constantFrom(...knotsFor('loop')) }),
  fc.record({ kind: fc.constant('lock'), knot: fc.constantFrom(...knotsFor('lock')) }),
  fc.record({
    kind: fc.constant('edge'),
    shape: fc.constantFrom('rounded', 'protected'),
    bendDiameterM: fc.double({ min: 0.02, max: 0.3, noNaN: true }),
  }),
  fc.record({
    kind: fc.constant('fitting'),
    name: fc.constant('hook'),
    rating: fc.record({ state: fc.constant('rated'), wllN: force }),
    turnRad: fc.double({ min: 0, max: Math.PI, noNaN: true }),
    barDiameterM: fc.double({ min: 0.013, max: 0.1, noNaN: true }),
  }),
  fc.record({
    kind: fc.constant('rope'),
    rope: fc.record({
      material: fc.constantFrom('polyester', 'nylon', 'manila'),
      diameterM: fc.constant('12 mm'),
      mbsN: force,
      condition: fc.constantFrom('new', 'good', 'worn', 'doubtful'),
    }),
  }),
);
const truckers = fc.record({
  kind: fc.constant('truckers'),
  loop: fc.constantFrom(...knotsFor('loop')),
  loopEfficiency: fc.double({ min: 0.1, max: 1, noNaN: true }),
  anchorEfficiency: fc.double({ min: 0.1, max: 1, noNaN: true }),
  handAngleRad: fc.double({ min: 0, max: Math.PI, noNaN: true }),
});
const line = fc
  .tuple(fc.array(element, { maxLength: 6 }), fc.option(truckers))
  .map(([middle, hitch]) => [
    ownAnchor(900),
    braidedNylon(),
    ...middle,
    ...(hitch ? [hitch] : []),
    ownAnchor(700),
  ]);
const contexts = fc.record({
  basis: fc.record({
    school: fc.constantFrom(...SCHOOL_IDS),
    designFactor: fc.constantFrom(5, 7, 10),
    markedOrTableOnly: fc.boolean(),
  }),
  knotSchool: fc.constantFrom(...KNOT_SCHOOL_CHOICES),
});

describe('properties of any chain', () => {
  it('WLL never rises when an element is added', () => {
    fc.assert(
      fc.property(line, element, fc.nat(), (elements, extra, where) => {
        const at = 2 + (where % (elements.length - 2));
        const before = lineCapacity(bare, elementsOf(elements), context());
        const after = lineCapacity(
          bare,
          elementsOf([...elements.slice(0, at), extra, ...elements.slice(at)]),
          context(),
        );
        // A second rope changes which rope the knots after it are tied in, so it may raise or lower them; it is checked on its own below.
        // So may a fitting between two ropes: it tells which of them a knot beside it is tied in.
        if (
          extra.kind === 'rope' ||
          (extra.kind === 'fitting' && elements.filter((e) => e.kind === 'rope').length > 1)
        )
          return;
        expect(after.wll!).toBeLessThanOrEqual(before.wll! * (1 + 1e-12));
      }),
      { numRuns: 400 },
    );
  });

  it('WLL never rises when a rope gets weaker', () => {
    fc.assert(
      fc.property(line, fc.constantFrom('worn', 'doubtful', 'damaged'), (elements, condition) => {
        const weaker = elementsOf(elements).map((e) =>
          e.kind === 'rope' ? { ...e, rope: { ...e.rope, condition: condition as 'worn' } } : e,
        );
        const before = elementsOf(elements).map((e) =>
          e.kind === 'rope' ? { ...e, rope: { ...e.rope, condition: 'good' as const } } : e,
        );
        expect(lineCapacity(bare, weaker, context()).wll!).toBeLessThanOrEqual(
          lineCapacity(bare, before, context()).wll! * (1 + 1e-12),
        );
      }),
    );
  });

  it('bare and traced computation agree', () => {
    fc.assert(
      fc.property(line, contexts, (elements, where) => {
        const c = context(where);
        expect(lineCapacity(bare, elementsOf(elements), c).wll).toBe(
          lineCapacity(traced, elementsOf(elements), c).wll.value,
        );
      }),
      { numRuns: 400 },
    );
  });

  it('the governing places are exactly those that allow the WLL', () => {
    fc.assert(
      fc.property(line, (elements) => {
        const capacity = lineCapacity(bare, elementsOf(elements), context());
        capacity.places.forEach((p, i) =>
          expect(capacity.governing.includes(i)).toBe(p.allowed! <= capacity.wll! * (1 + 1e-9)),
        );
      }),
    );
  });

  it('alternatives are ranked by what suits, then by what they do to the line', () => {
    fc.assert(
      fc.property(line, (elements) => {
        const parsed = elementsOf(elements);
        const at = parsed.findIndex((e) => e.kind === 'knot');
        const list = alternatives(parsed, at, context());
        for (const a of list)
          expect(a.lineWllN).toBe(lineCapacity(bare, parsed.with(at, a.element), context()).wll);
        list.slice(1).forEach((b, i) => {
          const a = list[i]!;
          const [first, second] = [weightOf(a.doubts), weightOf(b.doubts)];
          expect(first).toBeLessThanOrEqual(second);
          if (first === second) expect(a.lineWllN ?? -1).toBeGreaterThanOrEqual(b.lineWllN ?? -1);
        });
      }),
      { numRuns: 50 },
    );
  });
});

describe('the working shows what was computed', () => {
  it('every formula’s text, evaluated with its inputs, gives its value', () => {
    fc.assert(
      fc.property(line, contexts, (elements, where) =>
        check(lineCapacity(traced, elementsOf(elements), context(where)).wll),
      ),
      { numRuns: 100 },
    );
  });
  it('so does every figure of the demo plans', () => {
    for (const name of demoNames()) {
      const a = judge(demoPlan(name));
      a.rows.forEach((row) =>
        [row.required, row.provided, ...(row.beside ? [row.beside] : [])].forEach(check),
      );
      a.lines.forEach(({ tension, capacity }) =>
        [tension.pretension, tension.hauled, capacity.wll].forEach(check),
      );
    }
  });
});

describe('knot efficiency by school', () => {
  it('the default is the lowest any school gives, a range at its lower end', () => {
    expect(knotEfficiency('clove-hitch', 'lowest', 'polyester').value).toBe(0.55);
    expect(knotEfficiency('bowline', 'field', 'polyester').value).toBe(0.7);
    expect(knotEfficiency('bowline', 'rescue', 'polyester').value).toBe(0.67);
  });
  it('a school without a value falls back to the lowest other and says so', () => {
    const eta = knotEfficiency('timber-hitch', 'rescue', 'polyester');
    expect(eta.value).toBe(0.7);
    expect(eta.source).toContain('has no value');
  });
  it('no value anywhere: 45 %, "no published value"', () =>
    expect(knotEfficiency('zeppelin', 'lowest', 'polyester')).toMatchObject({
      value: 0.45,
      source: 'no published value',
    }));
  it('slick fibre caps knots at 40 %, not splices', () => {
    expect(knotEfficiency('bowline', 'lowest', 'hmpe').value).toBe(0.4);
    expect(knotEfficiency('eye-splice', 'lowest', 'hmpe').value).toBe(0.85);
  });
  it('no chosen school ever gives less than the default', () => {
    for (const id of Object.keys(KNOTS) as KnotId[])
      for (const choice of KNOT_SCHOOL_CHOICES) {
        expect(knotEfficiency(id, choice, 'polyester').value!).toBeGreaterThanOrEqual(
          knotEfficiency(id, 'lowest', 'polyester').value!,
        );
      }
  });
});
