import { describe, expect, it } from 'vitest';
import { daysLater, dueState, inspectionDue, monthsLater } from './due';
import { rope } from '../../../tests/support/gear';

describe('when it is due', () => {
  it.each([
    ['Pacific/Apia', -780],
    ['America/Sao_Paulo', 180],
    ['Asia/Beirut', -120],
  ])('days are the same by the clock of %s, also where midnight is skipped', (zone, offset) => {
    const before = process.env['TZ'];
    process.env['TZ'] = zone;
    try {
      expect(new Date('2026-01-01T00:00:00Z').getTimezoneOffset()).toBe(offset);
      // Clocks went forward at midnight: in Brazil on 2018-11-04, in Lebanon on 2026-03-29; Samoa left out 2011-12-30.
      expect(daysLater('2018-11-03', 1)).toBe('2018-11-04');
      expect(daysLater('2026-03-28', 1)).toBe('2026-03-29');
      expect(daysLater('2026-03-29', 1)).toBe('2026-03-30');
      expect(monthsLater('2018-10-04', 1)).toBe('2018-11-04');
      expect(monthsLater('2024-12-31', 2)).toBe('2025-02-28');
    } finally {
      if (before === undefined) delete process.env['TZ'];
      else process.env['TZ'] = before;
    }
  });
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
      dueState('2026-11-25', '2026-11-25'),
      dueState('2026-12-25', '2026-11-25'),
      dueState('2026-12-26', '2026-11-25'),
      dueState(null, '2026-11-25'),
    ]).toEqual(['overdue', 'soon', 'later', 'never']);
  });
});
