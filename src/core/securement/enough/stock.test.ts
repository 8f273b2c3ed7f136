import { describe, expect, it } from 'vitest';
import { inService } from '../../../../tests/support/gear-facts';
import type { GearFact } from '../locker-word';
import { handedOut, stockOf } from './stock';

const rope = (
  code: string,
  leftM: number | null,
  state: Partial<GearFact['state']> = {},
  mbsN = 21_000,
) =>
  inService(
    {
      code,
      lengthM: leftM ?? 20,
      item: { kind: 'rope', material: 'polyester', diameterM: 0.012, mbsN },
    },
    leftM,
    state,
  );
const lockerOf = (facts: Record<string, GearFact>) => new Map(Object.entries(facts));

describe('what a locker has for new lines', () => {
  it('are things that are alike by their sort, the longest first', () => {
    const stock = stockOf(
      lockerOf({ a: rope('A-1', 5), b: rope('B-1', 9), c: rope('C-1', 7, {}, 30_000) }),
    );
    expect(stock.map((s) => s.members.map((m) => m.id))).toEqual([['b', 'a'], ['c']]);
  });
  it('is nothing that is bad, doubted, overdue, gone or not measured', () => {
    const good = rope('A-1', 5);
    expect(
      stockOf(
        lockerOf({
          retired: rope('A-1', 5, { state: 'retired' }),
          aside: rope('A-2', 5, { state: 'set-aside' }),
          damaged: rope('A-3', 5, { condition: 'damaged' }),
          suspect: rope('A-4', 5, { suspect: true }),
          unmeasured: rope('A-5', null),
          overdue: { ...good, due: 'overdue' },
          gone: { ...good, removed: true },
        }),
      ),
    ).toEqual([]);
  });
  it('worse rope of the same sort is another sort', () => {
    const stock = stockOf(
      lockerOf({ a: rope('A-1', 5), b: rope('B-1', 5, { condition: 'worn' }) }),
    );
    expect(stock.length).toBe(2);
  });
});

describe('things handed out', () => {
  const stock = stockOf(
    lockerOf({ short: rope('S-1', 4), middle: rope('M-1', 6), long: rope('L-1', 9) }),
  );
  const use = (lengthM: number, thingId: string | null = null) => ({ class: 0, lengthM, thingId });
  it('go to the uses so that all reach, in whatever order they are asked', () => {
    expect(handedOut(stock, [use(5), use(3), use(8)])).toEqual(['middle', 'short', 'long']);
    expect(handedOut(stock, [use(3), use(8), use(5)])).toEqual(['short', 'long', 'middle']);
  });
  it('do not go round where two need the one long rope', () => {
    expect(handedOut(stock, [use(7), use(8)])).toBeNull();
    expect(handedOut(stock, [use(1), use(1), use(1), use(1)])).toBeNull();
  });
  it('a line keeps the thing it has, and nobody else gets it', () => {
    expect(handedOut(stock, [use(0, 'long'), use(8)])).toBeNull();
    expect(handedOut(stock, [use(5), use(0, 'long')])).toEqual(['middle', 'long']);
  });
  it('two lines that share a rope already keep it', () => {
    expect(handedOut(stock, [use(0, 'long'), use(0, 'long')])).toEqual(['long', 'long']);
  });
});
