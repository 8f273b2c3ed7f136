import { describe, expect, it } from 'vitest';
import { demoPlan, judge, withLoad } from '../../../tests/support/demo';
import type { LoadUnit } from './load/schema';
import type { Plan } from './plan';
import { knotElementIds } from './rule-input';

const bins = demoPlan('apple-bins');
const row = (plan: Plan, code = 'sliding', direction = 'forward') =>
  judge(plan).rows.find((r) => r.code === code && r.direction === direction)!;
const withCargo = (change: Partial<LoadUnit>): Plan => withLoad({ ...bins, lines: [] }, change);

describe('what rules see of a plan', () => {
  it('friction is limited by the state of the surface', () => {
    expect(row(withCargo({})).provided.value).toBeCloseTo(0.6, 12);
    expect(row(withCargo({ surface: 'unswept' })).provided.value).toBeCloseTo(0.2, 12);
    expect(row(withCargo({ surface: 'icy' })).provided.value).toBeCloseTo(0.1, 12);
    expect(
      row(withCargo({ surface: 'unswept', friction: { known: 'entered', mu: 0.15 } })).provided
        .value,
    ).toBeCloseTo(0.15, 12);
  });
  it('unknown friction: nothing is claimed, and nothing is denied that friction could give', () => {
    expect(row(withCargo({ friction: { known: 'no' } }))).toMatchObject({ verdict: 'cannot-say' });
    expect(row(withCargo({ friction: { known: 'no' } })).provided.value).toBe(0);
  });
  it('a board without rating may hold or not; a board the load does not touch holds nothing', () => {
    const board = (touching: boolean, capacityN: number | null): Plan => ({
      ...withCargo({ against: touching ? ['forward'] : [] }),
      deck: {
        ...bins.deck,
        boards: { ...bins.deck.boards, forward: { capacityN, heightM: null } },
      },
    });
    expect(row(board(true, null)).verdict).toBe('cannot-say');
    expect(row(board(false, 50_000)).verdict).toBe('short');
    expect(row(board(true, 50_000)).verdict).toBe('holds');
  });
  it('several rows side by side are judged one by one, without lines; short there is CANNOT SAY, never a promise', () => {
    expect(row(withLoad(bins, { rows: 2 }), 'tilting', 'sideways')).toMatchObject({
      verdict: 'cannot-say',
    });
    expect(row(withLoad(bins, { rows: 2, cgHeightM: 0.3 }), 'tilting', 'sideways')).toMatchObject({
      verdict: 'holds',
    });
    expect(judge(withLoad(bins, { rows: 2 })).findings.map((f) => f.code)).toContain(
      'tilting-rows',
    );
  });
  it('knots, hitches, bends, loops and locks are knots to the rules; splices, ratchets and binders are none', () => {
    const crate = demoPlan('carousel-crate').lines[0]!.elements;
    expect(knotElementIds(crate)).toEqual(['att', 'th', 'lock']);
    expect(
      knotElementIds(
        crate.map((e) => (e.kind === 'knot' ? { ...e, knot: 'eye-splice' as const } : e)),
      ),
    ).toEqual(['th', 'lock']);
    expect(demoPlan('pipe-bundle').lines.flatMap((l) => knotElementIds(l.elements))).toEqual([]);
  });
});
