import { afterAnswer, type AnswerGrade, askedFromMs, likelyKnown, type Memory } from './memory';

const DAY_MS = 86_400_000;
/** What is less likely than this is not followed apart: it is counted with the other way it may go. */
const UNLIKELY = 0.05;
/** So many things are known at their first asking; proposed default until somebody has a record of their own, no source. */
const KNOWN_AT_FIRST = 0.7;

/** What may be asked: a memory as it may be then, from when on, and how likely that is. */
interface Branch {
  readonly memory: Memory | null;
  readonly fromMs: number;
  readonly likely: number;
}

/**
 * How many questions are to be expected on each of the coming days, if everything is answered on the day it is due: every memory is
 * followed through being known and being forgotten, each as likely as the model says.
 * @param fresh how many new things are begun today still, how many a day from tomorrow on, and how many there are
 * @returns expected questions of today's rest and of each day after it
 */
export function forecast(
  memories: readonly Memory[],
  nowMs: number,
  days: number,
  fresh: { readonly today: number; readonly aDay: number; readonly inAll: number },
): number[] {
  const expected = new Array<number>(days).fill(0);
  const open: Branch[] = [
    ...memories.map((memory) => ({ memory, fromMs: nowMs, likely: 1 })),
    ...Array.from({ length: days }, (_, day) => ({
      memory: null,
      fromMs: nowMs + day * DAY_MS,
      likely: begunOn(day, fresh),
    })),
  ];
  for (let branch = open.pop(); branch; branch = open.pop()) {
    const { memory, fromMs, likely } = branch;
    const atMs = askedAt(memory, fromMs, nowMs);
    const day = Math.floor((atMs - nowMs) / DAY_MS);
    if (day >= days) continue;
    expected[day]! += likely;
    const known = memory ? likelyKnown(memory, atMs) : KNOWN_AT_FIRST;
    for (const [grade, part] of waysOn(known, likely))
      open.push({ memory: afterAnswer(memory, grade, atMs), fromMs: atMs, likely: likely * part });
  }
  return expected;
}

/** How many new things are begun on a day, as long as there are any. */
function begunOn(
  day: number,
  { today, aDay, inAll }: { readonly today: number; readonly aDay: number; readonly inAll: number },
): number {
  if (day === 0) return Math.min(today, inAll);
  return Math.max(0, Math.min(aDay, inAll - today - (day - 1) * aDay));
}

/** How an answer may go, and how likely. */
function waysOn(known: number, likely: number): (readonly [AnswerGrade, number])[] {
  if (likely * (1 - known) < UNLIKELY) return [['good', 1]];
  if (likely * known < UNLIKELY) return [['again', 1]];
  return [
    ['good', known],
    ['again', 1 - known],
  ];
}

/** When it is asked: people sit down once a day at the hour it is now; the short steps of learning are gone through in one sitting. */
function askedAt(memory: Memory | null, fromMs: number, nowMs: number): number {
  if (!memory) return fromMs;
  if (memory.stage !== 'known') return Math.max(fromMs, memory.dueMs);
  const sitting = Math.ceil((askedFromMs(memory) - nowMs) / DAY_MS);
  return Math.max(fromMs, nowMs + sitting * DAY_MS);
}
