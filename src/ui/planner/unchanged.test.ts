import { describe, expect, it } from 'vitest';
import { assess } from '@/core/securement/assess';
import { allAtOnce } from '@/core/steps';
import { LOCKER_NOT_ASKED } from '@/core/securement/locker-word';
import { demoPlan } from '../../../tests/support/demo';
import { keepingUnchanged } from './unchanged';

const plan = demoPlan('fair-flatbed');
const before = assess(plan, LOCKER_NOT_ASKED);

describe('lines that come to what they came to', () => {
  it('stay the same things when a mass is changed, and the verdict is the new one', () => {
    const units = plan.units.map((u, i) => (i === 0 ? { ...u, massKg: 20_000 } : u));
    const now = assess({ ...plan, units }, LOCKER_NOT_ASKED);
    const kept = allAtOnce(keepingUnchanged(before, now));
    expect(kept).toEqual(now);
    expect(kept.rows).not.toEqual(before.rows);
    expect(kept.lines.length).toBeGreaterThan(3);
    kept.lines.forEach((facts, i) => expect(facts).toBe(before.lines[i]));
  });
  it('do not hide one that has changed, by itself or by what it is attached to', () => {
    const settled = plan.lines.map((l, i) => (i === 0 ? { ...l, settling: 0.4 } : l));
    const anchors = plan.deck.anchors.map((a) => ({
      ...a,
      rating: { state: 'rated' as const, wllN: 100 },
    }));
    for (const changed of [
      { ...plan, lines: settled },
      { ...plan, deck: { ...plan.deck, anchors } },
    ]) {
      const now = assess(changed, LOCKER_NOT_ASKED);
      const kept = allAtOnce(keepingUnchanged(before, now));
      expect(kept).toEqual(now);
      expect(kept.lines[0]).not.toBe(before.lines[0]);
    }
  });
});
