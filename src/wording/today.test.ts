import { describe, expect, it } from 'vitest';
import { dueTitle, dueWhen } from './today';

const now = new Date('2026-11-30T10:00:00.000Z');
const inspection = (at: string, codes: string[]) => ({ kind: 'inspection' as const, at, codes });

describe('what is due, in words', () => {
  it('names three tags and counts the others', () => {
    expect(dueTitle(inspection('2026-11-30', ['A', 'B', 'C']))).toBe('A, B, C');
    expect(dueTitle(inspection('2026-11-30', ['A', 'B', 'C', 'D', 'E']))).toBe(
      'A, B, C and 2 more',
    );
  });
  it('a day is told with its year where that is another', () => {
    expect(dueWhen(inspection('2026-11-26', []), now)).toBe('Thu 26 Nov');
    expect(dueWhen(inspection('2025-12-28', []), now)).toBe('Sun 28 Dec 2025');
  });
  it('one’s own questions have no hour', () => {
    const drills = { kind: 'drills' as const, at: null, due: 1, fresh: 2 };
    expect([dueTitle(drills), dueWhen(drills, now)]).toEqual([
      '1 question asked again, 2 new',
      'any time',
    ]);
  });
});
