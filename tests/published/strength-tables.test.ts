import { describe, expect, it } from 'vitest';
import { MARINE_FRACTIONS } from '@/core/gear/rating';
import {
  MANILA_MBS,
  tabulatedMbs,
  THREE_STRAND_MBS,
  US_CHAIN_WLL,
  US_ROPE_WLL,
  US_WEBBING_WLL,
  US_WIRE_WLL,
} from '@/core/rope/strength-tables';
import { M_PER_IN, N_PER_LBF, STANDARD_GRAVITY as KGF } from '@/core/units';

describe('tables, entry by entry', () => {
  const eighth = 1 / 8;
  const sixteenth = 1 / 16;
  it('49 CFR 393.108, rope', () =>
    expect(US_ROPE_WLL).toEqual({
      manila: [
        [6 * sixteenth, 205],
        [7 * sixteenth, 265],
        [8 * sixteenth, 315],
        [5 * eighth, 465],
        [6 * eighth, 640],
        [1, 1050],
      ],
      polypropylene: [
        [6 * sixteenth, 400],
        [7 * sixteenth, 525],
        [8 * sixteenth, 625],
        [5 * eighth, 925],
        [6 * eighth, 1275],
        [1, 2100],
      ],
      polyester: [
        [6 * sixteenth, 555],
        [7 * sixteenth, 750],
        [8 * sixteenth, 960],
        [5 * eighth, 1500],
        [6 * eighth, 1880],
        [1, 3300],
      ],
      nylon: [
        [6 * sixteenth, 278],
        [7 * sixteenth, 410],
        [8 * sixteenth, 525],
        [5 * eighth, 935],
        [6 * eighth, 1420],
        [1, 2520],
      ],
      'nylon-double-braid': [
        [6 * sixteenth, 336],
        [7 * sixteenth, 502],
        [8 * sixteenth, 655],
        [5 * eighth, 1130],
        [6 * eighth, 1840],
        [1, 3250],
      ],
    }));
  it('49 CFR 393.108, webbing, wire rope and chain', () => {
    expect(US_WEBBING_WLL).toEqual([
      [1.75, 1750],
      [2, 2000],
      [3, 3000],
      [4, 4000],
    ]);
    expect(US_WIRE_WLL).toEqual([
      [0.25, 1400],
      [0.3125, 2100],
      [0.375, 3000],
      [0.4375, 4100],
      [0.5, 5300],
      [0.625, 8300],
      [0.75, 10900],
      [0.875, 16100],
      [1, 20900],
    ]);
    expect(US_CHAIN_WLL).toEqual({
      30: [
        [0.25, 1300],
        [0.3125, 1900],
        [0.375, 2650],
        [0.4375, 3700],
        [0.5, 4500],
        [0.625, 6900],
      ],
      43: [
        [0.25, 2600],
        [0.3125, 3900],
        [0.375, 5400],
        [0.4375, 7200],
        [0.5, 9200],
        [0.625, 13000],
      ],
      70: [
        [0.25, 3150],
        [0.3125, 4700],
        [0.375, 6600],
        [0.4375, 8750],
        [0.5, 11300],
        [0.625, 15800],
      ],
      80: [
        [0.25, 3500],
        [0.3125, 4500],
        [0.375, 7100],
        [0.5, 12000],
        [0.625, 18100],
      ],
      100: [
        [0.25, 4300],
        [0.3125, 5700],
        [0.375, 8800],
        [0.5, 15000],
        [0.625, 22600],
      ],
    });
  });
  it('US Army FM 5-125, manila', () =>
    expect(MANILA_MBS).toEqual([
      [0.25, 600],
      [0.375, 1350],
      [0.5, 2650],
      [0.625, 4400],
      [0.75, 5400],
      [0.875, 7700],
      [1, 9000],
    ]));
  it('rope makers, three-strand, kgf', () =>
    expect(THREE_STRAND_MBS).toEqual({
      polyester: [
        [8, 1020],
        [10, 1590],
        [12, 2270],
        [14, 3180],
      ],
      polypropylene: [
        [8, 960],
        [10, 1425],
        [12, 2030],
        [14, 2790],
      ],
      nylon: [
        [8, 1350],
        [10, 2080],
        [12, 3000],
        [14, 4100],
      ],
      manila: [
        [8, 540],
        [10, 710],
        [12, 1070],
        [14, 1450],
      ],
    }));
  it('marine securing loads: web, chain and fittings 50 %, wire 30 % or single use 80 % (CSS Code Annex 13, CTU Code Annex 7)', () =>
    expect(MARINE_FRACTIONS).toEqual({
      webbing: 0.5,
      chain: 0.5,
      hardware: 0.5,
      wire: 0.3,
      wireSingleUse: 0.8,
    }));
  it('between two sizes in a straight line and said so; a printed size before one in between; never outside', () => {
    expect(tabulatedMbs('polyester', 0.011)).toMatchObject({
      strengthN: ((1590 + 2270) / 2) * KGF,
      between: true,
    });
    expect(tabulatedMbs('manila', 0.014)).toMatchObject({ strengthN: 1450 * KGF, between: false });
    expect(tabulatedMbs('manila', 0.5 * M_PER_IN)!.strengthN).toBeCloseTo(2650 * N_PER_LBF, 6);
    // 13 mm lies between sizes in both tables: the lower of the two counts.
    const manual = 2650 + ((0.013 / M_PER_IN - 0.5) / 0.125) * (4400 - 2650);
    expect(tabulatedMbs('manila', 0.013)!.strengthN).toBeCloseTo(
      Math.min(manual * N_PER_LBF, ((1070 + 1450) / 2) * KGF),
      6,
    );
    expect(tabulatedMbs('polyester', 0.015)).toBeNull();
    expect(tabulatedMbs('kernmantle', 0.01)).toBeNull();
    expect(tabulatedMbs('paracord', 0.005)).toBeNull();
  });
});
