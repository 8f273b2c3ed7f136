/**
 * The worked example of the trade: a rope's breaking strength, a tenth doubled, knots, a ring, a bar.
 * Source: common practice, no source. Bend table: rope makers, from memory.
 */
import { describe, expect, it } from 'vitest';
import { lineCapacity } from '@/core/line/line';
import { bendFactor } from '@/core/rope/bend';
import { N_PER_LBF } from '@/core/units';
import { traced } from '@/core/working/working';
import { braidedNylon, elementsOf, context, ownAnchor, wllLbf } from '../support/lines';

const strong = ownAnchor(5000);
const knot = (id: string, extra: Record<string, unknown> = {}) => ({
  kind: 'knot',
  knot: id,
  ...extra,
});

describe('5/16 in braided nylon of 1,800 lbf, a tenth doubled', () => {
  it('unknotted 360 lbf', () =>
    expect(wllLbf([strong, braidedNylon(), strong])).toBeCloseTo((1800 / 10) * 2, 9));
  it('clove hitch, pessimistic 55 %: 198 lbf', () =>
    expect(wllLbf([strong, knot('clove-hitch'), braidedNylon(), strong])).toBeCloseTo(198, 9));
  it('bowline 60 %: 216 lbf', () =>
    expect(wllLbf([strong, knot('bowline'), braidedNylon(), strong])).toBeCloseTo(216, 9));
  it('a knot that costs 30 %: 252 lbf', () =>
    expect(wllLbf([strong, knot('perfection-loop'), braidedNylon(), strong])).toBeCloseTo(252, 9));

  it('a ring of 150 lbf governs', () => {
    const capacity = lineCapacity(
      traced,
      elementsOf([ownAnchor(150), knot('clove-hitch'), braidedNylon(), strong]),
      context(),
    );
    expect(capacity.wll.value! / N_PER_LBF).toBeCloseTo(150, 9);
    expect(capacity.governing.map((i) => capacity.places[i]!.part)).toEqual(['anchor']);
  });

  it('round a 1 in bar elsewhere the 76 % fisherman’s bend still governs: 273.6 lbf', () => {
    expect(bendFactor(1 / (5 / 16))).toBeCloseTo(0.764, 12);
    const bar = { kind: 'edge', name: 'bar', shape: 'rounded', bendDiameterM: '1 in' };
    const capacity = lineCapacity(
      traced,
      elementsOf([strong, knot('fishermans-bend'), braidedNylon(), bar, strong]),
      context(),
    );
    expect(capacity.wll.value! / N_PER_LBF).toBeCloseTo(273.6, 9);
    expect(capacity.governing.map((i) => capacity.places[i]!.part)).toEqual(['knot']);
  });

  it('with its body lying on that bar both factors multiply: 209.0 lbf', () =>
    expect(
      wllLbf([strong, knot('fishermans-bend', { liesOnBarM: '1 in' }), braidedNylon(), strong]),
    ).toBeCloseTo((1800 / 5) * 0.76 * 0.764, 9));

  it('550 cord: 110 lbf', () =>
    expect(
      wllLbf([
        strong,
        {
          kind: 'rope',
          rope: { material: 'paracord', diameterM: '4 mm', mbsN: '550 lbf', condition: 'new' },
        },
        strong,
      ]),
    ).toBeCloseTo(110, 9));

  it('ties are all named', () => {
    const capacity = lineCapacity(
      traced,
      elementsOf([ownAnchor(198), knot('clove-hitch'), braidedNylon(), strong]),
      context(),
    );
    expect(capacity.governing.map((i) => capacity.places[i]!.part)).toEqual(['anchor', 'knot']);
  });
});

describe('a wrap hitch loses nothing on a post of at least 12 rope diameters', () => {
  it('4 in post under 5/16 in rope: the whole 360 lbf', () =>
    expect(
      wllLbf([
        ownAnchor(5000, { barDiameterM: '4 in' }),
        knot('wrap-hitch'),
        braidedNylon(),
        strong,
      ]),
    ).toBeCloseTo(360, 9));
  it('1 in bar: the bend counts', () =>
    expect(
      wllLbf([
        ownAnchor(5000, { barDiameterM: '1 in' }),
        knot('wrap-hitch'),
        braidedNylon(),
        strong,
      ]),
    ).toBeCloseTo(360 * 0.764, 9));
});

describe('daN is not kgf', () => {
  it('1,000 daN and 1,000 kgf differ by 2 %', () => {
    const of = (mbs: string) => wllLbf([strong, braidedNylon({ mbsN: mbs }), strong]);
    expect(of('1000 daN') / of('1000 kgf')).toBeCloseTo(10 / 9.80665, 9);
  });
});
