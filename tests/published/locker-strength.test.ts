/**
 * What each rope of the demo's locker may carry by every school, against a computation by hand; the tables entry by entry
 * against the publication each names. All tables from memory.
 */
import { describe, expect, it } from 'vitest';
import { GEAR_KINDS } from '@/core/gear/vocabulary';
import { MARINE_FRACTIONS, ratingsOf, ropeRatings } from '@/core/gear/rating';
import { ropeSchema } from '@/core/rope/rope';
import { MANILA_MBS, tabulatedMbs, THREE_STRAND_MBS, US_CHAIN_WLL, US_ROPE_WLL, US_WEBBING_WLL, US_WIRE_WLL } from '@/core/rope/strength-tables';
import { bendFactor } from '@/core/rope/bend';
import { M_PER_IN, N_PER_LBF, STANDARD_GRAVITY } from '@/core/units';
import { bare, traced } from '@/core/working/working';
import { demoLocker } from '../support/demo';
import { checkFormulas } from '../support/working';

const CHOICE = { designFactor: 5, knotSchool: 'lowest', knot: 'bowline' } as const;
const LOCKER = demoLocker(new Date('2026-11-25T12:00:00Z'));
const KGF = STANDARD_GRAVITY;

/** Breaking strength that counts (N), condition factor, the rigging manual's condition factor, US table (lbf). By hand from label and history. */
const BY_HAND: Record<string, readonly [mbsN: number, condition: number, manual: number, usLbf: number | null]> = {
  'PE-12-1': [21000, 0.75, 0.5, 750], 'PE-12-2': [21000, 0.9, 0.5, 750], 'PE-12-3': [21000, 0.9, 0.5, 750], 'PE-12-4': [21000, 0.9, 0.5, 750],
  'PP-10-1': [13500, 0.75, 0.5, 400],
  // No label: half of 1,425 kgf.
  'PP-10-2': [712.5 * KGF, 0.9, 0.5, 400], 'PP-10-3': [13500, 0.75, 0.5, 400],
  // No label: half of 1,450 kgf. Doubtful by its inspection, and its history is unknown: doubtful at best.
  'MA-14-1': [725 * KGF, 0.5, 0.5, 315], 'MA-14-2': [14200, 0, 0, 315],
  'NB-8-1': [14000, 0.9, 0.5, null], 'NB-8-2': [14000, 0.9, 0.5, null], 'NB-8-3': [14000, 0.9, 0.5, null],
  // No label: half of 7.2 kN.
  'AC-6-3': [3600, 1, 1, null], 'AC-6-4': [7200, 0.9, 0.5, null], 'AC-6-1': [8000, 0.9, 0.5, null], 'AC-6-2': [8000, 0.9, 0.5, null],
  'C5-1': [550 * N_PER_LBF, 1, 1, null], 'C5-2': [550 * N_PER_LBF, 1, 1, null], 'C5-3': [550 * N_PER_LBF, 1, 1, null], 'C5-4': [550 * N_PER_LBF, 1, 1, null], 'C5-5': [550 * N_PER_LBF, 1, 1, null], 'C5-6': [550 * N_PER_LBF, 1, 1, null],
  'MO-25-1': [98000, 0, 0, 1420],
};

describe('every demo rope under every school', () => {
  const ropes = LOCKER.filter((l) => l.gear.item.kind === 'rope');
  it('all of them are computed by hand', () => expect(ropes.map((r) => r.gear.code).sort()).toEqual(Object.keys(BY_HAND).sort()));
  it.each(ropes.map((r) => [r.gear.code, r] as const))('%s', (code, { gear, state }) => {
    const [mbsN, condition, manual, usLbf] = BY_HAND[code]!;
    const table = usLbf === null ? null : usLbf * N_PER_LBF * condition;
    const straight = { 'tenth-doubled': (mbsN * condition / 10) * 2, 'design-factor': mbsN * condition / 5, 'rigging-manual': mbsN * manual / 4, 'marine-msl': mbsN * condition * 0.33, 'us-table': table };
    for (const r of ratingsOf(bare, gear, state, CHOICE)) {
      const by = straight[r.school as keyof typeof straight];
      if (by === null) { expect([r.wll, r.knotted, r.doubled], r.school).toEqual([null, null, null]); continue; }
      expect(r.wll!, r.school).toBeCloseTo(by, 6);
      // A bowline leaves 60 % by the lowest school; two strands carry twice.
      expect(r.knotted!, r.school).toBeCloseTo(by * 0.6, 6);
      expect(r.doubled!, r.school).toBeCloseTo(by * 2, 6);
    }
  });
  it('figures people can follow: PE-12-1 of 21 kN, worn', () => {
    const { gear, state } = LOCKER.find((l) => l.gear.code === 'PE-12-1')!;
    const figures = Object.fromEntries(ratingsOf(bare, gear, state, CHOICE).map((r) => [r.school, Math.round(r.wll!)]));
    expect(figures).toEqual({ 'tenth-doubled': 3150, 'design-factor': 3150, 'rigging-manual': 2625, 'marine-msl': 5198, 'us-table': 2502 });
  });
  it('formulas shown are formulas used', () => {
    for (const { gear, state } of LOCKER) for (const r of ratingsOf(traced, gear, state, CHOICE, 'wet')) for (const w of [r.wll, r.knotted, r.doubled]) if (w) checkFormulas(w);
  });
});

describe('trade facts (common practice, no source)', () => {
  const lbf = (rope: Record<string, unknown>, school: string, kind: 'wll' | 'knotted' = 'wll', choice = {}): number =>
    ropeRatings(bare, ropeSchema.parse(rope), { ...CHOICE, ...choice }).find((r) => r.school === school)![kind]! / N_PER_LBF;
  const braid = { material: 'nylon-braid', diameterM: '5/16 in', mbsN: '1,800 lbf', condition: 'new' };
  it('1,800 lbf braided nylon: 360, and 252 with a knot that costs 30 %', () => {
    expect(lbf(braid, 'tenth-doubled')).toBeCloseTo(360, 9);
    expect(lbf(braid, 'tenth-doubled', 'knotted', { knot: 'timber-hitch' })).toBeCloseTo(252, 9);
  });
  it('550 cord: 110', () => expect(lbf({ material: 'paracord', diameterM: '4 mm', mbsN: '550 lbf', condition: 'new' }, 'tenth-doubled')).toBeCloseTo(110, 9));
  it('1/2 in manila, 2,650 lbf: 662.5 by the rigging manual, which prints 660; within 0.5 % (FM 5-125, from memory)', () => {
    const manila = lbf({ material: 'manila', diameterM: '1/2 in', mbsN: '2,650 lbf', condition: 'new' }, 'rigging-manual');
    expect(manila).toBeCloseTo(662.5, 9);
    expect(Math.abs(manila - 660) / 660).toBeLessThan(0.005);
  });
  it('wet nylon 0.85, a bend of 4 diameters 0.82, doubtful history 0.5, and they multiply (rope makers, from memory)', () => {
    expect(lbf({ ...braid, weather: 'wet', historyKnown: false }, 'tenth-doubled', 'wll', { bendDiameterM: (4 * 5 * M_PER_IN) / 16 })).toBeCloseTo(360 * 0.85 * 0.82 * 0.5, 9);
    expect(bendFactor(0.9)).toBeNull();
    expect(ropeRatings(bare, ropeSchema.parse(braid), { ...CHOICE, bendDiameterM: 0.004 })[0]!.wll).toBeNull();
  });
});

describe('tables, entry by entry', () => {
  const eighth = 1 / 8;
  const sixteenth = 1 / 16;
  it('49 CFR 393.108, rope', () => expect(US_ROPE_WLL).toEqual({
    manila: [[6 * sixteenth, 205], [7 * sixteenth, 265], [8 * sixteenth, 315], [5 * eighth, 465], [6 * eighth, 640], [1, 1050]],
    polypropylene: [[6 * sixteenth, 400], [7 * sixteenth, 525], [8 * sixteenth, 625], [5 * eighth, 925], [6 * eighth, 1275], [1, 2100]],
    polyester: [[6 * sixteenth, 555], [7 * sixteenth, 750], [8 * sixteenth, 960], [5 * eighth, 1500], [6 * eighth, 1880], [1, 3300]],
    nylon: [[6 * sixteenth, 278], [7 * sixteenth, 410], [8 * sixteenth, 525], [5 * eighth, 935], [6 * eighth, 1420], [1, 2520]],
    'nylon-double-braid': [[6 * sixteenth, 336], [7 * sixteenth, 502], [8 * sixteenth, 655], [5 * eighth, 1130], [6 * eighth, 1840], [1, 3250]],
  }));
  it('49 CFR 393.108, webbing, wire rope and chain', () => {
    expect(US_WEBBING_WLL).toEqual([[1.75, 1750], [2, 2000], [3, 3000], [4, 4000]]);
    expect(US_WIRE_WLL).toEqual([[0.25, 1400], [0.3125, 2100], [0.375, 3000], [0.4375, 4100], [0.5, 5300], [0.625, 8300], [0.75, 10900], [0.875, 16100], [1, 20900]]);
    expect(US_CHAIN_WLL).toEqual({
      30: [[0.25, 1300], [0.3125, 1900], [0.375, 2650], [0.4375, 3700], [0.5, 4500], [0.625, 6900]], 43: [[0.25, 2600], [0.3125, 3900], [0.375, 5400], [0.4375, 7200], [0.5, 9200], [0.625, 13000]],
      70: [[0.25, 3150], [0.3125, 4700], [0.375, 6600], [0.4375, 8750], [0.5, 11300], [0.625, 15800]], 80: [[0.25, 3500], [0.3125, 4500], [0.375, 7100], [0.5, 12000], [0.625, 18100]],
      100: [[0.25, 4300], [0.3125, 5700], [0.375, 8800], [0.5, 15000], [0.625, 22600]],
    });
  });
  it('US Army FM 5-125, manila', () => expect(MANILA_MBS).toEqual([[0.25, 600], [0.375, 1350], [0.5, 2650], [0.625, 4400], [0.75, 5400], [0.875, 7700], [1, 9000]]));
  it('rope makers, three-strand, kgf', () => expect(THREE_STRAND_MBS).toEqual({
    polyester: [[8, 1020], [10, 1590], [12, 2270], [14, 3180]], polypropylene: [[8, 960], [10, 1425], [12, 2030], [14, 2790]], nylon: [[8, 1350], [10, 2080], [12, 3000], [14, 4100]], manila: [[8, 540], [10, 710], [12, 1070], [14, 1450]],
  }));
  it('marine securing loads: web, chain and fittings 50 %, wire 30 % or single use 80 % (CSS Code Annex 13, CTU Code Annex 7)', () => expect(MARINE_FRACTIONS).toEqual({ webbing: 0.5, chain: 0.5, hardware: 0.5, wire: 0.3, wireSingleUse: 0.8 }));
  it('between two sizes in a straight line and said so; a printed size before one in between; never outside', () => {
    expect(tabulatedMbs('polyester', 0.011)).toMatchObject({ strengthN: ((1590 + 2270) / 2) * KGF, between: true });
    expect(tabulatedMbs('manila', 0.014)).toMatchObject({ strengthN: 1450 * KGF, between: false });
    expect(tabulatedMbs('manila', 0.5 * M_PER_IN)!.strengthN).toBeCloseTo(2650 * N_PER_LBF, 6);
    // 13 mm lies between sizes in both tables: the lower of the two counts.
    const manual = 2650 + ((0.013 / M_PER_IN - 0.5) / 0.125) * (4400 - 2650);
    expect(tabulatedMbs('manila', 0.013)!.strengthN).toBeCloseTo(Math.min(manual * N_PER_LBF, ((1070 + 1450) / 2) * KGF), 6);
    expect(tabulatedMbs('polyester', 0.015)).toBeNull();
    expect(tabulatedMbs('kernmantle', 0.01)).toBeNull();
    expect(tabulatedMbs('paracord', 0.005)).toBeNull();
  });
});

describe('webbing, chain and fittings of the demo', () => {
  const rating = (code: string): Record<string, number | null> => { const { gear, state } = LOCKER.find((l) => l.gear.code === code)!; return Object.fromEntries(ratingsOf(bare, gear, state, CHOICE).map((r) => [r.school, r.wll])); };
  it('by marking, by table, by marine securing load; no design factor on top', () => {
    expect(rating('WB-1')).toEqual({ marking: 25000, 'us-table': 1750 * N_PER_LBF, 'marine-msl': 25000 });
    expect(rating('CH-1')).toEqual({ marking: null, 'us-table': 6600 * N_PER_LBF, 'marine-msl': null });
    expect(rating('SH-1')).toEqual({ marking: 20000, 'us-table': null, 'marine-msl': null });
  });
  it('the demo holds every kind of gear but wire, and 60 recorded inspections or more', () => {
    expect(new Set(LOCKER.map((l) => l.gear.item.kind))).toEqual(new Set(GEAR_KINDS.filter((k) => k !== 'wire')));
    expect(LOCKER.flatMap((l) => l.entries).filter((e) => e.body.kind === 'inspected').length).toBeGreaterThanOrEqual(60);
  });
});
