import { assess, type Assessment } from '../../securement/assess';
import type { StaticsRow } from '../../securement/hold/opinion';
import { LOCKER_NOT_ASKED } from '../../securement/locker-word';
import type { Plan } from '../../securement/plan';
import type { Direction } from '../../securement/vocabulary';
import { type Chance, oneOf } from '../../chance';
import { deckByChance, type Like } from './deck';

/** What can govern how much is held one way: a line, a board, friction alone, or nothing but the weight that keeps it from tipping. */
export const GOVERNS = ['line', 'board', 'friction', 'weight'] as const;
export type Governs = (typeof GOVERNS)[number];

/** What can be answered: a line by its id, or what else governs. */
export const GOVERNORS = ['l1', 'l2', 'l3', 'board', 'friction', 'weight'] as const;
export type Governor = (typeof GOVERNORS)[number];

/** A load on a deck that is pushed one way: what is it that says how much is held? */
export interface GoverningQuestion {
  readonly plan: Plan;
  readonly assessment: Assessment;
  readonly direction: Direction;
  readonly row: StaticsRow & { readonly direction: Direction };
  readonly answer: Governor;
}

/** So many times as much as any other must something add, so that it governs alone; less than this counts for nothing, g. */
const ALONE_TIMES = 4;
const LEAST_G = 0.08;

/**
 * What governs a direction, by statics: what adds far more than any other line or board, so that what it may carry says how much
 * is held; friction or weight where neither adds anything. Null where several share, so that no one thing governs.
 */
export function governorOf({ holding, mechanism, held }: StaticsRow): Governor | null {
  if (mechanism === null || held.value === null) return null;
  const [first, second] = holding;
  if (!first) {
    if (mechanism.kind === 'tips' && mechanism.onlyWeight) return 'weight';
    if ((mechanism.kind === 'slides' || mechanism.kind === 'swings') && mechanism.onlyFriction)
      return 'friction';
    return null;
  }
  if (first.partG < LEAST_G || first.partG < ALONE_TIMES * (second?.partG ?? 0)) return null;
  return GOVERNORS.find((g) => g === (first.lineId ?? 'board')) ?? null;
}

/** Whether it gives way the way it is pushed, or swings; what slips aside under a push is no question to begin with. */
const goesAlong = ({ mechanism, direction }: StaticsRow): boolean =>
  mechanism !== null && (!('to' in mechanism) || mechanism.to === direction);

const LIKE: Readonly<Record<Governs, Like>> = {
  line: { tall: false },
  board: { board: true },
  friction: { tall: false },
  weight: { tall: true },
};

/** What kind of thing an answer names. */
export const kindOf = (governor: Governor): Governs =>
  governor === 'board' || governor === 'friction' || governor === 'weight' ? governor : 'line';

/** A deck by chance with a direction in which one thing of a kind governs. */
export function askedWhatGoverns(chance: Chance): GoverningQuestion {
  // What governs is the first thing chance decides, so that a number can be found that asks for a given one.
  const kind = oneOf(chance, GOVERNS);
  for (;;) {
    const plan = deckByChance(chance, LIKE[kind]);
    const assessment = assess(plan, LOCKER_NOT_ASKED);
    const found = assessment.statics.flatMap((row) => {
      const { direction } = row;
      const answer = governorOf(row);
      return direction !== 'down' && answer && kindOf(answer) === kind && goesAlong(row)
        ? [{ direction, row: { ...row, direction }, answer }]
        : [];
    });
    if (found.length > 0)
      return { plan, assessment, ...oneOf(chance, found as [(typeof found)[0], ...typeof found]) };
  }
}
