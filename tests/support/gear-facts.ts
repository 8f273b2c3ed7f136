import { gearSchema } from '@/core/gear/schema';
import type { GearFact } from '@/core/securement/locker-word';

/** A thing as a locker says it: in service, new, inspected, `leftM` of it left. */
export const inService = (
  gear: Record<string, unknown>,
  leftM: number | null,
  state: Partial<GearFact['state']> = {},
): GearFact => ({
  gear: gearSchema.parse({ format: 'vast-cleat/gear', version: 1, ...gear }),
  state: {
    state: 'in-service',
    condition: 'new',
    damagedAtM: [],
    remainingM: leftM,
    place: '',
    inspectedOn: '2026-11-01',
    suspect: false,
    inspections: 1,
    ...state,
  },
  due: 'later',
  removed: false,
});
