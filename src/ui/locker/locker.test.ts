import { describe, expect, it } from 'vitest';
import { gearSchema } from '@/core/gear/schema';
import { stateOf } from '@/core/gear/history';
import { strengthSchema } from '@/core/securement/schema';
import { METRIC, US_CUSTOMARY } from '@/core/units';
import { elementsOf } from '../../../tests/support/lines';
import { ruler } from '../diagrams/RopeLength';
import { refusal, withGear } from '../locker/putGear';
import { wllOf } from './figures';
import type { LockerItem } from './useLockerList';

const gear = (item: Record<string, unknown>) =>
  gearSchema.parse({ format: 'vast-cleat/gear', version: 1, code: 'A-1', lengthM: 30, item });
const thing = (
  item: Record<string, unknown>,
  standing: Partial<LockerItem['standing']> = {},
): LockerItem => {
  const document = gear(item);
  return {
    id: '0190b5a0-0000-7000-8000-000000000001',
    version: 1,
    document,
    standing: { ...stateOf(document, []), ...standing },
    due: 'later',
    dueOn: null,
    enteredOn: '2026-01-01',
    updatedAt: '',
    updatedBy: '',
    removed: false,
  };
};
const rope = { kind: 'rope', material: 'polyester', diameterM: 0.012, mbsN: 21000 };
const close = (list: number[]): number[] => list.map((m) => Number(m.toFixed(6)));

describe('a ruler', () => {
  it('has round figures in the unit people read, few enough, and the end', () => {
    expect(close(ruler(30, METRIC))).toEqual([0, 5, 10, 15, 20, 25, 30]);
    expect(close(ruler(18, METRIC))).toEqual([0, 5, 10, 15, 18]);
    // The end stands too close to the last figure to be written as well.
    expect(close(ruler(15.5, METRIC))).toEqual([0, 5, 10, 15]);
    expect(
      close(ruler(100 * 0.3048, US_CUSTOMARY)).map((m) => Number((m / 0.3048).toFixed(3))),
    ).toEqual([0, 20, 40, 60, 80, 100]);
    for (const length of [0.3, 1, 7.4, 99, 500, 4999])
      expect(ruler(length, METRIC).length).toBeLessThanOrEqual(9);
  });
});

describe('a thing of the locker on a line', () => {
  const [onRope, onWebbing, onChain, onEdge] = elementsOf([
    { kind: 'rope', rope: { material: 'manila', diameterM: 0.01, weather: 'wet', doubled: true } },
    { kind: 'webbing', widthM: 0.05 },
    { kind: 'chain', grade: '30', sizeM: 0.008 },
    { kind: 'edge', shape: 'rounded' },
  ]);
  it('brings what its label says and how it stands; weather and how it lies stay the line’s', () => {
    expect(withGear(onRope!, thing(rope, { condition: 'worn', remainingM: 12 }))).toMatchObject({
      gearId: expect.any(String),
      lengthM: 12,
      rope: {
        tag: 'A-1',
        material: 'polyester',
        mbsN: 21000,
        condition: 'worn',
        weather: 'wet',
        doubled: true,
      },
    });
    expect(
      withGear(onWebbing!, thing({ kind: 'webbing', widthM: 0.05, markedWllN: 25000 })),
    ).toMatchObject({ tag: 'A-1', markedWllN: 25000 });
    expect(withGear(onChain!, thing({ kind: 'chain', grade: '70', sizeM: 0.0095 }))).toMatchObject({
      grade: '70',
      sizeM: 0.0095,
    });
  });
  it('goes only where such a thing can go', () => {
    expect(withGear(onChain!, thing(rope))).toBeNull();
    expect(withGear(onEdge!, thing(rope))).toBeNull();
    expect(withGear(onRope!, thing({ kind: 'webbing', widthM: 0.05 }))).toBeNull();
  });
  it('is refused when retired or set aside', () => {
    expect(refusal(thing(rope))).toBeNull();
    expect(refusal(thing(rope, { state: 'retired' }))).toContain('retired');
    expect(refusal(thing(rope, { state: 'set-aside' }))).toContain('set aside');
  });
});

describe('the one figure of the list', () => {
  it('is the crew’s school for rope, the marking or the table for the rest, nothing for what is not in service', () => {
    const strength = (part: Record<string, unknown> = {}) => strengthSchema.parse(part);
    expect(wllOf(thing(rope, { condition: 'new' }), strength())).toBeCloseTo(4200, 9);
    expect(
      wllOf(thing(rope, { condition: 'new' }), strength({ school: 'marine-msl' })),
    ).toBeCloseTo(6930, 9);
    expect(wllOf(thing(rope, { state: 'set-aside', condition: 'damaged' }), strength())).toBe(0);
    expect(wllOf(thing({ kind: 'webbing', widthM: '2 in', markedWllN: 12000 }), strength())).toBe(
      12000,
    );
    expect(wllOf(thing({ kind: 'webbing', widthM: '2 in' }), strength())).toBeCloseTo(
      2000 * 4.4482216152605,
      6,
    );
    expect(wllOf(thing({ kind: 'hardware', form: 'ring' }), strength())).toBeNull();
  });
});
