/** Condition of a rope as the inspector calls it, and what is left of its strength. From memory, crew may override. */
export const CONDITION_FACTORS = {
  new: 1,
  good: 0.9,
  worn: 0.75,
  doubtful: 0.5,
  damaged: 0,
} as const;

export type Condition = keyof typeof CONDITION_FACTORS;
export const CONDITIONS = Object.keys(CONDITION_FACTORS) as [Condition, ...Condition[]];

/** The rigging manual knows only new and used rope: used counts half. Source: US Army FM 5-125, from memory. */
export const RIGGING_MANUAL_USED_FACTOR = 0.5;

/** What is left of a rope nobody knows the history of, however good it looks: it counts as doubtful at best. */
export const UNKNOWN_HISTORY_FACTOR = CONDITION_FACTORS.doubtful;

/**
 * Factor of a rope's condition.
 * Damage that is isolated (the damaged part carries nothing) leaves a doubtful rope, and only on a line
 * marked temporary; otherwise damage leaves nothing.
 */
export function conditionFactor(
  condition: Condition,
  damageIsolated: boolean,
  temporary: boolean,
): number {
  if (condition === 'damaged' && damageIsolated && temporary) return CONDITION_FACTORS.doubtful;
  return CONDITION_FACTORS[condition];
}
