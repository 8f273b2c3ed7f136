import { describe, expect, it } from 'vitest';
import {
  braidedNylon,
  elementsOf,
  context,
  ownAnchor,
  wllLbf,
} from '../../../../tests/support/lines';
import { N_PER_LBF } from '../../units';
import { bare } from '../../working/working';
import { lineCapacity } from '../line';
import { lineTension } from '../tension';

const strong = ownAnchor(9000);
const capacity = (elements: Record<string, unknown>[], extra = {}) =>
  lineCapacity(bare, elementsOf(elements), context(extra));
const problems = (elements: Record<string, unknown>[], extra = {}) =>
  capacity(elements, extra).places.flatMap((p) => (p.problem ? [p.problem] : []));
const rope = (mbs: string | null, extra: Record<string, unknown> = {}) => ({
  kind: 'rope',
  rope: { material: 'polyester', diameterM: '12 mm', mbsN: mbs, condition: 'new', ...extra },
});

describe('hardware', () => {
  it('counts its marking, no further factor', () =>
    expect(
      wllLbf([
        strong,
        braidedNylon(),
        { kind: 'fitting', name: 'hook', rating: { state: 'rated', wllN: '100 lbf' } },
        strong,
      ]),
    ).toBeCloseTo(100, 9));
  it.each([
    [180, 2],
    [90, Math.SQRT2],
    [60, 1],
  ])('a ring that turns the line by %d° bears %d times its tension', (deg, times) =>
    expect(
      wllLbf([
        strong,
        braidedNylon({ mbsN: '90,000 lbf' }),
        {
          kind: 'fitting',
          name: 'ring',
          rating: { state: 'rated', wllN: '100 lbf' },
          turnRad: `${deg} deg`,
          barDiameterM: '200 mm',
        },
        strong,
      ]),
    ).toBeCloseTo(100 / times, 6),
  );
  it('and the rope bends round it', () => {
    const places = capacity([
      strong,
      braidedNylon(),
      {
        kind: 'fitting',
        name: 'ring',
        rating: { state: 'rated', wllN: '9,000 lbf' },
        turnRad: '180 deg',
        barDiameterM: '5/8 in',
      },
      strong,
    ]).places;
    expect(places.find((p) => p.name === 'rope round ring')!.allowed! / N_PER_LBF).toBeCloseTo(
      360 * 0.65,
      6,
    );
  });
  it('unrated: unknown, and the line lies between nothing and the rest', () => {
    const c = capacity([ownAnchor(null), braidedNylon(), strong]);
    expect(c.wll).toBeNull();
    expect(c.range.lowN).toBe(0);
    expect(c.range.highN / N_PER_LBF).toBeCloseTo(360, 6);
    expect(problems([ownAnchor(null), braidedNylon(), strong])).toEqual(['unrated-anchor']);
  });
});

describe('what runs along a line', () => {
  it('a bend is judged in both ropes; the weaker side counts', () => {
    const bend = { kind: 'bend', knot: 'sheet-bend' };
    const both = [strong, rope('10 kN'), bend, rope('30 kN'), strong];
    expect(capacity(both).wll).toBeCloseTo((10_000 / 5) * 0.55, 6);
    expect(capacity([strong, rope('30 kN'), bend, rope('10 kN'), strong]).wll).toBeCloseTo(
      (10_000 / 5) * 0.55,
      6,
    );
  });
  it('a doubled rope carries twice on its strands, once at its knot', () => {
    const places = capacity([
      strong,
      { kind: 'knot', knot: 'bowline' },
      rope('10 kN', { doubled: true }),
      strong,
    ]).places;
    expect(places.find((p) => p.part === 'rope')!.allowed).toBeCloseTo(4000, 6);
    expect(places.find((p) => p.part === 'knot')!.allowed).toBeCloseTo(1200, 6);
  });
  it('isolated damage counts as doubtful, and only on a temporary line', () => {
    const damaged = [strong, rope('10 kN', { condition: 'damaged', damageIsolated: true }), strong];
    expect(capacity(damaged).wll).toBe(0);
    expect(capacity(damaged, { temporary: true }).wll).toBeCloseTo(1000, 6);
  });
  it('a rope with only a marked WLL counts its marking', () =>
    expect(capacity([strong, rope(null, { markedWllN: '3 kN' }), strong]).wll).toBeCloseTo(
      3000,
      6,
    ));
  it('unmarked webbing and chain: the US table where it applies, else unknown', () => {
    const webbing = [strong, { kind: 'webbing', widthM: '50 mm' }, strong];
    expect(capacity(webbing).wll! / N_PER_LBF).toBeCloseTo(1750, 6);
    expect(problems(webbing, { unmarkedByUsTable: false })).toEqual(['unmarked-gear']);
    expect(
      capacity([strong, { kind: 'chain', grade: 'unmarked', sizeM: '3/8 in' }, strong]).wll! /
        N_PER_LBF,
    ).toBeCloseTo(2650, 6);
  });
  it('nothing at all', () => expect(capacity([strong, strong]).wll).toBeNull());
});

describe('edges and knots in the wrong thing', () => {
  it('sharper than the rope, or sharp and bare: nothing is known', () => {
    expect(problems([strong, rope('10 kN'), { kind: 'edge', shape: 'sharp' }, strong])).toEqual([
      'bend-too-sharp',
    ]);
    expect(
      problems([
        strong,
        rope('10 kN'),
        { kind: 'edge', shape: 'rounded', bendDiameterM: '10 mm' },
        strong,
      ]),
    ).toEqual(['bend-too-sharp']);
    expect(
      problems([
        strong,
        { kind: 'knot', knot: 'bowline', liesOnBarM: '5 mm' },
        rope('10 kN'),
        strong,
      ]),
    ).toEqual(['bend-too-sharp']);
  });
  it('not measured: nothing is known, as over an edge sharper than the rope', () => {
    expect(problems([strong, rope('10 kN'), { kind: 'edge', shape: 'rounded' }, strong])).toEqual([
      'bend-not-measured',
    ]);
    expect(
      problems([
        strong,
        rope('10 kN'),
        { kind: 'fitting', name: 'ring', rating: { state: 'rated', wllN: '20 kN' }, turnRad: 1 },
        strong,
      ]),
    ).toEqual(['bend-not-measured']);
    expect(
      problems([
        strong,
        rope('10 kN'),
        { kind: 'truckers', loop: 'slip-loop' },
        { kind: 'lock', knot: 'two-half-hitches' },
        ownAnchor(5000, { barDiameterM: null }),
      ]),
    ).toEqual(['bend-not-measured']);
  });
  it('webbing and chain have edges too: a radius of 25 mm or a protector, three link diameters', () => {
    const over = (run: Record<string, unknown>, edge: Record<string, unknown>) =>
      problems([strong, run, { kind: 'edge', ...edge }, strong]);
    const [web, chained] = [
      { kind: 'webbing', widthM: '50 mm', markedWllN: '20 kN' },
      { kind: 'chain', grade: '70', sizeM: '10 mm', markedWllN: '20 kN' },
    ];
    expect([
      over(web, { shape: 'protected' }),
      over(web, { shape: 'rounded', bendDiameterM: '50 mm' }),
      over(chained, { shape: 'rounded', bendDiameterM: '30 mm' }),
    ]).toEqual([[], [], []]);
    expect(over(web, { shape: 'rounded', bendDiameterM: '40 mm' })).toEqual(['webbing-over-edge']);
    expect(over(web, { shape: 'rounded' })).toEqual(['bend-not-measured']);
    expect(over(chained, { shape: 'protected' })).toEqual(['bend-not-measured']);
    expect(over(chained, { shape: 'rounded', bendDiameterM: '20 mm' })).toEqual([
      'chain-over-edge',
    ]);
    expect([over(web, { shape: 'sharp' }), over(chained, { shape: 'sharp' })]).toEqual([
      ['bend-too-sharp'],
      ['bend-too-sharp'],
    ]);
  });
  it('webbing and chain take no knots', () => {
    expect(
      problems([
        strong,
        { kind: 'knot', knot: 'bowline' },
        { kind: 'webbing', widthM: '50 mm' },
        strong,
      ]),
    ).toEqual(['knot-in-webbing']);
    expect(
      problems([
        strong,
        { kind: 'lock', knot: 'two-half-hitches' },
        { kind: 'chain', grade: '70', sizeM: '3/8 in' },
        strong,
      ]),
    ).toEqual(['knot-in-chain']);
  });
  it('a wrap hitch wants its post measured', () =>
    expect(
      problems([
        ownAnchor(5000, { barDiameterM: null }),
        { kind: 'knot', knot: 'wrap-hitch' },
        rope('10 kN'),
        strong,
      ]),
    ).toEqual(['post-not-measured']));
});

describe('tension systems', () => {
  const tension = (elements: Record<string, unknown>[], extra = {}) =>
    lineTension(bare, elementsOf(elements), {
      routeLengthM: 6,
      settling: 0,
      enteredPretensionN: null,
      ...extra,
    });
  it('a ratchet gives its label tension at 500 N, in proportion otherwise (EN 12195-2, from memory)', () => {
    const ratchet = (handForceN: number) => ({
      kind: 'ratchet',
      rating: { state: 'unrated' },
      standardTensionN: '3.5 kN',
      handForceN,
    });
    expect(tension([ratchet(500)]).pretension).toBeCloseTo(3500, 9);
    expect(tension([ratchet(250)]).pretension).toBeCloseTo(1750, 9);
    expect(tension([{ ...ratchet(500), standardTensionN: null }]).pretension).toBeNull();
  });
  it('a binder multiplies by ratio and efficiency', () =>
    expect(
      tension([{ kind: 'binder', rating: { state: 'unrated' }, leverRatio: 20, efficiency: 0.5 }])
        .hauled,
    ).toBeCloseTo(5000, 9));
  it('a measured tension replaces the model, and settles like any other', () => {
    const t = tension([{ kind: 'truckers', loop: 'slip-loop' }], {
      enteredPretensionN: 800,
      settling: 0.25,
    });
    expect([t.system, t.pretension]).toEqual(['entered', 600]);
  });
  it('no system, no tension', () =>
    expect(tension([rope('10 kN')])).toMatchObject({
      system: 'none',
      pretension: null,
      ratio: null,
    }));
});
