import { describe, expect, it } from 'vitest';
import { demoPlan, judge, withLoad } from '../../../../tests/support/demo';
import type { Plan } from '../plan';
import { lineFactsOf } from '../assess';
import { placeUnits } from '../load/placed';
import { ruleSet } from '../rules';
import { type HoldMap, holdMap } from './map';
import { staticsLoadOf } from './statics-load';

const mapOf = (plan: Plan): HoldMap | null =>
  holdMap(
    staticsLoadOf(plan, placeUnits(plan.units), lineFactsOf(plan)),
    ruleSet(plan.ruleSet).statics,
  );
const heldAt = (map: HoldMap, degrees: number): number | null =>
  map.points.find((p) => Math.abs(p.angleRad - (degrees * Math.PI) / 180) < 1e-9)!.heldG;

describe('the hold map', () => {
  it.each(['apple-bins', 'bandstand-deck', 'carousel-crate', 'maypole', 'bee-stand'])(
    'says of the named directions what the rows say: %s',
    (name) => {
      const plan = demoPlan(name);
      const map = mapOf(plan)!;
      const rows = judge(plan).statics.filter(
        (r) => r.direction !== 'down' && r.strength === 'working',
      );
      expect(rows).toHaveLength(4);
      for (const row of rows) {
        const held = heldAt(
          map,
          { forward: 0, left: 90, rearward: 180, right: 270, down: NaN }[row.direction],
        );
        if (row.held.value === null) expect(held).toBeNull();
        else expect(held).toBeCloseTo(row.held.value, 9);
        expect(map.required[row.direction as 'left']).toBe(row.required.value);
      }
    },
  );

  it('has a point every 22.5°, and what is held is convex: between two directions no less than the chord', () => {
    const { points } = mapOf(demoPlan('apple-bins'))!;
    expect(points).toHaveLength(16);
    const at = (k: number) => {
      const p = points[(k + 16) % 16]!;
      return { x: p.heldG! * Math.cos(p.angleRad), y: p.heldG! * Math.sin(p.angleRad) };
    };
    for (let k = 0; k < 16; k++) {
      const [a, b, c] = [at(k - 1), at(k), at(k + 1)];
      // The middle point lies outside the chord or on it; the pyramid's facets turn with the motion, hence the 2 %.
      const cross = (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);
      expect(cross).toBeGreaterThan(-0.02 * Math.hypot(c.x - a.x, c.y - a.y));
    }
  });

  it('a mass that nobody knows leaves no map', () => {
    const plan = demoPlan('apple-bins');
    expect(mapOf(withLoad(plan, { massKg: null }))).toBeNull();
  });

  it('of two rows side by side each stands by itself, slanting pulls included', () => {
    const plan = demoPlan('apple-bins');
    const map = mapOf(withLoad(plan, { rows: 4, heightM: 2, cgHeightM: 1.2 }))!;
    const alone = plan.units[0]!.widthM / 4 / 2 / 1.2;
    expect(heldAt(map, 90)!).toBeLessThanOrEqual(alone + 1e-12);
    expect(heldAt(map, 45)!).toBeLessThanOrEqual(alone * Math.SQRT2 + 1e-12);
    expect(
      map.points.find((p) => Math.abs(p.angleRad - Math.PI / 2) < 1e-9)!.mechanism,
    ).toMatchObject({ kind: 'tips', to: 'left' });
  });
});
