import { describe, expect, it } from 'vitest';
import { demoPlan, judge } from '../../../../tests/support/demo';
import { parsePlan, type Plan } from '../plan';
import { anotherUnit, carriersFor, middleOfFront, shapedAs, withoutUnit, withUnits } from './edit';

const deck = demoPlan('fair-flatbed');
const unit = (plan: Plan, id: string) => plan.units.find((u) => u.id === id)!;
const [low, high] = [deck.units[0]!, deck.units[1]!];

describe('changing a load', () => {
  it('one more stands behind all others, or on top; every result is a plan', () => {
    const behind = anotherUnit(low, deck.units, 'behind');
    const last = Math.max(...deck.units.map((u) => u.fromFrontM + u.lengthM));
    expect(behind).toMatchObject({ on: { kind: 'deck' }, fromFrontM: last, against: [] });
    const onTop = anotherUnit(low, deck.units, 'on');
    expect(onTop.on).toEqual({ kind: 'unit', unitId: low.id });
    for (const more of [behind, onTop])
      expect(parsePlan({ ...deck, units: [...deck.units, more] }).ok).toBe(true);
  });
  it('what stood on one that goes comes down, and no line names it any more', () => {
    const less = withoutUnit(deck, low.id);
    expect(unit(less, high.id).on).toEqual(low.on);
    expect(less.lines.flatMap((l) => l.units)).not.toContain(low.id);
    expect(parsePlan(less).ok).toBe(true);
    const single = { ...deck, units: [low] };
    expect(withoutUnit(single, low.id)).toBe(single);
  });
  it('units of a table get ids of their own and keep standing on each other', () => {
    const read = [
      { ...low, id: low.id },
      { ...high, id: 'x', on: { kind: 'unit' as const, unitId: low.id } },
    ];
    const beside = withUnits(deck, read, 'beside');
    expect(beside.units).toHaveLength(deck.units.length + 2);
    expect(new Set(beside.units.map((u) => u.id)).size).toBe(beside.units.length);
    const [first, second] = beside.units.slice(-2);
    expect(second!.on).toEqual({ kind: 'unit', unitId: first!.id });
    expect(parsePlan(withUnits(deck, read, 'instead')).ok).toBe(true);
  });
  it('nothing may stand on what stands on it', () => {
    expect(carriersFor(low, deck.units).map((u) => u.id)).not.toContain(high.id);
    expect(carriersFor(high, deck.units).map((u) => u.id)).toContain(low.id);
  });
  it('a cylinder is as wide as it is long, or high', () => {
    for (const kind of ['cylinder-upright', 'cylinder-lying'] as const) {
      const round = { ...low, ...shapedAs(low, kind) };
      expect(parsePlan({ ...deck, units: [round, ...deck.units.slice(1)] }).ok).toBe(true);
    }
  });
  it('a line held in the middle of a front is at the unit, stacked, off the middle or turned', () => {
    for (const change of [{}, { fromCentreM: 0.4 }, { turnRad: 0.6 }]) {
      const units = deck.units.map((u) => (u.id === high.id ? { ...u, ...change } : u));
      const point = middleOfFront(unit({ ...deck, units }, high.id), units);
      const line = {
        ...deck.lines[0]!,
        kind: 'direct' as const,
        units: [high.id],
        points: [point],
        elements: [
          ...deck.lines[0]!.elements.slice(0, -1),
          {
            id: 'z',
            kind: 'anchor' as const,
            at: {
              on: 'own' as const,
              name: 'eye',
              rating: { state: 'rated' as const, wllN: 20_000 },
              barDiameterM: 0.016,
              surface: 'metal' as const,
            },
          },
        ],
      };
      const parsed = parsePlan({ ...deck, units, lines: [line] });
      if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
      expect(judge(parsed.value).lines[0]!.shape.problem).toBeNull();
    }
  });
});
