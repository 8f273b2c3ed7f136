/** Strength tables and schools against their publications, each from memory. */
import { describe, expect, it } from 'vitest';
import { ropeSchema } from '@/core/rope/rope';
import { CONDITION_FACTORS } from '@/core/rope/condition';
import type { SchoolId } from '@/core/rope/schools';
import { breakingStrength, placeCapacity, stiffness } from '@/core/rope/strength';
import {
  tabulatedAtMost,
  US_CHAIN_WLL,
  US_ROPE_WLL,
  US_WEBBING_WLL,
} from '@/core/rope/strength-tables';
import { M_PER_IN, N_PER_LBF } from '@/core/units';
import { bare } from '@/core/working/working';

const capacityLbf = (
  rope: Record<string, unknown>,
  school: SchoolId,
  markedOrTableOnly = false,
  designFactor = 5,
) =>
  placeCapacity(bare, ropeSchema.parse(rope), { school, designFactor, markedOrTableOnly }, false, {
    label: '',
    strands: 1,
    factor: 1,
  })! / N_PER_LBF;

describe('US Army FM 5-125, from memory', () => {
  it('1/2 in manila breaks at 2,650 lbf; a quarter is 662.5, where the manual prints 660', () => {
    const half = { material: 'manila', diameterM: '1/2 in', mbsN: '2,650 lbf', condition: 'new' };
    expect(capacityLbf(half, 'rigging-manual')).toBeCloseTo(662.5, 6);
    expect(Math.abs(capacityLbf(half, 'rigging-manual') - 660) / 660).toBeLessThan(0.005);
  });
  it('used rope counts half', () =>
    expect(
      capacityLbf(
        { material: 'manila', diameterM: '1/2 in', mbsN: '2,650 lbf', condition: 'worn' },
        'rigging-manual',
      ),
    ).toBeCloseTo(331.25, 6));
  it('a rope without label counts half its table, sisal 80 % of manila', () => {
    const mbs = (material: string, size: string) =>
      breakingStrength(bare, ropeSchema.parse({ material, diameterM: size }))! / N_PER_LBF;
    expect(mbs('manila', '3/4 in')).toBeCloseTo(2700, 6);
    expect(mbs('sisal', '3/4 in')).toBeCloseTo(2160, 6);
    expect(mbs('manila', '11/16 in')).toBeCloseTo((4400 + 5400) / 4, 6);
  });
  it('outside the table nothing is guessed', () => {
    expect(
      breakingStrength(bare, ropeSchema.parse({ material: 'manila', diameterM: '2 in' })),
    ).toBeNull();
    expect(
      breakingStrength(bare, ropeSchema.parse({ material: 'nylon', diameterM: '20 mm' })),
    ).toBeNull();
    expect(
      breakingStrength(bare, ropeSchema.parse({ material: 'hmpe', diameterM: '12 mm' })),
    ).toBeNull();
  });
});

describe('49 CFR 393.108, from memory', () => {
  it.each([
    ['manila', '3/8 in', 205],
    ['manila', '1 in', 1050],
    ['polypropylene', '1/2 in', 625],
    ['polyester', '5/8 in', 1500],
    ['nylon', '3/4 in', 1420],
    ['nylon-double-braid', '7/16 in', 502],
    ['unknown-synthetic', '1/2 in', 625],
  ])('unmarked %s %s: %d lbf', (material, size, lbf) =>
    expect(capacityLbf({ material, diameterM: size, condition: 'new' }, 'us-table')).toBeCloseTo(
      lbf,
      6,
    ),
  );
  it('a metric rope takes the next smaller entry, never the larger', () => {
    expect(tabulatedAtMost(US_ROPE_WLL.polyester, 0.012)).toMatchObject({ sizeIn: 7 / 16 });
    expect(tabulatedAtMost(US_ROPE_WLL.polyester, 0.0095)).toMatchObject({ sizeIn: 3 / 8 });
    expect(tabulatedAtMost(US_ROPE_WLL.polyester, 0.006)).toBeNull();
  });
  it('webbing and chain', () => {
    expect(tabulatedAtMost(US_WEBBING_WLL, 2 * M_PER_IN)!.strengthN / N_PER_LBF).toBeCloseTo(
      2000,
      6,
    );
    expect(
      tabulatedAtMost(US_CHAIN_WLL['70'], 0.375 * M_PER_IN)!.strengthN / N_PER_LBF,
    ).toBeCloseTo(6600, 6);
    expect(
      tabulatedAtMost(US_CHAIN_WLL['80'], (7 / 16) * M_PER_IN)!.strengthN / N_PER_LBF,
    ).toBeCloseTo(7100, 6);
  });
  it('under US commercial rules the marking or the table counts, never the crew’s school', () => {
    const rope = {
      material: 'polyester',
      diameterM: '1/2 in',
      mbsN: '6,000 lbf',
      condition: 'new',
    };
    expect(capacityLbf(rope, 'us-table', true)).toBeCloseTo(960, 6);
    expect(capacityLbf({ ...rope, markedWllN: '1,200 lbf' }, 'us-table', true)).toBeCloseTo(
      1200,
      6,
    );
  });
});

describe('other schools', () => {
  const rope = { material: 'polyester', diameterM: '12 mm', mbsN: '21 kN', condition: 'good' };
  it('design factor 5 and 10; condition multiplies, N never changes by itself', () => {
    expect(capacityLbf(rope, 'design-factor') * N_PER_LBF).toBeCloseTo((21000 * 0.9) / 5, 6);
    expect(capacityLbf(rope, 'design-factor', false, 10) * N_PER_LBF).toBeCloseTo(
      (21000 * 0.9) / 10,
      6,
    );
  });
  it('marine securing load 33 % (CSS Code Annex 13, from memory)', () =>
    expect(capacityLbf({ ...rope, condition: 'new' }, 'marine-msl') * N_PER_LBF).toBeCloseTo(
      6930,
      6,
    ));
  it('wet nylon 0.85, frozen manila 0.7 (rope makers, from memory)', () => {
    expect(
      capacityLbf(
        { ...rope, material: 'nylon', condition: 'new', weather: 'wet' },
        'design-factor',
      ) * N_PER_LBF,
    ).toBeCloseTo((21000 * 0.85) / 5, 6);
    expect(
      capacityLbf(
        { ...rope, material: 'manila', condition: 'new', weather: 'frozen' },
        'design-factor',
      ) * N_PER_LBF,
    ).toBeCloseTo((21000 * 0.7) / 5, 6);
  });
  it('damaged rope carries nothing', () =>
    expect(capacityLbf({ ...rope, condition: 'damaged' }, 'design-factor')).toBe(0));
  it('condition factors (from memory)', () =>
    expect(CONDITION_FACTORS).toEqual({
      new: 1,
      good: 0.9,
      worn: 0.75,
      doubtful: 0.5,
      damaged: 0,
    }));
  it('stiffness EA = 0.2 MBS / strain: 12 mm polyester of 21 kN is 105 kN', () =>
    expect(stiffness(bare, ropeSchema.parse(rope))).toBeCloseTo(105_000, 6));
});
