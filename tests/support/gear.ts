import { type Gear, gearSchema } from '../../src/core/gear/schema';

export const rope = (
  extra: Record<string, unknown> = {},
  item: Record<string, unknown> = {},
): Gear =>
  gearSchema.parse({
    format: 'vast-cleat/gear',
    version: 1,
    code: 'pe-12-1',
    lengthM: '30 m',
    item: { kind: 'rope', material: 'polyester', diameterM: '12 mm', mbsN: '21 kN', ...item },
    ...extra,
  });
