import { describe, expect, it } from 'vitest';
import type { Plan } from './plan';
import { knot, KNOTS, type KnotId } from '../knot/knots';
import { ROPE_MATERIAL_IDS, ROPE_MATERIALS, type RopeMaterialId } from '../rope/materials';
import { demoNames, demoPlan, judge, withLoad } from '../../../tests/support/demo';
import { anchorSharing } from './anchor-sharing';
import { assess, assessing } from './assess';
import { LOCKER_NOT_ASKED } from './locker-word';
import { placeUnits } from './load/placed';
import { lineShape } from './route/shape';
import { compare, worst } from './verdict';

const crate = demoPlan('carousel-crate');

const rated = (plan: Plan): Plan => ({
  ...plan,
  deck: {
    ...plan.deck,
    anchors: plan.deck.anchors.map((a) => ({ ...a, rating: { state: 'rated', wllN: 8000 } })),
  },
});

const codes = (plan: Plan) => judge(plan).findings.map((f) => f.code);

describe('verdict words', () => {
  it('every word is reached by a demo load', () =>
    expect(new Set(demoNames().map((n) => judge(demoPlan(n)).verdict))).toEqual(
      new Set(['holds', 'short', 'barred', 'cannot-say']),
    ));
  it('BARRED before SHORT before CANNOT SAY before HOLDS', () => {
    expect(worst(['holds', 'cannot-say', 'short', 'barred'])).toBe('barred');
    expect(worst(['holds', 'cannot-say', 'short'])).toBe('short');
    expect(worst(['holds', 'cannot-say'])).toBe('cannot-say');
    expect(worst([])).toBe('cannot-say');
  });
  it('unknowns matter only when they matter', () => {
    expect(compare(1, 1, 5)).toBe('holds');
    expect(compare(1, 0, 0.9)).toBe('short');
    expect(compare(1, 0, 5)).toBe('cannot-say');
    expect(compare(null, 3, 5)).toBe('cannot-say');
    expect(compare(0.3, 0.1 + 0.2, 1)).toBe('holds');
  });
});

describe('judging in steps', () => {
  it('stops before each direction that statics look at, and comes to the same', () => {
    for (const name of demoNames()) {
      const steps = assessing(demoPlan(name), LOCKER_NOT_ASKED);
      let stops = 0;
      let step = steps.next();
      for (; !step.done; step = steps.next()) stops += 1;
      const { value } = step;
      expect(stops).toBeGreaterThanOrEqual(value.statics.length);
      expect(value).toEqual(assess(demoPlan(name), LOCKER_NOT_ASKED));
    }
  });
});

describe('unknown inputs', () => {
  it('an unrated anchor makes the line unknown, and the plan CANNOT SAY because forward hangs on it', () => {
    expect(judge(crate).lines[2]!.capacity.wll.value).toBeNull();
    expect(judge(crate).verdict).toBe('cannot-say');
    expect(judge(rated(crate)).verdict).toBe('holds');
  });
  it('a plan that holds without the unknown line HOLDS while that line is slack; hauled, nobody can say that it is not hauled too far', () => {
    const bins = demoPlan('apple-bins');
    const elements = crate.lines[2]!.elements.map((e) =>
      e.kind === 'anchor'
        ? {
            ...e,
            at: {
              on: 'own' as const,
              name: 'tree',
              rating: { state: 'unrated' as const },
              barDiameterM: 0.3,
              surface: 'wood' as const,
            },
          }
        : e,
    );
    const extra = { ...crate.lines[2]!, elements };
    expect(
      judge({ ...bins, lines: [...bins.lines, { ...extra, enteredPretensionN: 0 }] }).verdict,
    ).toBe('holds');
    const hauled = judge({ ...bins, lines: [...bins.lines, extra] });
    expect(hauled.verdict).toBe('cannot-say');
    expect(hauled.findings.find((f) => f.code === 'unrated-anchor')).toMatchObject({
      effect: 'cannot-say',
      lineId: 'l3',
    });
  });
  it('unknown mass: CANNOT SAY everywhere', () =>
    expect(
      judge(withLoad(crate, { massKg: null }))
        .rows.filter((r) => r.code === 'sliding')
        .every((r) => r.verdict === 'cannot-say'),
    ).toBe(true));
  it('unknown height of the centre of gravity: holds only if it would hold at the top', () => {
    const at = (cgHeightM: number | null) =>
      judge(withLoad(crate, { cgHeightM })).rows.find(
        (r) => r.code === 'tilting' && r.direction === 'sideways',
      )!.verdict;
    expect(at(null)).toBe('cannot-say');
    expect(at(1.9)).toBe('short');
  });
  it('no lines at all says so first', () =>
    expect(codes({ ...crate, lines: [] })).toContain('no-lines'));
  it('a line without place on the deck is unknown, not worthless and not credited', () => {
    const lost = {
      ...crate,
      lines: crate.lines.map((l) => ({
        ...l,
        elements: l.elements.filter((e) => e.kind !== 'anchor'),
      })),
    };
    expect(judge(lost).rows.find((r) => r.code === 'sliding')!.verdict).toBe('cannot-say');
    expect(codes(lost)).toContain('line-not-placed');
  });
});

describe('findings', () => {
  const withPull = (handForceN: number): Plan => ({
    ...crate,
    lines: crate.lines.map((l) => ({
      ...l,
      elements: l.elements.map((e) => (e.kind === 'truckers' ? { ...e, handForceN } : e)),
    })),
  });
  it('over-tension is judged on the hauling figure and nothing is clamped', () => {
    const a = judge(withPull(1400));
    expect(a.findings.filter((f) => f.code === 'over-tension')[0]).toMatchObject({
      effect: 'short',
      lineId: 'l1',
      values: { hauledN: 2520 },
    });
    expect(a.lines[0]!.tension.hauled.value).toBeCloseTo(2520, 9);
    expect(codes(withPull(1200))).toContain('over-tension');
    expect(
      judge(withPull(1200))
        .findings.filter((f) => f.code === 'over-tension')
        .map((f) => f.lineId),
    ).toEqual(['l2', 'l3']);
  });
  it('a load that must not be pressed flags the line that presses it', () => {
    const bees = demoPlan('bee-stand');
    expect(codes(bees)).not.toContain('load-crushed');
    expect(
      codes({
        ...bees,
        lines: bees.lines.map((l) => ({
          ...l,
          elements: l.elements.map((e) => (e.kind === 'truckers' ? { ...e, handForceN: 90 } : e)),
        })),
      }),
    ).toContain('load-crushed');
  });
  it.each([
    ['reef', 'bend', 'reef-as-load-join'],
    ['timber-hitch', 'knot', 'timber-hitch-on-metal'],
    ['taut-line-hitch', 'lock', null],
    ['overhand-on-bight', 'knot', 'knot-jams'],
  ])('%s as %s gives %s', (knot, kind, code) => {
    const line = {
      ...crate.lines[0]!,
      elements: [...crate.lines[0]!.elements, { id: 'x', kind, knot, liesOnBarM: null } as never],
    };
    const found = codes({ ...crate, lines: [line] }).filter(
      (c) => c === code || c === 'knot-slips-in-stiff-rope',
    );
    expect(found).toEqual(code === null ? [] : [code]);
  });
  it('taut-line in stiff rope is flagged', () => {
    const manila = crate.lines[0]!.elements.map((e) =>
      e.kind === 'rope'
        ? { ...e, rope: { ...e.rope, material: 'manila' as const } }
        : e.kind === 'lock'
          ? { ...e, knot: 'taut-line-hitch' as const }
          : e,
    );
    expect(codes({ ...crate, lines: [{ ...crate.lines[0]!, elements: manila }] })).toContain(
      'knot-slips-in-stiff-rope',
    );
  });
});

describe('a knot that slips in this rope is flagged by what the catalogue says of it', () => {
  const stiff = ROPE_MATERIAL_IDS.filter((m) => ROPE_MATERIALS[m].stiff);
  const slick = ROPE_MATERIAL_IDS.filter((m) => ROPE_MATERIALS[m].slick);
  const flags = (knot: KnotId, material: RopeMaterialId, start = 'knot-slips'): string[] => {
    const kind = KNOTS[knot].uses.includes('bend' as never) ? 'bend' : 'knot';
    const elements = crate.lines[0]!.elements.map((e) =>
      e.kind === 'rope' ? { ...e, rope: { ...e.rope, material } } : e,
    ).filter((e) => e.kind !== 'knot' && e.kind !== 'lock' && e.kind !== 'truckers');
    return codes({
      ...crate,
      lines: [
        {
          ...crate.lines[0]!,
          elements: [...elements, { id: 'x', kind, knot, liesOnBarM: null } as never],
        },
      ],
    }).filter((c) => c.startsWith(start));
  };
  const all = (Object.keys(KNOTS) as KnotId[]).map((id) => [id, knot(id).holds] as const);
  it.each(all)('%s', (id, holds) => {
    expect(flags(id, 'polyester')).toEqual([]);
    expect(flags(id, 'polyester', 'knot-collapses')).toHaveLength(holds.slack === 'no' ? 1 : 0);
    for (const m of stiff)
      expect(flags(id, m)).toEqual(holds.stiff === 'no' ? ['knot-slips-in-stiff-rope'] : []);
    for (const m of slick)
      expect(flags(id, m)).toEqual(holds.slick === 'no' ? ['knot-slips-in-slick-rope'] : []);
  });
  it('some are flagged and some are not', () => {
    const no = (how: 'slack' | 'stiff'): string[] =>
      all.filter(([, h]) => h[how] === 'no').map(([id]) => id);
    expect(no('stiff')).toEqual(expect.arrayContaining(['taut-line-hitch', 'clove-hitch']));
    expect(no('slack')).toEqual(
      expect.arrayContaining(['slip-loop', 'clove-hitch', 'double-sheet-bend', 'timber-hitch']),
    );
    expect(all.filter(([, h]) => h.slick !== 'no').length).toBeGreaterThan(8);
  });
});

describe('several lines on one anchor', () => {
  const two = (secondAnchor: string): Plan => {
    const plan = rated(crate);
    const move = plan.lines[1]!.elements.map((e) =>
      e.id === 'b' && e.kind === 'anchor'
        ? { ...e, at: { on: 'deck' as const, anchorId: secondAnchor } }
        : e,
    );
    return { ...plan, lines: [plan.lines[0]!, { ...plan.lines[1]!, elements: move }] };
  };
  it('their vector sum governs: two lines on R2 give each the ring’s WLL over the sum of unit pulls', () => {
    const plan = two('R2');
    const sharing = anchorSharing(
      plan.lines.map((l) => ({
        legs: lineShape(l, placeUnits(plan.units), plan.deck).legs,
        anchorIds: [],
      })),
    ).get('R2')!;
    expect(sharing).toBeGreaterThan(1.9);
    expect(sharing).toBeLessThan(2);
    const anchor = judge(plan).lines[0]!.capacity.places.find((p) => p.name === 'ring R2')!;
    expect(anchor.allowed.value).toBeCloseTo(8000 / sharing, 6);
  });
  it('by hand: two unit pulls at right angles sum to √2, opposed ones leave 1', () => {
    const leg = (forward: number, left: number) => ({
      legs: [{ anchorId: 'A', lengthM: 1, sinAlpha: 0, cosAlpha: 1, forward, left, at: null }],
      anchorIds: ['A'],
    });
    expect(anchorSharing([leg(1, 0), leg(0, 1)]).get('A')).toBeCloseTo(Math.SQRT2, 12);
    expect(anchorSharing([leg(1, 0), leg(-1, 0)]).get('A')).toBe(1);
    expect(anchorSharing([leg(1, 0), leg(1, 0), leg(-1, 0)]).get('A')).toBeCloseTo(2, 12);
    expect(anchorSharing(Array.from({ length: 13 }, () => leg(1, 0))).get('A')).toBe(13);
  });
});
