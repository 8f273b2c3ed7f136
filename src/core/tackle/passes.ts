/**
 * What a half turn leaves of the tension while hauling, least and most, by what the rope turns round.
 * Source of every range: riggers' tables, from memory; what a hand feels on a cold day lies at the lower end.
 */
export const PASS_KINDS = {
  'ball-bearing-pulley': { name: 'pulley with ball bearings', least: 0.95, most: 0.95 },
  'plain-pulley': { name: 'plain pulley', least: 0.9, most: 0.9 },
  ring: { name: 'round steel ring or connector', least: 0.55, most: 0.65 },
  'rope-loop': { name: 'rope through a rope loop', least: 0.4, most: 0.55 },
  post: { name: 'post or tree', least: 0.35, most: 0.5 },
} as const satisfies Record<string, { readonly name: string; readonly least: number; readonly most: number }>;
export type PassKind = keyof typeof PASS_KINDS;

/** Coefficient of friction that gives a half turn's efficiency: −ln e / π. Exact. */
export function frictionOfHalfTurn(efficiency: number): number {
  return -Math.log(efficiency) / Math.PI;
}
