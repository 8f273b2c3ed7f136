/**
 * Reckonings as trainers ask them aloud, with the figure of each mistake: 1,800 lbf braided nylon and 550 lbf cord, design
 * factor 5, loop and anchor 0.5 and 0.6. Source: common practice, no source; the arithmetic is exact. Marked to 1 %.
 */
import { describe, expect, it } from 'vitest';
import { plainRope } from '@/core/rope/plain';
import { stiffness } from '@/core/rope/strength';
import { sagForLimit } from '@/core/span/loaded-line';
import {
  questionOf,
  type Question,
  type ReckoningFacts,
  type ReckoningId,
} from '@/core/training/reckoning/kinds';
import { mark, type Mark } from '@/core/training/reckoning/mark';
import type { SlipCode } from '@/core/training/reckoning/reckoning';
import { M_PER_FT, N_PER_LBF } from '@/core/units';
import { bare } from '@/core/working/working';

const lbf = (n: number): number => n * N_PER_LBF;
const A = { breakingN: lbf(1800), divisor: 5, knots: [], wet: false, fittingN: null };
const C = { ...A, breakingN: lbf(550) };
const HAND = { loopEfficiency: 0.5, anchorEfficiency: 0.6, square: false, handN: lbf(50) };
/** 5/16 in. */
const STIFFNESS_N = stiffness(
  bare,
  plainRope({
    material: 'nylon-braid',
    diameterM: (5 / 16) * 0.0254,
    mbsN: lbf(1800),
    condition: 'new',
  }),
)!;

const q = <K extends ReckoningId>(kind: K, facts: ReckoningFacts[K]): Question =>
  questionOf(kind, facts);

type Row = readonly [
  what: string,
  question: Question,
  right: readonly [string, ...string[]],
  slips: readonly (readonly [typed: string, code: SlipCode])[],
];
const ROWS: readonly Row[] = [
  [
    'A, WLL',
    q('rope-line', A),
    ['360 lbf', '360 lb', '1.60 kN', '1.6 kN'],
    [
      ['180 lbf', 'not-doubled'],
      ['1,800 lbf', 'breaking-as-working'],
    ],
  ],
  [
    'A, knot costs 30 %',
    q('rope-line', { ...A, knots: [0.7] }),
    ['252 lbf', '1.12 kN'],
    [
      ['108 lbf', 'loss-kept'],
      ['330 lbf', 'percent-subtracted'],
    ],
  ],
  [
    'C, overhand 45 %',
    q('rope-line', { ...C, knots: [0.45] }),
    ['49.5 lbf', '0.220 kN'],
    [
      ['110 lbf', 'knot-forgotten'],
      ['247.5 lbf', 'not-divided'],
    ],
  ],
  [
    'A, bowline 60 %, elsewhere overhand 45 %',
    q('rope-line', { ...A, knots: [0.6, 0.45] }),
    ['162 lbf', '0.721 kN'],
    [['97.2 lbf', 'knots-multiplied']],
  ],
  [
    'A wet, bowline',
    q('rope-line', { ...A, knots: [0.6], wet: true }),
    ['183.6 lbf', '0.817 kN'],
    [['216 lbf', 'wet-forgotten']],
  ],
  [
    'A, bowline, ring WLL 150',
    q('rope-line', { ...A, knots: [0.6], fittingN: lbf(150) }),
    ['150 lbf', '0.667 kN'],
    [
      ['216 lbf', 'fitting-forgotten'],
      ['30 lbf', 'fitting-divided'],
    ],
  ],
  [
    'hand 50 toward the anchor',
    q('hauling', { ...HAND, form: 'single' }),
    ['90 lbf', '0.400 kN'],
    [['150 lbf', 'frictionless']],
  ],
  [
    'the same, hand square',
    q('hauling', { ...HAND, form: 'single', square: true }),
    ['56.6 lbf', '0.252 kN'],
    [['90 lbf', 'angle-ignored']],
  ],
  [
    'double, with a second loop',
    q('hauling', { ...HAND, form: 'second-loop' }),
    ['162 lbf', '0.721 kN'],
    [['200 lbf', 'frictionless']],
  ],
  [
    'double, through the same loop',
    q('hauling', { ...HAND, form: 'reeved-twice' }),
    ['102 lbf', '0.454 kN'],
    [['200 lbf', 'frictionless']],
  ],
  [
    'load of 100 lbf in the middle of 20 ft, sag 1 ft',
    q('loaded-span', { loadN: lbf(100), spanM: 20 * M_PER_FT, sagM: M_PER_FT }),
    ['502.5 lbf', '2.24 kN'],
    [['50 lbf', 'load-halved']],
  ],
  [
    'sag 0.2 ft',
    q('loaded-span', { loadN: lbf(100), spanM: 20 * M_PER_FT, sagM: 0.2 * M_PER_FT }),
    ['2,500 lbf', '11.1 kN'],
    [['50 lbf', 'load-halved']],
  ],
  [
    'least sag: 20 lbf in the middle of 20 ft, limit 252',
    q('least-sag', { loadN: lbf(20), spanM: 20 * M_PER_FT, limitN: lbf(252) }),
    ['4.77 in', '12.1 cm'],
    [['9.55 in', 'not-halved']],
  ],
  [
    'ring turns 150 lbf by 90°',
    q('turned-line', { tensionN: lbf(150), turnRad: Math.PI / 2 }),
    ['212 lbf', '0.944 kN'],
    [['150 lbf', 'one-strand']],
  ],
  [
    'four 2,000 lbf straps, deck to cargo',
    q('tie-down-sum', { count: 4, wllN: lbf(2000), across: false }),
    ['4,000 lbf'],
    [['8,000 lbf', 'half-as-full']],
  ],
  [
    'three wraps, μ 0.25, holding 252',
    q('held-by-turns', { loadN: lbf(252), turns: 3, friction: 0.25 }),
    ['2.26 lbf', '0.0101 kN'],
    [['119 lbf', 'turns-as-radians']],
  ],
  [
    'loop height: 6 m, sag 0.3 m, 400 N, EA 20 kN',
    q('loop-height', { lengthM: 6, sagM: 0.3, tensionN: 400, stiffnessN: 20_000 }),
    ['290 mm', '29 cm', '0.29 m'],
    [['120 mm', 'stretch-only']],
  ],
  [
    'kept: A, 3.0 + 0.3 m, hand 250 N, tail 5 mm, settling 20 %',
    q('kept-pull', {
      hauledN: 450,
      handN: 250,
      stiffnessN: STIFFNESS_N,
      loadLengthM: 3,
      shortLengthM: 0.3,
      slipM: 0.005,
      settling: 0.2,
    }),
    ['338 N', '75.9 lbf'],
    [
      ['360 N', 'tie-off-forgotten'],
      ['422 N', 'settling-forgotten'],
    ],
  ],
];

const marked = (question: Question, typed: string): Mark => {
  const read = mark(question, typed, 'lbf');
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  return read.value;
};

describe('reckoned aloud', () => {
  it.each(ROWS)('%s', (_, question, right, slips) => {
    for (const typed of right)
      expect(marked(question, typed), typed).toMatchObject({ kind: 'right' });
    for (const [typed, code] of slips)
      expect(marked(question, typed), typed).toMatchObject({ kind: 'slip', code });
  });
  it('9,000 lb needs 4,500: four straps from deck to cargo are short', () =>
    expect(lbf(9000) / 2).toBeGreaterThan(ROWS[14]![1].reckoned.sheet.value!));
  it('100 daN are 102 kgf: one for the other is told', () => {
    const question = q('turned-line', { tensionN: 1000, turnRad: (150 * Math.PI) / 180 });
    const daN = question.reckoned.sheet.value! / 10;
    expect(marked(question, `${daN.toFixed(1)} daN`)).toMatchObject({ kind: 'right' });
    expect(marked(question, `${(daN / 0.980665).toFixed(1)} kgf`)).toMatchObject({ kind: 'right' });
    expect(marked(question, `${daN.toFixed(1)} kgf`)).toMatchObject({
      kind: 'slip',
      code: 'dan-as-kgf',
    });
    expect(marked(question, `${(daN / 0.980665).toFixed(1)} daN`)).toMatchObject({
      kind: 'slip',
      code: 'dan-as-kgf',
    });
  });
  it('least sag in closed form is the one that is searched for', () => {
    const line = { spanM: 7, riseM: 0, weightNPerM: 0, loadN: 300, atM: 3.5 };
    const searched = sagForLimit(line, 900);
    const { sheet } = q('least-sag', { loadN: 300, spanM: 7, limitN: 900 }).reckoned;
    expect(searched.ok && searched.value).toBeCloseTo(sheet.value!, 9);
  });
});
