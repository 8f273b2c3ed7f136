/**
 * What a half turn leaves of the tension while hauling, by what the rope turns round: least, most, and what counts
 * where nobody has said otherwise. Source of every figure: riggers' tables, from memory; what a hand feels on a cold
 * day lies at the lower end.
 */
export const PASS_KINDS = {
  'ball-bearing-pulley': {
    name: 'pulley with ball bearings',
    least: 0.95,
    most: 0.95,
    usual: 0.95,
  },
  'plain-pulley': { name: 'plain pulley', least: 0.9, most: 0.9, usual: 0.9 },
  ring: { name: 'steel ring or connector', least: 0.55, most: 0.65, usual: 0.6 },
  'rope-loop': { name: 'rope loop', least: 0.4, most: 0.55, usual: 0.5 },
  post: { name: 'post or tree', least: 0.35, most: 0.5, usual: 0.45 },
} as const satisfies Record<
  string,
  { readonly name: string; readonly least: number; readonly most: number; readonly usual: number }
>;
export type PassKind = keyof typeof PASS_KINDS;
export const PASS_KIND_IDS = Object.keys(PASS_KINDS) as [PassKind, ...PassKind[]];

/** Coefficient of friction that gives a half turn's efficiency: −ln e / π. Exact. */
export function frictionOfHalfTurn(efficiency: number): number {
  return -Math.log(efficiency) / Math.PI;
}

/** What is left beyond a wrap of some angle: exp(−μθ). Exact (capstan equation). */
export function efficiencyOfWrap(mu: number, wrapRad: number): number {
  return Math.exp(-mu * wrapRad);
}
