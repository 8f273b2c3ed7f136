/**
 * What each rope of the demo's locker may carry by every school, against a computation by hand; the tables entry by entry
 * against the publication each names. All tables from memory.
 */
import { describe, expect, it } from 'vitest';
import { GEAR_KINDS } from '@/core/gear/vocabulary';
import { ratingsOf, ropeRatings } from '@/core/gear/rating';
import { ropeSchema } from '@/core/rope/rope';
import { bendFactor } from '@/core/rope/bend';
import { M_PER_IN, N_PER_LBF, STANDARD_GRAVITY } from '@/core/units';
import { bare, traced } from '@/core/working/working';
import { demoLocker } from '../support/demo';
import { checkFormulas } from '../support/working';

const CHOICE = { designFactor: 5, knotSchool: 'lowest', knot: 'bowline' } as const;

const LOCKER = demoLocker(new Date('2026-11-25T12:00:00Z'));

const KGF = STANDARD_GRAVITY;

/** Breaking strength that counts (N), condition factor, the rigging manual's condition factor, US table (lbf). By hand from label and history. */
const BY_HAND: Record<
  string,
  readonly [mbsN: number, condition: number, manual: number, usLbf: number | null]
> = {
  'PE-12-1': [21000, 0.75, 0.5, 750],
  'PE-12-2': [21000, 0.9, 0.5, 750],
  'PE-12-3': [21000, 0.9, 0.5, 750],
  'PE-12-4': [21000, 0.9, 0.5, 750],
  'PP-10-1': [13500, 0.75, 0.5, 400],
  // No label: half of 1,425 kgf.
  'PP-10-2': [712.5 * KGF, 0.9, 0.5, 400],
  'PP-10-3': [13500, 0.75, 0.5, 400],
  // No label: half of 1,450 kgf. Doubtful by its inspection, and its history is unknown: doubtful at best.
  'MA-14-1': [725 * KGF, 0.5, 0.5, 315],
  'MA-14-2': [14200, 0, 0, 315],
  'NB-8-1': [14000, 0.9, 0.5, null],
  'NB-8-2': [14000, 0.9, 0.5, null],
  'NB-8-3': [14000, 0.9, 0.5, null],
  // No label: half of 7.2 kN.
  'AC-6-3': [3600, 1, 1, null],
  'AC-6-4': [7200, 0.9, 0.5, null],
  'AC-6-1': [8000, 0.9, 0.5, null],
  'AC-6-2': [8000, 0.9, 0.5, null],
  'C5-1': [550 * N_PER_LBF, 1, 1, null],
  'C5-2': [550 * N_PER_LBF, 1, 1, null],
  'C5-3': [550 * N_PER_LBF, 1, 1, null],
  'C5-4': [550 * N_PER_LBF, 1, 1, null],
  'C5-5': [550 * N_PER_LBF, 1, 1, null],
  'C5-6': [550 * N_PER_LBF, 1, 1, null],
  'MO-25-1': [98000, 0, 0, 1420],
};

describe('every demo rope under every school', () => {
  const ropes = LOCKER.filter((l) => l.gear.item.kind === 'rope');
  it('all of them are computed by hand', () =>
    expect(ropes.map((r) => r.gear.code).sort()).toEqual(Object.keys(BY_HAND).sort()));
  it.each(ropes.map((r) => [r.gear.code, r] as const))('%s', (code, { gear, state }) => {
    const [mbsN, condition, manual, usLbf] = BY_HAND[code]!;
    const table = usLbf === null ? null : usLbf * N_PER_LBF * condition;
    const straight = {
      'tenth-doubled': ((mbsN * condition) / 10) * 2,
      'design-factor': (mbsN * condition) / 5,
      'rigging-manual': (mbsN * manual) / 4,
      'marine-msl': mbsN * condition * 0.33,
      'us-table': table,
    };
    for (const r of ratingsOf(bare, gear, state, CHOICE)) {
      const by = straight[r.school as keyof typeof straight];
      if (by === null) {
        expect([r.wll, r.knotted, r.doubled], r.school).toEqual([null, null, null]);
        continue;
      }
      expect(r.wll!, r.school).toBeCloseTo(by, 6);
      // A bowline leaves 60 % by the lowest school; two strands carry twice.
      expect(r.knotted!, r.school).toBeCloseTo(by * 0.6, 6);
      expect(r.doubled!, r.school).toBeCloseTo(by * 2, 6);
    }
  });
  it('figures people can follow: PE-12-1 of 21 kN, worn', () => {
    const { gear, state } = LOCKER.find((l) => l.gear.code === 'PE-12-1')!;
    const figures = Object.fromEntries(
      ratingsOf(bare, gear, state, CHOICE).map((r) => [r.school, Math.round(r.wll!)]),
    );
    expect(figures).toEqual({
      'tenth-doubled': 3150,
      'design-factor': 3150,
      'rigging-manual': 2625,
      'marine-msl': 5198,
      'us-table': 2502,
    });
  });
  it('formulas shown are formulas used', () => {
    for (const { gear, state } of LOCKER)
      for (const r of ratingsOf(traced, gear, state, CHOICE, 'wet'))
        for (const w of [r.wll, r.knotted, r.doubled]) if (w) checkFormulas(w);
  });
});

describe('trade facts (common practice, no source)', () => {
  const lbf = (
    rope: Record<string, unknown>,
    school: string,
    kind: 'wll' | 'knotted' = 'wll',
    choice = {},
  ): number =>
    ropeRatings(bare, ropeSchema.parse(rope), { ...CHOICE, ...choice }).find(
      (r) => r.school === school,
    )![kind]! / N_PER_LBF;
  const braid = {
    material: 'nylon-braid',
    diameterM: '5/16 in',
    mbsN: '1,800 lbf',
    condition: 'new',
  };
  it('1,800 lbf braided nylon: 360, and 252 with a knot that costs 30 %', () => {
    expect(lbf(braid, 'tenth-doubled')).toBeCloseTo(360, 9);
    expect(lbf(braid, 'tenth-doubled', 'knotted', { knot: 'timber-hitch' })).toBeCloseTo(252, 9);
  });
  it('550 cord: 110', () =>
    expect(
      lbf(
        { material: 'paracord', diameterM: '4 mm', mbsN: '550 lbf', condition: 'new' },
        'tenth-doubled',
      ),
    ).toBeCloseTo(110, 9));
  it('1/2 in manila, 2,650 lbf: 662.5 by the rigging manual, which prints 660; within 0.5 % (FM 5-125, from memory)', () => {
    const manila = lbf(
      { material: 'manila', diameterM: '1/2 in', mbsN: '2,650 lbf', condition: 'new' },
      'rigging-manual',
    );
    expect(manila).toBeCloseTo(662.5, 9);
    expect(Math.abs(manila - 660) / 660).toBeLessThan(0.005);
  });
  it('wet nylon 0.85, a bend of 4 diameters 0.82, doubtful history 0.5, and they multiply (rope makers, from memory)', () => {
    expect(
      lbf({ ...braid, weather: 'wet', historyKnown: false }, 'tenth-doubled', 'wll', {
        bendDiameterM: (4 * 5 * M_PER_IN) / 16,
      }),
    ).toBeCloseTo(360 * 0.85 * 0.82 * 0.5, 9);
    expect(bendFactor(0.9)).toBeNull();
    expect(
      ropeRatings(bare, ropeSchema.parse(braid), { ...CHOICE, bendDiameterM: 0.004 })[0]!.wll,
    ).toBeNull();
  });
});

describe('webbing, chain and fittings of the demo', () => {
  const rating = (code: string): Record<string, number | null> => {
    const { gear, state } = LOCKER.find((l) => l.gear.code === code)!;
    return Object.fromEntries(ratingsOf(bare, gear, state, CHOICE).map((r) => [r.school, r.wll]));
  };
  it('by marking, by table, by marine securing load; no design factor on top', () => {
    expect(rating('WB-1')).toEqual({
      marking: 25000,
      'us-table': 1750 * N_PER_LBF,
      'marine-msl': 25000,
    });
    expect(rating('CH-1')).toEqual({
      marking: null,
      'us-table': 6600 * N_PER_LBF,
      'marine-msl': null,
    });
    expect(rating('SH-1')).toEqual({ marking: 20000, 'us-table': null, 'marine-msl': null });
  });
  it('the demo holds every kind of gear but wire, and 60 recorded inspections or more', () => {
    expect(new Set(LOCKER.map((l) => l.gear.item.kind))).toEqual(
      new Set(GEAR_KINDS.filter((k) => k !== 'wire')),
    );
    expect(
      LOCKER.flatMap((l) => l.entries).filter((e) => e.body.kind === 'inspected').length,
    ).toBeGreaterThanOrEqual(60);
  });
});
