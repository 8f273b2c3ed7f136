import { describe, expect, it } from 'vitest';
import { dueStanding, inspectionDue, monthsLater } from './due';
import { rope } from '../../../tests/support/gear';

describe('when it is due', () => {
  const intervals = { normalMonths: 6, dailyMonths: 1 };
  const state = { state: 'in-service', suspect: false, inspectedOn: '2026-08-31' } as const;
  it('interval by use, from the last inspection; the end of a month stays the end (common practice, no source)', () => {
    expect(inspectionDue(rope(), state, intervals, '2026-01-01').on).toBe('2027-02-28');
    expect(inspectionDue(rope({ use: 'daily' }), state, intervals, '2026-01-01').on).toBe(
      '2026-09-30',
    );
    expect(monthsLater('2024-01-31', 1)).toBe('2024-02-29');
    expect(monthsLater('2026-12-15', 6)).toBe('2027-06-15');
  });
  it('never inspected or something happened: now; retired: never', () => {
    expect(
      inspectionDue(rope(), { ...state, inspectedOn: null }, intervals, '2026-05-05'),
    ).toMatchObject({ on: '2026-05-05', because: 'never-inspected' });
    expect(
      inspectionDue(rope(), { ...state, suspect: true }, intervals, '2026-05-05'),
    ).toMatchObject({ because: 'incident' });
    expect(
      inspectionDue(rope(), { ...state, state: 'retired' }, intervals, '2026-05-05'),
    ).toMatchObject({ on: null });
  });
  it('standing: overdue on the day itself, soon within 30 days', () => {
    expect([
      dueStanding('2026-11-25', '2026-11-25'),
      dueStanding('2026-12-25', '2026-11-25'),
      dueStanding('2026-12-26', '2026-11-25'),
      dueStanding(null, '2026-11-25'),
    ]).toEqual(['overdue', 'soon', 'later', 'never']);
  });
});
