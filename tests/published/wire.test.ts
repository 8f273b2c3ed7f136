/** Wire rope on a line. Sources: 49 CFR 393.108 and CSS Code Annex 13, from memory; six diameters over an edge: common practice, no source. */
import { describe, expect, it } from 'vitest';
import { N_PER_LBF } from '@/core/units';
import { lineCapacity } from '@/core/line/line';
import { bare } from '@/core/working/working';
import { context, elementsOf, ownAnchor } from '../support/lines';

const wll = (wire: Record<string, unknown>, under: Parameters<typeof context>[0] = {}) =>
  lineCapacity(
    bare,
    elementsOf([ownAnchor(1e6), { kind: 'wire', sizeM: 0.5 * 0.0254, ...wire }, ownAnchor(1e6)]),
    context(under),
  ).wll;
const basis = (school: string, markedOrTableOnly = false) =>
  ({ basis: { school, designFactor: 5, markedOrTableOnly } }) as Parameters<typeof context>[0];

describe('wire rope', () => {
  it('unmarked, 1/2 in: 5,300 lbf by the table where the set allows it, else not known', () => {
    expect(wll({}, { ...basis('us-table', true), unmarkedByUsTable: true })).toBeCloseTo(
      5300 * N_PER_LBF,
      6,
    );
    expect(wll({}, { ...basis('design-factor'), unmarkedByUsTable: false })).toBeNull();
  });
  it('by its label: a fifth at N = 5; 30 % at sea, 80 % if it is used once', () => {
    expect(wll({ mbsN: 100_000 }, basis('design-factor'))).toBeCloseTo(20_000, 9);
    expect(wll({ mbsN: 100_000 }, basis('marine-msl'))).toBeCloseTo(30_000, 9);
    expect(wll({ mbsN: 100_000, singleUse: true }, basis('marine-msl'))).toBeCloseTo(80_000, 9);
  });
  it('its marking is a ceiling: whoever reckons may say less, never more', () => {
    expect(wll({ mbsN: 100_000, markedWllN: 15_000 }, basis('design-factor'))).toBe(15_000);
    expect(wll({ mbsN: 50_000, markedWllN: 15_000 }, basis('design-factor'))).toBeCloseTo(
      10_000,
      9,
    );
    expect(wll({ mbsN: 100_000, markedWllN: 15_000 }, basis('us-table', true))).toBe(15_000);
  });
  it('over an edge it wants six of its diameters; no knot goes into it', () => {
    const over = (bendDiameterM: number) =>
      lineCapacity(
        bare,
        elementsOf([
          ownAnchor(1e6),
          { kind: 'wire', sizeM: 0.01, markedWllN: 15_000 },
          { kind: 'edge', shape: 'rounded', bendDiameterM },
          ownAnchor(1e6),
        ]),
        context(),
      ).wll;
    expect(over(0.06)).toBe(15_000);
    expect(over(0.059)).toBeNull();
    const knotted = lineCapacity(
      bare,
      elementsOf([
        ownAnchor(1e6),
        { kind: 'knot', knot: 'bowline' },
        { kind: 'wire', sizeM: 0.01, markedWllN: 15_000 },
        ownAnchor(1e6),
      ]),
      context(),
    );
    expect(knotted.places.map((p) => p.problem)).toContain('knot-in-wire');
  });
});
