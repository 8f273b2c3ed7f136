import { describe, expect, it } from 'vitest';
import { type DueFacts, dueOf } from './due';

const NOW = new Date('2026-11-30T10:00:00.000Z');
const nothing: DueFacts = {
  checks: [],
  goingOut: [],
  inspections: [],
  lapses: [],
  drills: { due: 0, fresh: 0 },
};
const kinds = (facts: Partial<DueFacts>) => {
  const { overdue, soon, later } = dueOf({ ...nothing, ...facts }, NOW);
  return [overdue, soon, later].map((part) => part.map((d) => `${d.kind} ${d.at ?? ''}`.trim()));
};

describe('what is due', () => {
  it('is nothing where there is nothing; own questions are due any time today', () => {
    expect(kinds({})).toEqual([[], [], []]);
    expect(kinds({ drills: { due: 0, fresh: 3 } })).toEqual([[], ['drills'], []]);
  });
  it('a time is over by the minute, a day only when it is past; what lapses on a day is gone on it', () => {
    const check = (at: string) => ({ planId: 'p', title: 'Bins', verdict: 'holds' as const, at });
    expect(
      kinds({
        checks: [
          check('2026-12-01T10:00:00.000Z'),
          check('2026-11-30T09:59:00.000Z'),
          check('2026-12-01T10:01:00.000Z'),
        ],
        inspections: ['2026-11-29', '2026-11-30', '2026-12-01'].map((day) => ({
          day,
          codes: ['A-1'],
        })),
        lapses: ['2026-11-30', '2026-12-01'].map((day) => ({ day, person: 'Wren', title: 'Reef' })),
      }),
    ).toEqual([
      ['inspection 2026-11-29', 'lapse 2026-11-30', 'check 2026-11-30T09:59:00.000Z'],
      ['inspection 2026-11-30', 'check 2026-12-01T10:00:00.000Z'],
      ['inspection 2026-12-01', 'lapse 2026-12-01', 'check 2026-12-01T10:01:00.000Z'],
    ]);
  });
});
