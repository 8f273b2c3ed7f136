/** Exact conversion factors. Sources: international yard and pound agreement 1959; CGPM 1901 for standard gravity. */

/** Standard gravity, m/s² (exact). */
export const STANDARD_GRAVITY = 9.80665;

/** One pound-mass in kilograms (exact). */
export const KG_PER_LB = 0.45359237;

/** One pound-force in newtons: 0.45359237 kg × 9.80665 m/s² (exact). */
export const N_PER_LBF = 4.4482216152605;

/** One inch in metres (exact). */
export const M_PER_IN = 0.0254;

/** One foot in metres (exact). */
export const M_PER_FT = 0.3048;

/** Comparisons at a boundary use this relative tolerance, so that 3.0000000000000004 still counts as 3. */
export const RELATIVE_TOLERANCE = 1e-9;

/** `a ≥ b`, forgiving rounding noise at the boundary. */
export function atLeast(a: number, b: number): boolean {
  if (a === Infinity) return true;
  return a >= b - RELATIVE_TOLERANCE * Math.max(Math.abs(a), Math.abs(b));
}

/** `a ≤ b`, forgiving rounding noise at the boundary. */
export function atMost(a: number, b: number): boolean {
  return atLeast(b, a);
}
