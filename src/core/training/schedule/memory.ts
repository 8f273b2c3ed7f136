import { type Card, createEmptyCard, fsrs, type Grade, Rating, State } from 'ts-fsrs';

/** How an answer went: wrong, right with trouble, right. */
export const GRADES = ['again', 'hard', 'good'] as const;
export type AnswerGrade = (typeof GRADES)[number];

/** Part of what is due that is still known when it is asked; common practice, no source. */
export const RETENTION_WANTED = 0.9;
/** Nothing that loads hang on is left unasked longer than half a year; proposed default, no source. */
const LONGEST_DAYS = 180;

const scheduler = fsrs({
  request_retention: RETENTION_WANTED,
  maximum_interval: LONGEST_DAYS,
  enable_fuzz: false,
});

/** What is known of how well somebody knows one thing, after all times it was asked. Times in ms since 1970. */
export interface Memory {
  readonly dueMs: number;
  readonly lastMs: number;
  /** Days after which nine of ten still know it. */
  readonly stabilityDays: number;
  /** 1 easy to 10 hard. */
  readonly difficulty: number;
  readonly scheduledDays: number;
  /** Which of the short steps of the first day it is at. */
  readonly learningStep: number;
  readonly stage: Stage;
  readonly reviews: number;
  /** How often it was known and then not. */
  readonly lapses: number;
}

export const STAGES = ['learning', 'known', 'learning again'] as const;
export type Stage = (typeof STAGES)[number];

const STAGE_OF: Readonly<Record<State, Stage>> = {
  [State.New]: 'learning',
  [State.Learning]: 'learning',
  [State.Review]: 'known',
  [State.Relearning]: 'learning again',
};
const STATE_OF: Readonly<Record<Stage, State>> = {
  learning: State.Learning,
  known: State.Review,
  'learning again': State.Relearning,
};
const GRADE_OF: Readonly<Record<AnswerGrade, Grade>> = {
  again: Rating.Again,
  hard: Rating.Hard,
  good: Rating.Good,
};

/** Only what the scheduler reads; the days that it names elapsed it reckons from the last time itself. */
const cardOf = (m: Memory): Card => ({
  due: new Date(m.dueMs),
  last_review: new Date(m.lastMs),
  stability: m.stabilityDays,
  difficulty: m.difficulty,
  elapsed_days: 0,
  scheduled_days: m.scheduledDays,
  learning_steps: m.learningStep,
  reps: m.reviews,
  lapses: m.lapses,
  state: STATE_OF[m.stage],
});

/**
 * The memory after one more answer (the FSRS model, as the package ts-fsrs computes it with its default weights).
 * @param before null where it was never asked
 * @param atMs when it was answered; not before the last time
 */
export function afterAnswer(before: Memory | null, grade: AnswerGrade, atMs: number): Memory {
  const card = before ? cardOf(before) : createEmptyCard(new Date(atMs));
  const { card: next } = scheduler.next(card, new Date(atMs), GRADE_OF[grade]);
  return {
    dueMs: next.due.getTime(),
    lastMs: atMs,
    stabilityDays: next.stability,
    difficulty: next.difficulty,
    scheduledDays: next.scheduled_days,
    learningStep: next.learning_steps,
    stage: STAGE_OF[next.state],
    reviews: next.reps,
    lapses: next.lapses,
  };
}

/** One answer of a history. */
export interface Answered {
  readonly grade: AnswerGrade;
  readonly atMs: number;
}

/** The memory a whole history adds up to, the oldest answer first; null for none. */
export const memoryOf = (history: readonly Answered[]): Memory | null =>
  history.reduce<Memory | null>((m, { grade, atMs }) => afterAnswer(m, grade, atMs), null);

const DAY_MS = 86_400_000;

/** How likely it is that it is known at a time, 0 to 1. */
export const likelyKnown = (memory: Memory, atMs: number): number =>
  scheduler.forgetting_curve(
    Math.max(0, atMs - memory.lastMs) / DAY_MS,
    Math.max(0.001, memory.stabilityDays),
  );

/** So often known and forgotten again, it is not learned by asking once more: it wants to be shown. Proposed default, no source. */
export const LEECH_LAPSES = 5;

/** What falls due within a working day is asked with the rest of it; proposed default, no source. */
const SAME_DAY_MS = 8 * 3_600_000;

/** From when on a thing is asked again: the short steps of learning when they are over, all else on the day it falls due. */
export const askedFromMs = ({ stage, dueMs }: Pick<Memory, 'stage' | 'dueMs'>): number =>
  stage === 'known' ? dueMs - SAME_DAY_MS : dueMs;
