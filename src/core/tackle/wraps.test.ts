import { describe, expect, it } from 'vitest';
import { checkFormulas } from '../../../tests/support/working';
import { legTension } from '../span/legs';
import { lineWeightNPerM } from '../span/line-weight';
import { endTensions } from '../span/loaded-line';
import { STANDARD_GRAVITY } from '../units/constants';
import { bare, traced } from '../working/working';
import { efficiencyOfWrap, frictionOfHalfTurn, PASS_KIND_IDS, PASS_KINDS } from './passes';
import { tailForce, turnsWanted, WRAP_FORM_IDS, WRAP_FORMS, wrappedAngle } from './wraps';

describe('wraps', () => {
  it('the capstan equation: three turns at μ 0.3 leave one part in 286 (mechanics textbooks, from memory)', () => {
    expect(1 / efficiencyOfWrap(0.3, 6 * Math.PI)).toBeCloseTo(285.7, 1);
  });
  it('a half turn leaves what its kind says, and friction and efficiency lead back to each other', () => {
    for (const id of PASS_KIND_IDS)
      for (const e of [PASS_KINDS[id].least, PASS_KINDS[id].usual, PASS_KINDS[id].most])
        expect(efficiencyOfWrap(frictionOfHalfTurn(e), Math.PI)).toBeCloseTo(e, 12);
    for (const id of PASS_KIND_IDS) {
      const { least, usual, most } = PASS_KINDS[id];
      expect(least <= usual && usual <= most).toBe(true);
    }
  });
  it('every form: more units wrap more and leave less, and the range is the right way round', () => {
    for (const form of WRAP_FORM_IDS) {
      const { usual, round } = WRAP_FORMS[form];
      expect(wrappedAngle(form, usual + 1)).toBeGreaterThan(wrappedAngle(form, usual));
      const left = (n: number) =>
        tailForce(bare, { loadN: 3000, angleRad: wrappedAngle(form, n), round });
      expect(left(usual).least!).toBeLessThanOrEqual(left(usual).greatest!);
      expect(left(usual + 1).greatest!).toBeLessThan(left(usual).greatest!);
    }
  });
  it('five turns of a pipe hitch and four wraps round a tree leave next to nothing, as they are said to', () => {
    const part = (form: 'pipe-hitch' | 'wrap-hitch'): number =>
      tailForce(bare, {
        loadN: 1,
        angleRad: wrappedAngle(form, WRAP_FORMS[form].usual),
        round: WRAP_FORMS[form].round,
      }).greatest!;
    expect(part('pipe-hitch')).toBeLessThan(0.015);
    expect(part('wrap-hitch')).toBeLessThan(0.005);
  });
  it('the turns wanted do hold, and a quarter fewer do not', () => {
    for (const [load, hand] of [
      [3000, 100],
      [500, 250],
      [20_000, 50],
    ] as const) {
      const turns = turnsWanted(load, hand, 'post');
      if (!turns.ok) throw new Error('no turns');
      const left = (n: number): number =>
        tailForce(bare, { loadN: load, angleRad: n * 2 * Math.PI, round: 'post' }).greatest!;
      expect(left(turns.value)).toBeLessThanOrEqual(hand + 1e-9);
      expect(left(turns.value - 0.25)).toBeGreaterThan(hand);
    }
    expect(turnsWanted(100, 250, 'post')).toEqual({ ok: true, value: 0 });
    expect(turnsWanted(100, 0, 'post')).toMatchObject({
      ok: false,
      issues: [{ code: 'wraps-no-hand' }],
    });
  });
});

describe('what rope weighs', () => {
  it('12 mm polyester about 0.11 kg a metre, 12 mm nylon about 0.09, 12 mm polypropylene about 0.065 (rope makers, from memory)', () => {
    const kg = (material: 'polyester' | 'nylon' | 'polypropylene'): number =>
      lineWeightNPerM(material, 0.012) / STANDARD_GRAVITY;
    expect(kg('polyester')).toBeCloseTo(0.11, 2);
    expect(kg('nylon')).toBeCloseTo(0.09, 2);
    expect(kg('polypropylene')).toBeCloseTo(0.065, 2);
  });
});

describe('the working of spans, legs and wraps shows what was computed', () => {
  it('formula by formula', () => {
    const ends = endTensions(
      traced,
      { spanM: 12, riseM: 1.5, weightNPerM: 1.1, loadN: 300, atM: 4 },
      0.6,
    );
    [ends.firstN, ends.secondN, ends.greatestN].forEach(checkFormulas);
    checkFormulas(legTension(traced, 2000, 3, 0.9));
    const tail = tailForce(traced, { loadN: 3000, angleRad: 9, round: 'ring' });
    [tail.least, tail.greatest].forEach(checkFormulas);
  });
});
