/** The day of a moment. */
export const dayOf = (now: Date): string => now.toISOString().slice(0, 10);

/** East of everybody else it is tomorrow already: 14 hours ahead of UTC. */
const FARTHEST_AHEAD_MS = 14 * 3_600_000;
/** The last day that may be today somewhere. */
export const latestToday = (now: Date): string =>
  new Date(now.getTime() + FARTHEST_AHEAD_MS).toISOString().slice(0, 10);

/** When something was: what waited on a device says so itself, but never later than now. `said`: ISO time, or null for now. */
export function madeAt(said: string | null, now: Date): Date {
  const at = said === null ? now : new Date(said);
  return at < now ? at : now;
}
