import { describe, expect, it } from 'vitest';
import { placeCapacity } from '../rope/strength';
import type { Rope } from '../rope/rope';
import { bare } from '../working/working';
import { type Candidate, type OnTheLine, rankRopes } from '../securement/rope-fit';
import { type GearState, stateOf } from './history';
import { rope } from '../../../tests/support/gear';

describe('best fit first', () => {
  const basis = { school: 'design-factor', designFactor: 5, markedOrTableOnly: false } as const;
  /** A line with a bowline on it, in a plan that holds with anything that carries 0.5 kN. */
  const tryOn = (_: Candidate, r: Rope): OnTheLine => {
    const wllN = placeCapacity(bare, r, basis, false, { label: '', strands: 1, factor: 0.6 });
    return { wllN, verdict: wllN !== null && wllN >= 500 ? 'holds' : 'short' };
  };
  const candidate = (
    code: string,
    part: {
      left?: number;
      price?: number | null;
      state?: Partial<GearState>;
      due?: Candidate['due'];
      mbsN?: string;
      history?: boolean;
    } = {},
  ): Candidate => ({
    id: code,
    gear: rope(
      { code, pricePerM: part.price ?? null },
      { mbsN: part.mbsN ?? '21 kN', historyKnown: part.history ?? true },
    ),
    due: part.due ?? 'later',
    state: { ...stateOf(rope(), []), remainingM: part.left ?? 20, ...part.state },
  });
  const order = (list: Candidate[]): string[] =>
    rankRopes(list, { lengthM: 10, pullN: null, verdict: 'holds', tryOn }).map(
      (f) => f.candidate.gear.code,
    );
  it('what does all that is asked before what does not, the cheapest metre, then the least left over', () => {
    expect(
      order([
        candidate('DEAR', { price: 2 }),
        candidate('LONG', { price: 1, left: 40 }),
        candidate('RIGHT', { price: 1, left: 11 }),
        candidate('SHORT', { price: 0.1, left: 9 }),
        candidate('NOPRICE'),
      ]),
    ).toEqual(['RIGHT', 'LONG', 'DEAR', 'NOPRICE', 'SHORT']);
  });
  it('retired and damaged rope comes last and may not be taken; overdue and weak after what fits', () => {
    const fits = rankRopes(
      [
        candidate('RETIRED', { state: { state: 'retired', condition: 'damaged' } }),
        candidate('ASIDE', { state: { state: 'set-aside', condition: 'damaged' } }),
        candidate('OVERDUE', { due: 'overdue', price: 0.1 }),
        candidate('WEAK', { mbsN: '5 kN', price: 0.1 }),
        candidate('GOOD'),
      ],
      { lengthM: 10, pullN: 2000, verdict: 'holds', tryOn },
    );
    expect(fits[0]!.candidate.gear.code).toBe('GOOD');
    expect(fits.slice(-2).every((f) => !f.usable)).toBe(true);
    expect(fits.find((f) => f.candidate.gear.code === 'WEAK')!.reasons).toContainEqual({
      code: 'too-weak',
      wllN: (5000 * 0.9 * 0.6) / 5,
      wantedN: 2000,
    });
    expect(fits[0]!.reasons).toContainEqual({ code: 'long-enough', spareM: 10 });
  });
  it('rope that makes the plan worse is said to, and stands behind what does not', () => {
    const fits = rankRopes(
      [candidate('THIN', { mbsN: '4 kN', price: 0.1 }), candidate('GOOD', { price: 3 })],
      { lengthM: 10, pullN: 100, verdict: 'holds', tryOn },
    );
    expect(fits.map((f) => f.candidate.gear.code)).toEqual(['GOOD', 'THIN']);
    expect(fits[1]!.reasons).toContainEqual({ code: 'plan-worse', verdict: 'short' });
    expect(
      rankRopes([candidate('THIN', { mbsN: '4 kN' })], {
        lengthM: 10,
        pullN: 100,
        verdict: 'short',
        tryOn,
      })[0]!.fits,
    ).toBe(true);
  });
  it('unknown history halves what it carries, and says so', () => {
    const [fit] = rankRopes([candidate('X', { history: false })], {
      lengthM: null,
      pullN: null,
      verdict: 'holds',
      tryOn,
    });
    expect(fit!.wllN).toBeCloseTo((21000 * 0.5 * 0.6) / 5, 9);
    expect(fit!.reasons).toContainEqual({ code: 'history-unknown' });
  });
});
