import { DONE_UNDER_IDS, type DoneUnder, LEAST_TIMES } from '../standing/done-under';

/** One time that a form was tied with real rope: under what, how long it took, and whether every point was right. */
export interface Tied {
  readonly under: DoneUnder;
  readonly tookMs: number;
  readonly clean: boolean;
}

/** How somebody does under one condition. */
export interface TyingTimes {
  readonly under: DoneUnder;
  readonly tied: number;
  /** Times that were not clean. */
  readonly fumbled: number;
  /** Clean times running, up to the last. */
  readonly running: number;
  /** Of clean ones, ms; null where there is none. */
  readonly bestMs: number | null;
  /** The middle of clean ones; of an even number the longer of the two middle ones. */
  readonly typicalMs: number | null;
}

/** @param times the oldest first */
export function timesUnder(under: DoneUnder, times: readonly Tied[]): TyingTimes {
  const own = times.filter((t) => t.under === under);
  const clean = own
    .filter((t) => t.clean)
    .map((t) => t.tookMs)
    .toSorted((a, b) => a - b);
  const lastFumble = own.findLastIndex((t) => !t.clean);
  return {
    under,
    tied: own.length,
    fumbled: own.length - clean.length,
    running: own.length - 1 - lastFumble,
    bestMs: clean[0] ?? null,
    typicalMs: clean[Math.floor(clean.length / 2)] ?? null,
  };
}

/** Whether a condition is sure: three clean times running (common practice, no source). */
const isSure = ({ running }: TyingTimes): boolean => running >= LEAST_TIMES;

/** What to tie under next: one new condition at a time, the easiest first that is not sure; the hardest where all are. */
export function nextUnder(times: readonly Tied[]): DoneUnder {
  return (
    DONE_UNDER_IDS.find((under) => !isSure(timesUnder(under, times))) ?? DONE_UNDER_IDS.at(-1)!
  );
}

/** Conditions somebody has tied a form under, and the one that is next, easy to hard. */
export function tyingSummary(times: readonly Tied[]): {
  readonly by: readonly TyingTimes[];
  readonly next: DoneUnder;
} {
  return {
    by: DONE_UNDER_IDS.map((under) => timesUnder(under, times)).filter((t) => t.tied > 0),
    next: nextUnder(times),
  };
}
