/** Trucker's hitch: ratios from equilibrium by hand (exact for given efficiencies), shares in both states, tie-off. */
import { describe, expect, it } from 'vitest';
import { lineCapacity } from '@/core/line/line';
import { keptAfterTieOff } from '@/core/tackle/tie-off';
import {
  countedRatio,
  haulingRatioOf,
  largestShare,
  type ShareOf,
  type TruckersPull,
} from '@/core/tackle/truckers';
import { N_PER_LBF } from '@/core/units';
import { bare, traced } from '@/core/working/working';
import { braidedNylon, elementsOf, context, ownAnchor } from '../support/lines';

const pull = (extra: Partial<TruckersPull> = {}): TruckersPull => ({
  form: 'single',
  inLoop: 'rope-loop',
  roundAnchor: 'ring',
  loopEfficiency: 0.5,
  anchorEfficiency: 0.6,
  handAngleRad: 0,
  passes: 1,
  ...extra,
});
const deg = Math.PI / 180;

describe('load-line tension per unit of pull', () => {
  it('without friction: 3 toward the anchor, 2 sideways, 1 away', () => {
    for (const [angle, ratio] of [
      [0, 3],
      [90, 2],
      [180, 1],
    ] as const) {
      expect(
        haulingRatioOf(pull({ loopEfficiency: 1, anchorEfficiency: 1, handAngleRad: angle * deg })),
      ).toBeCloseTo(ratio, 12);
      expect(countedRatio(pull({ handAngleRad: angle * deg }))).toBeCloseTo(ratio, 12);
    }
  });
  it('rope in rope loop and on ring (0.5, 0.6): 1 + 0.5 + 0.3 = 1.8', () =>
    expect(haulingRatioOf(pull())).toBeCloseTo(1 + 0.5 + 0.5 * 0.6, 12));
  it('sideways 1.131', () =>
    expect(haulingRatioOf(pull({ handAngleRad: 90 * deg }))).toBeCloseTo(Math.sqrt(0.5) * 1.6, 12));
  it('away 0.6', () =>
    expect(haulingRatioOf(pull({ handAngleRad: 180 * deg }))).toBeCloseTo(0.6, 12));
  it('a second pass costs the cube and adds nothing', () =>
    expect(haulingRatioOf(pull({ passes: 2 }))).toBeCloseTo(1 + 0.125 * 1.6, 12));
});

describe('shares of the load line’s tension, largest over hauling and tied off', () => {
  const share = (of: ShareOf, p = pull()) => largestShare(bare, p, of);
  it('with (0.5, 0.6): hand’s strand 1/1.8 in the loop, half in the short strands, half in the lock, the whole at the anchor', () => {
    expect(share('loop-knot')).toBe(1);
    expect(share('loop-turn')).toBeCloseTo(1 / 1.8, 12);
    expect(share('anchor-turn')).toBeCloseTo(0.5, 12);
    expect(share('lock')).toBe(0.5);
    expect(share('anchor')).toBe(1);
  });
  it('hauling is really looked at: away from the anchor it bears e_loop(1 + e_anchor)/R = 1.6/0.6', () =>
    expect(share('anchor', pull({ handAngleRad: Math.PI }))).toBeCloseTo(1.6 / 0.6, 9));
  it('the hauling strand from the anchor bears e_loop/R when that is more than half', () =>
    expect(share('anchor-turn', pull({ handAngleRad: Math.PI }))).toBeCloseTo(1 / 0.6, 9));
  it('a 150 lbf ring at the tensioned end gives a line of 150 lbf, not 75 and not 225', () => {
    const line = elementsOf([
      ownAnchor(5000),
      { kind: 'knot', knot: 'bowline' },
      braidedNylon(),
      { kind: 'truckers', loop: 'alpine-butterfly' },
      { kind: 'lock', knot: 'two-half-hitches' },
      ownAnchor(150),
    ]);
    const capacity = lineCapacity(traced, line, context());
    expect(capacity.wll.value! / N_PER_LBF).toBeCloseTo(150, 9);
    expect(capacity.governing.map((i) => capacity.places[i]!.elementIndex)).toEqual([5]);
  });
  it('loop, turns and lock of a butterfly in 360 lbf rope: 270, 324, 360, 324', () => {
    const line = elementsOf([
      ownAnchor(5000),
      braidedNylon(),
      { kind: 'truckers', loop: 'alpine-butterfly' },
      { kind: 'lock', knot: 'two-half-hitches' },
      ownAnchor(5000, { barDiameterM: '5/16 in' }),
    ]);
    const allowed = Object.fromEntries(
      lineCapacity(bare, line, context()).places.map((p) => [p.part, p.allowed! / N_PER_LBF]),
    );
    expect(allowed['loop-knot']).toBeCloseTo(360 * 0.75, 9);
    expect(allowed['loop-turn']).toBeCloseTo((360 * 0.5) / (1 / 1.8), 9);
    expect(allowed['anchor-turn']).toBeCloseTo(360, 9);
    expect(allowed['lock']).toBeCloseTo((360 * 0.45) / 0.5, 9);
  });
});

describe('kept after tie-off', () => {
  const inputs = {
    hauledN: 450,
    handN: 250,
    stiffnessN: 105_000,
    loadLengthM: 5.7,
    shortLengthM: 0.3,
    slipM: 0.005,
    anchorStrandN: 125,
  };
  it('slides: T − k₁(H + k₂d)/(k₁ + 2k₂), by hand', () => {
    const [k1, k2] = [105_000 / 5.7, 105_000 / 0.3];
    expect(keptAfterTieOff(bare, inputs, 'slides')).toBeCloseTo(
      450 - (k1 * (250 + k2 * 0.005)) / (k1 + 2 * k2),
      9,
    );
  });
  it('holds with both strands tight gives the same', () =>
    expect(keptAfterTieOff(bare, { ...inputs, anchorStrandN: 5000 }, 'holds')).toBeCloseTo(
      keptAfterTieOff(bare, inputs, 'slides')!,
      9,
    ));
  it('holds with a strand gone slack: T − k₁(S₂ + H)/(k₁ + k₂)', () => {
    const [k1, k2] = [105_000 / 5.7, 105_000 / 0.3];
    expect(keptAfterTieOff(bare, inputs, 'holds')).toBeCloseTo(
      450 - (k1 * (125 + 250)) / (k1 + k2),
      9,
    );
  });
  it('never below nothing', () =>
    expect(keptAfterTieOff(bare, { ...inputs, hauledN: 10 }, 'slides')).toBe(0));
});
