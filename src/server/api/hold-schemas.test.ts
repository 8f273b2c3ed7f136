import { describe, expect, it } from 'vitest';
import { parsePlan } from '@/core/securement/plan';
import { demoPlan } from '../../../tests/support/demo';
import { holdBody, holdExample } from './hold-schemas';

describe('units that hold each other up', () => {
  const units = holdExample.units.map((u, i) => ({
    ...u,
    on: { kind: 'unit', unitId: holdExample.units[1 - i]!.id },
  }));
  it('stand on nothing: neither a plan nor a question of statics takes them', () => {
    const asked = holdBody.safeParse({ ...holdExample, units });
    expect(asked.error?.issues.map((i) => i.message)).toContain('stands-on-itself');
    const plan = parsePlan({ ...demoPlan('fair-flatbed'), units, lines: [] });
    expect(plan.ok ? [] : plan.issues.map((i) => i.code)).toContain('stands-on-itself');
  });
  it('the example is none of that', () =>
    expect(holdBody.safeParse(holdExample).success).toBe(true));
});
