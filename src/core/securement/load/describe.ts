import type { Plan } from '../plan';
import type { LoadUnit } from './schema';

/** The mass of some units together, kg; null where one of them is not known. */
export const totalMassKg = (units: readonly LoadUnit[]): number | null =>
  units.reduce<number | null>(
    (sum, u) => (sum === null || u.massKg === null ? null : sum + u.massKg),
    0,
  );

/** What a unit is called wherever it has to be called something. */
export const unitName = (unit: Pick<LoadUnit, 'id' | 'name'>): string => unit.name || unit.id;

/** What a unit stands on, by name. */
export function standsOnWords(
  { on }: LoadUnit,
  { units, deck }: Pick<Plan, 'units' | 'deck'>,
): string {
  const under = on.kind === 'unit' ? units.find((u) => u.id === on.unitId) : undefined;
  return under ? unitName(under) : deck.name;
}
