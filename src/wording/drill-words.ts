import type { AnswerGrade } from '@/core/training/schedule/memory';
import type { StandingState } from '@/core/training/standing/standing';

// Apart from the titles: they know the whole catalogue, and a page that says these words must not fetch it.

/** How somebody stands in a skill, in a word. */
export const STANDING_WORDS: Record<StandingState, string> = {
  current: 'current',
  lapsing: 'lapsing',
  lapsed: 'lapsed',
  revoked: 'taken back',
  missing: 'missing',
};

const DAY_MS = 86_400_000;

/** When something is asked again: "in a few minutes", "tomorrow", "in 12 days". */
export function wordAgain(dueAt: string, now: Date): string {
  const days = Math.round((new Date(dueAt).getTime() - now.getTime()) / DAY_MS);
  if (days < 1) return 'in a few minutes';
  return days === 1 ? 'tomorrow' : `in ${days} days`;
}

/** How an answer went, in a list. */
export const GRADE_WORDS: Record<AnswerGrade, string> = {
  good: 'right',
  hard: 'right in part',
  again: 'not right',
};

/** A time of tying: "12.4 s", "1 min 05 s"; a dash where there is none. */
export function wordSeconds(ms: number | null): string {
  if (ms === null) return '–';
  const seconds = ms / 1000;
  // What would be rounded to 60 s is a minute.
  if (seconds < 59.95) return `${seconds.toFixed(1)}\u00a0s`;
  const whole = Math.round(seconds);
  return `${Math.floor(whole / 60)}\u00a0min ${String(whole % 60).padStart(2, '0')}\u00a0s`;
}
