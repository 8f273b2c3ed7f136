import { type Plan, planSchema } from '@/core/exchange/plan';
import type { Strength } from '@/core/securement/schema';

const ring = (id: string, fromFrontM: number, fromCentreM: number) => ({ id, name: `ring ${id}`, fromFrontM, fromCentreM, rating: { state: 'unrated' } });

/** A plan to begin with: a load of a metre on a small trailer, nothing claimed that nobody has entered. */
export function newPlan(strength: Strength, units: 'metric' | 'us'): Plan {
  const anchors = (['L', 'R'] as const).flatMap((side) =>
    [0.3, 1.1, 1.9, 2.7].map((x, i) => ring(`${side}${i + 1}`, x, side === 'L' ? 0.8 : -0.8)));
  return planSchema.parse({
    format: 'vast-cleat/plan', version: 1, title: 'New load', ruleSet: units === 'us' ? 'us-light' : 'eu-road', strength,
    cargo: { name: 'load', massKg: null, lengthM: 1, widthM: 1, heightM: 1, fromFrontM: 0.5 },
    deck: { name: 'trailer', lengthM: 3, widthM: 1.7, anchors },
  });
}
