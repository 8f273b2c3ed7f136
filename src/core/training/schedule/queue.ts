import { DRILL_IDS, type DrillId } from './drill-ids';

/** So many things are begun in a day; proposed default, no source. */
export const FRESH_A_DAY = 6;
/** While so many are due nothing new is begun, so that what is due stays bounded. Proposed default, no source. */
export const ENOUGH_DUE = 20;
/** What is due within so many minutes is asked already, where there is nothing else: the short steps of a first day. */
export const AHEAD_MS = 20 * 60_000;

/** How somebody stands with what they learn. */
export interface Standing {
  /** What is asked from now on or next, the longest due first: two are enough to go on. */
  readonly next: readonly { readonly id: DrillId; readonly fromMs: number }[];
  /** How many are to be asked now, those that are due soon among them. */
  readonly due: number;
  /** What was asked at least once. */
  readonly begun: ReadonlySet<string>;
  readonly begunToday: number;
}

/** How many new things may still be begun today. */
export function freshLeft({ due, begun, begunToday }: Omit<Standing, 'next'>): number {
  if (due >= ENOUGH_DUE) return 0;
  return Math.max(0, Math.min(FRESH_A_DAY - begunToday, DRILL_IDS.length - begun.size));
}

/**
 * What is asked next: what is due, then something new in the order it is taught, then what is due soon. Not what was just asked, unless
 * there is nothing else.
 * @param just what was asked last, or null
 * @returns null when it is enough for today
 */
export function nextDrill(standing: Standing, nowMs: number, just: DrillId | null): DrillId | null {
  const due = standing.next.filter((n) => n.fromMs <= nowMs).map((n) => n.id);
  const unbegun =
    freshLeft(standing) > 0 ? DRILL_IDS.find((id) => !standing.begun.has(id)) : undefined;
  const soon = standing.next
    .filter((n) => n.fromMs > nowMs && n.fromMs <= nowMs + AHEAD_MS)
    .map((n) => n.id);
  const all = [...due, ...(unbegun ? [unbegun] : []), ...soon];
  return all.find((id) => id !== just) ?? all[0] ?? null;
}
