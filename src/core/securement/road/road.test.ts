import { describe, expect, it } from 'vitest';
import { demoPlan } from '../../../../tests/support/demo';
import { assess } from '../assess';
import { LOCKER_NOT_ASKED } from '../locker-word';
import { roadClock } from './clock';
import { minutesLeft } from './minutes';
import { countedOnLess, foundOnLines } from './found';

const at = (clock: string) => `2026-11-29T${clock}:00.000Z`;
const made = (
  occasion: 'before-driving' | 'on-the-road' | 'change-of-duty' | 'arrived',
  clock: string,
  drivenM: number | null = null,
) => ({ occasion, at: at(clock), drivenM });

describe('checks on US roads (49 CFR 392.9(b), from memory)', () => {
  const clock = (...checks: ReturnType<typeof made>[]) => roadClock('us-cmv', checks, 45);
  it('before driving first; then within 50 miles, taken for an hour', () => {
    expect(clock()).toEqual({ state: 'before-driving' });
    const off = clock(made('before-driving', '08:00'));
    expect(off).toMatchObject({ state: 'on-the-road', first: true, dueAt: at('09:00') });
    expect(off.state === 'on-the-road' && off.dueAtM! / 1609.344).toBeCloseTo(50, 9);
  });
  it('then after three hours or 150 miles, counted from the last check, whatever it was for', () => {
    const later = clock(
      made('before-driving', '08:00'),
      made('on-the-road', '08:50', 60_000),
      made('change-of-duty', '10:10', 160_000),
    );
    expect(later).toMatchObject({ first: false, dueAt: at('13:10') });
    expect(later.state === 'on-the-road' && later.dueAtM).toBeCloseTo(160_000 + 241_401.6, 6);
    // Nobody looked how far: only time counts.
    expect(clock(made('before-driving', '08:00'), made('on-the-road', '08:50'))).toMatchObject({
      dueAt: at('11:50'),
      dueAtM: null,
    });
  });
  it('arriving ends it, driving off again begins it; the order they come in does not matter', () => {
    const [off, arrived] = [made('before-driving', '08:00'), made('arrived', '09:30')];
    expect(clock(arrived, off)).toEqual({ state: 'arrived', at: at('09:30') });
    expect(clock(arrived, made('before-driving', '10:00'), off)).toMatchObject({
      first: true,
      dueAt: at('11:00'),
    });
    expect(clock(made('on-the-road', '08:00'))).toEqual({ state: 'before-driving' });
  });
});

describe('checks elsewhere', () => {
  it('go by the crew’s interval, the first after an hour at the latest; on a site nothing is driven', () => {
    const off = made('before-driving', '08:00');
    expect(roadClock('eu-road', [off], 240)).toMatchObject({ dueAt: at('09:00'), dueAtM: null });
    expect(roadClock('eu-road', [off], 30)).toMatchObject({ dueAt: at('08:30') });
    expect(roadClock('eu-road', [off, made('on-the-road', '09:00')], 240)).toMatchObject({
      dueAt: at('13:00'),
    });
    expect(roadClock('site', [off], 240)).toEqual({ state: 'not-driven' });
  });
});

describe('the time that is left', () => {
  it('is rounded down, so that nobody is told more than there is', () => {
    expect(minutesLeft(at('09:00'), new Date('2026-11-29T08:47:01.000Z'))).toBe(12);
    expect(minutesLeft(at('09:00'), new Date('2026-11-29T09:00:00.000Z'))).toBe(0);
    expect(minutesLeft(at('09:00'), new Date('2026-11-29T09:00:01.000Z'))).toBe(-1);
  });
});

describe('what checks find', () => {
  const plan = demoPlan('apple-bins');
  const [line, other] = plan.lines;
  const found = (clock: string, state: 'tight' | 'slack' | 're-hauled' | 'damaged') => ({
    at: at(clock),
    lines: [{ lineId: line!.id, state, readingN: null }],
  });
  it('counts how often a line went slack; damaged is what the last one says; lines that are gone are left out', () => {
    const checks = [
      found('10:00', 'slack'),
      found('08:00', 'damaged'),
      found('09:00', 're-hauled'),
    ];
    expect(foundOnLines(plan, checks)).toEqual([
      { lineId: line!.id, name: line!.name, slackTimes: 2, damaged: false },
    ]);
    expect(foundOnLines(plan, [found('08:00', 'damaged')])[0]!.damaged).toBe(true);
    expect(foundOnLines(plan, [found('08:00', 'tight')])).toEqual([]);
    expect(foundOnLines({ lines: plan.lines.slice(1) }, checks)).toEqual([]);
  });
  it('counting on less of a line never makes anything hold better', () => {
    let now = plan;
    const kept = (p: typeof plan) =>
      assess(p, LOCKER_NOT_ASKED).lines[0]!.tension.pretension.value!;
    for (let i = 0; i < 5; i++) {
      const less = countedOnLess(now, line!.id);
      expect(less.lines[0]!.settling).toBeGreaterThanOrEqual(now.lines[0]!.settling);
      expect(kept(less)).toBeLessThanOrEqual(kept(now));
      expect(less.lines[1]).toBe(other);
      now = less;
    }
    expect(now.lines[0]!.settling).toBe(0.9);
  });
});
